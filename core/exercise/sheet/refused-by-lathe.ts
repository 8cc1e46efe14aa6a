import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { wordPlanIssue } from '../plan/word-plan-issue';
import type { Plan } from '../plan/plan';
import { forbiddenOn } from '@/core/machine/technique/forbidden';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { threadLimits } from '@/core/thread/standards/limits';
import { lengthIn } from '@/core/base/units/length';
import { sheetGearing } from './machine/sheet-gearing';
import { wayOfPlan } from './way-of-plan';

/** Why a lathe can not do what a plan asks, in words; empty where it can. */
export function refusedByLathe(plan: Plan, lathe: Lathe): string[] {
  const read = parseDesignation(plan.thread.designation);
  if (!read.ok) return [];
  const { thread } = read.value;
  const refused = forbiddenOn(wayOfPlan(plan, thread), plan.technique.drive, lathe, leadOfThread(thread))
    .filter(({ severity }) => severity === 'refuse')
    .map(({ code }) =>
      wordPlanIssue({ field: 'technique.drive', code, severity: 'refuse', facts: { lathe: lathe.name } }),
    );
  const { threadLength } = plan.work;
  const engaged = threadLength === null ? thread.nominalDiameter : lengthIn(threadLength, thread.unit);
  const gearing = sheetGearing(lathe, thread, engaged, threadLimits(thread).tolerance.pitchDiameter);
  if (!gearing.tooFar) return refused;
  const error = gearing.says.find((says) => says.startsWith('Not exact')) ?? '';
  return [...refused, `${lathe.name}: no gears for this lead. ${error}`];
}
