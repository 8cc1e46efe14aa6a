import { swivelMarkDeg } from '../compound';
import type { Lathe } from '../lathe';
import { leadOf } from '../thread';
import { lengthIn } from '../units';
import { depthStage } from './stages/depth-stage';
import { onLatheStage } from './stages/on-lathe-stage';
import { proofStage } from './stages/proof-stage';
import { rowsStage } from './stages/rows-stage';
import { speedStage } from './stages/speed-stage';
import { angleIssues, trailingStepOf } from './stages/angle-stage';
import { tipStage } from './stages/tip-stage';
import { workStage } from './stages/work-stage';
import type { PlanEvaluation } from './plan-evaluation';
import type { PlanInputs } from './read-plan-form';

/**
 * Works out a plan, stage by stage: each stage is a pure function of what it needs, remembers its last answers, and
 * gives values and issues, no words. Runs at every key stroke.
 */
export function evaluatePlan(inputs: PlanInputs, lathe: Lathe): PlanEvaluation {
  const thread = inputs.thread ?? null;
  const limits = inputs.limits ?? null;
  const angle = inputs.compoundAngleDeg ?? null;
  const none: PlanEvaluation = {
    thread,
    limits,
    blank: null,
    tip: null,
    tipKnown: inputs.tip?.kind !== 'not-measured',
    tipLimit: null,
    target: null,
    wire: null,
    bestWire: null,
    wireRange: null,
    overWires: null,
    radialDepth: null,
    compoundFeed: null,
    rootDiameter: null,
    sideClearance: null,
    trailingStep: null,
    largestInfeed: null,
    rows: null,
    suggestedRoughing: null,
    timeInRunOut: null,
    swivelMarkDeg: angle === null ? null : swivelMarkDeg(angle, lathe.compound.swivel.zeroAlong),
    passes: null,
    issues: [],
  };
  if (thread === null || limits === null) return none;
  const { unit } = thread;
  const typed = (field: 'blankDiameter' | 'targetPitchDiameter' | 'wireDiameter' | 'runOutWidth') => {
    const length = inputs[field];
    return length === undefined ? null : lengthIn(length, unit);
  };

  const work = workStage(thread, limits, typed('blankDiameter'));
  const proof = proofStage(thread, limits, work.blank, typed('targetPitchDiameter'), typed('wireDiameter'));
  const tool = tipStage(thread, limits, proof.target ?? limits.pitchDiameter.max, inputs.tip ?? null);
  const depth = depthStage(thread, work.blank, tool.tip, proof.target, angle);
  const rows = rowsStage(thread, limits, work.blank, tool.tip, proof.target, angle, depth.compoundFeed, {
    scratch: inputs.scratchInfeed ?? null,
    roughing: inputs.roughingPasses ?? null,
    largest: inputs.largestInfeed ?? null,
    finishing: inputs.finishingPasses ?? null,
    finishingInfeed: inputs.finishingInfeed ?? null,
    spring: inputs.springPasses ?? null,
  });
  const onLathe = onLatheStage(
    thread,
    limits,
    work.blank,
    tool.tip,
    tool.tipKnown,
    angle,
    depth.compoundFeed,
    proof.wire ?? proof.bestWire,
    rows.rows,
    lathe.compound.dial,
    inputs.startsOrder,
  );
  const speed = speedStage(leadOf(thread), typed('runOutWidth'), inputs.spindleSpeedRpm ?? null);
  return {
    ...none,
    ...work,
    ...proof,
    ...tool,
    ...depth,
    ...rows,
    ...speed,
    passes: onLathe.passes,
    trailingStep: trailingStepOf(thread, angle, rows.largestInfeed),
    issues: [
      ...proof.issues.filter(({ code }) => code === 'target-outside-band'),
      ...work.issues,
      ...tool.issues,
      ...proof.issues.filter(({ code }) => code !== 'target-outside-band'),
      ...rows.issues,
      ...onLathe.issues,
      ...angleIssues(thread, angle),
      ...speed.issues,
    ],
  };
}
