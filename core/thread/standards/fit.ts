import { threadLimits } from './limits';
import type { ExternalLimits, InternalLimits } from './thread-limits';
import { systemOf } from './systems';
import type { Thread } from './thread';

/** The two members of a fit. */
export interface Fit {
  external: { thread: Thread; limits: ExternalLimits };
  internal: { thread: Thread; limits: InternalLimits };
  /** Play on the pitch diameter, smallest and largest; negative is overlap. */
  clearance: { min: number; max: number };
}

/** The usual mating thread: the same class number (ASME B1.1, B1.5, BS 84), 6H with 6g (ISO 965-1), G with G A (ISO 228-1). */
export function matingThread(thread: Thread): Thread {
  return systemOf(thread).mate(thread);
}

/** A thread with its usual mate, both at one length of engagement; see `threadLimits`. */
export function fitOf(thread: Thread, engagement?: number): Fit {
  const mate = matingThread(thread);
  const [bolt, nut] = thread.side === 'external' ? [thread, mate] : [mate, thread];
  const external = threadLimits(bolt, engagement);
  const internal = threadLimits(nut, engagement);
  if (external.side !== 'external' || internal.side !== 'internal')
    throw new Error('the members of a fit are on two sides');
  return {
    external: { thread: bolt, limits: external },
    internal: { thread: nut, limits: internal },
    clearance: {
      min: internal.pitchDiameter.min - external.pitchDiameter.max,
      max: internal.pitchDiameter.max - external.pitchDiameter.min,
    },
  };
}
