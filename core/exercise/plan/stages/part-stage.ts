import { diameterPerDepth } from '@/core/thread/geometry/frame';
import type { Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import { lengthIn, type Length } from '@/core/base/units/length';
import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';

/** What the plan says of the part beside its crest diameter. */
export interface PartAsked {
  threadLength: Length | null;
  totalLength: Length | null;
  chamferDiameter: Length | null;
  reliefDiameter: Length | null;
  reliefBy: 'planned-root' | 'printed-minor';
  registerDiameter: Length | null;
  registerLength: Length | null;
}

export interface PartStage {
  /** Diameter to which groove or recess is cut: by the planned root, by the printed minor, and as chosen. */
  relief: { plannedRoot: number; printed: number; chosen: number } | null;
  issues: PlanIssue[];
}

/** The part around the thread. Lengths in the thread's unit. */
export const partStage = remember(
  (thread: Thread, limits: ThreadLimits, root: number | null, asked: PartAsked): PartStage => {
    const { unit } = thread;
    const inUnit = (length: Length | null) => (length === null ? null : lengthIn(length, unit));
    const issues: PlanIssue[] = [];
    const external = limits.side === 'external';
    const facts = { external };
    const warn = (issue: Omit<PlanIssue, 'severity' | 'unit' | 'facts'>) =>
      void issues.push({ ...issue, severity: 'warn', unit, facts });
    const [threadLength, totalLength] = [inUnit(asked.threadLength), inUnit(asked.totalLength)];
    if (threadLength !== null && totalLength !== null && threadLength > totalLength + 1e-9)
      issues.push({
        field: 'work.threadLength',
        code: 'length-over-total',
        severity: 'refuse',
        value: threadLength,
        limit: totalLength,
        unit,
      });
    const registerDiameter = inUnit(asked.registerDiameter);
    if (registerDiameter !== null && asked.registerLength === null)
      warn({ field: 'work.register.length', code: 'register-without-length', value: registerDiameter });
    if (root === null) return { relief: null, issues };
    // Positive: the second one lies deeper in the material.
    const deeper = (one: number, other: number) => (other - one) * Math.sign(diameterPerDepth(limits.side));
    const chamfer = inUnit(asked.chamferDiameter);
    if (chamfer !== null && deeper(root, chamfer) < -1e-9)
      warn({ field: 'work.chamfer.diameter', code: 'chamfer-misses-root', value: chamfer, limit: root });
    const printed = external ? limits.minor.max : limits.major.min;
    const own = inUnit(asked.reliefDiameter);
    const chosen = own ?? (asked.reliefBy === 'printed-minor' ? printed : root);
    if (deeper(root, chosen) < -1e-9)
      warn({ field: 'work.end.diameter', code: 'relief-over-root', value: chosen, limit: root });
    return { relief: { plannedRoot: root, printed, chosen }, issues };
  },
);
