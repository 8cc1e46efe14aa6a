import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { driveOn, forbiddenOn, wayConflicts } from '@/core/machine/technique/forbidden';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { StartsBy } from '@/core/machine/technique/choices';
import type { Way } from '@/core/machine/technique/way';
import type { Thread } from '@/core/thread/standards/thread';
import type { PlanField } from '../draft';
import type { PlanIssue } from '../plan-issue';
import { remember } from '../remember';

const FIELDS: Record<string, PlanField> = {
  end: 'work.end.kind',
  holding: 'holding.kind',
  clearing: 'technique.clearing',
  startsBy: 'thread.startsBy',
};

/**
 * What the choices of technique, holding and end have against each other, and what the lathe looked at forbids. A
 * contradiction stands in the way of handing out; a lathe that can not do it is refused when it is chosen.
 */
export const wayStage = remember(
  (
    way: Way,
    startsBy: StartsBy | null,
    thread: Thread,
    lathe: Lathe,
  ): { drive: RealDrive; issues: PlanIssue[] } => {
    const lead = leadOfThread(thread);
    const drive = driveOn(way.drive, lathe, lead);
    const conflicts = wayConflicts(way, startsBy).map(({ choice, code, value }): PlanIssue => ({
      field: FIELDS[choice] ?? 'technique.drive',
      code,
      severity: 'refuse',
      facts: { value, external: way.side === 'external' },
    }));
    const onLathe = forbiddenOn(way, way.drive, lathe, lead).map(({ code }): PlanIssue => ({
      field: code === 'no-readout' ? 'infeed.way' : 'technique.drive',
      code,
      severity: 'warn',
      facts: { lathe: lathe.name },
    }));
    return { drive, issues: [...conflicts, ...onLathe] };
  },
);
