import { useState } from 'react';
import { readingShown } from '@/core/machine/lathe/shown-reading';
import { nearIn, standsIn } from '@/core/exercise/record/entry/work-so-far';
import { warnCut } from '@/core/exercise/record/shown/warn-cut';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { dialFigures } from '@/core/machine/lathe/dial-text';
import { sheetShownBy, shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { parseLength } from '@/core/base/units/parse-length';
import { Button } from '@/ui/kit/button';
import { Keypad } from '@/ui/kit/keypad';
import { Message } from '@/ui/kit/message';
import { atNoInfeed } from '@/ui/parts/work/use-next-cut';
import { CompoundAngle, FedBy, otherFed, otherFedFields, type FedBySlide } from '@/ui/parts/work/fed-by';
import { startFields, WhichStart } from '@/ui/parts/work/which-start';
import { slideWord } from '@/ui/parts/sheet/slide-word';
import { CutWarnings } from './cut-warnings';

/**
 * A cut that was made otherwise than planned: at another reading, fed by the other slide, or with no reading taken. What
 * such a cut would do is said while it is typed.
 */
export function OwnReading({
  sheet,
  prediction,
  told,
  typed,
  onTyped,
  problem,
  onBack,
  onRecord,
}: {
  sheet: Sheet;
  prediction: Prediction;
  /** The start that is told to be cut. */
  told: number;
  typed: string;
  onTyped: (typed: string) => void;
  problem: string | null;
  onBack: () => void;
  onRecord: (fields: EntryFields) => Promise<boolean>;
}) {
  const [fed, setFed] = useState<FedBySlide>('planned');
  const [angle, setAngle] = useState('');
  const [start, setStart] = useState('');
  const other = otherFed(fed, sheet);
  const { unit } = sheet.lathe.dial.graduation;
  const read = other !== null ? null : parseLength('reading', typed, unit);
  const cutStart = start === '' ? told : Number(start);
  const near = nearIn(cutStart, prediction);
  const counted = read?.ok === true ? readingShown(read.value.length.value, sheetShownBy(sheet), near) : null;
  const stands = standsIn(cutStart, prediction);
  const warnings = counted === null ? [] : warnCut(sheet, prediction, counted, cutStart);
  const label = other ?? `What the ${slideWord(sheet)} really reads`;
  return (
    <form
      className="grid max-w-2xl grid-cols-[1fr_16rem] gap-x-6 gap-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        void onRecord({
          ...(other === null
            ? { reading: typed, warned: warnings.join(' ') }
            : otherFedFields(fed, typed, angle)),
          ...startFields(start),
        }).then((done) => {
          if (done) onTyped('');
        });
      }}
    >
      <div className="grid content-start gap-4">
        <FedBy sheet={sheet} chosen={fed} onChoose={setFed} />
        <WhichStart sheet={sheet} chosen={start} onChoose={setStart} />
        <label className="grid gap-1">
          <span className="label text-ink-soft">{label}</span>
          <span className="flex items-baseline gap-2">
            <input
              autoFocus
              aria-label={label}
              value={typed}
              inputMode="decimal"
              autoComplete="off"
              onChange={(event) => onTyped(event.target.value)}
              className="figures min-h-20 w-full min-w-0 rounded-cut border-2 border-rule-strong bg-paper-raised px-3 text-5xl"
            />
            <span className="text-2xl text-ink-soft">{unit}</span>
          </span>
        </label>
        <CompoundAngle fed={fed} value={angle} onChange={setAngle} />
        {counted !== null && (
          <p className="text-xl text-ink-soft">
            That is <span className="figures">{shownOnSheet({ value: counted, unit }, sheet)}</span>,{' '}
            <span className="figures">{dialFigures({ value: Math.abs(counted - stands), unit })}</span>{' '}
            {counted < stands - 1e-9 ? 'back' : 'in'} from where it stands.
          </p>
        )}
        <CutWarnings codes={warnings} />
        {problem !== null && <Message tone="error">{problem}</Message>}
        <Button type="submit" tone="main" size="bench" className="min-h-20">
          {other === null ? 'Cut at this reading' : 'Record this cut'}
        </Button>
        <div className="flex flex-wrap gap-2">
          <Button size="bench" onClick={() => void onRecord({ notTaken: 'yes', ...startFields(start) })}>
            Cut, reading not taken
          </Button>
          {prediction.cuts.length > 0 && (
            <Button size="bench" onClick={() => void onRecord(atNoInfeed(prediction))}>
              A pass at no infeed
            </Button>
          )}
          <Button size="bench" tone="quiet" onClick={onBack}>
            Back
          </Button>
        </div>
      </div>
      <Keypad
        label="Reading"
        point="."
        onKey={(key) => onTyped(typed + key)}
        onBack={() => onTyped(typed.slice(0, -1))}
      />
    </form>
  );
}
