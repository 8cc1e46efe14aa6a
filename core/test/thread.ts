import { parseDesignation } from '../thread/parse-designation';
import { threadLimits } from '../thread/limits';
import type { Thread } from '../thread/thread';
import type { ThreadLimits } from '../thread/thread-limits';

/** For tests: the thread of a designation. */
export function threadOf(text: string): Thread {
  const read = parseDesignation(text);
  if (!read.ok) throw new Error(`${text}: ${read.issues[0]?.message}`);
  return read.value.thread;
}

/** For tests: its limits. */
export function limitsOf(text: string): ThreadLimits {
  return threadLimits(threadOf(text));
}
