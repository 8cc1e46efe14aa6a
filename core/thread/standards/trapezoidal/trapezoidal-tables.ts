/** Micrometres by pitch in mm, from memory of the printed tables. */

/** Crest clearance a_c, mm (ISO 2901). */
export function crestClearanceMm(pitchMm: number): number {
  if (pitchMm < 2) return 0.15;
  if (pitchMm <= 5) return 0.25;
  return pitchMm <= 12 ? 0.5 : 1;
}

/** Fundamental deviation es of position e on the pitch diameter (ISO 2903, table 1). */
// prettier-ignore
export const DEVIATION_E_UM: Record<string, number> = {
  '1.5': 67, '2': 71, '3': 85, '4': 95, '5': 106, '6': 118, '7': 125, '8': 132, '9': 140, '10': 150, '12': 160,
  '14': 180, '16': 190, '18': 200, '20': 212, '22': 224, '24': 236, '28': 250, '32': 265, '36': 280, '40': 300,
  '44': 315,
};

/** Sizes of ISO 2902, first and second choice, with their middle pitch: mm. */
// prettier-ignore
export const TRAPEZOIDAL_SIZES: Record<string, number> = {
  '8': 1.5, '9': 2, '10': 2, '11': 2, '12': 3, '14': 3, '16': 4, '18': 4, '20': 4, '22': 5, '24': 5, '26': 5, '28': 5,
  '30': 6, '32': 6, '34': 6, '36': 6, '38': 7, '40': 7, '42': 7, '44': 7, '46': 8, '48': 8, '50': 8, '52': 8, '55': 9,
  '60': 9, '65': 10, '70': 10, '75': 10, '80': 10, '85': 12, '90': 12, '95': 12, '100': 12,
};

/** Diameter steps of ISO 2903, table 4: over and up to, mm. */
export const DIAMETER_STEPS_MM = [5.6, 11.2, 22.4, 45, 90, 180, 355];
