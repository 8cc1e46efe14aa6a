import { radians, roundTo } from '../units';
import type { ThreadForm } from './thread-form';
import { crestLimits, type Band, type ThreadLimits } from './limits';

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
  /** Whether the allowance alone takes the thickest coating, so that parts cut to the class still go together. */
  allowanceTakesIt: boolean;
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
  const perSide = 2 / Math.sin(radians(form.flankAngleDeg));
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
    allowanceTakesIt: perSide * coating.max <= limits.allowance + 1e-12,
  };
}
