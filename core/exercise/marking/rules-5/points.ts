import type { Scheme, SectionId } from '../scheme';

/** A line that has its share of a section's points by its weight; of weight 0 it is out of the sum. */
export interface Weighed {
  id: string;
  section: SectionId;
  title: string;
  weight: number;
}

/**
 * The most points of each line, whole ones. A section of which nothing counts gives its points to the others, in the ratio of
 * theirs, so that the sum stays; within a section they go by weight. What is left by rounding goes to the largest remainder,
 * the earlier one first.
 */
export function pointsOf({ sections }: Scheme, lines: readonly Weighed[]): number[] {
  const weightIn = (section: SectionId) =>
    lines.reduce((sum, line) => (line.section === section ? sum + line.weight : sum), 0);
  const all = sections.reduce((sum, { points }) => sum + points, 0);
  const counting = sections.filter(({ id }) => weightIn(id) > 0);
  const whole = shareOut(
    all,
    counting.map(({ points }) => points),
  );
  const points = lines.map(() => 0);
  counting.forEach(({ id }, at) => {
    const mine = lines.flatMap((line, index) => (line.section === id && line.weight > 0 ? [index] : []));
    const out = shareOut(
      whole[at] ?? 0,
      mine.map((index) => lines[index]?.weight ?? 0),
    );
    mine.forEach((index, of) => {
      points[index] = out[of] ?? 0;
    });
  });
  return points;
}

/** Whole parts of a whole number, in the ratio of the weights, by the largest remainder. */
function shareOut(total: number, weights: readonly number[]): number[] {
  const sum = weights.reduce((all, weight) => all + weight, 0);
  if (sum === 0) return weights.map(() => 0);
  const exact = weights.map((weight) => (total * weight) / sum);
  const parts = exact.map((part) => Math.floor(part + 1e-9));
  const left = Math.round(total) - parts.reduce((all, part) => all + part, 0);
  const byRemainder = exact
    .map((part, index) => ({ index, remainder: part - (parts[index] ?? 0) }))
    .toSorted((a, b) => b.remainder - a.remainder || a.index - b.index);
  for (const { index } of byRemainder.slice(0, Math.max(0, left))) parts[index] = (parts[index] ?? 0) + 1;
  return parts;
}
