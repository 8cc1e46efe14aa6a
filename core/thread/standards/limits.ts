import { systemOf } from './systems';
import type { Thread } from './thread';
import type { ThreadLimits } from './thread-limits';

/**
 * Limits of size of a thread by its class.
 *
 * @param engagement length of engagement in the thread's unit when it is not the normal one: standards that scale the
 *   pitch-diameter tolerance by it (ASME B1.1 beyond the normal length, BS 84) do so. ISO 965-1 keeps the tolerance and
 *   recommends another class; see `engagementGroup`.
 */
export function threadLimits(thread: Thread, engagement?: number): ThreadLimits {
  return systemOf(thread).limits(thread, engagement);
}
