import { maybeFigure, part, words } from '../../documents';
import { bad, good, type Result } from '../../errors/field-issue';
import { showStepValue, type StepUnit } from '../../sheet';
import { parseAngleDeg, parseFigures, parseLength, parseWhole, typedText } from '../../units';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface StepContent {
  kind: 'step';
  stepId: string;
  value: number | null;
}

/** A step of the set-up was done; with the value that was set or measured where the step has one. */
export const stepKind: EntryKind<'step', StepContent> = {
  kind: 'step',
  format: 2,
  schema: part({ kind: kindOf('step'), stepId: words(40).min(1), value: maybeFigure() }),
  writtenBy: ['student', 'instructor', 'helper'],
  freeText: [],
  read: ({ stepId, value = '' }, { sheet }) => {
    const step = sheet.steps.find(({ id }) => id === stepId);
    if (step === undefined || step.kind === 'sign-off')
      return bad('stepId', 'unreadable', 'There is no such step in this plan.');
    if (step.expected === null) return good({ kind: 'step', stepId: step.id, value: null });
    const read = readStepValue(value, step.expected.unit);
    return read.ok ? good({ kind: 'step', stepId: step.id, value: read.value }) : read;
  },
  words: ({ stepId, value }, sheet) => {
    const step = sheet.steps.find(({ id }) => id === stepId);
    const unit = step?.expected?.unit;
    return {
      title: step?.title ?? stepId,
      detail: value === null ? 'done' : unit === undefined ? String(value) : showStepValue(value, unit),
    };
  },
};

/** Reads the value of a step in its unit. */
export function readStepValue(text: string, unit: StepUnit): Result<number> {
  if (unit === '°') return parseAngleDeg('value', text, 0, 360);
  if (unit === 'rpm') return parseWhole('value', text, 1, 5000, 'the speed in rpm');
  if (unit === 'TPI' || unit === 'mm pitch') {
    const typed = typedText('value', text);
    if (!typed.ok) return typed;
    if (typed.value === '') return bad('value', 'required', `Type what is set, in ${unit}.`);
    return positive(parseFigures('value', typed.value.replace(/ ?(tpi|mm|mm pitch)$/i, '')));
  }
  const length = parseLength('value', text, unit);
  return positive(length.ok ? good(length.value.length.value) : length);
}

function positive(number: Result<number>): Result<number> {
  if (number.ok && number.value <= 0) return bad('value', 'out-of-range', 'Type a value greater than 0.');
  return number;
}
