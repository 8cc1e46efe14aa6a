/**
 * Tables of ISO 965-1, micrometres, from memory of the printed standard. Keys are pitches in mm.
 * Where a pitch is listed the table is used; the formulas beside it serve pitches that are not listed.
 */

/** Table 1: fundamental deviation, as a positive distance from the basic profile. Positions h and H are 0. */
// prettier-ignore
export const DEVIATION_UM: Record<'e' | 'f' | 'g', Record<string, number>> = {
  e: {
    '0.5': 50, '0.6': 53, '0.7': 56, '0.75': 56, '0.8': 60, '1': 60, '1.25': 63, '1.5': 67, '1.75': 71, '2': 71,
    '2.5': 80, '3': 85, '3.5': 90, '4': 95, '4.5': 100, '5': 106, '5.5': 112, '6': 118, '8': 140,
  },
  f: {
    '0.35': 34, '0.4': 34, '0.45': 35, '0.5': 36, '0.6': 36, '0.7': 38, '0.75': 38, '0.8': 38, '1': 40, '1.25': 42,
    '1.5': 45, '1.75': 48, '2': 52, '2.5': 58, '3': 63, '3.5': 70, '4': 75, '4.5': 80, '5': 85, '5.5': 90, '6': 95,
    '8': 118,
  },
  g: {
    '0.2': 17, '0.25': 18, '0.3': 18, '0.35': 19, '0.4': 19, '0.45': 20, '0.5': 20, '0.6': 21, '0.7': 22, '0.75': 22,
    '0.8': 24, '1': 26, '1.25': 28, '1.5': 32, '1.75': 34, '2': 38, '2.5': 42, '3': 48, '3.5': 53, '4': 60, '4.5': 63,
    '5': 71, '5.5': 75, '6': 80, '8': 100,
  },
};

/** Table 4: tolerance of the external major diameter, grade 6. */
// prettier-ignore
export const MAJOR_TOLERANCE_6_UM: Record<string, number> = {
  '0.2': 56, '0.25': 67, '0.3': 75, '0.35': 85, '0.4': 95, '0.45': 100, '0.5': 106, '0.6': 125, '0.7': 140,
  '0.75': 140, '0.8': 150, '1': 180, '1.25': 212, '1.5': 236, '1.75': 265, '2': 280, '2.5': 335, '3': 375,
  '3.5': 425, '4': 475, '4.5': 500, '5': 530, '5.5': 560, '6': 600, '8': 710,
};

/** Table 3: tolerance of the internal minor diameter, grade 6. */
// prettier-ignore
export const MINOR_TOLERANCE_6_UM: Record<string, number> = {
  '0.3': 85, '0.35': 100, '0.4': 112, '0.45': 125, '0.5': 140, '0.6': 160, '0.7': 180, '0.75': 190, '0.8': 200,
  '1': 236, '1.25': 265, '1.5': 300, '1.75': 335, '2': 375, '2.5': 450, '3': 500, '3.5': 560, '4': 600, '4.5': 670,
  '5': 710, '5.5': 750, '6': 800, '8': 1000,
};

/** One diameter step of table 6: tolerances of the external pitch diameter, grade 6, by pitch. */
export interface PitchToleranceStep {
  /** Basic major diameters over this and up to and including `upToMm`. */
  overMm: number;
  upToMm: number;
  grade6Um: Record<string, number>;
}

/** Table 6: tolerance of the external pitch diameter, grade 6. */
export const PITCH_TOLERANCE_6: readonly PitchToleranceStep[] = [
  { overMm: 0.99, upToMm: 1.4, grade6Um: { '0.2': 48, '0.25': 53, '0.3': 56 } },
  { overMm: 1.4, upToMm: 2.8, grade6Um: { '0.2': 50, '0.25': 56, '0.35': 63, '0.4': 67, '0.45': 71 } },
  {
    overMm: 2.8,
    upToMm: 5.6,
    grade6Um: { '0.35': 67, '0.5': 75, '0.6': 85, '0.7': 90, '0.75': 90, '0.8': 95 },
  },
  { overMm: 5.6, upToMm: 11.2, grade6Um: { '0.75': 100, '1': 112, '1.25': 118, '1.5': 132 } },
  {
    overMm: 11.2,
    upToMm: 22.4,
    grade6Um: { '1': 118, '1.25': 132, '1.5': 140, '1.75': 150, '2': 160, '2.5': 170 },
  },
  {
    overMm: 22.4,
    upToMm: 45,
    grade6Um: { '1': 125, '1.5': 150, '2': 170, '3': 200, '3.5': 212, '4': 224, '4.5': 236 },
  },
  {
    overMm: 45,
    upToMm: 90,
    grade6Um: { '1.5': 160, '2': 180, '3': 212, '4': 236, '5': 250, '5.5': 265, '6': 280 },
  },
  { overMm: 90, upToMm: 180, grade6Um: { '2': 190, '3': 224, '4': 250, '6': 300, '8': 335 } },
  { overMm: 180, upToMm: 355, grade6Um: { '3': 250, '4': 265, '6': 315, '8': 355 } },
];

/** One diameter step of table 2: length of engagement of the normal group, mm, over the first and up to the second. */
export interface EngagementStep {
  overMm: number;
  upToMm: number;
  normalMm: Record<string, readonly [over: number, upTo: number]>;
}

/** Table 2: lengths of engagement. Shorter ones are S, longer ones L. */
// prettier-ignore
export const NORMAL_ENGAGEMENT: readonly EngagementStep[] = [
  { overMm: 0.99, upToMm: 1.4, normalMm: { '0.2': [0.5, 1.4], '0.25': [0.6, 1.7], '0.3': [0.7, 2] } },
  {
    overMm: 1.4, upToMm: 2.8,
    normalMm: { '0.2': [0.5, 1.5], '0.25': [0.6, 1.9], '0.35': [0.8, 2.6], '0.4': [1, 3], '0.45': [1.3, 3.8] },
  },
  {
    overMm: 2.8, upToMm: 5.6,
    normalMm: {
      '0.35': [1, 3], '0.5': [1.5, 4.5], '0.6': [1.7, 5], '0.7': [2, 6], '0.75': [2.2, 6.7], '0.8': [2.5, 7.5],
    },
  },
  { overMm: 5.6, upToMm: 11.2, normalMm: { '0.75': [2.4, 7.1], '1': [3, 9], '1.25': [4, 12], '1.5': [5, 15] } },
  {
    overMm: 11.2, upToMm: 22.4,
    normalMm: {
      '1': [3.8, 11], '1.25': [4.5, 13], '1.5': [5.6, 16], '1.75': [6, 18], '2': [8, 24], '2.5': [10, 30],
    },
  },
  {
    overMm: 22.4, upToMm: 45,
    normalMm: {
      '1': [4, 12], '1.5': [6.3, 19], '2': [8.5, 25], '3': [12, 36], '3.5': [15, 45], '4': [18, 53], '4.5': [21, 63],
    },
  },
  {
    overMm: 45, upToMm: 90,
    normalMm: {
      '1.5': [7.5, 22], '2': [9.5, 28], '3': [15, 45], '4': [19, 56], '5': [24, 71], '5.5': [28, 85], '6': [32, 95],
    },
  },
  {
    overMm: 90, upToMm: 180,
    normalMm: { '2': [12, 36], '3': [18, 53], '4': [24, 71], '6': [36, 106] },
  },
  { overMm: 180, upToMm: 355, normalMm: { '3': [20, 60], '4': [26, 80], '6': [40, 118] } },
];
