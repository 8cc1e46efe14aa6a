import { useEffect, useRef, useState } from 'react';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { chipLook } from '@/core/exercise/record/shown/chip-look';
import { warnCut } from '@/core/exercise/record/shown/warn-cut';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { dialFigures } from '@/core/machine/lathe/dial-text';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { useGauge } from '@/ui/parts/gauge/use-gauge';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { AllCut } from '@/ui/parts/work/all-cut';
import { Chips } from '@/ui/parts/work/chips';
import { CutByNut } from '@/ui/parts/work/cut-by-nut';
import { DrivenBy, NoInfeedFirst, OtherMark, PassTitle } from '@/ui/parts/work/next-cut';
import { useNextCut } from '@/ui/parts/work/use-next-cut';
import { NutSays } from '@/ui/parts/work/nut-says';
import { Refigure } from '@/ui/parts/work/refigure';
import { slideWord } from '@/ui/parts/sheet/slide-word';
import { Steps } from '@/ui/parts/work/stop-panel';
import { useKept } from '@/ui/shell/kept';
import { CutWarnings } from './cut-warnings';
import { OwnReading } from './own-reading';
import type { BenchRecord } from './use-bench-record';

/** Where the half nut can have closed besides at a dial mark: worth recording, or a second groove is never explained. */
const BETWEEN = 'between two';

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
  const { next, passes, cuts } = prediction;
  const [typing, setTyping] = useState(false);
  const [typed, setTyped] = useKept('own-reading', '');
  const cutButton = useRef<HTMLButtonElement>(null);
  const cut = useNextCut(sheet, prediction, add);
  const { cycle, catches, mark, problem } = cut;
  const warnings = next === null ? [] : warnCut(sheet, prediction, next.dialReading.value);

  // A readout sends where the slide stands: that is a reading to look at, and never the touch of “Cut”.
  useGauge(({ value }) => {
    setTyped(String(value));
    setTyping(true);
  });

  // Enter is the cut: the button takes the focus again for each.
  useEffect(() => {
    if (!typing) cutButton.current?.focus({ preventScroll: true });
  }, [typing, cuts.length]);

  async function record(fields: EntryFields): Promise<boolean> {
    const recorded = await cut.record(fields);
    if (recorded) setTyping(false);
    return recorded;
  }

  if (typing)
    return (
      <OwnReading
        sheet={sheet}
        prediction={prediction}
        typed={typed}
        onTyped={setTyped}
        problem={problem}
        onBack={() => setTyping(false)}
        onRecord={record}
      />
    );
  const marks = [...new Set(sheet.dial.marks.map(({ label, name }) => (label === '' ? name : label)))];
  return (
    <div className="grid content-start gap-4">
      {next === null ? (
        <AllCut sheet={sheet} prediction={prediction} />
      ) : (
        <>
          <PassTitle sheet={sheet} next={next} total={passes.length} />
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
          {prediction.nut !== null && <NutSays sheet={sheet} nut={prediction.nut} />}
        </>
      )}
      <NoInfeedFirst segment={prediction.segment} />
      <CutWarnings codes={warnings} />
      <div className="flex items-stretch gap-3">
        {next !== null && (
          <Button
            ref={cutButton}
            tone="main"
            size="bench"
            className="min-h-20 flex-1"
            onClick={() => void record({ warned: warnings.join(' ') })}
          >
            <span className="text-4xl">Cut</span>
          </Button>
        )}
        <Button
          size="bench"
          className={next === null ? 'min-h-20 flex-1' : 'min-h-20'}
          onClick={() => setTyping(true)}
        >
          {next === null ? 'Cut on by what was found…' : 'Otherwise…'}
        </Button>
      </div>
      <CutByNut sheet={sheet} prediction={prediction} onRecord={(fields) => void record(fields)} />
      {problem !== null && <Message tone="error">{problem}</Message>}
      <OtherMark cut={cut} firstMark={prediction.firstMark} />
      {catches && marks.length > 0 && (
        <Chips
          label="Dial mark caught"
          chosen={mark}
          options={[...marks, BETWEEN].map((id) => ({ id, text: id }))}
          onChoose={(id) => cut.setMark(id === mark ? '' : id)}
        />
      )}
      {cycle !== undefined && <Steps steps={cycle.steps} />}
      {next !== null && (
        <p className="border-l-4 border-rule-strong pl-3 text-lg">
          <span className="label block text-ink-soft">The chip</span>
          {chipLook(sheet, next)}
        </p>
      )}
      <Refigure sheet={sheet} prediction={prediction} canRecord add={add} />
      <DrivenBy sheet={sheet} cut={cut} />
    </div>
  );
}
