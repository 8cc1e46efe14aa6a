import { diameterPerDepth } from '@/core/thread/geometry/frame';
import type { RegisterShape } from '@/core/machine/blank/part-shape';
import type { Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import { lengthIn, type Length } from '@/core/base/units/length';
import type { Relief } from '../plan-names';
import { reliefBy, reliefsOf, type ReliefOption } from '../relief';
import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';

/** What the plan says of the part beside its crest diameter. */
export interface PartAsked {
  threadLength: Length | null;
  totalLength: Length | null;
  chamferDiameter: Length | null;
  reliefDiameter: Length | null;
  reliefBy: Relief;
  registerDiameter: Length | null;
  registerLength: Length | null;
  registerAt: RegisterShape['at'];
}

export interface PartStage {
  /** Diameters to which groove or recess may be cut, and the one that is chosen. */
  relief: { options: ReliefOption[]; chosen: number } | null;
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
    // Whatever lies before the thread must let tool and mate pass.
    const passes = external ? root : limits.major.min;
    if (registerDiameter !== null && asked.registerAt === 'mouth' && deeper(passes, registerDiameter) < -1e-9)
      warn({
        field: 'work.register.diameter',
        code: 'register-in-the-way',
        value: registerDiameter,
        limit: passes,
      });
    const chamfer = inUnit(asked.chamferDiameter);
    // A mouth opened to the nominal major is right, although the tool's root lies a little beyond it (common practice).
    const enough = limits.side === 'external' ? root : Math.min(root, limits.major.min);
    if (chamfer !== null && deeper(enough, chamfer) < -1e-9)
      warn({ field: 'work.chamfer.diameter', code: 'chamfer-misses-root', value: chamfer, limit: enough });
    const own = inUnit(asked.reliefDiameter);
    const options = reliefsOf(thread, limits, root);
    const chosen = own ?? reliefBy(options, asked.reliefBy);
    if (deeper(root, chosen) < -1e-9)
      warn({ field: 'work.end.diameter', code: 'relief-over-root', value: chosen, limit: root });
    return { relief: { options, chosen }, issues };
  },
);
