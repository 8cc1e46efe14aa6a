import { SLIP_QUANTITIES, type SlipQuantity } from '../slip/slip-case';

/** What a plan can ask a student to find before the sheet opens. Stored by name. */
export const WORKSHEET_ASKS = [
  ...SLIP_QUANTITIES,
  'spindleSpeed',
  'safeMarks',
  'stepOrder',
  'safety',
] as const;
export type WorksheetAsk = (typeof WORKSHEET_ASKS)[number];

/** So often a question is tried before what is right is told. */
export const TRIES_BEFORE_TOLD = 2;

export const isSlipQuantity = (ask: WorksheetAsk): ask is SlipQuantity =>
  (SLIP_QUANTITIES as readonly string[]).includes(ask);

/** How each is called in planning, on the worksheet and in the mark. */
export const ASK_TITLES: Record<WorksheetAsk, string> = {
  pitch: 'Pitch',
  majorMin: 'Smallest major diameter',
  majorMax: 'Largest major diameter',
  pitchDiameterMin: 'Smallest pitch diameter',
  pitchDiameterMax: 'Largest pitch diameter',
  radialDepth: 'Radial depth',
  compoundFeed: 'Feed on the compound',
  markToSet: 'Graduation to set on the swivel scale',
  bestWire: 'Best wire',
  overWires: 'Target over wires',
  spindleSpeed: 'Highest spindle speed',
  safeMarks: 'Safe marks of the thread dial',
  stepOrder: 'Order of the steps',
  safety: 'What is safe',
};
