import { depthRuleLandings, type DepthRuleLanding } from '@/core/thread/depth/depth-rules';
import { threadLimits } from '@/core/thread/standards/limits';
import type { SlipQuantity } from './slip-case';
import { fedBy, type Workings } from './workings';

/** What a rule of thumb answers where the real blank and tip ask for another figure. */
export interface RuleOfThumb {
  /** As it is taught: `compound 0.75 P`. */
  rule: string;
  gives: number;
  /** Where it ends with this blank, tip and angle, against the limits of the class. */
  lands: DepthRuleLanding['verdict'];
}

/**
 * The rules for the depth that know neither this blank nor this tip (common practice), each with the figure it gives at
 * the angle planned. A crest that comes to a point is watched for and not worked out: it is no answer.
 */
export function rulesOfThumb(quantity: SlipQuantity, right: Workings): RuleOfThumb[] {
  const { thread, workDiameter, tip, compoundAngleDeg } = right;
  if (tip === null || !Number.isFinite(workDiameter)) return [];
  const { pitchDiameter } = threadLimits(thread);
  return depthRuleLandings(thread, workDiameter, tip, compoundAngleDeg, pitchDiameter)
    .filter(({ rule }) => rule.id !== 'crest-point')
    .map(({ rule, radialDepth, verdict }) => ({
      rule: rule.name,
      gives: quantity === 'compoundFeed' ? fedBy(radialDepth, right) : radialDepth,
      lands: verdict,
    }))
    .filter(({ gives }) => Number.isFinite(gives));
}

/** The rule that comes closest to a figure. */
export function ruleGiving(quantity: SlipQuantity, right: Workings, gives: number): RuleOfThumb | undefined {
  const off = (each: RuleOfThumb) => Math.abs(each.gives - gives);
  return rulesOfThumb(quantity, right).toSorted((a, b) => off(a) - off(b))[0];
}
