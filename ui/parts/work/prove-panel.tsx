'use client';

import { useState } from 'react';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { GAUGE_ANSWERS, GAUGE_WORDS } from '@/core/exercise/record/entry/kinds/finding';
import type { Advice } from '@/core/exercise/record/advice/advice';
import { dueNow } from '@/core/exercise/record/advice/advise';
import { isKind, liveEntries, type Entry } from '@/core/exercise/record/entry/entry';
import { sizeByCrestFlat } from '@/core/exercise/record/state/crest-of-record';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet, SheetProof } from '@/core/exercise/sheet/sheet';
import { beforeProof } from '@/core/exercise/record/shown/before-proof';
import { isTrial } from '@/core/machine/stops/stops';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Tick } from '@/ui/kit/tick';
import { useKept } from '@/ui/shell/kept';
import { useSay } from '@/ui/kit/shop-words';
import { useShowLength } from '@/ui/units/display-unit';
import { AnswerButtons } from './answer-buttons';
import { MeasurePanel } from './measure-panel';
import { ImpliedSays } from './implied-says';
import { NutSays } from './nut-says';
import { Steps } from './stop-panel';
import { TrialForm } from './trial-form';
import type { AttemptRecord } from './use-record';

const LOOKS = ['good', 'fair', 'poor'] as const;

/** What proves the thread, as the plan asks for it: nothing of what it does not ask for. */
export function ProvePanel({
  sheet,
  prediction,
  advice,
  entries,
  canRecord,
  mayLook,
  instruments,
  add,
}: {
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  entries: readonly Entry[];
  canRecord: boolean;
  /** Whoever may judge what no figure shows. */
  mayLook: boolean;
  /** Micrometers of the shop, by name. */
  instruments?: readonly string[] | undefined;
  add: AttemptRecord['add'];
}) {
  const say = useSay();
  return (
    <div className="grid">
      {sheet.proof.map((evidence) => {
        const { recordedAs } = EVIDENCE_DATA[evidence.kind];
        if (recordedAs === 'measurement')
          return (
            <MeasurePanel
              key={evidence.id}
              evidence={evidence}
              sheet={sheet}
              prediction={prediction}
              canRecord={canRecord}
              add={add}
              instruments={instruments ?? []}
            />
          );
        return (
          <section
            key={evidence.id}
            aria-label={evidence.title}
            className="grid gap-2 border-b border-rule p-3"
          >
            <h3 className="text-xl">{say(evidence.title)}</h3>
            <p className="text-sm text-ink-soft">
              {evidence.gauge === null ? '' : `${evidence.gauge}. `}Strength: {evidence.strength}.
            </p>
            <Found sheet={sheet} evidence={evidence} entries={entries} />
            {asksFinally(advice) && <Steps steps={beforeProof(sheet, evidence)} />}
            {recordedAs === 'trial' && (
              <>
                {prediction.nut?.evidenceId === evidence.id && (
                  <>
                    <NutSays sheet={sheet} nut={prediction.nut} />
                    <ImpliedSays sheet={sheet} implied={prediction.implied} />
                  </>
                )}
                {canRecord &&
                  (isTrial(dueNow(prediction, advice)?.stop.check ?? '') ? (
                    <p className="text-sm text-ink-soft">
                      First the stop at the left: answer it, or pass it over.
                    </p>
                  ) : (
                    <Trial
                      key={asksFinally(advice) ? 'at the end' : 'on the way'}
                      sheet={sheet}
                      evidence={evidence}
                      atEnd={asksFinally(advice)}
                      add={add}
                    />
                  ))}
              </>
            )}
            {recordedAs === 'nothing' && (
              <p className="text-sm">The dial’s reading is in the record; it proves nothing.</p>
            )}
            {recordedAs === 'look' && mayLook && (
              <AnswerButtons
                label={evidence.title}
                answers={LOOKS.map((text, level) => ({ id: String(level), text }))}
                onAnswer={(level) =>
                  void add({
                    kind: 'look',
                    subject: `look:${evidence.id}`,
                    level,
                    of: String(LOOKS.length),
                    sentence: LOOKS[Number(level)] ?? '',
                  })
                }
              />
            )}
            {canRecord && recordedAs === 'gauge' && (
              <AnswerButtons
                label={evidence.title}
                answers={GAUGE_ANSWERS.map((id) => ({ id, text: GAUGE_WORDS[id] }))}
                onAnswer={(answer) =>
                  void add({ kind: 'finding', evidenceId: evidence.id, purpose: 'final', answer })
                }
              />
            )}
            {canRecord && recordedAs === 'yes-no' && (
              <AnswerButtons
                label={evidence.title}
                answers={[
                  { id: 'yes', text: 'Yes' },
                  { id: 'no', text: 'No' },
                ]}
                onAnswer={(answer) =>
                  void add({ kind: 'finding', evidenceId: evidence.id, purpose: 'final', answer })
                }
              />
            )}
            {canRecord && recordedAs === 'value' && <ValueForm sheet={sheet} evidence={evidence} add={add} />}
          </section>
        );
      })}
      {sheet.proof.length === 0 && <p className="p-3">This plan asks for no proof.</p>}
    </div>
  );
}

/** Whether the advice asks for the final answer now. */
const asksFinally = ({ expects }: Advice): boolean => expects !== null && 'final' in expects && expects.final;

/** Tried on the way, or for good: said before the answer. While passes are left it is on the way until somebody says otherwise. */
function Trial({
  sheet,
  evidence,
  atEnd,
  add,
}: {
  sheet: Sheet;
  evidence: SheetProof;
  atEnd: boolean;
  add: AttemptRecord['add'];
}) {
  const [final, setFinal] = useState(atEnd);
  return (
    <>
      <Tick size="bench" label="Final: nothing more is cut" on={final} onSet={setFinal} />
      <TrialForm
        sheet={sheet}
        evidence={evidence}
        stopId={null}
        purpose={final ? 'final' : 'mid'}
        add={add}
      />
    </>
  );
}

/** What was found last for an evidence. */
function Found({
  sheet,
  evidence,
  entries,
}: {
  sheet: Sheet;
  evidence: SheetProof;
  entries: readonly Entry[];
}) {
  const show = useShowLength();
  const live = liveEntries(entries);
  const finding = live
    .filter(isKind('finding'))
    .findLast(({ content }) => content.evidenceId === evidence.id);
  const look = live
    .filter(isKind('look'))
    .findLast(({ content }) => content.subject === `look:${evidence.id}`);
  const text =
    finding !== undefined
      ? finding.content.answer === null
        ? `${finding.content.value} ${sheet.thread.unit}`
        : GAUGE_WORDS[finding.content.answer]
      : (look?.content.sentence ?? null);
  return text === null ? null : (
    <p>
      Found: <strong className="figures">{text}</strong>
      {evidence.kind === 'crest-flat' && finding?.content.value != null && (
        <>
          , which says a pitch diameter of{' '}
          <strong className="figures">
            {show.text({
              value: sizeByCrestFlat(sheet, live, finding.content.value),
              unit: sheet.thread.unit,
            })}
          </strong>
        </>
      )}
    </p>
  );
}

function ValueForm({
  sheet,
  evidence,
  add,
}: {
  sheet: Sheet;
  evidence: SheetProof;
  add: AttemptRecord['add'];
}) {
  const [value, setValue] = useKept(`finding-${evidence.id}`, '');
  const [problem, setProblem] = useState<string | undefined>();
  return (
    <form
      className="grid grid-cols-[1fr_auto] items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void add({ kind: 'finding', evidenceId: evidence.id, purpose: 'final', value }).then((added) => {
          setProblem(added.ok ? undefined : (added.fields.value ?? added.message));
          if (added.ok) setValue('');
        });
      }}
    >
      <Field
        label="Measured"
        unit={sheet.thread.unit}
        value={value}
        error={problem}
        onChange={(event) => setValue(event.target.value)}
      />
      <Button type="submit">Record</Button>
    </form>
  );
}
