import { trailingFlankStep } from '@/core/thread/compound/compound';
import { formOf } from '@/core/thread/standards/systems';
import type { Thread } from '@/core/thread/standards/thread';
import { lengthIn, type Length } from '@/core/base/units/length';
import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';

/** How far under the flank angle the compound still leaves the trailing flank a light cut; common practice. */
const HEAVY_CHIP_DEG = 5;

/** What the angle of the compound does to the trailing flank. */
export const angleIssues = remember((thread: Thread, angleDeg: number | null): PlanIssue[] => {
  if (angleDeg === null) return [];
  const { flankAngleDeg } = formOf(thread);
  const issue = { field: 'infeed.angle', severity: 'warn', value: angleDeg, unit: '°' } as const;
  if (angleDeg > flankAngleDeg) return [{ ...issue, code: 'angle-over-flank', limit: flankAngleDeg }];
  const least = flankAngleDeg - HEAVY_CHIP_DEG;
  return angleDeg < least ? [{ ...issue, code: 'angle-well-under-flank', limit: least }] : [];
});

/** What the largest infeed takes off the trailing flank, in the thread's unit. */
export function trailingStepOf(
  thread: Thread,
  angleDeg: number | null,
  largest: Length | null,
): number | null {
  return angleDeg === null || largest === null
    ? null
    : trailingFlankStep(lengthIn(largest, thread.unit), angleDeg, formOf(thread).flankAngleDeg);
}
