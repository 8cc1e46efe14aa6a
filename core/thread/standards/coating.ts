import { radians } from '@/core/base/units/angle';
import { roundTo } from '@/core/base/units/round';
import type { ThreadForm } from './thread-form';
import { crestLimits, type Band, type ThreadLimits } from './thread-limits';

/** Thickness of a coating on the surface, square to it. */
export interface Coating {
  min: number;
  max: number;
}

export interface CoatedLimits {
  /** To be cut before plating. Null: the coating is thicker than the tolerance can take. */
  before: { crest: Band; pitchDiameter: Band } | null;
  /** To be measured after plating: the limits of the class. */
  after: { crest: Band; pitchDiameter: Band };
}

/**
 * Limits before plating for given limits after it. A coating of thickness t grows a cylinder by 2 t and the pitch
 * diameter by 2 t / sin a, 4 t for 60 degrees (ASME B1.1, section 7; ISO 965-1, clause on coated threads).
 * The thickest coating must not pass the limit of most material, the thinnest not fall short of the other.
 */
export function coatedLimits(
  limits: ThreadLimits,
  form: ThreadForm,
  coating: Coating,
  decimals: number,
): CoatedLimits {
  const perSide = pitchGrowth(form);
  const external = limits.side === 'external';
  const crest = crestLimits(limits);
  const uncoat = (band: Band, factor: number): Band => {
    const [most, least] = [factor * coating.max, factor * coating.min];
    const min = external ? band.min - least : band.min + most;
    const max = external ? band.max - most : band.max + least;
    return { min: roundTo(min, decimals), max: roundTo(max, decimals) };
  };
  const before = { crest: uncoat(crest, 2), pitchDiameter: uncoat(limits.pitchDiameter, perSide) };
  const possible =
    before.crest.min <= before.crest.max && before.pitchDiameter.min <= before.pitchDiameter.max;
  return {
    before: possible ? before : null,
    after: { crest, pitchDiameter: limits.pitchDiameter },
  };
}

/** The other practice for external threads: cut to the class, and let the allowance take the coating. */
export interface CoatingByAllowance {
  /** The thickest coating that the allowance takes. */
  thickest: number;
  /** What the pitch diameter may reach after plating: the basic size. */
  pitchDiameterMax: number;
}

/**
 * What the allowance of a class takes: after plating the profile may reach the basic one, but not pass it (ASME B1.1
 * for class 2A; ISO 965-1 for positions e, f and g). Null for threads without an allowance, and for internal ones.
 */
export function coatingByAllowance(
  limits: ThreadLimits,
  form: ThreadForm,
  decimals: number,
): CoatingByAllowance | null {
  if (limits.side === 'internal' || limits.allowance <= 0) return null;
  return {
    thickest: limits.allowance / pitchGrowth(form),
    pitchDiameterMax: roundTo(limits.pitchDiameter.max + limits.allowance, decimals),
  };
}

/** Growth of the pitch diameter for a coating of thickness 1. */
function pitchGrowth(form: ThreadForm): number {
  return 2 / Math.sin(radians(form.flankAngleDeg));
}
