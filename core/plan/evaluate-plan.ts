import { compoundFeedFor, swivelMarkDeg } from '../compound';
import { depthCaseOf, radialDepthFor } from '../depth';
import type { FieldIssue } from '../errors/field-issue';
import { bestWire, overWires, sideClearanceDeg, wireCaseOf, wireRange } from '../gauging';
import { crestLimits, formOf, leadOf, pitchOf, type Thread } from '../thread';
import type { Tip } from '../tool';
import { formatLength, lengthIn } from '../units';
import { checkBlank, checkCompoundAngle, checkSpeed, checkTip } from './check-plan';
import { evaluateSchedule } from './evaluate-schedule';
import { NOTHING, type PlanEvaluation, type PlanWarning } from './plan-evaluation';
import type { PlanField } from './plan-form';
import type { PlanInputs } from './read-plan-form';

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
  evaluateSchedule(inputs, evaluation, refuse, warn);
  checkCompoundAngle(inputs, evaluation, warn);
  checkSpeed(inputs, evaluation, thread, warn);
  return evaluation;
}

function tipIn(tip: NonNullable<PlanInputs['tip']>, unit: Thread['unit']): Tip {
  if (tip.kind === 'flat') return { kind: 'flat', flat: lengthIn(tip.flat, unit) };
  if (tip.kind === 'sharp') return { kind: 'sharp' };
  return { kind: 'radius', radius: lengthIn(tip.radius, unit) };
}
