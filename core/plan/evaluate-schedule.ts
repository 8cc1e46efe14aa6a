import { compoundFeedFor } from '../compound';
import { depthCaseOf, radialDepthFor } from '../depth';
import { wireCaseOf } from '../gauging';
import { formOf, pitchOf } from '../thread';
import {
  constantAreaSchedule,
  fewestRoughingPasses,
  largestInfeed,
  largestInfeedOf,
  type ScheduleOrder,
} from '../schedule';
import { formatLength, lengthIn, roundTo, type Length } from '../units';
import { dialDefaults, planDefaults } from './plan-defaults';
import type { PlanEvaluation, Refuse, Warn } from './plan-evaluation';
import type { PlanField } from './plan-form';
import { plannedPass } from './planned-pass';
import type { PlanInputs } from './read-plan-form';

const MOST_ROUGHING = 60;

/** Works out the passes of a plan on its dial; completes `evaluation`. */
export function evaluateSchedule(
  inputs: PlanInputs,
  evaluation: PlanEvaluation,
  refuse: Refuse,
  warn: Warn,
): void {
  const { dialGraduation: graduation, dialPerTurn: perTurn } = inputs;
  const usual = dialDefaults(inputs.dialUnit, graduation).largestInfeed;
  evaluation.largestInfeed = inputs.largestInfeed === 'proposed' ? usual : (inputs.largestInfeed ?? null);
  if (graduation === undefined || perTurn === undefined) return;
  if ((wholeGraduations(perTurn, graduation) ?? 0) < 2) {
    refuse(
      'dialPerTurn',
      'conflict',
      `One turn must be a whole number of graduations of ${plain(graduation)}.`,
    );
    return;
  }
  const counts = graduationCounts(inputs, evaluation, graduation, refuse);
  const order = scheduleOrder(inputs, evaluation, graduation, counts);
  if (order === null || counts === null) return;
  if (inputs.largestInfeed === 'proposed') {
    counts.largest = proposedInfeed(order, evaluation, counts.largest);
    evaluation.largestInfeed = times(graduation, counts.largest);
  }

  const { issue, roughingPasses } = chooseRoughing(inputs, evaluation, order, counts.largest, refuse);
  if (issue) return;
  const last = lastReading(order, evaluation);
  const schedule = constantAreaSchedule({ ...order, roughingPasses }, last);
  if ('refused' in schedule) {
    refuse(
      'roughingPasses',
      'not-reachable',
      'With so many passes the dial can not tell them apart: take fewer.',
    );
    return;
  }
  const tooMuch = largestInfeed(schedule.passes);
  if (tooMuch > counts.largest) {
    const enough = evaluation.suggestedRoughing;
    refuse(
      'roughingPasses',
      'not-reachable',
      `${roughingPasses} roughing passes can not reach the depth: one would need ${plain(times(graduation, tooMuch))}, over the largest infeed. ` +
        (enough === null ? 'Allow a larger infeed.' : `Take ${enough} or more.`),
    );
  }
  const thread = evaluation.thread;
  if (thread === null || evaluation.blank === null || evaluation.tip === null) return;
  const depthCase = depthCaseOf(thread, evaluation.blank, evaluation.tip);
  const wireCase = wireCaseOf(thread, evaluation.wire ?? evaluation.bestWire ?? 0);
  evaluation.passes = schedule.passes.map((pass) => plannedPass(pass, graduation, depthCase, wireCase));
  warnOfLanding(evaluation, warn);
}

interface GraduationCounts {
  scratch: number;
  largest: number;
  finishing: number;
}

function graduationCounts(
  inputs: PlanInputs,
  evaluation: PlanEvaluation,
  graduation: Length,
  refuse: Refuse,
): GraduationCounts | null {
  const count = (field: PlanField, length: Length | null | undefined): number | null => {
    if (length === undefined || length === null) return null;
    const whole = wholeGraduations(length, graduation);
    if (whole !== null) return whole;
    const below = Math.max(1, Math.floor(lengthIn(length, graduation.unit) / graduation.value));
    refuse(
      field,
      'conflict',
      `The dial is marked every ${plain(graduation)}: type ${plain(times(graduation, below))} or ${plain(times(graduation, below + 1))}.`,
    );
    return null;
  };
  const scratch = count('scratchInfeed', inputs.scratchInfeed);
  const largest = count('largestInfeed', evaluation.largestInfeed);
  const finishing = count('finishingInfeed', inputs.finishingInfeed);
  if (scratch === null || largest === null || finishing === null) return null;
  if (scratch > largest) {
    refuse('scratchInfeed', 'conflict', 'The scratch pass is deeper than the largest infeed.');
    return null;
  }
  if (finishing > largest) {
    refuse('finishingInfeed', 'conflict', 'A finishing pass is deeper than the largest infeed.');
    return null;
  }
  return { scratch, largest, finishing };
}

/**
 * How many graduations a length is, null when it lies between two marks or under the first. A graduation of the other
 * unit (0.02 mm on an inch dial) has no end of decimals, so a five-hundredth of one is forgiven; counts carry on exact.
 */
function wholeGraduations(length: Length, graduation: Length): number | null {
  const exact = lengthIn(length, graduation.unit) / graduation.value;
  const whole = Math.round(exact);
  return whole >= 1 && Math.abs(exact - whole) < 0.002 ? whole : null;
}

function scheduleOrder(
  inputs: PlanInputs,
  evaluation: PlanEvaluation,
  graduation: Length,
  counts: GraduationCounts | null,
): ScheduleOrder | null {
  const { thread, tip, compoundFeed } = evaluation;
  const { compoundAngleDeg, finishingPasses, springPasses } = inputs;
  if (thread === null || tip === null || compoundFeed === null || counts === null) return null;
  if (compoundAngleDeg === undefined || finishingPasses === undefined || springPasses === undefined)
    return null;
  return {
    groove: { pitch: pitchOf(thread), tip, flankAngleDeg: formOf(thread).flankAngleDeg, compoundAngleDeg },
    totalFeed: compoundFeed,
    graduation: lengthIn(graduation, thread.unit),
    scratchGraduations: counts.scratch,
    roughingPasses: 1,
    finishingPasses,
    finishingGraduations: counts.finishing,
    springPasses,
  };
}

/**
 * The customary infeed; more for a keener tip, whose chip is narrower: as much as keeps the number of roughing passes,
 * and so the chip, to that of the usual flat at the customary infeed. In graduations.
 */
function proposedInfeed(order: ScheduleOrder, evaluation: PlanEvaluation, customary: number): number {
  const { thread, limits, blank, target } = evaluation;
  if (thread === null || limits === null || blank === null || target === null) return customary;
  const tip = { kind: 'flat', flat: planDefaults(thread, limits).tipFlat.value } as const;
  const depth = radialDepthFor(depthCaseOf(thread, blank, tip), target);
  const groove = { ...order.groove, tip };
  const totalFeed = compoundFeedFor(depth, groove.compoundAngleDeg);
  const roughingPasses = fewestRoughingPasses({ ...order, groove, totalFeed }, customary, MOST_ROUGHING);
  if (roughingPasses === null) return customary;
  return Math.max(customary, largestInfeedOf({ ...order, roughingPasses }) ?? customary);
}

function chooseRoughing(
  inputs: PlanInputs,
  evaluation: PlanEvaluation,
  order: ScheduleOrder,
  largest: number,
  refuse: Refuse,
): { issue: boolean; roughingPasses: number } {
  const whole = Math.round(order.totalFeed / order.graduation);
  const left = whole - order.scratchGraduations - order.finishingPasses * order.finishingGraduations;
  if (left < 1) {
    refuse(
      'finishingPasses',
      'not-reachable',
      `The whole feed is ${whole} graduations; scratch and finishing passes already take ${whole - left}. Take less.`,
    );
    return { issue: true, roughingPasses: 0 };
  }
  evaluation.suggestedRoughing = fewestRoughingPasses(order, largest, MOST_ROUGHING);
  if (inputs.roughingPasses === undefined) return { issue: true, roughingPasses: 0 };
  if (inputs.roughingPasses !== 'suggested') return { issue: false, roughingPasses: inputs.roughingPasses };
  if (evaluation.suggestedRoughing === null) {
    refuse(
      'largestInfeed',
      'not-reachable',
      'No number of roughing passes keeps to so small an infeed: allow more.',
    );
    return { issue: true, roughingPasses: 0 };
  }
  return { issue: false, roughingPasses: evaluation.suggestedRoughing };
}

/** The last reading: the nearest graduation to the target, or its neighbour when only that one lands in the band. */
function lastReading(order: ScheduleOrder, evaluation: PlanEvaluation): number {
  const exact = order.totalFeed / order.graduation;
  const nearest = Math.round(exact);
  if (evaluation.limits === null || evaluation.target === null) return nearest;
  const { min, max } = evaluation.limits.pitchDiameter;
  const inward = evaluation.limits.side === 'external' ? 1 : -1;
  const perGraduation = (inward * 2 * (evaluation.radialDepth ?? 0)) / exact;
  const landing = (reading: number) => (evaluation.target ?? 0) + (exact - reading) * perGraduation;
  const inside = (reading: number) => landing(reading) >= min && landing(reading) <= max;
  if (inside(nearest)) return nearest;
  const other = nearest > exact ? nearest - 1 : nearest + 1;
  return inside(other) ? other : Math.floor(exact);
}

function warnOfLanding(evaluation: PlanEvaluation, warn: Warn): void {
  const end = evaluation.passes?.at(-1)?.pitchDiameter;
  if (end === undefined || end === null || evaluation.limits === null || evaluation.thread === null) return;
  const { min, max } = evaluation.limits.pitchDiameter;
  if (end >= min && end <= max) return;
  warn(
    'dialGraduation',
    `The dial is too coarse for this class: its last whole graduation lands at ${formatLength({ value: end, unit: evaluation.thread.unit })}. Finish by measurement.`,
  );
}

function times(length: Length, count: number): Length {
  return { value: roundTo(length.value * count, 6), unit: length.unit };
}

/** A dial length without idle zeros: `0.002 in`, `0.26 mm`. */
function plain({ value, unit }: Length): string {
  return `${Number(value.toFixed(6))} ${unit}`;
}
