import type { LengthUnit } from '@/core/base/units/length';

/** What can be asked about a reading before it is recorded. Stored by name. */
export const READING_QUESTIONS = [
  'other-unit',
  'turn-misread',
  'other-wire',
  'zero-forgotten',
  'unlike',
] as const;
export type ReadingQuestion = (typeof READING_QUESTIONS)[number];

export const isReadingQuestion = (code: string): code is ReadingQuestion =>
  (READING_QUESTIONS as readonly string[]).includes(code);

/** A figure of one unit taken for one of the other. */
export const inOtherUnit = (value: number, unit: LengthUnit): number =>
  unit === 'in' ? value / 25.4 : value * 25.4;
