import { roundTo } from '@/core/base/units/round';
import type { Sheet } from './sheet';

/**
 * A figure of the plan as it stands on the dial now, on a whole graduation: a zero that was taken anew between two
 * graduations moves the rows between them.
 * @param planAtZero figure of the plan at which the dial's zero stands
 */
export function onDialNow({ lathe: { dial } }: Sheet, planAtZero: number, figure: number): number {
  if (planAtZero === 0) return roundTo(figure, 7);
  const { value: graduation } = dial.graduation;
  return roundTo(Math.round((figure - planAtZero) / graduation) * graduation, 6);
}
