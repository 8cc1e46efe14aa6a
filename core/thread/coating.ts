import { roundTo } from '../units';
import { FORM_60 } from './thread-form';
import type { Band, ThreadLimits } from './limits';

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
 * diameter of a 60 degree thread by 2 t / sin 30 = 4 t (ASME B1.1, section 7; ISO 965-1, clause on coated threads).
 * The thickest coating must not pass the limit of most material, the thinnest not fall short of the other.
 */
export function coatedLimits(limits: ThreadLimits, coating: Coating, decimals: number): CoatedLimits {
  const perSide = 2 / Math.sin((FORM_60.flankAngleDeg * Math.PI) / 180);
  const external = limits.side === 'external';
  const crest = external ? limits.major : limits.minor;
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
