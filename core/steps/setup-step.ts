import type { LengthUnit } from '../units';

export type StepUnit = LengthUnit | '°' | 'rpm' | 'TPI' | 'mm pitch';

/** The value a step should come out at, with the limits inside which it is right (both allowed; null is open). */
export interface Expected {
  value: number;
  min: number | null;
  max: number | null;
  unit: StepUnit;
  /** Shown where the limit and not the value counts: `at least`, `at most`. */
  sense: 'value' | 'at-least' | 'at-most';
}

/** One step of the set-up, in the order of work. */
export interface SetupStep {
  id: string;
  title: string;
  /** Short, in the imperative. */
  instruction: string;
  /** A hazard that applies here; shown with the usual deference to shop rules, manual and instructor. */
  caution: string | null;
  /** A value to set or measure, something to look at and confirm, or a look by the instructor. */
  kind: 'value' | 'confirm' | 'sign-off';
  expected: Expected | null;
  when: 'before-cutting' | 'after-scratch';
  /** Missing it before the first cut caps the mark, whatever the part measures. */
  critical: boolean;
  /** Share of the set-up's points. */
  weight: number;
}

/** Whether a set or measured value is inside the step's limits. The slack covers binary noise, not judgement. */
export function meets(expected: Expected, value: number): boolean {
  const slack = 1e-9;
  return value >= (expected.min ?? -Infinity) - slack && value <= (expected.max ?? Infinity) + slack;
}
