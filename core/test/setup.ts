import { RIGID, type CutSetup } from '@/core/cutting/fault/cut-setup';
import type { Held } from '@/core/cutting/fault/evidence-of';
import { bestWire, overWires } from '@/core/measuring/gauging/three-wires';
import { FORM_60 } from '@/core/thread/standards/thread-form';

/** For tests: an M16x2-6g on a blank of 15.9, a flat of P/8 at 29.5 degrees, cut to the middle of its band in ten passes. */
export const TRUE_SETUP: CutSetup = {
  side: 'external',
  form: FORM_60,
  nominalDiameter: 16,
  nominalPitch: 2,
  pitch: 2,
  starts: 1,
  workDiameter: 15.9,
  tip: { kind: 'flat', flat: 0.25 },
  tiltDeg: 0,
  includedDeg: 0,
  offCentre: 0,
  compoundAngleDeg: 29.5,
  fed: 1,
  cuts: [0.05, 0.3, 0.5, 0.7, 0.88, 1.04, 1.18, 1.3, 1.4, 1.4894].map((reading) => ({
    reading,
    crossSlide: 0,
    carriage: 0,
    start: 0,
  })),
  gives: RIGID,
};

/** 6g of ISO 965-1: 14.503 to 14.663, major 15.682 to 15.962; 6H nut 14.701 to 14.913, its middle tried. */
const wires = { pitch: 2, lead: 2, wire: bestWire(2, 30), flankAngleDeg: 30, side: 'external' } as const;
export const HELD: Held = {
  wires,
  overWires: {
    min: overWires(wires, 14.503),
    target: overWires(wires, 14.583),
    max: overWires(wires, 14.663),
  },
  crest: { min: 15.682, max: 15.962 },
  pitchDiameter: { min: 14.503, max: 14.663 },
  mate: { pitchDiameter: 14.807, mostPlay: 14.913 - 14.503 },
};
