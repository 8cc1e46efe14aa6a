'use client';

import { NUT_ANSWERS, NUT_ANSWER_WORDS } from '@/core/measuring/nut/nut-answer';
import { nutOfClass } from '@/core/measuring/nut/nut-size';
import { EMPTY_EVIDENCE } from '@/core/exercise/plan/draft';
import { STRENGTH_WORDS } from '@/core/measuring/proof/evidence/evidence-data';
import { EVIDENCE_DATA, evidenceKindOf, type EvidenceKind } from '@/core/measuring/proof/evidence';
import { takesOutOfClass } from '@/core/measuring/proof/nut-strength';
import { gaugeSays, gaugesFor, leavesOfGauge } from '@/core/exercise/plan/plan-book';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { useShowLength } from '@/ui/units/display-unit';
import { PlanCheck, PlanSelect, PlanTextField } from '../plan-field';
import { useFieldMessage, usePlanning } from '../planning-context';
import { BookSelect } from './book-select';
import { evidenceOptions } from './option-texts';
import { RowButtons } from './row-buttons';
import { TargetField } from './target-field';
import { useList } from './use-list';
import { useUnits } from './use-units';
import { WiresFields } from './wires-fields';

/** The target, and what proves the thread: one or more, each with its weight and how it is graded. */
export function ProofFields() {
  const { read } = usePlanning();
  const { rows, add, remove, move } = useList('proof.evidence');
  const message = useFieldMessage('proof.evidence');
  return (
    <>
      <TargetField />
      {rows.map((row, index) => (
        <div key={index} className="grid gap-2 border-l-4 border-rule-strong pl-2">
          <div className="flex items-end justify-between gap-1">
            <div className="min-w-0 flex-1">
              <PlanSelect
                field={`proof.evidence.${index}.kind`}
                label={rows.length === 1 ? 'Proved by' : `Proof ${index + 1}`}
                options={evidenceOptions(
                  read.evaluation.thread?.side ?? 'external',
                  evidenceKindOf(row.kind),
                )}
              />
            </div>
            {rows.length > 1 && (
              <RowButtons
                name={`proof ${index + 1}`}
                first={index === 0}
                last={index === rows.length - 1}
                onMove={(by) => move(index, index + by)}
                onRemove={() => remove(index)}
              />
            )}
          </div>
          <EvidenceFields index={index} kind={evidenceKindOf(row.kind)} />
        </div>
      ))}
      {message.warning !== undefined && <Message tone="warning">{message.warning}</Message>}
      <Button onClick={() => add({ ...EMPTY_EVIDENCE, kind: 'nut' })}>Add another proof</Button>
    </>
  );
}

function EvidenceFields({ index, kind }: { index: number; kind: EvidenceKind }) {
  const { read, book } = usePlanning();
  const units = useUnits();
  const { thread, bestWire } = read.evaluation;
  const side = thread?.side ?? 'external';
  const data = EVIDENCE_DATA[kind];
  const field = <N extends string>(name: N) => `proof.evidence.${index}.${name}` as const;
  return (
    <>
      <p className="text-sm text-ink-soft">
        {data.gives(side)} Strength: {STRENGTH_WORDS[data.strength]}.
      </p>
      <BookSelect
        field={field('record')}
        label="Of the shop’s book"
        records={gaugesFor(book, kind, side)}
        leavesOf={(gauge) =>
          prefixed(
            `proof.evidence.${index}`,
            leavesOfGauge(gauge, kind, { bestWire, unit: thread?.unit ?? 'in' }),
          )
        }
        says={gaugeSays}
      />
      {kind === 'wires' && <WiresFields field={field('wire')} />}
      {data.recordedAs === 'measurement' && (
        <PlanTextField
          field={field('places')}
          label="Places"
          proposed="start middle end"
          hint="One for a short thread."
        />
      )}
      {data.recordedAs === 'trial' && <TrialFields index={index} kind={kind} />}
      {data.recordedAs === 'value' && (
        <div className="grid grid-cols-2 items-start gap-2">
          <PlanTextField field={field('least')} label="At least" unit={units.thread} />
          <PlanTextField field={field('most')} label="At most" unit={units.thread} />
        </div>
      )}
      <PlanTextField field={field('weight')} label="Weight in the result" proposed="20" />
    </>
  );
}

const prefixed = (path: string, leaves: Record<string, string>) =>
  Object.fromEntries(Object.entries(leaves).map(([name, text]) => [`${path}.${name}`, text]));

/** A nut, a mate, a master: its class or size, the answer wanted, from which reading on it is tried. */
function TrialFields({ index, kind }: { index: number; kind: EvidenceKind }) {
  const { read, values } = usePlanning();
  const units = useUnits();
  const show = useShowLength();
  const field = <N extends string>(name: N) => `proof.evidence.${index}.${name}` as const;
  const { thread, limits } = read.evaluation;
  const typed = values.proof.evidence[index]?.nut.trim() ?? '';
  const read2 =
    thread === null || typed === '?' ? null : nutOfClass(thread, /^\d*\./.test(typed) ? '' : typed);
  const out = read2?.ok === true && limits !== null ? takesOutOfClass(limits, read2.value) : null;
  const usual = thread === null ? undefined : usualClass(thread.side, kind);
  return (
    <>
      <PlanTextField
        field={field('nut')}
        label={kind === 'nut' ? 'Its class, or its own size' : 'Its size, if known'}
        proposed={usual}
        hint={
          kind === 'nut'
            ? 'A class such as 2B, a pitch diameter, or ? for one from the bin.'
            : 'A pitch diameter; empty: it is what it is.'
        }
      />
      {out !== null && kind === 'nut' && typed !== '?' && (
        <Message tone="note">
          {`It takes threads that are out of class: here from ${show.figures(out.min, units.thread)} to ${show.figures(out.max, units.thread)}.`}
        </Message>
      )}
      <PlanSelect
        field={field('wanted')}
        label="Answer wanted"
        options={[
          { value: '', text: 'runs free or little play' },
          ...NUT_ANSWERS.slice(2).map((answer) => ({ value: answer, text: NUT_ANSWER_WORDS[answer] })),
        ]}
      />
      <PlanTextField
        field={field('fromReading')}
        label="Tried from the reading"
        unit={units.thread}
        hint="Of the slide that feeds. Empty: before the finishing cuts."
      />
      <PlanCheck field={field('bothEnds')} label="From both ends" />
      <PlanCheck field={field('toShoulder')} label="To the shoulder" />
    </>
  );
}

const usualClass = (side: 'external' | 'internal', kind: EvidenceKind) =>
  kind !== 'nut' ? undefined : side === 'external' ? 'the usual nut' : 'the usual bolt';
