import { compoundFeedFor, swivelMarkDeg, trailingFlankStep } from '../compound';
import { radialDepthFor } from '../depth';
import type { FieldIssue } from '../errors/field-issue';
import { bestWire, overWires, wireRange } from '../gauging';
import { FORM_60, leadOf, pitchOf, type ExternalLimits, type Thread } from '../thread';
import { tipHalfWidth, tipLimit, type Tip, type TipLimit } from '../tool';
import { formatLength, lengthIn } from '../units';
import { evaluateSchedule } from './evaluate-schedule';
import type { PlanField } from './plan-form';
import type { PlannedPass } from './planned-pass';
import type { PlanInputs } from './read-plan-form';

export interface PlanWarning {
  field: PlanField;
  message: string;
}

/**
 * Everything that follows from the decisions of a plan, as far as they are readable: what can not be worked out is
 * null, and `issues` says why. Lengths are in the thread's unit unless they carry their own.
 */
export interface PlanEvaluation {
  thread: Thread | null;
  limits: ExternalLimits | null;
  blank: number | null;
  tip: Tip | null;
  tipLimit: TipLimit | null;
  target: number | null;
  wire: number | null;
  bestWire: number | null;
  wireRange: { min: number; max: number } | null;
  overWires: { min: number; target: number; max: number } | null;
  radialDepth: number | null;
  /** Exact compound feed to the target, before the dial's graduation. */
  compoundFeed: number | null;
  /** Diameter that the deepest point of the tool leaves at the target. */
  rootDiameter: number | null;
  swivelMarkDeg: number | null;
  /** What the largest infeed takes off the trailing flank, square to it; negative leaves a step. */
  trailingStep: number | null;
  passes: PlannedPass[] | null;
  suggestedRoughing: number | null;
  /** Seconds that the tool is in the run-out groove. */
  timeInRunOut: number | null;
  issues: FieldIssue[];
  warnings: PlanWarning[];
}

/** A reaction time that leaves a beginner room to open the half nut; common practice. */
export const REACTION_SECONDS = 1.2;

/** Works out a plan and checks what its fields say to each other. Pure and quick: runs at every key stroke. */
export function evaluatePlan(inputs: PlanInputs): PlanEvaluation {
  const issues: FieldIssue[] = [];
  const warnings: PlanWarning[] = [];
  const evaluation: PlanEvaluation = { ...NOTHING, issues, warnings };
  const { thread, limits, compoundAngleDeg } = inputs;
  if (compoundAngleDeg !== undefined && inputs.swivelZero !== undefined) {
    evaluation.swivelMarkDeg = swivelMarkDeg(compoundAngleDeg, inputs.swivelZero);
  }
  if (thread === undefined || limits === undefined) return evaluation;
  Object.assign(evaluation, { thread, limits });

  const unit = thread.unit;
  const pitch = pitchOf(thread);
  const show = (value: number) => formatLength({ value, unit });
  const refuse = (field: PlanField, code: FieldIssue['code'], message: string) =>
    void issues.push({ field, code, message });
  const warn = (field: PlanField, message: string) => void warnings.push({ field, message });

  const target = inputs.targetPitchDiameter && lengthIn(inputs.targetPitchDiameter, unit);
  const band = limits.pitchDiameter;
  if (target !== undefined) {
    if (target < band.min - 1e-9 || target > band.max + 1e-9) {
      refuse(
        'targetPitchDiameter',
        'out-of-range',
        `The target must lie in the band ${show(band.min)} to ${show(band.max)} ${unit}.`,
      );
    } else {
      evaluation.target = target;
    }
  }

  const blank = inputs.blankDiameter && lengthIn(inputs.blankDiameter, unit);
  if (blank !== undefined) {
    const pointed = band.max + FORM_60.fundamentalHeight * pitch;
    if (blank <= band.max) {
      refuse(
        'blankDiameter',
        'out-of-range',
        `A blank of ${show(blank)} leaves no thread. Turn it to ${show(limits.major.min)} to ${show(limits.major.max)} ${unit}.`,
      );
    } else if (blank >= pointed) {
      refuse(
        'blankDiameter',
        'out-of-range',
        `Over ${show(pointed)} the crest comes to a point. Turn it to ${show(limits.major.min)} to ${show(limits.major.max)} ${unit}.`,
      );
    } else {
      evaluation.blank = blank;
      if (blank > limits.major.max + 1e-9)
        warn(
          'blankDiameter',
          `Over the major limit ${show(limits.major.max)}: the nut may bind on the crests.`,
        );
      if (blank < limits.major.min - 1e-9)
        warn(
          'blankDiameter',
          `Under the major limit ${show(limits.major.min)}: the part will be marked down.`,
        );
    }
  }

  evaluation.tip = inputs.tip === undefined ? null : tipIn(inputs, unit);
  if (evaluation.tip !== null)
    checkTip(evaluation, evaluation.tip, thread, limits, target ?? band.max, refuse);

  evaluation.bestWire = bestWire(pitch);
  const wire = inputs.wireDiameter && lengthIn(inputs.wireDiameter, unit);
  if (evaluation.target !== null) {
    evaluation.wireRange = wireRange(pitch, evaluation.blank ?? limits.major.max, evaluation.target);
    if (wire !== undefined) {
      const range = evaluation.wireRange;
      if (wire < range.min || wire > range.max) {
        refuse(
          'wireDiameter',
          'out-of-range',
          `Wires of ${show(range.min)} to ${show(range.max)} ${unit} work here: thinner ones sink below the crest, thicker ones ride on it. Best is ${show(evaluation.bestWire)}.`,
        );
      } else {
        evaluation.wire = wire;
        const wireCase = { pitch, lead: leadOf(thread), wire };
        evaluation.overWires = {
          min: overWires(wireCase, band.min),
          target: overWires(wireCase, evaluation.target),
          max: overWires(wireCase, band.max),
        };
      }
    }
  }

  if (evaluation.blank !== null && evaluation.tip !== null && evaluation.target !== null) {
    const depth = radialDepthFor(
      { workDiameter: evaluation.blank, pitch, tip: evaluation.tip },
      evaluation.target,
    );
    evaluation.radialDepth = depth;
    evaluation.rootDiameter = evaluation.blank - 2 * depth;
    if (compoundAngleDeg !== undefined) evaluation.compoundFeed = compoundFeedFor(depth, compoundAngleDeg);
  }
  checkCompoundAngle(inputs, evaluation, warn);
  evaluateSchedule(inputs, evaluation, refuse, warn);
  checkSpeed(inputs, evaluation, thread, warn);
  return evaluation;
}

const NOTHING: Omit<PlanEvaluation, 'issues' | 'warnings'> = {
  thread: null,
  limits: null,
  blank: null,
  tip: null,
  tipLimit: null,
  target: null,
  wire: null,
  bestWire: null,
  wireRange: null,
  overWires: null,
  radialDepth: null,
  compoundFeed: null,
  rootDiameter: null,
  swivelMarkDeg: null,
  trailingStep: null,
  passes: null,
  suggestedRoughing: null,
  timeInRunOut: null,
};

export type Refuse = (field: PlanField, code: FieldIssue['code'], message: string) => void;
export type Warn = (field: PlanField, message: string) => void;

function tipIn(inputs: PlanInputs, unit: Thread['unit']): Tip {
  const tip = inputs.tip;
  if (tip?.kind === 'flat') return { kind: 'flat', flat: lengthIn(tip.flat, unit) };
  if (tip?.kind === 'radius') return { kind: 'radius', radius: lengthIn(tip.radius, unit) };
  return { kind: 'sharp' };
}

/** Refuses a tip too wide for the root; the tip is then no use to the depth either. */
function checkTip(
  evaluation: PlanEvaluation,
  tip: Tip,
  thread: Thread,
  limits: ExternalLimits,
  target: number,
  refuse: Refuse,
): void {
  const limit = tipLimit(thread, limits, target);
  evaluation.tipLimit = limit;
  if (tipHalfWidth(tip, FORM_60.flankAngleDeg) <= limit.flat / 2 + 1e-9) return;
  const radius = tip.kind === 'radius';
  const most = formatLength({ value: radius ? limit.radius : limit.flat, unit: thread.unit });
  refuse(
    radius ? 'tipRadius' : 'tipFlat',
    'out-of-range',
    `Too wide for the groove: the root would foul the nut. Grind the ${radius ? 'radius' : 'flat'} to ${most} ${thread.unit} at most.`,
  );
  evaluation.tip = null;
}

function checkCompoundAngle(inputs: PlanInputs, evaluation: PlanEvaluation, warn: Warn): void {
  const angle = inputs.compoundAngleDeg;
  if (angle === undefined || evaluation.thread === null) return;
  if (inputs.largestInfeed !== undefined) {
    const infeed = lengthIn(inputs.largestInfeed, evaluation.thread.unit);
    evaluation.trailingStep = trailingFlankStep(infeed, angle, FORM_60.flankAngleDeg);
  }
  if (angle > FORM_60.flankAngleDeg) {
    warn('compoundAngle', 'Over 30° the trailing flank is left as steps and the form is wrong.');
  } else if (angle < 25) {
    warn('compoundAngle', 'Under 25° both flanks cut: expect a heavier chip and chatter.');
  }
}

function checkSpeed(inputs: PlanInputs, evaluation: PlanEvaluation, thread: Thread, warn: Warn): void {
  if (inputs.spindleSpeedRpm === undefined || inputs.runOutWidth === undefined) return;
  const width = lengthIn(inputs.runOutWidth, thread.unit);
  const seconds = (60 * width) / (inputs.spindleSpeedRpm * leadOf(thread));
  evaluation.timeInRunOut = seconds;
  if (seconds < REACTION_SECONDS) {
    const rpm = Math.floor((60 * width) / (REACTION_SECONDS * leadOf(thread)));
    warn(
      'spindleSpeed',
      `Only ${seconds.toFixed(1)} s in the run-out groove. ${rpm} rpm or less leaves ${REACTION_SECONDS} s to open the half nut.`,
    );
  }
}
