import { formOf } from './systems';
import { pitchOf, type Thread } from './thread';
import { roundTo } from '@/core/base/units/round';

/** A minor diameter as tables print it, by the form of the root that it stands for. */
export interface PrintedMinor {
  id: 'root-rounded-unr' | 'root-rounded-h6' | 'root-flat-p8';
  /** Of the pitch, taken off the major diameter. */
  factor: number;
  /** The root that it is the diameter of. */
  root: string;
  /** From the basic size, and less the allowance of the class. */
  basic: number;
  ofClass: number;
}

/**
 * The minor diameters of an external 60-degree thread that tables print beside the one of the flat basic form: they
 * differ by the form of the root (ASME B1.1 and ISO 68-1 for the first two; the last is the double depth of centre
 * gauges, common practice). None of other forms, none of a bore.
 * @example 5/16-18 UNC-2A: 0.2463, 0.2443, 0.2403; less the allowance 0.2451, 0.2431, 0.2391
 */
export function printedMinors(thread: Thread, allowance: number): PrintedMinor[] {
  if (thread.side === 'internal' || formOf(thread).id !== 'sixty') return [];
  const decimals = thread.unit === 'in' ? 4 : 3;
  const major = thread.nominalDiameter;
  return FACTORS.filter(({ id }) => id !== 'root-rounded-unr' || thread.system === 'unified').map((each) => {
    const basic = major - each.factor * pitchOf(thread);
    return { ...each, basic: roundTo(basic, decimals), ofClass: roundTo(basic - allowance, decimals) };
  });
}

const FACTORS = [
  { id: 'root-rounded-unr', factor: 1.190778, root: 'rounded root, UNR' },
  { id: 'root-rounded-h6', factor: 1.226869, root: 'rounded root, H/6' },
  { id: 'root-flat-p8', factor: 1.299038, root: 'flat root, P/8' },
] as const;
