import type { InferType } from 'yup';
import { figure, maybeFigure, maybePart, maybeWords, oneOf, part, words } from '../documents';

export const STEP_UNITS = ['in', 'mm', '°', 'rpm', 'TPI', 'mm pitch'] as const;
export type StepUnit = (typeof STEP_UNITS)[number];

/** One step of the set-up as the student is given it, in the order of work. */
export const sheetStepSchema = part({
  id: words(40).min(1),
  title: words(120).min(1),
  /** Short, in the imperative. */
  instruction: words(500),
  /** A hazard that applies here; shown with the usual deference to shop rules, manual and instructor. */
  caution: maybeWords(500),
  /** A value to set or measure, something to look at and confirm, or a look by the instructor. */
  kind: oneOf(['value', 'confirm', 'sign-off'] as const),
  /** The value a step should come out at, with the limits inside which it is right (both allowed; null is open). */
  expected: maybePart({
    value: figure(),
    min: maybeFigure(),
    max: maybeFigure(),
    unit: oneOf(STEP_UNITS),
    /** Shown where the limit and not the value counts: `at least`, `at most`. */
    sense: oneOf(['value', 'at-least', 'at-most'] as const),
  }),
  when: oneOf(['before-cutting', 'after-scratch'] as const),
});

export type SheetStep = InferType<typeof sheetStepSchema>;
export type Expected = NonNullable<SheetStep['expected']>;

/** Whether a set or measured value is inside the step's limits. The slack covers binary noise, not judgement. */
export function meets(expected: Expected, value: number): boolean {
  const slack = 1e-9;
  return value >= (expected.min ?? -Infinity) - slack && value <= (expected.max ?? Infinity) + slack;
}
