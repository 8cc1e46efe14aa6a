import { useEffect, useRef, useState } from 'react';
import type { Advice } from '@/core/exercise/record/advice/advice';
import { chipLook } from '@/core/exercise/record/shown/chip-look';
import { warnCut } from '@/core/exercise/record/shown/warn-cut';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { useGauge } from '@/ui/parts/gauge/use-gauge';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { AdviceNow } from '@/ui/parts/work/advice-now';
import { AdvisedCut, CutTitle } from '@/ui/parts/work/advised-cut';
import { Chips } from '@/ui/parts/work/chips';
import { DrivenBy, OtherMark } from '@/ui/parts/work/next-cut';
import { useNextCut } from '@/ui/parts/work/use-next-cut';
import { Refigure } from '@/ui/parts/work/refigure';
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
  advice,
  add,
  onMeasure,
  onHappened,
  onEnd,
}: {
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  add: BenchRecord['add'];
  onMeasure: () => void;
  onHappened: () => void;
  onEnd: () => void;
}) {
  const { cuts } = prediction;
  const advised = advice.cut;
  const [typing, setTyping] = useState(false);
  const [typed, setTyped] = useKept('own-reading', '');
  const cutButton = useRef<HTMLButtonElement>(null);
  const cut = useNextCut(sheet, prediction, advice, add);
  const { cycle, catches, mark, problem } = cut;
  const warnings = advised === null ? [] : warnCut(sheet, prediction, advised.reading, advised.start);

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
        told={advised?.start ?? prediction.start}
        typed={typed}
        onTyped={setTyped}
        problem={problem}
        onBack={() => setTyping(false)}
        onRecord={record}
      />
    );
  if (advised === null)
    return (
      <AdviceNow
        sheet={sheet}
        prediction={prediction}
        advice={advice}
        canRecord
        add={add}
        onMeasure={onMeasure}
        onHappened={onHappened}
        onCutOn={() => setTyping(true)}
        onEnd={onEnd}
      />
    );
  const marks = [...new Set(sheet.dial.marks.map(({ label, name }) => (label === '' ? name : label)))];
  return (
    <div className="grid content-start gap-4">
      <CutTitle sheet={sheet} prediction={prediction} cut={advised} />
      <AdvisedCut
        sheet={sheet}
        prediction={prediction}
        advice={advice}
        cut={advised}
        figureClass="text-9xl tablet:text-8xl"
      />
      <CutWarnings codes={warnings} />
      <div className="flex items-stretch gap-3">
        <Button
          ref={cutButton}
          tone="main"
          size="bench"
          className="min-h-20 flex-1"
          onClick={() => void record({ warned: warnings.join(' ') })}
        >
          <span className="text-4xl">Cut</span>
        </Button>
        <Button size="bench" className="min-h-20" onClick={() => setTyping(true)}>
          Otherwise…
        </Button>
      </div>
      {problem !== null && <Message tone="error">{problem}</Message>}
      <OtherMark sheet={sheet} prediction={prediction} cut={cut} />
      {catches && marks.length > 0 && (
        <Chips
          label="Dial mark caught"
          chosen={mark}
          options={[...marks, BETWEEN].map((id) => ({ id, text: id }))}
          onChoose={(id) => cut.setMark(id === mark ? '' : id)}
        />
      )}
      {cycle !== undefined && <Steps steps={cycle.steps} />}
      {advised.row !== null && (
        <p className="border-l-4 border-rule-strong pl-3 text-lg">
          <span className="label block text-ink-soft">The chip</span>
          {chipLook(sheet, advised.row)}
        </p>
      )}
      <Refigure sheet={sheet} prediction={prediction} canRecord add={add} />
      <DrivenBy sheet={sheet} cut={cut} />
    </div>
  );
}
