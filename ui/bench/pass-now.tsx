import { useEffect, useRef, useState } from 'react';
import { TriangleAlert } from 'lucide-react';
import { capital } from '@/core/gauging';
import { chipLook, CUT_WARNINGS, warnCut, type EntryFields, type Prediction } from '@/core/record';
import { dialFigures, readingShown } from '@/core/lathe';
import { sheetShownBy, shownOnSheet, type Sheet, type SheetPass } from '@/core/sheet';
import { parseLength } from '@/core/units';
import { Button } from '../kit/button';
import { Keypad } from '../kit/keypad';
import { Message } from '../kit/message';
import { Chips } from '../recording/chips';
import { CutByNut } from '../recording/cut-by-nut';
import { Refigure } from '../recording/refigure';
import { slideWord } from '../recording/slide-word';
import { Steps } from '../recording/stop-panel';
import { useGauge } from '../gauge/use-gauge';
import { useKept } from '../shell/kept';
import type { BenchRecord } from './use-bench-record';

const KIND_WORDS: Record<SheetPass['kind'], string> = {
  scratch: 'scratch pass',
  rough: 'roughing',
  finish: 'finishing',
  spring: 'spring pass, no infeed',
};

/** The next cut: what the dial has to read, what the chip looks like, one touch when it is cut. */
export function PassNow({
  sheet,
  prediction,
  add,
}: {
  sheet: Sheet;
  prediction: Prediction;
  add: BenchRecord['add'];
}) {
  const { next, passes, cuts, drive } = prediction;
  const [typing, setTyping] = useState(false);
  const [mark, setMark] = useKept('mark-caught', '');
  const [problem, setProblem] = useState<string | null>(null);
  const cutButton = useRef<HTMLButtonElement>(null);
  const cycle = sheet.words.cycles.find((each) => each.drive === drive) ?? sheet.words.cycles[0];
  const warnings = next === null ? [] : warnCut(sheet, prediction, next.dialReading.value);
  const catches = drive === 'half-nut' && sheet.dial.marks.length > 0;

  // Enter is the cut: the button takes the focus again for each.
  useEffect(() => {
    if (!typing) cutButton.current?.focus({ preventScroll: true });
  }, [typing, cuts.length]);

  async function record(fields: EntryFields): Promise<boolean> {
    const added = await add({
      kind: 'pass',
      plannedPass: next === null ? '' : String(next.n),
      drive,
      mark: catches ? mark : '',
      ...fields,
    });
    setProblem(added.ok ? null : (added.fields.reading ?? added.message));
    if (added.ok) setTyping(false);
    return added.ok;
  }

  if (typing)
    return (
      <OwnReading
        sheet={sheet}
        prediction={prediction}
        problem={problem}
        onBack={() => setTyping(false)}
        onRecord={record}
      />
    );
  return (
    <div className="grid content-start gap-4">
      {next === null ? (
        <>
          <h2 className="text-5xl">All planned passes are cut</h2>
          <p className="text-xl">{sheet.words.allCut}</p>
          <CutByNut sheet={sheet} prediction={prediction} onRecord={(fields) => void record(fields)} />
        </>
      ) : (
        <>
          <h2 className="text-3xl">
            Pass {next.n} of {passes.length}{' '}
            <span className="font-normal text-ink-soft">
              · {KIND_WORDS[next.kind]}
              {sheet.thread.starts > 1 && `, start ${next.start}`}
            </span>
          </h2>
          <p>
            <span className="label block text-ink-soft">
              {sheet.feed.as === 'figure' ? 'Readout to' : `${capital(slideWord(sheet))} to`}
            </span>
            <span
              data-testid="next-reading"
              className="figures text-9xl leading-none font-medium text-dye tablet:text-8xl"
            >
              {shownOnSheet(next.dialReading, sheet)}
            </span>
            <span className="ml-3 text-3xl text-ink-soft">{next.dialReading.unit}</span>
            <span className="ml-6 text-2xl whitespace-nowrap text-ink-soft">
              + <span className="figures">{dialFigures(next.dialInfeed)}</span>
            </span>
          </p>
          <Warnings codes={warnings} />
          <div className="flex items-stretch gap-3">
            <Button
              ref={cutButton}
              tone="main"
              size="bench"
              className="min-h-24 flex-1"
              onClick={() => void record({ warned: warnings.join(' ') })}
            >
              <span className="text-4xl">Cut</span>
            </Button>
            <Button size="bench" className="min-h-24" onClick={() => setTyping(true)}>
              Other reading…
            </Button>
          </div>
          {problem !== null && <Message tone="error">{problem}</Message>}
          {catches && (
            <Chips
              label="Mark caught"
              chosen={mark}
              options={sheet.dial.marks
                .filter(({ group }) => group !== null)
                .map(({ label, name }) => (label === '' ? name : label))
                .filter((each, index, all) => all.indexOf(each) === index)
                .slice(0, 8)
                .map((id) => ({ id, text: id }))}
              onChoose={(id) => setMark(id === mark ? '' : id)}
            />
          )}
          <p className="border-l-4 border-rule-strong pl-3 text-lg">
            <span className="label block text-ink-soft">The chip</span>
            {chipLook(sheet, next)}
          </p>
        </>
      )}
      <Refigure sheet={sheet} prediction={prediction} canRecord add={add} />
      {next === null && (
        <div className="flex gap-3">
          <Button size="bench" className="min-h-20 flex-1 text-2xl" onClick={() => setTyping(true)}>
            Cut on by what was found…
          </Button>
        </div>
      )}
      {cycle !== undefined && <Steps steps={cycle.steps} />}
    </div>
  );
}

function Warnings({ codes }: { codes: readonly (keyof typeof CUT_WARNINGS)[] }) {
  if (codes.length === 0) return null;
  return (
    <ul aria-label="Before the cut" className="grid gap-2">
      {codes.map((code) => (
        <li key={code} className="flex gap-3 border-l-8 border-brass bg-brass-wash p-3 text-xl">
          <TriangleAlert aria-hidden className="mt-1 size-6 shrink-0 text-brass" />
          {CUT_WARNINGS[code]}
        </li>
      ))}
    </ul>
  );
}

/** What the dial really reads, by a big keypad; what such a cut would do is said while it is typed. */
function OwnReading({
  sheet,
  prediction,
  problem,
  onBack,
  onRecord,
}: {
  sheet: Sheet;
  prediction: Prediction;
  problem: string | null;
  onBack: () => void;
  onRecord: (fields: EntryFields) => Promise<boolean>;
}) {
  const [typed, setTyped] = useKept('own-reading', '');
  // A readout of the slide sends where it stands.
  useGauge(({ value }) => setTyped(String(value)));
  const { unit } = sheet.lathe.dial.graduation;
  const read = parseLength('reading', typed, unit);
  const warnings = read.ok
    ? warnCut(sheet, prediction, readingShown(read.value.length.value, sheetShownBy(sheet)))
    : [];
  return (
    <form
      className="grid max-w-2xl grid-cols-[1fr_16rem] gap-x-6 gap-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        void onRecord({ reading: typed, warned: warnings.join(' ') }).then((done) => {
          if (done) setTyped('');
        });
      }}
    >
      <div className="grid content-start gap-4">
        <label className="grid gap-1">
          <span className="label text-ink-soft">
            What the {sheet.feed.as === 'figure' ? 'readout' : slideWord(sheet)} really reads
          </span>
          <span className="flex items-baseline gap-2">
            <input
              autoFocus
              value={typed}
              inputMode="decimal"
              autoComplete="off"
              onChange={(event) => setTyped(event.target.value)}
              className="figures min-h-20 w-full min-w-0 rounded-cut border-2 border-rule-strong bg-paper-raised px-3 text-5xl"
            />
            <span className="text-2xl text-ink-soft">{unit}</span>
          </span>
        </label>
        <Warnings codes={warnings} />
        {problem !== null && <Message tone="error">{problem}</Message>}
        <Button type="submit" tone="main" size="bench" className="min-h-20 text-2xl">
          Cut at this reading
        </Button>
        <div className="flex flex-wrap gap-2">
          <Button size="bench" onClick={() => void onRecord({ notTaken: 'yes' })}>
            Cut, reading not taken
          </Button>
          <Button size="bench" tone="quiet" onClick={onBack}>
            Back
          </Button>
        </div>
      </div>
      <Keypad
        label="Reading"
        point="."
        onKey={(key) => setTyped(typed + key)}
        onBack={() => setTyped(typed.slice(0, -1))}
      />
    </form>
  );
}
