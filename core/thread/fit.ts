import { threadLimits, type ExternalLimits, type InternalLimits } from './limits';
import type { Thread } from './thread';

/** The two members of a fit. */
export interface Fit {
  external: { thread: Thread; limits: ExternalLimits };
  internal: { thread: Thread; limits: InternalLimits };
  /** Play on the pitch diameter, smallest and largest; negative is overlap. */
  clearance: { min: number; max: number };
}

/** The usual mating class: the same number A with B (ASME B1.1), 6H with the external metric classes, 6g with the internal (ISO 965-1). */
export function matingThread(thread: Thread): Thread {
  const side = thread.side === 'external' ? 'internal' : 'external';
  if (thread.system === 'unified') return { ...thread, side };
  const position = side === 'internal' ? 'H' : 'g';
  return { ...thread, side, toleranceClass: { pitchGrade: 6, crestGrade: 6, position } };
}

/** A thread with its usual mate. */
export function fitOf(thread: Thread): Fit {
  const mate = matingThread(thread);
  const [bolt, nut] = thread.side === 'external' ? [thread, mate] : [mate, thread];
  const external = threadLimits(bolt);
  const internal = threadLimits(nut);
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
