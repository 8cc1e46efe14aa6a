import { compoundFeedFor, swivelMarkDeg, trailingFlankStep } from '../compound';
import { depthCaseOf, radialDepthFor } from '../depth';
import type { FieldIssue } from '../errors/field-issue';
import { bestWire, overWires, sideClearanceDeg, wireCaseOf, wireRange } from '../gauging';
import { crestLimits, formOf, leadOf, pitchOf, type Thread, type ThreadLimits } from '../thread';
import { tipFit, tipLimit, type Tip, type TipLimit } from '../tool';
import { formatLength, LENGTH_DECIMALS, lengthIn, radians } from '../units';
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
  limits: ThreadLimits | null;
  /** Real major diameter of the blank, or the real bore. */
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
  /** Side clearance that the helix angle asks of the tool. */
  sideClearance: { leading: number; trailing: number } | null;
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

/** How far under the flank angle the compound still leaves the trailing flank a light cut; common practice. */
const HEAVY_CHIP_DEG = 5;

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
  if (blank !== undefined) checkBlank(evaluation, blank, thread, limits, refuse, warn);

  evaluation.tip = inputs.tip === undefined ? null : tipIn(inputs.tip, unit);
  if (evaluation.tip !== null)
    checkTip(evaluation, evaluation.tip, inputs, thread, limits, target ?? band.max, refuse, warn);

  const { flankAngleDeg } = formOf(thread);
  evaluation.bestWire = bestWire(pitch, flankAngleDeg);
  const wire = inputs.wireDiameter && lengthIn(inputs.wireDiameter, unit);
  if (evaluation.target !== null) {
    const crest = evaluation.blank ?? crestLimits(limits)[limits.side === 'external' ? 'max' : 'min'];
    evaluation.wireRange = wireRange(formOf(thread), pitch, crest, evaluation.target);
    if (wire !== undefined) {
      const range = evaluation.wireRange;
      if (wire < range.min || wire > range.max) {
        refuse(
          'wireDiameter',
          'out-of-range',
          `${limits.side === 'external' ? 'Wires' : 'Balls'} of ${show(range.min)} to ${show(range.max)} ${unit} work here: thinner ones sink below the crest, thicker ones ride on it. Best is ${show(evaluation.bestWire)}.`,
        );
      } else {
        evaluation.wire = wire;
        const wireCase = wireCaseOf(thread, wire);
        evaluation.overWires = {
          min: overWires(wireCase, band.min),
          target: overWires(wireCase, evaluation.target),
          max: overWires(wireCase, band.max),
        };
      }
    }
  }

  if (evaluation.blank !== null && evaluation.tip !== null && evaluation.target !== null) {
    const depth = radialDepthFor(depthCaseOf(thread, evaluation.blank, evaluation.tip), evaluation.target);
    evaluation.radialDepth = depth;
    evaluation.rootDiameter = evaluation.blank + (limits.side === 'external' ? -2 : 2) * depth;
    evaluation.sideClearance = sideClearanceDeg(
      leadOf(thread),
      Math.min(evaluation.rootDiameter, evaluation.blank),
    );
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
  sideClearance: null,
  trailingStep: null,
  passes: null,
  suggestedRoughing: null,
  timeInRunOut: null,
};

export type Refuse = (field: PlanField, code: FieldIssue['code'], message: string) => void;
export type Warn = (field: PlanField, message: string) => void;

/** The blank (or bore) must leave a thread, and should be inside its limits. */
function checkBlank(
  evaluation: PlanEvaluation,
  blank: number,
  thread: Thread,
  limits: ThreadLimits,
  refuse: Refuse,
  warn: Warn,
): void {
  const { unit } = thread;
  const show = (value: number) => formatLength({ value, unit });
  const external = limits.side === 'external';
  const band = limits.pitchDiameter;
  const crest = crestLimits(limits);
  const toLimits = `${external ? 'Turn' : 'Bore'} it to ${show(crest.min)} to ${show(crest.max)} ${unit}.`;
  const heightToPoint = pitchOf(thread) / 2 / Math.tan(radians(formOf(thread).flankAngleDeg));
  const pointed = external ? band.max + heightToPoint : band.min - heightToPoint;
  if (external ? blank <= band.max : blank >= band.min) {
    const what = external ? 'A blank' : 'A bore';
    refuse('blankDiameter', 'out-of-range', `${what} of ${show(blank)} leaves no thread. ${toLimits}`);
    return;
  }
  if (external ? blank >= pointed : blank <= pointed) {
    refuse(
      'blankDiameter',
      'out-of-range',
      `${external ? 'Over' : 'Under'} ${show(pointed)} the crest comes to a point. ${toLimits}`,
    );
    return;
  }
  evaluation.blank = blank;
  const word = external ? 'major limit' : 'minor limit';
  const over = blank > crest.max + 1e-9;
  if (!over && blank >= crest.min - 1e-9) return;
  const binds = over === external;
  warn(
    'blankDiameter',
    `${over ? 'Over' : 'Under'} the ${word} ${show(over ? crest.max : crest.min)}: ` +
      (binds ? `the ${external ? 'nut' : 'screw'} may bind on the crests.` : 'the part will be marked down.'),
  );
}

function tipIn(tip: NonNullable<PlanInputs['tip']>, unit: Thread['unit']): Tip {
  if (tip.kind === 'flat') return { kind: 'flat', flat: lengthIn(tip.flat, unit) };
  if (tip.kind === 'sharp') return { kind: 'sharp' };
  return { kind: 'radius', radius: lengthIn(tip.radius, unit) };
}

/** Refuses a tip too wide for the root and an insert for other pitches; such a tip is no use to the depth either. */
function checkTip(
  evaluation: PlanEvaluation,
  tip: Tip,
  inputs: PlanInputs,
  thread: Thread,
  limits: ThreadLimits,
  target: number,
  refuse: Refuse,
  warn: Warn,
): void {
  const { unit } = thread;
  const limit = tipLimit(thread, limits, target);
  evaluation.tipLimit = limit;
  const pitch = pitchOf(thread);
  if (inputs.tip?.kind === 'insert') {
    // Pitches stand on inserts in the decimals of the unit: 0.0625 for 16 TPI, 0.1667 for 6.
    const from = lengthIn(inputs.tip.pitchFrom, unit);
    const to = lengthIn(inputs.tip.pitchTo, unit);
    const slack = 0.6 * 10 ** -LENGTH_DECIMALS[unit];
    const field = to < from || pitch < from - slack ? 'insertFrom' : pitch > to + slack ? 'insertTo' : null;
    if (field !== null) {
      const show = (value: number) => formatLength({ value, unit });
      refuse(
        field,
        'conflict',
        to < from
          ? 'The range runs from the finest pitch to the coarsest.'
          : `This insert is made for pitches of ${show(from)} to ${show(to)} ${unit}; the thread has ${show(pitch)}. Take another insert.`,
      );
      evaluation.tip = null;
      return;
    }
  }
  const fit = tipFit(thread, limits, target, tip);
  // A sharp tip is a choice of its own, and its field says what it costs.
  if (fit === 'fits' || tip.kind === 'sharp') return;
  const radius = tip.kind === 'radius';
  const field = radius ? 'tipRadius' : 'tipFlat';
  if (fit === 'too-sharp') {
    const usual = formOf(thread).usualTip;
    const share = radius ? usual.radius : usual.flat;
    warn(
      field,
      `Sharper than the usual ${Number(share.toFixed(3))} P: it must go deeper, the root is weak, and the tip breaks sooner.`,
    );
    return;
  }
  const most = formatLength({ value: radius ? limit.radius : limit.flat, unit });
  const mate = limits.side === 'external' ? 'nut' : 'screw';
  const remedy =
    inputs.tip?.kind === 'insert'
      ? `Take an insert with a radius of ${most} ${unit} at most.`
      : `Grind the ${radius ? 'radius' : 'flat'} to ${most} ${unit} at most.`;
  refuse(field, 'out-of-range', `Too wide for the groove: the root would foul the ${mate}. ${remedy}`);
  evaluation.tip = null;
}

function checkCompoundAngle(inputs: PlanInputs, evaluation: PlanEvaluation, warn: Warn): void {
  const angle = inputs.compoundAngleDeg;
  if (angle === undefined || evaluation.thread === null) return;
  const { flankAngleDeg } = formOf(evaluation.thread);
  if (inputs.largestInfeed !== undefined) {
    const infeed = lengthIn(inputs.largestInfeed, evaluation.thread.unit);
    evaluation.trailingStep = trailingFlankStep(infeed, angle, flankAngleDeg);
  }
  if (angle > flankAngleDeg) {
    warn(
      'compoundAngle',
      `Over ${flankAngleDeg}° the trailing flank is left as steps and the form is wrong.`,
    );
  } else if (angle < flankAngleDeg - HEAVY_CHIP_DEG) {
    warn(
      'compoundAngle',
      `Under ${flankAngleDeg - HEAVY_CHIP_DEG}° both flanks cut: expect a heavier chip and chatter.`,
    );
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
