/** Lists of a lathe's form: one row a line, as typed or as pasted from a table. */
export const LATHE_TABLES = [
  'speeds',
  'dialGears',
  'plate',
  'levers',
  'quickChange',
  'changeGears',
  'placards',
] as const;
export type LatheTable = (typeof LATHE_TABLES)[number];

/** Columns of the lists whose columns are fixed; those of the two charts are named in their first row. */
export const TABLE_COLUMNS: Record<Exclude<LatheTable, 'quickChange' | 'changeGears'>, readonly string[]> = {
  speeds: ['rpm', 'Set by', 'How it is set', 'Really', 'Torque, N m', 'Power, W', 'Run-down, turns'],
  dialGears: ['Teeth', 'Marks round the dial'],
  plate: ['Thread', 'Labels'],
  levers: ['Lever', 'Kind', 'Positions', 'For threading', 'Left-hand'],
  placards: ['Lever', 'Position', 'rpm at most'],
};

/** The form of a lathe exactly as typed; empty means the usual or, where nothing is usual, not known. */
export interface LatheForm extends Record<LatheTable, string[][]> {
  name: string;
  note: string;
  sizeUnit: string;
  swing: string;
  swingOverSlide: string;
  centres: string;
  crossTravel: string;
  compoundTravel: string;
  dialUnit: string;
  graduation: string;
  perTurn: string;
  reads: string;
  counts: string;
  backlash: string;
  zeroAlong: string;
  swivelCounts: string;
  swivelGraduation: string;
  swivelRange: string;
  /** Empty: the cross slide's dial is not known. */
  crossUnit: string;
  crossGraduation: string;
  crossPerTurn: string;
  crossReads: string;
  crossCounts: string;
  crossBacklash: string;
  nose: string;
  brake: string;
  runDownTurns: string;
  leadScrew: string;
  screwHand: string;
  engagedBy: string;
  screwMostRpm: string;
  closesLate: string;
  lateBy: string;
  threadDial: string;
  swingsOut: string;
  stock: string;
  leastPair: string;
  mostPair: string;
  mostOnStud: string;
  mostOnScrew: string;
  clearance: string;
  fixedRatio: string;
  baseSet: string;
  trip: string;
  tripFinds: string;
  tripReturns: string;
  tripScatter: string;
  readoutUnit: string;
  readoutResolution: string;
  readoutReads: string;
  readoutAxes: string;
}

export type LatheField = Exclude<keyof LatheForm, LatheTable>;

export const EMPTY_LATHE_FORM: LatheForm = {
  name: '',
  note: '',
  sizeUnit: 'mm',
  swing: '',
  swingOverSlide: '',
  centres: '',
  crossTravel: '',
  compoundTravel: '',
  dialUnit: 'in',
  graduation: '',
  perTurn: '',
  reads: 'travel',
  counts: 'up',
  backlash: '',
  zeroAlong: 'cross-slide',
  swivelCounts: '',
  swivelGraduation: '',
  swivelRange: '',
  crossUnit: '',
  crossGraduation: '',
  crossPerTurn: '',
  crossReads: 'diameter',
  crossCounts: 'up',
  crossBacklash: '',
  nose: '',
  brake: '',
  runDownTurns: '',
  leadScrew: '',
  screwHand: '',
  engagedBy: '',
  screwMostRpm: '',
  closesLate: '',
  lateBy: '',
  threadDial: '',
  swingsOut: '',
  stock: '',
  leastPair: '',
  mostPair: '',
  mostOnStud: '',
  mostOnScrew: '',
  clearance: '',
  fixedRatio: '',
  baseSet: '',
  trip: '',
  tripFinds: '',
  tripReturns: '',
  tripScatter: '',
  readoutUnit: '',
  readoutResolution: '',
  readoutReads: 'diameter',
  readoutAxes: 'cross-slide',
  speeds: [],
  dialGears: [],
  plate: [],
  levers: [],
  quickChange: [],
  changeGears: [],
  placards: [],
};

export const LATHE_FIELDS = (Object.keys(EMPTY_LATHE_FORM) as (keyof LatheForm)[]).filter(
  (field): field is LatheField => !(LATHE_TABLES as readonly string[]).includes(field),
);
