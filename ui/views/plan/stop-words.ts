import type { ReadPlan } from '@/core/exercise/plan/read/read-plan';
import { stopData } from '@/core/machine/stops/stops';

/** The stops after a pass, in words; a look at the form is for the first start. */
export function stopWords(
  stops: ReadPlan['evaluation']['stops'],
  { row, start }: { row: number; start: number },
): string | undefined {
  const here = stops.filter(({ after }) => after === row && start === 1);
  return here.length === 0
    ? undefined
    : here.map(({ check }) => stopData(check)?.name.toLowerCase() ?? check).join(', ');
}
