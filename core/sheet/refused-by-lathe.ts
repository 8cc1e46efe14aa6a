import { leadOfThread } from '../gearing';
import type { Lathe } from '../lathe';
import { wordPlanIssue, type Plan } from '../plan';
import { forbiddenOn } from '../technique';
import { parseDesignation } from '../thread';
import { wayOfPlan } from './way-of-plan';

/** Why a lathe can not do what a plan asks, in words; empty where it can. */
export function refusedByLathe(plan: Plan, lathe: Lathe): string[] {
  const read = parseDesignation(plan.thread.designation);
  if (!read.ok) return [];
  const { thread } = read.value;
  return forbiddenOn(wayOfPlan(plan, thread), plan.technique.drive, lathe, leadOfThread(thread))
    .filter(({ severity }) => severity === 'refuse')
    .map(({ code }) =>
      wordPlanIssue({ field: 'technique.drive', code, severity: 'refuse', facts: { lathe: lathe.name } }),
    );
}
