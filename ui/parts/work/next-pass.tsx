import { capital } from '@/core/measuring/gauging/measuring-words';
import { dialFigures } from '@/core/machine/lathe/dial-text';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Figure } from '@/ui/kit/figure';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';
import { PassTitle } from './next-cut';
import { NutSays } from './nut-says';
import { slideWord } from '../sheet/slide-word';

/** The next row of the schedule: the figure that the dial shows then, and what the thread is like after it. */
export function NextPass({
  sheet,
  prediction,
  next,
  total,
}: {
  sheet: Sheet;
  prediction: Prediction;
  next: NonNullable<Prediction['next']>;
  total: number;
}) {
  const show = useShowLength();
  const { unit } = sheet.thread;
  const wires = sheet.proof.some(({ kind }) => kind === 'wires');
  const size = wires ? next.overWires : next.pitchDiameter;
  const band = next.pitchDiameterBand;
  return (
    <>
      <PassTitle sheet={sheet} next={next} total={total} />
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        <div>
          <span className="label text-ink-soft">
            {sheet.feed.as === 'figure' ? 'Readout to' : `${capital(slideWord(sheet))} to`}
          </span>
          <p
            data-testid="next-reading"
            className="figures text-8xl leading-none font-medium text-dye tablet:text-7xl"
          >
            {shownOnSheet(next.dialReading, sheet)}
            <span className="ml-2 text-2xl font-normal text-ink-soft">{next.dialReading.unit}</span>
          </p>
        </div>
        <div className="grid grid-cols-[auto_auto] gap-x-8 gap-y-1">
          <Figure
            size="large"
            label="Infeed"
            value={dialFigures(next.dialInfeed)}
            unit={next.dialInfeed.unit}
          />
          <Figure
            size="large"
            label="Depth then"
            value={show.figures(next.radialDepth, unit)}
            unit={show.unitOf(unit)}
          />
          {band !== null ? (
            <Figure
              size="large"
              label="Pitch diameter then"
              value={bandText(band, (value) => show.figures(value, unit))}
              unit={show.unitOf(unit)}
            />
          ) : (
            <Figure
              size="large"
              label={wires ? `${capital(sheet.words.over)} then` : 'Pitch diameter then'}
              value={size === null ? 'not yet' : show.figures(size, unit)}
              unit={size === null ? '' : show.unitOf(unit)}
            />
          )}
          {next.crestFlat !== null && (
            <Figure
              size="large"
              label="Crest flat then"
              value={show.figures(next.crestFlat, unit)}
              unit={show.unitOf(unit)}
            />
          )}
        </div>
      </div>
      {prediction.nut !== null && <NutSays sheet={sheet} nut={prediction.nut} />}
    </>
  );
}
