import type { InferType } from 'yup';
import {
  figure,
  listOf,
  maybeFigure,
  maybePart,
  maybeWhole,
  maybeWords,
  oneOf,
  part,
  words,
  yesNo,
  namedOrUnknown,
} from '@/core/base/documents/parts';
import { EXPECTED_SHOWN, STEP_GROUPS, STEP_UNITS } from '../plan/plan-names';

export type StepUnit = (typeof STEP_UNITS)[number];

/**
 * What a step is recorded by: a value to set or measure, something seen, a choice of what is really set, things put in
 * order, something that succeeded so often, levers and gears that are set, some looks at once, or a look by whoever may
 * sign.
 */
const STEP_KINDS = [
  'value',
  'confirm',
  'choice',
  'order',
  'counted',
  'settings',
  'looks',
  'sign-off',
] as const;

/** One step as the student is given it, in the order of work. */
export const sheetStepSchema = part({
  id: words(40).min(1),
  title: words(120).min(1),
  /** Short, in the imperative. */
  instruction: words(500),
  /** A hazard that applies here; shown with the usual deference to shop rules, manual and instructor. */
  caution: maybeWords(500),
  kind: oneOf(STEP_KINDS),
  /** The value a step should come out at, with the limits inside which it is right (both allowed; null is open). */
  expected: maybePart({
    value: figure(),
    min: maybeFigure(),
    max: maybeFigure(),
    unit: oneOf(STEP_UNITS),
    /** Shown where the limit and not the value counts: `at least`, `at most`. `any`: taken as it is found. */
    sense: oneOf(['value', 'at-least', 'at-most', 'any'] as const),
  }),
  when: oneOf(STEP_GROUPS),
  /** Whether the value stands before the student, shows after the entry, or stays hidden. */
  shows: namedOrUnknown(EXPECTED_SHOWN),
  /** Wrong or open, it stands in the way of the cut. */
  critical: yesNo(),
  /** No cut before whoever may has looked. */
  hold: yesNo(),
  /** Of a hold point: a helper may sign it too. */
  helper: yesNo(),
  /** Levers and gears by the machine's own names, each with its positions and the one wanted. */
  settings: listOf(part({ name: words(40), positions: listOf(words(20), 80), wanted: words(20) }), 50),
  /** To choose from, to be put in this order, or to be looked at one by one. */
  choices: listOf(words(60), 12),
  /** How often it has to succeed; null where nothing is counted. */
  times: maybeWhole(1, 20),
});

/** A step; the last two fields stand only in what a student is shown, and are never stored. */
export type SheetStep = InferType<typeof sheetStepSchema> & {
  /** What is right is with the server. */
  heldBack?: true;
  /** How the server has judged an entry of it. */
  judged?: { entryId: string; verdict: 'done' | 'right' | 'wrong' | 'not-done' };
};
export type Expected = NonNullable<SheetStep['expected']>;

/** Whether a set or measured value is inside the step's limits. The slack covers binary noise, not judgement. */
export function meets(expected: Expected, value: number): boolean {
  const slack = 1e-9;
  return value >= (expected.min ?? -Infinity) - slack && value <= (expected.max ?? Infinity) + slack;
}
