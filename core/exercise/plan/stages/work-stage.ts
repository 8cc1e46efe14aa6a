import { crestLimits, type ThreadLimits } from '@/core/thread/standards/thread-limits';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { radians } from '@/core/base/units/angle';
import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';

/** The blank (or bore) must leave a thread, and should be inside its limits. Lengths in the thread's unit. */
export const workStage = remember(
  (
    thread: Thread,
    limits: ThreadLimits,
    diameter: number | null,
  ): { blank: number | null; issues: PlanIssue[] } => {
    if (diameter === null) return { blank: null, issues: [] };
    const external = limits.side === 'external';
    const band = limits.pitchDiameter;
    const crest = crestLimits(limits);
    const heightToPoint = pitchOf(thread) / 2 / Math.tan(radians(formOf(thread).flankAngleDeg));
    const pointed = external ? band.max + heightToPoint : band.min - heightToPoint;
    const issue = { field: 'work.diameter', value: diameter, range: crest, unit: thread.unit } as const;
    const facts = { external };
    if (external ? diameter <= band.max : diameter >= band.min)
      return { blank: null, issues: [{ ...issue, code: 'no-thread-left', severity: 'refuse', facts }] };
    if (external ? diameter >= pointed : diameter <= pointed)
      return {
        blank: null,
        issues: [{ ...issue, code: 'crest-to-a-point', severity: 'refuse', limit: pointed, facts }],
      };
    const over = diameter > crest.max + 1e-9;
    if (!over && diameter >= crest.min - 1e-9) return { blank: diameter, issues: [] };
    const code = over ? 'crest-over-limit' : 'crest-under-limit';
    const limit = over ? crest.max : crest.min;
    return { blank: diameter, issues: [{ ...issue, code, severity: 'warn', limit, facts }] };
  },
);
