import { useId, useMemo } from 'react';
import { linear } from '@/ui/drawing/linear';
import { grooveOfRecord } from '@/core/exercise/record/state/groove-of-record';
import { crestFlatBySize, crestOfRecord } from '@/core/exercise/record/state/crest-of-record';
import { liveEntries, type Entry } from '@/core/exercise/record/entry/entry';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { profilePath } from '@/ui/drawing/profile-path';
import { scaleBarFor } from '@/ui/drawing/section-geometry';
import { Hatch } from '@/ui/drawing/section-marks';
import { DrawingFrame } from '@/ui/kit/drawing-frame';
import { Message } from '@/ui/kit/message';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';

const VIEW = { width: 300, height: 220 };

/** The groove that the recorded cuts have really made, to scale, against the depth that is planned. */
export function GrooveNow({
  sheet,
  entries,
  prediction,
  size: now,
}: {
  sheet: Sheet;
  entries: readonly Entry[];
  prediction: Prediction;
  /** By what was found, else as it is foretold; null: not known. */
  size: Band | null;
}) {
  const show = useShowLength();
  const hatchId = useId();
  const { thread, radialDepth } = sheet;
  const groove = useMemo(() => grooveOfRecord(sheet, entries), [sheet, entries]);
  const drawn = useMemo(() => {
    const { pitch, side } = thread;
    const pixelsPerUnit = Math.min(VIEW.width / (2.4 * pitch), (VIEW.height - 80) / (1.15 * radialDepth));
    const inward = side === 'external' ? 1 : -1;
    const centre = groove.tool?.x ?? 0;
    const surfaceY = side === 'external' ? 36 : VIEW.height - 56;
    const placing = {
      // Towards the headstock is to the left, as one stands at the lathe.
      x: linear([centre - 1, centre + 1], [VIEW.width / 2 + pixelsPerUnit, VIEW.width / 2 - pixelsPerUnit]),
      y: linear([0, 1], [surfaceY, surfaceY + inward * pixelsPerUnit]),
      pixelsPerUnit,
    };
    const surface = profilePath(groove.turns, placing);
    const far = side === 'external' ? VIEW.height : 0;
    const [right, left] = [placing.x(groove.turns[0]?.x0 ?? 0), placing.x(groove.turns.at(-1)?.x1 ?? 0)];
    return {
      pixelsPerUnit,
      surface,
      work: `${surface}L${left} ${far}L${right} ${far}Z`,
      planned: placing.y(radialDepth),
    };
  }, [groove, thread, radialDepth]);
  const figures = (value: number) => `${show.figures(value, thread.unit)} ${show.unitOf(thread.unit)}`;
  const found = prediction.segment.found !== null;
  const size = now === null ? 'not known yet' : bandText(now, figures);
  const crestBand =
    groove.sure || now === null
      ? null
      : crestFlatBySize(sheet, crestOfRecord(sheet, liveEntries(entries)), now);
  const crest =
    groove.tool === null && prediction.cuts.length === 0
      ? 'not begun'
      : groove.sure
        ? figures(groove.crestFlat)
        : crestBand === null
          ? 'not known yet'
          : bandText(crestBand, figures);
  const { min, max } = sheet.limits.pitchDiameter;
  return (
    <section aria-label="Groove so far" className="grid content-start gap-2">
      <div className="h-56">
        <DrawingFrame
          title="Groove so far"
          description={`From ${prediction.cuts.length} cuts by the dial. Pitch diameter ${size}, flat on the crest ${crest}.`}
          viewBox={VIEW}
          scale={scaleBarFor(drawn.pixelsPerUnit, VIEW.width, thread.unit)}
          scaleAt={{ x: 28, y: VIEW.height - 10 }}
        >
          <Hatch id={hatchId} />
          <path d={drawn.work} fill={`url(#${hatchId})`} />
          <path
            d={`M0 ${drawn.planned}H${VIEW.width}`}
            stroke="var(--color-go-bright)"
            strokeWidth="1.5"
            strokeDasharray="7 3"
          />
          <text
            x={VIEW.width - 8}
            y={drawn.planned + 15}
            textAnchor="end"
            fontSize="13"
            fill="var(--color-go-bright)"
          >
            planned depth
          </text>
          <path
            d={drawn.surface}
            fill="none"
            stroke="var(--color-scribe)"
            strokeWidth="2.25"
            data-part="surface"
          />
        </DrawingFrame>
      </div>
      {groove.staircase ? (
        <Message tone="warning">Not as drawn: a look found one flank a staircase.</Message>
      ) : (
        !groove.sure && <p className="text-ink-soft">Only likely: tip or zero is not known for sure.</p>
      )}
      <dl className="grid gap-1 text-lg">
        <dt className="label text-ink-soft">
          Pitch diameter by now, {found ? 'by what was found' : 'foretold'}
        </dt>
        <dd className="figures">{size}</dd>
        <dt className="label text-ink-soft">
          Wanted{' '}
          <span className="figures">{`${show.figures(min, thread.unit)} – ${show.figures(max, thread.unit)}`}</span>
        </dt>
        <dt className="label text-ink-soft">Flat on the crest</dt>
        <dd className="figures">{crest}</dd>
        <dt className="label text-ink-soft">Passes</dt>
        <dd>
          <span className="figures">{prediction.cuts.length}</span> cut of{' '}
          <span className="figures">{prediction.passes.length}</span> planned
        </dd>
      </dl>
    </section>
  );
}
