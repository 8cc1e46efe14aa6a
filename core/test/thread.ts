import { parseDesignation, threadLimits, type Thread, type ThreadLimits } from '../thread';

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
