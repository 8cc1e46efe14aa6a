import Fraction from 'fraction.js';
import type { Thread } from '@/core/thread/standards/thread';
import { advanceOfMm, advanceOfTpi, type Advance } from './advance';

/** The lead of a thread, exact: pitch times starts. A pipe thread is one of threads per inch whose sizes are given in mm. */
export function leadOfThread({
  system,
  unit,
  pitch,
  starts,
}: Pick<Thread, 'system' | 'unit' | 'pitch' | 'starts'>): Advance {
  const lead = pitch.mul(starts);
  if (unit === 'in') return advanceOfTpi(lead.inverse());
  return system === 'pipe' ? advanceOfTpi(new Fraction(127, 5).div(lead)) : advanceOfMm(lead);
}
