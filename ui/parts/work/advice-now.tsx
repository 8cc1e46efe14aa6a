import type { Advice } from '@/core/exercise/record/advice/advice';
import { adviceSentence, adviceTitle } from '@/core/exercise/record/advice/advice-sentence';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { stopData } from '@/core/machine/stops/stops';
import { Button } from '@/ui/kit/button';
import { AnswerButtons } from './answer-buttons';
import type { AttemptRecord } from './use-record';

/** What is to be done where no cut is advised: why, and the way there in one touch. Cutting on is the small way. */
export function AdviceNow({
  sheet,
  prediction,
  advice,
  canRecord,
  add,
  onMeasure,
  onHappened,
  onCutOn,
  onEnd,
}: {
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  canRecord: boolean;
  add: AttemptRecord['add'];
  onMeasure: () => void;
  onHappened: () => void;
  onCutOn: () => void;
  /** To hand in, or to end the try; null where that stands elsewhere on the page. */
  onEnd: (() => void) | null;
}) {
  const { phase, expects } = advice;
  const finds = expects !== null && ['measure', 'try', 'find'].includes(expects.do);
  const ends = phase === 'proven' || phase === 'past-saving';
  const asksForWords = phase === 'zero' || phase === 'stop';
  return (
    <div className="grid max-w-2xl gap-4">
      <h2 className="text-4xl">{adviceTitle(advice)}</h2>
      <p className="text-2xl">{adviceSentence(sheet, prediction, advice)}</p>
      {phase === 'prove' && <p className="text-xl">{sheet.words.allCut}</p>}
      {canRecord && expects?.do === 'stop' && (
        <AnswerButtons
          label={`Look again: ${stopData(expects.check)?.asks ?? ''}`}
          answers={stopData(expects.check)?.answers ?? []}
          onAnswer={(answer) => void add({ kind: 'stop', stopId: expects.stop, answer })}
        />
      )}
      {canRecord && (finds || (ends && onEnd !== null) || asksForWords) && (
        <div className="flex flex-wrap items-stretch gap-3">
          {finds && (
            <Button tone="main" size="bench" className="min-h-20 flex-1 text-2xl" onClick={onMeasure}>
              {RECORDS[expects.do] ?? 'Record what is found'}
            </Button>
          )}
          {ends && onEnd !== null && (
            <Button tone="main" size="bench" className="min-h-20 flex-1 text-2xl" onClick={onEnd}>
              {phase === 'proven' ? 'Hand in' : 'End this try…'}
            </Button>
          )}
          {asksForWords && (
            <Button
              tone={finds ? 'plain' : 'main'}
              size="bench"
              className={finds ? 'min-h-20' : 'min-h-20 flex-1 text-2xl'}
              onClick={onHappened}
            >
              {phase === 'zero' ? 'Zeros taken anew…' : 'Say what was found…'}
            </Button>
          )}
        </div>
      )}
      {canRecord && (
        <div>
          <Button size="bench" onClick={onCutOn}>
            Cut on all the same…
          </Button>
        </div>
      )}
    </div>
  );
}

const RECORDS: Readonly<Record<string, string>> = { measure: 'Measure now', try: 'Try it now' };
