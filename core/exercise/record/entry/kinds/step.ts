import { maybeFigure, maybeWhole, maybeWords, named, part, words } from '@/core/base/documents/parts';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { showStepValue } from '../../../sheet/show-value';
import type { SheetStep, StepUnit } from '../../../sheet/sheet-step';
import { parseAngleDeg } from '@/core/base/units/parse-angle';
import { parseFigures, parseLength, parseWhole } from '@/core/base/units/parse-length';
import { saidText, visibleLength } from '@/core/base/documents/visible-text';
import { typedText } from '@/core/base/units/typed-text';
import type { EntryKind } from '../entry-kind';
import { NOT_USED } from '../not-used';
import { standsOnMachine } from '../stands-on-machine';
import { asItWas } from '../as-it-was';
import { kindOf } from '../kind-of';

/** Done now, found set and checked, done by another, not done, or standing from an earlier try on the same lathe. */
const STEP_HOW = ['done', 'found', 'by-other', 'not-done', 'stands'] as const;
type StepHow = (typeof STEP_HOW)[number];

export interface StepContent {
  kind: 'step';
  stepId: string;
  value: number | null;
  how: StepHow;
  /** What was chosen; of an order, the parts in the order given, parted by semicolons. */
  choice: string | null;
  /** How often it succeeded. */
  count: number | null;
  /** Who did it, or why it was not done. */
  said: string;
  /** The try from which it stands. */
  fromTry: number | null;
}

/** Steps that are recorded by what was chosen. */
const CHOSEN: readonly SheetStep['kind'][] = ['choice', 'order', 'settings', 'looks'];

/** What happened to a step of the set-up; with the value that was set or measured where the step has one. */
export const stepKind: EntryKind<'step', StepContent> = {
  kind: 'step',
  format: 3,
  schema: part({
    kind: kindOf('step'),
    stepId: words(40).min(1),
    value: maybeFigure(),
    how: named(STEP_HOW),
    choice: maybeWords(4000),
    count: maybeWhole(0, 100),
    said: words(200),
    fromTry: maybeWhole(1, 1000),
  }),
  lifts: {
    1: asItWas,
    2: (older) => ({ ...older, how: 'done', choice: null, count: null, said: '', fromTry: null }),
  },
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: true,
  goesOn: true,
  answersHold: true,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: ['said'],
  read: (
    { stepId, value = '', how = 'done', choice = '', count = '', said = '', fromTry = '' },
    { sheet },
  ) => {
    const step = sheet.steps.find(({ id }) => id === stepId);
    if (step === undefined || step.kind === 'sign-off')
      return bad('stepId', 'unreadable', 'There is no such step in this plan.');
    const done = STEP_HOW.find((each) => each === how);
    if (done === undefined) return bad('how', 'unreadable', 'Say what became of the step.');
    if (done === 'stands' && !standsOnMachine(step.id))
      return bad('how', 'conflict', 'It belongs to the blank, and this is a new one: do it, and record it.');
    const words = saidText(said).slice(0, 200);
    if (done === 'not-done' && words === NOT_USED && sheet.feed.slide !== 'compound')
      return bad(
        'how',
        'conflict',
        'It does not feed here, and is needed all the same: set it, or say why not.',
      );
    const content: StepContent = {
      kind: 'step',
      stepId: step.id,
      value: null,
      how: done,
      choice: null,
      count: null,
      said: words,
      fromTry: /^\d{1,3}$/.test(fromTry) ? Number(fromTry) : null,
    };
    if (done === 'not-done' || done === 'by-other')
      return words === '' && done === 'by-other'
        ? bad('said', 'required', 'Say who did it.')
        : words === ''
          ? bad('said', 'required', 'Say why it was not done.')
          : done === 'not-done' || value.trim() === ''
            ? good(content)
            : withValue(content, step.expected?.unit ?? null, value);
    if (CHOSEN.includes(step.kind) || choice !== '') {
      const chosen = saidText(choice).slice(0, 4000);
      if (chosen === '') return bad('choice', 'required', 'Choose what is really set.');
      const paper =
        value.trim() === '' || step.expected !== null ? good(null) : readStepValue(value, sheet.thread.unit);
      if (!paper.ok) return paper;
      return good({ ...content, choice: chosen, value: paper.value });
    }
    if (step.kind === 'counted') {
      const read = parseWhole('count', count, 0, 100, 'how often it succeeded');
      return read.ok ? good({ ...content, count: read.value }) : read;
    }
    return step.expected === null ? good(content) : withValue(content, step.expected.unit, value);
  },
  refuses: ({ how, said }) => {
    if (how === 'not-done' && visibleLength(said) === 0)
      return { field: 'said', code: 'required', message: 'Say why it was not done.' };
    return how === 'by-other' && visibleLength(said) === 0
      ? { field: 'said', code: 'required', message: 'Say who did it.' }
      : null;
  },
  words: ({ stepId, value, how, choice, count, said, fromTry }, sheet) => {
    const step = sheet.steps.find(({ id }) => id === stepId);
    const unit = step?.expected?.unit ?? (choice === null ? undefined : sheet.thread.unit);
    const shown = value === null ? null : unit === undefined ? String(value) : showStepValue(value, unit);
    const parts = [shown, choice, count === null ? null : `${count} times`].filter((each) => each !== null);
    const became = {
      done: parts.length === 0 ? 'done' : '',
      found: 'found set, checked',
      'by-other': `done by ${said}`,
      'not-done': `not done: ${said}`,
      stands: `stands from try ${fromTry ?? ''}`,
    }[how];
    return {
      title: step?.title ?? stepId,
      detail: [...parts, ...(became === '' ? [] : [became])].join(', '),
    };
  },
};

function withValue(content: StepContent, unit: StepUnit | null, value: string): Result<StepContent> {
  if (unit === null) return good(content);
  const read = readStepValue(value, unit);
  return read.ok ? good({ ...content, value: read.value }) : read;
}

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
