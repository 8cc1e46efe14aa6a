import { acmeSystem } from './acme/acme-system';
import { metricSystem } from './metric/metric-system';
import { pipeSystem } from './pipe/pipe-system';
import type { SystemId, Thread } from './thread';
import type { ThreadForm } from './thread-form';
import type { ThreadSystem } from './thread-system';
import { trapezoidalSystem } from './trapezoidal/trapezoidal-system';
import { unifiedSystem } from './unified/unified-system';
import { whitworthSystem } from './whitworth/whitworth-system';

/** Every system of threads; the only place that lists them. */
const SYSTEMS: { [S in SystemId]: ThreadSystem<Extract<Thread, { system: S }>> } = {
  unified: unifiedSystem,
  metric: metricSystem,
  acme: acmeSystem,
  trapezoidal: trapezoidalSystem,
  whitworth: whitworthSystem,
  pipe: pipeSystem,
};

/** The system that a thread belongs to. */
export function systemOf(thread: Thread): ThreadSystem<Thread> {
  // The table pairs each name with its own kind of thread, which the type of a look-up can not express.
  return SYSTEMS[thread.system] as unknown as ThreadSystem<Thread>;
}

/** The form of a thread: flank angle, heights, crests and roots. */
export function formOf(thread: Thread): ThreadForm {
  return systemOf(thread).form;
}

/** Root radius of an external thread by its standard, in the thread's unit; null where the root keeps a flat. */
export function rootRadiusOf(thread: Thread): { min: number; max: number } | null {
  const { rootRadius } = systemOf(thread);
  const pitch = thread.pitch.valueOf();
  return rootRadius === null ? null : { min: rootRadius.min * pitch, max: rootRadius.max * pitch };
}
