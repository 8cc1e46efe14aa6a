import { formatLength } from '@/core/base/units/format-length';
import type { Expected, StepUnit } from './sheet-step';

/** A step's value as shown everywhere: lengths in their decimals, the rest plain. */
export function showStepValue(value: number, unit: StepUnit): string {
  if (unit === 'in' || unit === 'mm') return `${formatLength({ value, unit })} ${unit}`;
  const figures = `${Number(value.toFixed(3))}`;
  return unit === '°' ? `${figures}°` : `${figures} ${unit}`;
}

/** What is expected, with its limits: `0.7438 in (0.7391 to 0.7485)`, `at most 70 rpm`. */
export function showExpected(expected: Expected): string {
  const { value, min, max, unit, sense } = expected;
  if (sense === 'any') return `any value, in ${unit}`;
  if (sense === 'at-most') return `at most ${showStepValue(value, unit)}`;
  if (sense === 'at-least') return `at least ${showStepValue(value, unit)}`;
  if (min === null || max === null || min === max) return showStepValue(value, unit);
  const bare = (limit: number) => showStepValue(limit, unit).replace(/[^\d.]+$/, '');
  return `${showStepValue(value, unit)} (${bare(min)} to ${bare(max)})`;
}
