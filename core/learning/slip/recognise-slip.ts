import { SLIPS, type SlipId } from './slips';
import { ruleGiving, type RuleOfThumb } from './rule-of-thumb';
import type { SlipCase, SlipQuantity } from './slip-case';
import { resultOf, rightWorkings } from './workings';

/** A slip that explains an answer. */
export interface FoundSlip {
  id: SlipId;
  gives: number;
  /** Of `rule-of-thumb` only: the rule as it is taught. */
  rule?: string;
  /** Of `rule-of-thumb` only: whether it ends inside the limits all the same, with this blank, tip and angle. */
  lands?: RuleOfThumb['lands'];
}

/** An answer against what is right, with the slips that explain it. */
export interface SlipFinding {
  quantity: SlipQuantity;
  expected: number;
  tolerance: number;
  right: boolean;
  /** Likeliest first; none when the answer is right, or when nothing explains it within the tolerance. */
  slips: FoundSlip[];
}

/** Rounding shows up to so many tolerances; beyond it is another slip. */
const ROUNDED_TOO_FAR = 3;
/** Slack for the binary last digit only. */
const SLACK = 1e-9;

/**
 * Judges an answer, and recognises the slip in a wrong one: the value that a slip gives lies within the tolerance of
 * it. Slips that are made oftener come first; of those, the one that comes closer.
 *
 * @returns null where the standard leaves the quantity open, as the largest major diameter of a nut
 * @example of a compound feed of 0.0762 the answer 0.0663 is `cosine-left-out`
 */
export function recogniseSlip(
  slipCase: SlipCase,
  quantity: SlipQuantity,
  answer: number,
  tolerance: number,
): SlipFinding | null {
  const workings = rightWorkings(slipCase, quantity, tolerance);
  const expected = resultOf(quantity, workings);
  if (!Number.isFinite(expected)) return null;
  const within = (value: number, so: number) => Math.abs(answer - value) <= so + SLACK;
  if (within(expected, tolerance)) return { quantity, expected, tolerance, right: true, slips: [] };
  const found = (Object.keys(SLIPS) as SlipId[]).flatMap((id) => {
    const { weight, gives } = SLIPS[id];
    const values = gives(quantity, workings).filter(
      (value) =>
        Number.isFinite(value) && within(value, tolerance) && Math.abs(value - expected) > tolerance / 2,
    );
    const nearest = values.toSorted((a, b) => Math.abs(a - answer) - Math.abs(b - answer))[0];
    if (nearest !== undefined) {
      const share = tolerance === 0 ? 0 : Math.abs(nearest - answer) / tolerance;
      return [{ id, gives: nearest, rank: weight * (1 - share / 2) }];
    }
    const rounded = id === 'rounded-too-far' && within(expected, ROUNDED_TOO_FAR * tolerance);
    return rounded ? [{ id, gives: answer, rank: weight }] : [];
  });
  const ruleIn = (id: SlipId, gives: number) => {
    const rule = id === 'rule-of-thumb' ? ruleGiving(quantity, workings, gives) : undefined;
    return rule === undefined ? {} : { rule: rule.rule, lands: rule.lands };
  };
  const slips = found
    .toSorted((a, b) => b.rank - a.rank)
    .map(({ id, gives }) => ({ id, gives, ...ruleIn(id, gives) }));
  return { quantity, expected, tolerance, right: false, slips };
}
