import type { InferType } from 'yup';
import { figure, listOf, maybePart, oneOf, part, words } from '@/core/base/documents/parts';

/**
 * The scale in which a school says its marks. Points are what is stored; the scale only says them.
 *
 * - `points`: the points themselves.
 * - `linear`: evenly from the grade of no points to the grade of all, rounded to `step` (6 to 1, or 1 to 6).
 * - `grades`: the first grade whose border is reached: letters, pass and distinction, competent or not yet.
 */
export const scaleSchema = part({
  kind: oneOf(['points', 'linear', 'grades'] as const),
  name: words(60).min(1),
  linear: maybePart({ none: figure(0, 100), all: figure(0, 100), step: figure(0.01, 10) }),
  /** From the best down: the points from which on each is given. */
  grades: listOf(part({ from: figure(0, 1000), grade: words(40).min(1) }), 30),
});
export type Scale = InferType<typeof scaleSchema>;

const grades = (name: string, ...of: readonly [from: number, grade: string][]): Scale => ({
  kind: 'grades',
  name,
  linear: null,
  grades: of.map(([from, grade]) => ({ from, grade })),
});

/** Scales in use; borders are common practice, and every school has its own. */
export const SCALES: Readonly<Record<string, Scale>> = {
  points: { kind: 'points', name: 'Points', linear: null, grades: [] },
  'one-best': {
    kind: 'linear',
    name: '1 to 6, 1 is the best',
    linear: { none: 6, all: 1, step: 0.5 },
    grades: [],
  },
  'six-best': {
    kind: 'linear',
    name: '1 to 6, 6 is the best',
    linear: { none: 1, all: 6, step: 0.5 },
    grades: [],
  },
  letters: grades('Letters', [90, 'A'], [80, 'B'], [70, 'C'], [60, 'D'], [0, 'F']),
  'pass-merit': grades(
    'Pass, merit, distinction',
    [80, 'Distinction'],
    [65, 'Merit'],
    [50, 'Pass'],
    [0, 'Not passed'],
  ),
  competent: grades('Competent or not yet', [80, 'Competent'], [0, 'Not yet competent']),
  'in-or-again': grades('Every size in, or again', [100, 'In'], [0, 'Again']),
};

/** A mark in the words of its scale. @param total points, 0 to `outOf` */
export function gradeOf({ kind, linear, grades: steps }: Scale, total: number, outOf = 100): string {
  if (kind === 'linear' && linear !== null) {
    const { none, all, step } = linear;
    const exact = none + ((all - none) * total) / outOf;
    return String(Number((Math.round(exact / step + 1e-9) * step).toFixed(2)));
  }
  if (kind === 'grades')
    return steps.find(({ from }) => total >= from - 1e-9)?.grade ?? steps.at(-1)?.grade ?? String(total);
  return String(total);
}

/** What is wrong with a scale; null when its borders are in order. */
export function wrongInScale({ kind, linear, grades: steps }: Scale): string | null {
  if (kind === 'linear')
    return linear === null || linear.none === linear.all ? 'Two grades that differ.' : null;
  if (kind !== 'grades') return null;
  if (steps.length < 2) return 'At least two grades.';
  if (steps.some(({ from }, at) => at > 0 && from >= (steps[at - 1]?.from ?? Infinity)))
    return 'Borders go from the best grade down, each lower than the one before.';
  return steps.at(-1)?.from === 0 ? null : 'The lowest grade begins at 0 points.';
}
