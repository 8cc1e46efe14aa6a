import { leadAngleCorrection, plainLeadAngleCorrection } from '../gauging';
import type { Why } from '../explain/why';
import { explainLimits, FORM_60, leadOf, pitchOf } from '../thread';
import { formatLength } from '../units';
import { REACTION_SECONDS, type PlanEvaluation } from './evaluate-plan';
import type { PlanInputs } from './read-plan-form';

export type WhyKey =
  | 'pitchDiameter'
  | 'major'
  | 'target'
  | 'overWires'
  | 'radialDepth'
  | 'compoundFeed'
  | 'swivelMark'
  | 'passes'
  | 'trailingStep'
  | 'timeInRunOut'
  | 'tipLimit';

/** The reason behind each figure of a plan that can be worked out; absent while it can not. */
export function explainPlan(
  evaluation: PlanEvaluation,
  inputs: Pick<PlanInputs, 'compoundAngleDeg' | 'spindleSpeedRpm' | 'swivelZero'>,
): Partial<Record<WhyKey, Why>> {
  const { thread, limits } = evaluation;
  if (thread === null || limits === null) return {};
  const { unit } = thread;
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const pitch = pitchOf(thread);
  const angle = inputs.compoundAngleDeg;
  const whys: Partial<Record<WhyKey, Why>> = {};

  const { major, pitchDiameter } = explainLimits(thread, limits);
  Object.assign(whys, { major, pitchDiameter });
  if (evaluation.target !== null) {
    whys.target = {
      title: 'Target pitch diameter',
      formula: 'proposed: (min + max) / 2 of the band',
      numbers: `(${show(limits.pitchDiameter.min)} + ${show(limits.pitchDiameter.max)}) / 2; the plan aims at ${show(evaluation.target)} ${unit}`,
      source: 'Common practice: the middle leaves room to both sides for the measuring and the dial.',
      assumes: null,
    };
  }
  if (evaluation.overWires !== null && evaluation.wire !== null && evaluation.target !== null) {
    const wireCase = { pitch, lead: leadOf(thread), wire: evaluation.wire };
    const correction = leadAngleCorrection(wireCase, evaluation.target);
    whys.overWires = {
      title: 'Measurement over three wires',
      formula: 'M = d2 + 3 w − 0.866025 P + lead-angle correction',
      numbers: `${show(evaluation.target)} + 3 × ${show(evaluation.wire, 1)} − 0.866025 × ${show(pitch, 2)} + ${show(correction, 2)} = ${show(evaluation.overWires.target)} ${unit}`,
      source: `ASME B1.2; lead-angle correction exact, the wire on the helicoid (handbook formula: ${show(plainLeadAngleCorrection(wireCase, evaluation.target), 2)})`,
      assumes: `Three equal wires of ${show(evaluation.wire, 1)} ${unit}, flanks of 30°. Best wire ${show(evaluation.bestWire ?? 0, 1)}.`,
    };
  }
  if (
    evaluation.radialDepth !== null &&
    evaluation.blank !== null &&
    evaluation.target !== null &&
    evaluation.tip !== null
  ) {
    const { tip } = evaluation;
    const formula = {
      flat: 'h = (Dm − d2) / 2 + (P / 2 − f) · √3 / 2',
      radius: 'h = (Dm − d2) / 2 + (P / 2) · √3 / 2 − r',
      sharp: 'h = (Dm − d2) / 2 + (P / 2) · √3 / 2',
    }[tip.kind];
    const ground = {
      flat: `(${show(pitch / 2, 1)} − ${show(tip.kind === 'flat' ? tip.flat : 0)}) × 0.866025`,
      radius: `${show(pitch / 2, 1)} × 0.866025 − ${show(tip.kind === 'radius' ? tip.radius : 0)}`,
      sharp: `${show(pitch / 2, 1)} × 0.866025`,
    }[tip.kind];
    whys.radialDepth = {
      title: 'Radial depth',
      formula,
      numbers: `(${show(evaluation.blank)} − ${show(evaluation.target)}) / 2 + ${ground} = ${show(evaluation.radialDepth)} ${unit}`,
      source: `Geometry of the ${FORM_60.name} form`,
      assumes: 'Depth counts from the real blank, with the tip as ground; no bending, no burrs.',
    };
  }
  if (evaluation.compoundFeed !== null && evaluation.radialDepth !== null && angle !== undefined) {
    whys.compoundFeed = {
      title: 'Compound feed',
      formula: 'c = h / cos θ',
      numbers: `${show(evaluation.radialDepth)} / cos ${angle}° = ${show(evaluation.compoundFeed)} ${unit}`,
      source: 'Geometry; θ counts from the cross-slide axis',
      assumes:
        'The compound’s dial reads its own travel, and every cut starts with the cross slide back at zero.',
    };
  }
  if (evaluation.swivelMarkDeg !== null && angle !== undefined) {
    const bed = inputs.swivelZero === 'bed';
    whys.swivelMark = {
      title: 'Mark to set on the swivel scale',
      formula: bed ? 'mark = 90° − θ' : 'mark = θ',
      numbers: bed ? `90° − ${angle}° = ${evaluation.swivelMarkDeg}°` : `${evaluation.swivelMarkDeg}°`,
      source: 'Common practice; the scale’s zero is given by the lathe',
      assumes: bed
        ? 'This scale reads 0 with the compound along the bed.'
        : 'This scale reads 0 with the compound along the cross slide.',
    };
  }
  if (evaluation.trailingStep !== null && angle !== undefined) {
    whys.trailingStep = {
      title: 'What a pass does to the trailing flank',
      formula: 's = infeed · sin(30° − θ)',
      numbers: `sin(30° − ${angle}°) × largest infeed = ${show(evaluation.trailingStep, 2)} ${unit}`,
      source: 'Geometry. Schools: 30° (the flank rubs), 29.5° (books), 29° (shaved clean); all work.',
      assumes: 'Positive: shaved. Zero: rubs. Negative: left behind as a step.',
    };
  }
  if (evaluation.tipLimit !== null) {
    whys.tipLimit = {
      title: 'Largest tip',
      formula: 'flat ≤ 2 (P / 4 − (d2 − d1max) / 2 · tan 30°);  radius ≤ that / 2 / cos 30°',
      numbers: `flat ${show(evaluation.tipLimit.flat)}, radius ${show(evaluation.tipLimit.radius)} ${unit}`,
      source: 'ASME B1.1 and ISO 965-1: the root does not transgress the basic profile',
      assumes: null,
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
  if (evaluation.timeInRunOut !== null && inputs.spindleSpeedRpm !== undefined) {
    whys.timeInRunOut = {
      title: 'Time in the run-out groove',
      formula: 't = width / (rpm · lead / 60)',
      numbers: `at ${inputs.spindleSpeedRpm} rpm: ${evaluation.timeInRunOut.toFixed(2)} s`,
      source: `Geometry; ${REACTION_SECONDS} s reaction is common practice`,
      assumes: 'The hand is the limit, not the tool. Obey the machine’s placards.',
    };
  }
  return whys;
}
