import { explainOverWires } from '@/core/measuring/gauging/explain-gauging';
import type { SwivelZero } from '@/core/thread/compound/compound';
import type { Why } from '@/core/base/explain/why';
import { explainLimits } from '@/core/thread/standards/explain-limits';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import { tipShortening } from '@/core/thread/tool/tip';
import { formatLength } from '@/core/base/units/format-length';
import { radians } from '@/core/base/units/angle';
import type { PlanEvaluation } from './plan-evaluation';
import type { PlanInputs } from './read/read-plan-form';
import { REACTION_SECONDS } from './stages/speed-stage';

export type WhyKey =
  | 'pitchDiameter'
  | 'major'
  | 'target'
  | 'overWires'
  | 'radialDepth'
  | 'compoundFeed'
  | 'swivelGraduation'
  | 'passes'
  | 'trailingStep'
  | 'timeInRunOut'
  | 'tipLimit'
  | 'minor'
  | 'sideClearance';

/** The reason behind each figure of a plan that can be worked out; absent while it can not. */
export function explainPlan(
  evaluation: PlanEvaluation,
  inputs: Pick<PlanInputs, 'compoundAngleDeg' | 'spindleSpeedRpm'>,
  zero: SwivelZero,
): Partial<Record<WhyKey, Why>> {
  const { thread, limits } = evaluation;
  if (thread === null || limits === null) return {};
  const { unit } = thread;
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const pitch = pitchOf(thread);
  const angle = inputs.compoundAngleDeg;
  const whys: Partial<Record<WhyKey, Why>> = {};

  const form = formOf(thread);
  const external = limits.side === 'external';
  const halfAngle = `${form.flankAngleDeg}°`;
  const cot = 1 / Math.tan(radians(form.flankAngleDeg));
  Object.assign(whys, explainLimits(thread, limits));
  if (evaluation.target !== null) {
    whys.target = {
      title: 'Target pitch diameter',
      formula: 'proposed: (min + max) / 2 of the band',
      numbers: `(${show(limits.pitchDiameter.min)} + ${show(limits.pitchDiameter.max)}) / 2; the plan aims at ${show(evaluation.target)} ${unit}`,
      source: 'Common practice: the middle leaves room to both sides for the measuring and the dial.',
      assumes: null,
    };
  }
  if (evaluation.overWires !== null && evaluation.wire !== null && evaluation.target !== null)
    whys.overWires = explainOverWires(thread, evaluation.wire, evaluation.target);
  if (
    evaluation.radialDepth !== null &&
    evaluation.blank !== null &&
    evaluation.target !== null &&
    evaluation.tip !== null
  ) {
    const { tip } = evaluation;
    const tipTerm = { flat: '(f / 2) cot a', radius: 'r (1 / sin a − 1)', sharp: '' }[tip.kind];
    const material = external ? '(Dm − d2) / 2' : '(D2 − Dm) / 2';
    const materialNumbers = external
      ? `(${show(evaluation.blank)} − ${show(evaluation.target)}) / 2`
      : `(${show(evaluation.target)} − ${show(evaluation.blank)}) / 2`;
    const shortening = tip.kind === 'sharp' ? '' : ` − ${show(tipShortening(tip, form.flankAngleDeg))}`;
    whys.radialDepth = {
      title: 'Radial depth',
      formula: `h = ${material} + (P / 4) cot a${tipTerm === '' ? '' : ` − ${tipTerm}`};  a = ${halfAngle}`,
      numbers: `${materialNumbers} + ${show((pitch / 4) * cot)}${shortening} = ${show(evaluation.radialDepth)} ${unit}`,
      source: `Geometry of the ${form.name} form`,
      assumes: `Depth counts from the real ${external ? 'blank' : 'bore'}, with the tip as ground; no bending, no burrs.`,
    };
  }
  if (
    evaluation.feed !== null &&
    evaluation.radialDepth !== null &&
    angle !== undefined &&
    evaluation.feedAngleDeg !== 0
  ) {
    whys.compoundFeed = {
      title: 'Compound feed',
      formula: 'c = h / cos θ',
      numbers: `${show(evaluation.radialDepth)} / cos ${angle}° = ${show(evaluation.feed)} ${unit}`,
      source: 'Geometry; θ counts from the cross-slide axis',
      assumes:
        'The compound’s dial reads its own travel, and every cut starts with the cross slide back at zero.',
    };
  }
  if (evaluation.swivelGraduationDeg !== null && angle !== undefined) {
    const bed = zero === 'bed';
    const plain = bed ? 90 - angle : angle;
    // A scale that counts one way only comes to the other side from its other end.
    const round = Math.abs(plain - evaluation.swivelGraduationDeg) > 1e-9;
    whys.swivelGraduation = {
      title: 'Graduation to set on the swivel scale',
      formula: `graduation = ${round ? '360° − ' : ''}${bed ? (round ? '(90° − θ)' : '90° − θ') : 'θ'}`,
      numbers: round
        ? `360° − ${plain}° = ${evaluation.swivelGraduationDeg}°`
        : bed
          ? `90° − ${angle}° = ${evaluation.swivelGraduationDeg}°`
          : `${evaluation.swivelGraduationDeg}°`,
      source: 'Common practice; the scale’s zero is given by the lathe',
      assumes: bed
        ? 'This scale reads 0 with the compound along the bed.'
        : 'This scale reads 0 with the compound along the cross slide.',
    };
  }
  if (evaluation.trailingStep !== null && angle !== undefined) {
    whys.trailingStep = {
      title: 'What a pass does to the trailing flank',
      formula: `s = infeed · sin(${halfAngle} − θ)`,
      numbers: `sin(${halfAngle} − ${angle}°) × largest infeed = ${show(evaluation.trailingStep, 2)} ${unit}`,
      source:
        'Geometry. Schools for 60° threads: 30° (the flank rubs), 29.5° (books), 29° (shaved clean); all work.',
      assumes: 'Positive: shaved. Zero: rubs. Negative: left behind as a step.',
    };
  }
  if (evaluation.tipLimit !== null) {
    whys.tipLimit = {
      title: 'Largest tip',
      formula: external
        ? 'flat ≤ P / 2 − (d2 − d1max) tan a;  radius ≤ flat / (2 cos a)'
        : 'flat ≤ P / 2 − (Dmin − D2) tan a;  radius ≤ flat / (2 cos a)',
      numbers: `flat ${show(evaluation.tipLimit.flat)}, radius ${show(evaluation.tipLimit.radius)} ${unit}`,
      source: `Geometry; ${limits.standard}: the root clears the crest of the mating thread`,
      assumes: null,
    };
  }
  if (evaluation.sideClearance !== null && evaluation.rootDiameter !== null) {
    whys.sideClearance = {
      title: 'Side clearance of the tool',
      formula:
        'helix = atan(lead / (π d)) at the smallest diameter;  leading side 3° + helix, trailing side 3° − helix',
      numbers: `helix ${(evaluation.sideClearance.leading - 3).toFixed(2)}°;  leading ${evaluation.sideClearance.leading.toFixed(1)}°, trailing ${evaluation.sideClearance.trailing.toFixed(1)}°`,
      source: 'Geometry; a margin of 3° is common practice',
      assumes: 'Measured at the tip, square to the direction of feed.',
    };
  }
  if (evaluation.passes !== null) {
    whys.passes = {
      title: 'Schedule of passes',
      formula:
        'A(k) = A(scratch) + k / N · (A(rough end) − A(scratch)), solved for the depth, each reading rounded by itself',
      numbers: `${evaluation.passes.length} passes, ${evaluation.passes.filter((pass) => pass.kind === 'rough').length} of them roughing, last reading ${evaluation.passes.at(-1)?.dialReading.value} ${evaluation.passes.at(-1)?.dialReading.unit}`,
      source: 'Common practice: constant chip area (for a sharp tool depth = h √(k / N))',
      assumes: 'Each pass removes what the tool’s outline newly covers.',
    };
  }
  const { speedLimit, onLathe } = evaluation;
  const timeInRunOut = onLathe === null ? evaluation.timeInRunOut : onLathe.timeLeft;
  if (speedLimit !== null && timeInRunOut !== null && inputs.spindleSpeedRpm !== undefined) {
    whys.timeInRunOut = {
      title: 'Time that is left to the hand',
      formula: SPEED_FORMULAS[speedLimit.endsBy],
      numbers: `at ${onLathe === null ? '' : `${Number(onLathe.rpm.toFixed(1))} rpm, what this lathe has for `}${inputs.spindleSpeedRpm} rpm: ${timeInRunOut.toFixed(2)} s over ${show(speedLimit.usable ?? 0)} ${unit}${speedLimit.runDownTurns > 0 ? `, ${speedLimit.runDownTurns} turns of run-down` : ''}`,
      source: `Geometry; ${REACTION_SECONDS} s reaction for a beginner is common practice`,
      assumes:
        'The hand is the limit, not the tool. Usable is the width less the tool’s own at the surface. Obey the machine’s placards.',
    };
  }
  return whys;
}

const SPEED_FORMULAS: Record<NonNullable<PlanEvaluation['speedLimit']>['endsBy'], string> = {
  opening: 't = usable / (rpm · lead / 60)',
  clearing: 't = usable / (rpm · lead / 60);  the room holds the run-down too',
  stopping: 't = (usable / lead − run-down) · 60 / rpm',
  trip: 'none: the trip lets go by itself',
  'imperfect-length': 't = imperfect length / (rpm · lead / 60)',
  'way-left': 't = way to the centre / (rpm · lead / 60)',
};
