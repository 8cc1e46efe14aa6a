import Fraction from 'fraction.js';
import type { LengthUnit } from '@/core/base/units/length';

export type UnifiedSeries = 'UNC' | 'UNF' | 'UNEF' | 'UN' | 'UNS';
export type MetricSeries = 'coarse' | 'fine' | 'special';
export type WhitworthSeries = 'BSW' | 'BSF' | 'Whit';
export type Side = 'external' | 'internal';
export type Hand = 'right' | 'left';
/** Groups of length of engagement of ISO 965-1: short, normal, long. */
export type EngagementGroup = 'S' | 'N' | 'L';

/** Class of ASME B1.1, clause 2.3: `A` is external, `B` internal. */
interface UnifiedClass {
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
  /** Named in the designation when it is not normal. */
  engagement: EngagementGroup;
}

/** General purpose Acme thread of ASME B1.5, classes 2G, 3G and 4G. */
export interface AcmeThread extends ThreadBase {
  system: 'acme';
  unit: 'in';
  toleranceClass: { fit: 2 | 3 | 4 };
}

/** ISO metric trapezoidal thread of ISO 2901 to 2904: position e outside, H inside. */
export interface TrapezoidalThread extends ThreadBase {
  system: 'trapezoidal';
  unit: 'mm';
  toleranceClass: { grade: 7 | 8 | 9 };
}

/** Whitworth-form thread of BS 84, medium class. */
export interface WhitworthThread extends ThreadBase {
  system: 'whitworth';
  unit: 'in';
  series: WhitworthSeries;
}

/** Parallel pipe thread of ISO 228-1; the external one in class A or B, the internal one without. */
export interface PipeThread extends ThreadBase {
  system: 'pipe';
  unit: 'mm';
  toleranceClass: { fit: 'A' | 'B' } | null;
}

export type Thread =
  | UnifiedThread
  | MetricThread
  | AcmeThread
  | TrapezoidalThread
  | WhitworthThread
  | PipeThread;

export type SystemId = Thread['system'];

/** Pitch in the thread's unit. */
export function pitchOf(thread: Pick<Thread, 'pitch'>): number {
  return thread.pitch.valueOf();
}

/** Lead (advance per turn) in the thread's unit: pitch times starts. */
export function leadOf(thread: Pick<Thread, 'pitch' | 'starts'>): number {
  return thread.pitch.mul(thread.starts).valueOf();
}

/** Threads per inch, exact. */
export function tpiOf(thread: Pick<Thread, 'pitch' | 'unit'>): Fraction {
  const perUnit = thread.pitch.inverse();
  return thread.unit === 'in' ? perUnit : perUnit.mul(new Fraction(254, 10));
}
