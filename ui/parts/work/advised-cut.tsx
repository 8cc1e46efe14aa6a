import type { Advice } from '@/core/exercise/record/advice/advice';
import { whyThisCut } from '@/core/exercise/record/advice/advice-sentence';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { dialFigures } from '@/core/machine/lathe/dial-text';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { slideWord } from '../sheet/slide-word';
import { PassTitle } from './next-cut';

/** What is cut, and by which row; by what was found where there is none. */
export function CutTitle({
  sheet,
  prediction,
  cut,
}: {
  sheet: Sheet;
  prediction: Prediction;
  cut: NonNullable<Advice['cut']>;
}) {
  if (cut.row !== null) return <PassTitle sheet={sheet} next={cut.row} total={prediction.passes.length} />;
  return (
    <h2 className="text-3xl">
      {Math.abs(cut.infeed) < 1e-9 ? 'A pass at no infeed' : 'Cut on by what was found'}
      {sheet.thread.starts > 1 && <span className="font-normal text-ink-soft"> · start {cut.start}</span>}
    </h2>
  );
}

/** The figure to cut to, large; the planned one small beside it where it is another, and why. */
export function AdvisedCut({
  sheet,
  prediction,
  advice,
  cut,
  figureClass,
}: {
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  cut: NonNullable<Advice['cut']>;
  figureClass: string;
}) {
  const { unit } = sheet.lathe.dial.graduation;
  const shown = (value: number) => shownOnSheet({ value, unit }, sheet);
  const planned = cut.planned ?? prediction.next?.dialReading.value ?? null;
  const other = planned !== null && Math.abs(planned - cut.reading) > 1e-9;
  const why = whyThisCut(advice);
  return (
    <div>
      <p>
        <span className="label block text-ink-soft">
          {sheet.feed.as === 'figure' ? 'Readout to' : `${capital(slideWord(sheet))} to`}
        </span>
        <span
          data-testid="next-reading"
          className={`figures leading-none font-medium text-dye ${figureClass}`}
        >
          {shown(cut.reading)}
        </span>
        <span className="ml-3 text-3xl text-ink-soft">{unit}</span>
        <span className="ml-6 text-2xl whitespace-nowrap text-ink-soft">
          {Math.abs(cut.infeed) < 1e-9 ? (
            'no infeed'
          ) : (
            <>
              + <span className="figures">{dialFigures({ value: cut.infeed, unit })}</span>
            </>
          )}
        </span>
      </p>
      {(why !== null || other) && (
        <p className="mt-1 text-lg">
          {why !== null && <span>{capital(why)}.</span>}
          {other && (
            <span className="text-ink-soft">
              {' '}
              Planned: <span className="figures">{shown(planned)}</span>.
            </span>
          )}
        </p>
      )}
      {sheet.feed.as === 'turns' && sheet.feed.counts === 'down' && (
        <p className="text-ink-soft">This dial counts down while it feeds.</p>
      )}
    </div>
  );
}
