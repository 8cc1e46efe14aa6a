import { systemOf } from './systems';
import type { Thread } from './thread';

/** The one spelling in which a thread is stored and shown: `3/4-16 UNF-2A`, `M16x2-6g`, `Tr30x6-7e`, `M20xPh5P2.5-6g-LH`. */
export function printDesignation(thread: Thread): string {
  return `${systemOf(thread).print(thread)}${thread.hand === 'left' ? '-LH' : ''}`;
}
