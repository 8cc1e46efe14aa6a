import type { InferType } from 'yup';
import { figure, listOf, maybePart, oneOf, part, words } from '@/core/base/documents/parts';

/** A share of a line's points. */
export const share = () => figure(0, 1);

export const FALLS = ['all', 'part', 'band', 'steps', 'cases', 'levels'] as const;

/**
 * How the points of a line fall. Only the field of its own way is filled.
 *
 * - `all`: all or nothing. `part`: k of n.
 * - `band`: all to `full`, from there evenly to `shareAtLimit` at `limit`, nothing beyond.
 * - `steps`: the share of the first step that is not exceeded, nothing beyond the last.
 * - `cases`: by name. `levels`: as somebody judged it, best first, each with its sentence.
 */
export const fallSchema = part({
  by: oneOf(FALLS),
  band: maybePart({ full: figure(0, 1000), limit: figure(0, 1000), shareAtLimit: share() }),
  steps: listOf(part({ upTo: figure(0, 10_000), share: share() }), 12),
  cases: listOf(part({ when: words(40).min(1), share: share() }), 20),
  levels: listOf(part({ share: share(), sentence: words(200).min(1) }), 10),
});
export type Fall = InferType<typeof fallSchema>;

const fall = (by: Fall['by'], more: Partial<Fall> = {}): Fall => ({
  by,
  band: null,
  steps: [],
  cases: [],
  levels: [],
  ...more,
});

export const ALL = fall('all');
export const PART = fall('part');
export const band = (full: number, limit: number, shareAtLimit = 0): Fall =>
  fall('band', { band: { full, limit, shareAtLimit } });
export const steps = (...of: readonly [upTo: number, share: number][]): Fall =>
  fall('steps', { steps: of.map(([upTo, each]) => ({ upTo, share: each })) });
export const cases = (of: Readonly<Record<string, number>>): Fall =>
  fall('cases', { cases: Object.entries(of).map(([when, each]) => ({ when, share: each })) });
export const levels = (...of: readonly [share: number, sentence: string][]): Fall =>
  fall('levels', { levels: of.map(([each, sentence]) => ({ share: each, sentence })) });

/** Binary noise, not judgement. */
const SLACK = 1e-9;

/** The share that is left at `value` of a fall by band or by steps; 1 or 0 of one that is all or nothing. */
export function shareAt({ by, band: within, steps: all }: Fall, value: number): number {
  if (by === 'band' && within !== null) {
    const { full, limit, shareAtLimit } = within;
    if (value <= full + SLACK) return 1;
    if (value > limit + SLACK) return 0;
    return 1 - ((value - full) / (limit - full)) * (1 - shareAtLimit);
  }
  if (by === 'steps') return all.find(({ upTo }) => value <= upTo + SLACK)?.share ?? 0;
  return value <= SLACK ? 1 : 0;
}

/** The share that `k` of `n` leave, or all of them. */
export const shareOfPart = ({ by }: Fall, k: number, n: number): number =>
  by === 'all' ? Number(k >= n) : k / n;

/** The share of a named case; nothing for one that the fall does not name. */
export const shareOf = ({ cases: named }: Fall, when: string): number =>
  named.find((each) => each.when === when)?.share ?? 0;

/** What is wrong with the numbers of a fall; null when they are in order. */
export function wrongInFall({ by, band: within, steps: all, levels: of, cases: named }: Fall): string | null {
  if (by === 'band' && (within === null || within.limit <= within.full))
    return 'The limit lies beyond the figure up to which all points are given.';
  if (
    by === 'steps' &&
    (all.length === 0 || all.some(({ upTo }, at) => at > 0 && upTo <= (all[at - 1]?.upTo ?? 0)))
  )
    return 'Each step lies beyond the one before it.';
  if (by === 'steps' && all.some((each, at) => at > 0 && each.share > (all[at - 1]?.share ?? 1)))
    return 'A step further gives no more than the one before it.';
  if (by === 'levels' && of.length < 2) return 'At least two levels, each with its sentence.';
  if (by === 'levels' && of.some((each, at) => at > 0 && each.share > (of[at - 1]?.share ?? 1)))
    return 'Levels go from the best to the worst.';
  return by === 'cases' && named.length === 0 ? 'Name the share of each case.' : null;
}
