import type { Bite, Bites } from '../cut/bites';
import { radians } from '@/core/base/units/angle';
import type { WorkMaterial } from './work-material';

/** Forces on the tool in one pass, N. They guide, they do not certify: see `FORCE_UNCERTAINTY`. */
export interface CuttingForce {
  /** Along the cut: what the spindle has to bear. */
  cutting: number;
  /** Away from the work, square to the axis: what bends the part or the bar. */
  radial: number;
  /** Along the axis: positive toward the fed side's flank pushing back. */
  axial: number;
  /** Specific cutting force over the whole chip, N/mm². */
  specific: number;
}

/** Textbook values of the specific cutting force hold to some 30 per cent for a tool and a lathe at hand. */
export const FORCE_UNCERTAINTY = 0.3;

/** A threading tool is ground without top rake: 1.5 per cent more for each degree under the 6 of the tables (Kienzle). */
const RAKE_FACTOR = 1 + 0.015 * 6;

/** Between a fresh edge and a worn one, for which the textbooks add 30 to 50 per cent. */
const WEAR_FACTOR = 1.2;

/** Thrust square to an edge as a share of its cutting force; common practice: 0.3 to 0.6. */
const THRUST_SHARE = 0.5;

/** Thinner than this the law of Kienzle is not measured any more, and edges rub: it is not carried on below, mm. */
const THINNEST = 0.005;

/**
 * Cutting force by Kienzle, Fc = b · h^(1 - mc) · kc1.1, for each part of the edge with its own chip, and the thrust that
 * follows from where the parts face. Lengths of the bites in mm.
 * @param flankAngleDeg of the flanks from the perpendicular to the axis
 */
export function cuttingForce(bites: Bites, material: WorkMaterial, flankAngleDeg: number): CuttingForce {
  const of = (bite: Bite) => partForce(bite, material);
  const [fed, tip, other, crest] = [of(bites.fed), of(bites.tip), of(bites.other), of(bites.crest)];
  const angle = radians(flankAngleDeg);
  const cutting = fed + tip + other + crest;
  const area = bites.fed.area + bites.tip.area + bites.other.area + bites.crest.area;
  return {
    cutting,
    radial: THRUST_SHARE * ((fed + other) * Math.sin(angle) + tip + crest),
    axial: THRUST_SHARE * (fed - other) * Math.cos(angle),
    specific: area > 0 ? cutting / area : 0,
  };
}

function partForce({ area, edge, thickness }: Bite, material: WorkMaterial): number {
  if (edge <= 0 || area <= 0) return 0;
  return specificForce(material, Math.max(thickness, THINNEST)) * RAKE_FACTOR * WEAR_FACTOR * area;
}

/** Specific cutting force of Kienzle for a chip of a thickness, N/mm², without corrections. @example 2110 and 0.17 at 0.2 mm: 2774 */
export function specificForce({ kc11, mc }: Pick<WorkMaterial, 'kc11' | 'mc'>, thicknessMm: number): number {
  return kc11 * thicknessMm ** -mc;
}

/** Torque at the spindle, N m, of a cutting force on a diameter in mm. */
export function torqueOf(cuttingN: number, diameterMm: number): number {
  return (cuttingN * diameterMm) / 2000;
}

/** Power at the spindle, W: torque times angular speed. */
export function powerOf(torqueNm: number, rpm: number): number {
  return (torqueNm * 2 * Math.PI * rpm) / 60;
}
