import { roundTo } from '@/core/base/units/round';
import type { Expected, SheetStep } from '../sheet-step';

/** Something to look at and confirm. */
export function confirm(
  id: string,
  title: string,
  instruction: string,
  caution: string | null = null,
): SheetStep {
  return {
    id,
    title,
    instruction,
    kind: 'confirm',
    expected: null,
    when: 'before-cutting',
    caution,
    shows: 'shown',
    critical: false,
    hold: false,
    helper: false,
    choices: [],
    times: null,
    settings: [],
  };
}

/** A value to set or measure. */
export function value(
  id: string,
  title: string,
  instruction: string,
  expected: Expected,
  caution: string | null = null,
): SheetStep {
  return { ...confirm(id, title, instruction, caution), kind: 'value', expected };
}

/** A value with limits on both sides. */
export function range(centre: number, min: number, max: number, unit: Expected['unit']): Expected {
  const decimals = unit === 'in' ? 4 : unit === 'mm' ? 3 : 2;
  return {
    value: roundTo(centre, decimals),
    min: roundTo(min, decimals),
    max: roundTo(max, decimals),
    unit,
    sense: 'value',
  };
}

/** A value that is right or wrong. */
export function exact(number: number, unit: Expected['unit']): Expected {
  const rounded = roundTo(number, 6);
  return { value: rounded, min: rounded, max: rounded, unit, sense: 'value' };
}

/** A value whose limit counts: no more than this. */
export function atMost(number: number, unit: Expected['unit']): Expected {
  const decimals = unit === 'in' ? 4 : unit === 'mm' ? 3 : 2;
  const limit = roundTo(number, decimals);
  return { value: limit, min: null, max: limit, unit, sense: 'at-most' };
}

/** A value whose limit counts: no less than this. */
export function atLeast(number: number, unit: Expected['unit']): Expected {
  const { value: limit } = atMost(number, unit);
  return { value: limit, min: limit, max: null, unit, sense: 'at-least' };
}
