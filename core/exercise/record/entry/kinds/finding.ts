import { maybeFigure, maybeNamed, oneOf, part, words } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { formatLength } from '@/core/base/units/format-length';
import { parseLength } from '@/core/base/units/parse-length';
import type { EntryKind } from '../entry-kind';
import { unbelievable } from '../believable';
import { kindOf } from '../kind-of';

export const GAUGE_ANSWERS = ['right', 'go-stops', 'no-go-enters'] as const;
const ANSWERS = [...GAUGE_ANSWERS, 'yes', 'no'] as const;

export interface FindingContent {
  kind: 'finding';
  purpose: 'mid' | 'final';
  evidenceId: string;
  /** Of a gauge, or yes and no; null where a value was measured. */
  answer: (typeof ANSWERS)[number] | null;
  /** In the thread's unit. */
  value: number | null;
}

export const GAUGE_WORDS: Record<(typeof ANSWERS)[number], string> = {
  right: 'GO goes, NO-GO stops',
  'go-stops': 'GO stops',
  'no-go-enters': 'NO-GO goes in',
  yes: 'yes',
  no: 'no',
};

/** What a gauge, a rule or a look found for one evidence of the proof. */
export const findingKind: EntryKind<'finding', FindingContent> = {
  kind: 'finding',
  format: 3,
  schema: part({
    kind: kindOf('finding'),
    purpose: oneOf(['mid', 'final'] as const),
    evidenceId: words(40).min(1),
    answer: maybeNamed(ANSWERS),
    value: maybeFigure(),
  }),
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: true,
  goesOn: true,
  answersHold: true,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: (fields, { sheet }) => {
    const evidence = sheet.proof.find(({ id }) => id === fields.evidenceId);
    if (evidence === undefined)
      return bad('evidenceId', 'unreadable', 'This plan asks for no such evidence.');
    const purpose = fields.purpose === 'mid' ? 'mid' : 'final';
    const base = { kind: 'finding', purpose, evidenceId: evidence.id } as const;
    if (EVIDENCE_DATA[evidence.kind].recordedAs !== 'value') {
      const answer = ANSWERS.find((each) => each === fields.answer);
      return answer === undefined
        ? bad('answer', 'unreadable', 'Touch what was found.')
        : good({ ...base, answer, value: null });
    }
    const read = parseLength('value', fields.value ?? '', sheet.thread.unit);
    if (!read.ok) return read;
    const value = read.value.length.value;
    return value < 0
      ? bad('value', 'out-of-range', 'Type what was measured.')
      : good({ ...base, answer: null, value });
  },
  refuses: ({ answer, value }, sheet) =>
    (answer === null) === (value === null)
      ? { field: 'answer', code: 'required', message: 'Send what was found: an answer, or a value.' }
      : // A length of thread may be many times its diameter.
        unbelievable({ value }, null, sheet?.thread.unit),
  words: ({ evidenceId, answer, value, purpose }, { proof, thread }) => ({
    title: `${proof.find(({ id }) => id === evidenceId)?.title ?? evidenceId}${purpose === 'final' ? ', final' : ''}`,
    detail:
      answer === null
        ? `${formatLength({ value: value ?? 0, unit: thread.unit })} ${thread.unit}`
        : GAUGE_WORDS[answer],
  }),
};
