import { trailingFlankStep } from '../compound';
import { crestLimits, formOf, leadOf, pitchOf, type Thread, type ThreadLimits } from '../thread';
import { tipFit, tipLimit, type Tip } from '../tool';
import { formatLength, LENGTH_DECIMALS, lengthIn, radians } from '../units';
import type { PlanEvaluation, Refuse, Warn } from './plan-evaluation';
import type { PlanInputs } from './read-plan-form';

/** A reaction time that leaves a beginner room to open the half nut; common practice. */
export const REACTION_SECONDS = 1.2;

/** How far under the flank angle the compound still leaves the trailing flank a light cut; common practice. */
const HEAVY_CHIP_DEG = 5;

/** The blank (or bore) must leave a thread, and should be inside its limits. */
export function checkBlank(
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

/** Refuses a tip too wide for the root and an insert for other pitches; such a tip is no use to the depth either. */
export function checkTip(
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

/** The school of the angle, and what it does to the trailing flank. */
export function checkCompoundAngle(inputs: PlanInputs, evaluation: PlanEvaluation, warn: Warn): void {
  const angle = inputs.compoundAngleDeg;
  if (angle === undefined || evaluation.thread === null) return;
  const { flankAngleDeg } = formOf(evaluation.thread);
  if (evaluation.largestInfeed !== null) {
    const infeed = lengthIn(evaluation.largestInfeed, evaluation.thread.unit);
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

/** The time that the hand has in the run-out groove. */
export function checkSpeed(inputs: PlanInputs, evaluation: PlanEvaluation, thread: Thread, warn: Warn): void {
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
