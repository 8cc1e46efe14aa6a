import Fraction from 'fraction.js';
import type { LengthUnit } from '../units';

export type UnifiedSeries = 'UNC' | 'UNF' | 'UNEF' | 'UN' | 'UNS';
export type MetricSeries = 'coarse' | 'fine' | 'special';
export type Side = 'external' | 'internal';
export type Hand = 'right' | 'left';

/** Class of ASME B1.1, clause 2.3: `A` is external, `B` internal. */
export interface UnifiedClass {
  fit: 1 | 2 | 3;
}

/** Tolerance class of ISO 965-1: grade and position of the pitch diameter, grade of the crest diameter. */
export interface MetricClass {
  pitchGrade: number;
  crestGrade: number;
  /** `e f g h` external, `G H` internal. */
  position: string;
}

interface ThreadBase {
  /** Unit of every length of this thread. */
  unit: LengthUnit;
  /** Size as printed in the designation: `3/4`, `#10`, `16`. */
  sizeLabel: string;
  /** Basic major diameter, in `unit`. */
  nominalDiameter: number;
  /** Exact pitch, in `unit`. */
  pitch: Fraction;
  starts: number;
  hand: Hand;
  side: Side;
}

export interface UnifiedThread extends ThreadBase {
  system: 'unified';
  unit: 'in';
  series: UnifiedSeries;
  toleranceClass: UnifiedClass;
}

export interface MetricThread extends ThreadBase {
  system: 'metric';
  unit: 'mm';
  series: MetricSeries;
  toleranceClass: MetricClass;
}

export type Thread = UnifiedThread | MetricThread;

/** Pitch in the thread's unit. */
export function pitchOf(thread: Thread): number {
  return thread.pitch.valueOf();
}

/** Lead (advance per turn) in the thread's unit: pitch times starts. */
export function leadOf(thread: Thread): number {
  return thread.pitch.mul(thread.starts).valueOf();
}

/** Threads per inch, exact. */
export function tpiOf(thread: Thread): Fraction {
  const perUnit = thread.pitch.inverse();
  return thread.unit === 'in' ? perUnit : perUnit.mul(new Fraction(254, 10));
}
