'use client';

import { useId, useMemo } from 'react';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { rescueOfRecord, type RescueDrawing } from '@/core/exercise/record/shown/rescue-of-record';
import { rescueWords } from '@/core/exercise/record/shown/rescue-words';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { linear } from '@/ui/drawing/linear';
import { profilePath } from '@/ui/drawing/profile-path';
import { scaleBarFor } from '@/ui/drawing/section-geometry';
import { Hatch } from '@/ui/drawing/section-marks';
import { DrawingFrame } from '@/ui/kit/drawing-frame';
import { useSay } from '@/ui/kit/shop-words';

const VIEW = { width: 420, height: 220 };

/** Whether the groove as it was cut still lies inside the one that is wanted: the picture, and how to get there. */
export default function RescuePanel({
  sheet,
  entries,
  prediction,
}: {
  sheet: Sheet;
  entries: readonly Entry[];
  prediction: Prediction;
}) {
  const say = useSay();
  const headingId = useId();
  const rescue = useMemo(() => rescueOfRecord(sheet, entries, prediction), [sheet, entries, prediction]);
  const { title, says } = rescueWords(sheet, rescue);
  return (
    <section aria-labelledby={headingId} className="mt-5 grid gap-3 border-t border-rule pt-4">
      <h2 id={headingId} className="text-2xl">
        {title}
      </h2>
      <div className="flex flex-wrap items-start gap-4">
        {rescue.found !== 'not-known' && (
          <div className="h-56 w-[26rem] max-w-full">
            <Grooves sheet={sheet} drawing={rescue.drawing} title={title} />
          </div>
        )}
        <ol className="grid min-w-64 flex-1 gap-2 text-lg leading-snug">
          {says.map((each, index) => (
            <li key={each} className="grid grid-cols-[1.5rem_1fr]">
              <span className="figures text-ink-soft">{index + 1}</span>
              {say(each)}
            </li>
          ))}
        </ol>
      </div>
    </section>
  );
}

/** The groove as it was cut, with the one that is wanted over it, to one scale. */
function Grooves({
  sheet,
  drawing: { cut, wanted },
  title,
}: {
  sheet: Sheet;
  drawing: RescueDrawing;
  title: string;
}) {
  const hatchId = useId();
  const { pitch, side, unit } = sheet.thread;
  const pixelsPerUnit = Math.min(VIEW.width / (2.2 * pitch), (VIEW.height - 80) / (1.2 * sheet.radialDepth));
  const inward = side === 'external' ? 1 : -1;
  const surfaceY = side === 'external' ? 36 : VIEW.height - 60;
  const middle = ((wanted[0]?.x0 ?? 0) + (wanted.at(-1)?.x1 ?? 0)) / 2;
  const placing = {
    // Towards the headstock is to the left, as one stands at the lathe.
    x: linear([middle - 1, middle + 1], [VIEW.width / 2 + pixelsPerUnit, VIEW.width / 2 - pixelsPerUnit]),
    y: linear([0, 1], [surfaceY, surfaceY + inward * pixelsPerUnit]),
    pixelsPerUnit,
  };
  const surface = profilePath(cut, placing);
  const far = side === 'external' ? VIEW.height : 0;
  const ends = [cut.at(-1)?.x1 ?? 0, cut[0]?.x0 ?? 0].map((x) => placing.x(x));
  return (
    <DrawingFrame
      title={title}
      description="The groove as it was cut, and the one that is wanted as a dashed line."
      viewBox={VIEW}
      scale={scaleBarFor(pixelsPerUnit, VIEW.width, unit)}
      scaleAt={{ x: 28, y: VIEW.height - 10 }}
    >
      <Hatch id={hatchId} />
      <path d={`${surface}L${ends[0]} ${far}L${ends[1]} ${far}Z`} fill={`url(#${hatchId})`} />
      <path d={surface} fill="none" stroke="var(--color-scribe)" strokeWidth="2.25" />
      <path
        d={profilePath(wanted, placing)}
        fill="none"
        stroke="var(--color-go-bright)"
        strokeWidth="2"
        strokeDasharray="7 3"
      />
      <text x={8} y={side === 'external' ? 20 : VIEW.height - 34} fontSize="13" fill="var(--color-go-bright)">
        wanted (dashed)
      </text>
      <text
        x={VIEW.width - 8}
        y={side === 'external' ? 20 : VIEW.height - 34}
        textAnchor="end"
        fontSize="13"
        fill="var(--color-scribe)"
      >
        as cut
      </text>
    </DrawingFrame>
  );
}
