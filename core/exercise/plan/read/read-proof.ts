import { readRecord } from './read-record';
import type { FieldIssue } from '@/core/base/errors/field-issue';
import { NUT_ANSWERS } from '@/core/measuring/nut/nut-answer';
import { nutOfClass } from '@/core/measuring/nut/nut-size';
import { EVIDENCE_DATA, EVIDENCE_KINDS, type EvidenceKind } from '@/core/measuring/proof/evidence';
import type { Thread } from '@/core/thread/standards/thread';
import { parseFigures, parseLength } from '@/core/base/units/parse-length';
import { saidText } from '@/core/base/documents/visible-text';
import type { Length } from '@/core/base/units/length';
import type { EvidenceForm, PlanField, PlanForm } from '../draft';
import { PLACES_OF_PROOF } from '../plan-names';

/** One evidence as it was read. Lengths in the thread's unit. */
export interface EvidenceInput {
  id: string;
  kind: (typeof EVIDENCE_KINDS)[number];
  /** Empty field: proposed. */
  wire: Length | null;
  /** Number of the gauge in the shop's book. */
  record: number | null;
  gauge: string | null;
  gaugeClass: string | null;
  gaugeSize: Length | null;
  gaugeUncertainty: Length | null;
  gaugeKnown: boolean;
  places: (typeof PLACES_OF_PROOF)[number][];
  weight: number;
  answersWanted: string[];
  bothEnds: boolean;
  toShoulder: boolean;
  least: Length | null;
  most: Length | null;
  fromReading: Length | null;
}

/** Points that an evidence weighs in the result where the plan says nothing; common practice. */
/** What a piece of evidence weighs where the plan says nothing. */
export const USUAL_WEIGHT = 20;

const USUAL_ANSWERS = ['free', 'little-play'] as const;

/** Reads the evidence of the proof, row by row. A row of an unknown kind has an issue and is left out. */
export function readProof(form: PlanForm, thread: Thread, issues: FieldIssue[]): EvidenceInput[] {
  const { unit } = thread;
  const seen = new Map<EvidenceKind, number>();
  return form.proof.evidence.flatMap((row, index): EvidenceInput[] => {
    const field = <N extends keyof EvidenceForm>(name: N): PlanField => `proof.evidence.${index}.${name}`;
    const kind = EVIDENCE_KINDS.find((each) => each === row.kind);
    if (kind === undefined) {
      issues.push({ field: field('kind'), code: 'unreadable', message: 'Choose what proves the thread.' });
      return [];
    }
    const length = (name: keyof EvidenceForm): Length | null => {
      if (row[name].trim() === '') return null;
      const read = parseLength(field(name), row[name], unit);
      if (read.ok && read.value.length.value > 0) return read.value.length;
      issues.push(
        ...(read.ok
          ? [{ field: field(name), code: 'out-of-range' as const, message: 'Type a length greater than 0.' }]
          : read.issues),
      );
      return null;
    };
    const count = (seen.get(kind) ?? 0) + 1;
    seen.set(kind, count);
    return [
      {
        id: count === 1 ? kind : `${kind}-${count}`,
        kind,
        wire: kind === 'wires' ? length('wire') : null,
        record: readRecord(row.record),
        gauge: saidText(row.gauge) === '' ? null : saidText(row.gauge).slice(0, 120),
        ...readNut(row, thread, field('nut'), length, issues),
        places: readPlaces(row.places, field('places'), issues),
        weight: readWeight(row.weight, field('weight'), issues),
        answersWanted: readAnswers(row.wanted, kind, field('wanted'), issues),
        bothEnds: row.bothEnds === 'yes',
        toShoulder: row.toShoulder === 'yes',
        least: length('least'),
        most: length('most'),
        fromReading: length('fromReading'),
      },
    ];
  });
}

type Nut = Pick<EvidenceInput, 'gaugeClass' | 'gaugeSize' | 'gaugeUncertainty' | 'gaugeKnown'>;

/** `2B` is a class, `0.712` a size of its own, `?` says that nothing is known. */
function readNut(
  row: EvidenceForm,
  thread: Thread,
  field: PlanField,
  length: (name: keyof EvidenceForm) => Length | null,
  issues: FieldIssue[],
): Nut {
  const none: Nut = { gaugeClass: null, gaugeSize: null, gaugeUncertainty: null, gaugeKnown: true };
  if (EVIDENCE_DATA[row.kind as EvidenceKind].recordedAs !== 'trial') return none;
  const typed = row.nut.trim();
  if (typed === '?') return { ...none, gaugeKnown: false };
  // A mate or a sample of which nothing is typed is what it is.
  if (typed === '') return { ...none, gaugeKnown: row.kind === 'nut' };
  if (/^\d*\.\d+( ?(mm|in))?$|^\d+ ?(mm|in)$/i.test(typed))
    return { ...none, gaugeSize: length('nut'), gaugeUncertainty: length('nutUncertainty') };
  const read = nutOfClass(thread, typed, field);
  if (!read.ok) issues.push(...read.issues);
  return { ...none, gaugeClass: typed };
}

function readPlaces(text: string, field: PlanField, issues: FieldIssue[]): EvidenceInput['places'] {
  const parts = text
    .toLowerCase()
    .split(/[\s,;]+/)
    .filter((part) => part !== '');
  if (parts.length === 0) return [...PLACES_OF_PROOF];
  const unknown = parts.find((part) => !(PLACES_OF_PROOF as readonly string[]).includes(part));
  if (unknown !== undefined)
    issues.push({ field, code: 'unreadable', message: 'Name one to three places: start, middle, end.' });
  const places = PLACES_OF_PROOF.filter((place) => parts.includes(place));
  return places.length === 0 ? [...PLACES_OF_PROOF] : places;
}

function readWeight(text: string, field: PlanField, issues: FieldIssue[]): number {
  if (text.trim() === '') return USUAL_WEIGHT;
  const read = parseFigures(field, text);
  if (read.ok && read.value >= 0 && read.value <= 100) return read.value;
  issues.push(
    ...(read.ok
      ? [{ field, code: 'out-of-range' as const, message: 'Type a weight from 0 to 100.' }]
      : read.issues),
  );
  return USUAL_WEIGHT;
}

function readAnswers(text: string, kind: EvidenceKind, field: PlanField, issues: FieldIssue[]): string[] {
  if (EVIDENCE_DATA[kind].recordedAs !== 'trial') return [];
  const parts = text.split(/[\s,;]+/).filter((part) => part !== '');
  if (parts.length === 0) return [...USUAL_ANSWERS];
  const known = NUT_ANSWERS.filter((answer) => parts.includes(answer));
  if (known.length === parts.length) return known;
  issues.push({ field, code: 'unreadable', message: `Answers are ${NUT_ANSWERS.join(', ')}.` });
  return known.length === 0 ? [...USUAL_ANSWERS] : known;
}
