import { compoundFeedFor } from '../../compound';
import { depthCaseOf, radialDepthFor } from '../../depth';
import { grooveCaseOf } from '../../groove';
import { usualLathe } from '../../lathe';
import {
  constantAreaRows,
  fewestRoughing,
  largestOf,
  roughingFeed,
  type ExactRow,
  type RowOrder,
} from '../../schedule';
import type { Thread, ThreadLimits } from '../../thread';
import type { Tip } from '../../tool';
import { LENGTH_DECIMALS, lengthIn, type Length } from '../../units';
import { infeedDefaults, planDefaults } from '../plan-defaults';
import type { PlanIssue } from '../plan-issue';
import { usualWay } from '../usual-way';
import { remember } from '../remember';

/** What the plan asks of its schedule; null where it could not be read. */
export interface AskedSchedule {
  scratch: Length | null;
  roughing: number | 'suggested' | null;
  largest: Length | 'proposed' | null;
  finishing: number | null;
  finishingInfeed: Length | null;
  spring: number | null;
}

export interface RowsStage {
  largestInfeed: Length | null;
  suggestedRoughing: number | null;
  rows: ExactRow[] | null;
  issues: PlanIssue[];
}

/** The rows of the schedule, exact, before any dial. Lengths in the thread's unit. */
export const rowsStage = remember(
  (
    thread: Thread,
    limits: ThreadLimits,
    blank: number | null,
    tip: Tip | null,
    target: number | null,
    angleDeg: number | null,
    compoundFeed: number | null,
    asked: AskedSchedule,
  ): RowsStage => {
    const { unit } = thread;
    const usual = infeedDefaults(unit).largestInfeed;
    const issues: PlanIssue[] = [];
    const stage: RowsStage = {
      largestInfeed: asked.largest === 'proposed' ? usual : asked.largest,
      suggestedRoughing: null,
      rows: null,
      issues,
    };
    const { scratch, finishing, finishingInfeed, spring, roughing } = asked;
    if (tip === null || angleDeg === null || compoundFeed === null || stage.largestInfeed === null)
      return stage;
    if (scratch === null || finishing === null || finishingInfeed === null || spring === null) return stage;
    const order: Omit<RowOrder, 'roughing'> = {
      groove: grooveCaseOf(thread, usualWay(thread), tip, angleDeg),
      totalFeed: compoundFeed,
      scratch: lengthIn(scratch, unit),
      finishing,
      finishingInfeed: lengthIn(finishingInfeed, unit),
      spring,
    };
    const refuse = (issue: Omit<PlanIssue, 'severity'>) => void issues.push({ ...issue, severity: 'refuse' });
    if (roughingFeed(order) <= 0) {
      const facts = { taken: compoundFeed - roughingFeed(order) };
      refuse({ field: 'schedule.finishing', code: 'finishing-takes-all', value: compoundFeed, unit, facts });
      return stage;
    }
    let largest = lengthIn(stage.largestInfeed, unit);
    if (asked.largest === 'proposed') {
      largest = proposedInfeed(thread, limits, blank, target, order, largest);
      stage.largestInfeed = { value: largest, unit };
    }
    if (order.scratch > largest + 1e-9)
      refuse({
        field: 'schedule.scratch',
        code: 'scratch-over-largest',
        value: order.scratch,
        limit: largest,
        unit,
      });
    if (finishing > 0 && order.finishingInfeed > largest + 1e-9)
      refuse({
        field: 'schedule.finishingInfeed',
        code: 'finishing-over-largest',
        value: order.finishingInfeed,
        limit: largest,
        unit,
      });
    if (issues.length > 0) return stage;
    stage.suggestedRoughing = fewestRoughing(order, largest);
    const chosen = roughing === 'suggested' ? stage.suggestedRoughing : roughing;
    if (chosen === null) {
      if (roughing === 'suggested')
        refuse({ field: 'schedule.largest', code: 'infeed-too-small', value: largest, unit });
      return stage;
    }
    stage.rows = constantAreaRows({ ...order, roughing: chosen });
    const most = largestOf(stage.rows ?? []);
    // Half a graduation of the usual dial: so much any dial's rounding takes or gives.
    const slack = usualLathe(unit).compound.dial.graduation.value / 2;
    if (most > largest + slack) {
      const facts = { roughing: chosen, enough: stage.suggestedRoughing };
      refuse({
        field: 'schedule.roughing',
        code: 'too-few-passes',
        value: most,
        limit: largest,
        unit,
        facts,
      });
    }
    return stage;
  },
);

/**
 * The customary infeed; more for a keener tip, whose chip is narrower: as much as keeps the number of roughing passes,
 * and so the chip, to that of the usual flat at the customary infeed. Rounded up to what is said of a dial.
 */
function proposedInfeed(
  thread: Thread,
  limits: ThreadLimits,
  blank: number | null,
  target: number | null,
  order: Omit<RowOrder, 'roughing'>,
  customary: number,
): number {
  if (blank === null || target === null) return customary;
  const tip = { kind: 'flat', flat: planDefaults(thread, limits).tipFlat.value } as const;
  const depth = radialDepthFor(depthCaseOf(thread, blank, tip), target);
  const groove = { ...order.groove, tip };
  const totalFeed = compoundFeedFor(depth, groove.compoundAngleDeg);
  const roughing = fewestRoughing({ ...order, groove, totalFeed }, customary);
  if (roughing === null) return customary;
  const largest = largestOf(constantAreaRows({ ...order, roughing }) ?? []);
  const step = 10 ** (1 - LENGTH_DECIMALS[thread.unit]);
  return Math.max(customary, Math.ceil(largest / step - 1e-6) * step);
}
