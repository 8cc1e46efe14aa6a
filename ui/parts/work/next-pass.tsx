import type { Advice } from '@/core/exercise/record/advice/advice';
import { capital } from '@/core/measuring/gauging/measuring-words';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Figure } from '@/ui/kit/figure';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';
import { AdvisedCut, CutTitle } from './advised-cut';

/** The cut that is advised: the figure that the dial shows then, and what the thread is like after it. */
export function NextPass({
  sheet,
  prediction,
  advice,
  cut,
}: {
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  cut: NonNullable<Advice['cut']>;
}) {
  const show = useShowLength();
  const { unit } = sheet.thread;
  const wires = sheet.proof.some(({ kind }) => kind === 'wires');
  // What a row says holds only where it is cut as it says, from the zero that it was made for.
  const { segment } = prediction;
  const atPlan = segment.planAtZero === 0 && segment.depthAtZero === 0 && segment.uncertainty === 0;
  const asRow = cut.row !== null && cut.planned === cut.reading && atPlan && prediction.asSet === sheet;
  const row = asRow ? cut.row : null;
  const found = segment.found !== null || row === null;
  const size = found ? null : wires ? row.overWires : row.pitchDiameter;
  const band = found ? advice.foretold : row.pitchDiameterBand;
  return (
    <>
      <CutTitle sheet={sheet} prediction={prediction} cut={cut} />
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        <AdvisedCut
          sheet={sheet}
          prediction={prediction}
          advice={advice}
          cut={cut}
          figureClass="text-8xl tablet:text-7xl"
        />
        <div className="flex flex-wrap gap-x-8 gap-y-1">
          {row !== null && (
            <Figure
              size="large"
              label="Depth then"
              value={show.figures(row.radialDepth, unit)}
              unit={show.unitOf(unit)}
            />
          )}
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
              label={wires && !found ? `${capital(sheet.words.over)} then` : 'Pitch diameter then'}
              value={size === null ? (found ? 'not known' : 'not yet') : show.figures(size, unit)}
              unit={size === null ? '' : show.unitOf(unit)}
            />
          )}
          {row !== null && row.crestFlat !== null && (
            <Figure
              size="large"
              label="Crest flat then"
              value={show.figures(row.crestFlat, unit)}
              unit={show.unitOf(unit)}
            />
          )}
        </div>
      </div>
    </>
  );
}
