import type { Pass } from '@/core/cutting/schedule/passes-on-dial';
import { stopData } from '@/core/machine/stops/stops';
import { stopSteps } from '@/core/machine/stops/stop-steps';
import type { Way } from '@/core/machine/technique/way';
import type { PlanStop } from './rows-of-plan';
import type { Sheet } from './sheet';

/** The stops of a schedule among the passes of a sheet. With several starts a look at the form is for the first of them. */
export function sheetStops(
  stops: readonly PlanStop[],
  passes: readonly Pass[],
  way: Way,
  mate: string,
): Sheet['stops'] {
  return stops.map(({ what, check, after, onward, hold, helper }, index) => {
    const data = stopData(check);
    const reached = passes.filter(({ row }) => row <= after);
    const early = check === 'form' || check === 'pitch';
    const of = early ? reached.filter(({ start }) => start === 1) : reached;
    return {
      id: `stop-${index + 1}`,
      what,
      check,
      title: check === 'nut' && way.side === 'internal' ? 'Plug bolt' : (data?.name ?? check),
      after: of.at(-1)?.n ?? 0,
      onward,
      hold,
      helper,
      asks: data?.asks ?? '',
      steps: stopSteps(check, way.holding, mate),
    };
  });
}
