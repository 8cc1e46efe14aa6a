'use client';

import { capital, MEASURING_WORDS } from '@/core/gauging';
import { NUT_ANSWERS, NUT_ANSWER_WORDS, nutOfClass } from '@/core/nut';
import { EMPTY_EVIDENCE } from '@/core/plan';
import { EVIDENCE_DATA, STRENGTH_WORDS, takesOutOfClass, type EvidenceKind } from '@/core/proof';
import { Button } from '../../kit/button';
import { Figure } from '../../kit/figure';
import { Message } from '../../kit/message';
import { useShowLength } from '../../units/display-unit';
import { PlanCheck, PlanSelect, PlanTextField } from '../plan-field';
import { useFieldMessage, usePlanning } from '../planning-context';
import { usePlanWhys } from '../use-plan-whys';
import { evidenceOptions } from './option-texts';
import { plain } from './plain';
import { RowButtons } from './row-buttons';
import { useList } from './use-list';
import { useUnits } from './use-units';

/** The target, and what proves the thread: one or more, each with its weight and how it is graded. */
export function ProofFields() {
  const { read } = usePlanning();
  const units = useUnits();
  const show = useShowLength();
  const { rows, add, remove, move } = useList('proof.evidence');
  const message = useFieldMessage('proof.evidence');
  const { limits } = read.evaluation;
  const band =
    limits === null
      ? undefined
      : `Band ${show.figures(limits.pitchDiameter.min, units.thread)} – ${show.figures(limits.pitchDiameter.max, units.thread)}.`;
  return (
    <>
      <PlanTextField
        field="proof.target"
        label="Target pitch diameter"
        unit={units.thread}
        proposed={plain(read.defaults?.targetPitchDiameter)}
        hint={band}
      />
      {rows.map((row, index) => (
        <div key={index} className="grid gap-2 border-l-4 border-rule-strong pl-2">
          <div className="flex items-end justify-between gap-1">
            <div className="min-w-0 flex-1">
              <PlanSelect
                field={`proof.evidence.${index}.kind`}
                label={rows.length === 1 ? 'Proved by' : `Proof ${index + 1}`}
                options={evidenceOptions(read.evaluation.thread?.side ?? 'external')}
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
          <EvidenceFields index={index} kind={row.kind as EvidenceKind} />
        </div>
      ))}
      {message.warning !== undefined && <Message tone="warning">{message.warning}</Message>}
      <Button onClick={() => add({ ...EMPTY_EVIDENCE, kind: 'nut' })}>Add another proof</Button>
    </>
  );
}

function EvidenceFields({ index, kind }: { index: number; kind: EvidenceKind }) {
  const { read } = usePlanning();
  const units = useUnits();
  const show = useShowLength();
  const whys = usePlanWhys();
  const { thread, overWires, wireRange, bestWire } = read.evaluation;
  const side = thread?.side ?? 'external';
  const words = MEASURING_WORDS[side];
  const data = EVIDENCE_DATA[kind] ?? EVIDENCE_DATA.wires;
  const band = (low: number, high: number, extra = 0) =>
    `${show.figures(low, units.thread, extra)} – ${show.figures(high, units.thread, extra)}`;
  const field = <N extends string>(name: N) => `proof.evidence.${index}.${name}` as const;
  return (
    <>
      <p className="text-sm text-ink-soft">
        {data.gives(side)} Strength: {STRENGTH_WORDS[data.strength]}.
      </p>
      {kind === 'wires' && (
        <>
          <PlanTextField
            field={field('wire')}
            label={`${capital(words.pieces)} in hand`}
            unit={units.thread}
            proposed={plain(read.defaults?.wireDiameter)}
            hint={
              bestWire === null || wireRange === null
                ? undefined
                : `Best ${show.figures(bestWire, units.thread, 1)}; usable ${band(wireRange.min, wireRange.max)}.`
            }
          />
          {overWires !== null && (
            <Figure
              label={`${capital(words.over)}, limits`}
              value={band(overWires.min, overWires.max)}
              unit={show.unitOf(units.thread)}
              why={whys.overWires}
            />
          )}
        </>
      )}
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
