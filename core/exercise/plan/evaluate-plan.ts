import { swivelGraduationDeg } from '@/core/thread/compound/compound';
import { swivelGraduationOn } from '@/core/machine/lathe/swivel-graduation';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { feedAngleOf } from '@/core/machine/technique/slide-of';
import { feedsByCompound } from '@/core/machine/technique/choices';
import { frameOfWay } from '@/core/machine/technique/cut-way';
import { reactionOf } from '@/core/machine/technique/speed-limit';
import { swingOf } from '@/core/machine/technique/swing';
import { leadOf, type Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import { isCarbide, leastForCarbide } from '@/core/machine/technique/threading-speed';
import { lengthIn, type LengthUnit } from '@/core/base/units/length';
import type { PlanEvaluation } from './plan-evaluation';
import type { PlanIssue } from './plan-issue';
import type { PlanInputs } from './read/read-plan-form';
import { angleIssues, trailingStepOf } from './stages/angle-stage';
import { depthStage } from './stages/depth-stage';
import { onLatheStage } from './stages/on-lathe-stage';
import { partStage } from './stages/part-stage';
import { proofStage } from './stages/proof-stage';
import { rowsStage } from './stages/rows-stage';
import { speedStage } from './stages/speed-stage';
import { stopsStage } from './stages/stops-stage';
import { tipStage } from './stages/tip-stage';
import { wayStage } from './stages/way-stage';
import { workStage } from './stages/work-stage';
import { inUnitOf, usualInfeed } from './usual-infeed';

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
    toolWidth: null,
    feedAngleDeg: null,
    feed: null,
    rootDiameter: null,
    sideClearance: null,
    trailingStep: null,
    relief: null,
    proposedInfeed: null,
    school: null,
    asked: null,
    rows: null,
    stops: [],
    suggestedRoughing: null,
    speedLimit: null,
    timeInRunOut: null,
    maxRpm: null,
    leastRunOut: null,
    onLathe: null,
    drive: null,
    swivelGraduationDeg: angle === null ? null : swivelGraduationDeg(angle, lathe.compound.swivel.zeroAlong),
    passes: null,
    issues: [],
  };
  if (thread === null || limits === null || inputs.chosen === undefined) return none;
  return { ...none, ...ofThread(inputs, inputs.chosen, thread, limits, angle, lathe) };
}

function ofThread(
  inputs: PlanInputs,
  { way, startsBy, level, reactionSeconds, handLimit }: NonNullable<PlanInputs['chosen']>,
  thread: Thread,
  limits: ThreadLimits,
  angle: number | null,
  lathe: Lathe,
): Partial<PlanEvaluation> {
  const { unit } = thread;
  const typed = (field: 'blankDiameter' | 'targetPitchDiameter' | 'wireDiameter' | 'endLength') =>
    inUnitOf(thread, inputs[field]);
  const { work: part, evidence = [] } = inputs;
  const feedAngleDeg = angle === null ? null : feedAngleOf(way.infeed, angle);
  const wires = evidence.findIndex(({ kind }) => kind === 'wires');

  const choices = wayStage(way, startsBy, thread, lathe);
  const work = workStage(thread, limits, typed('blankDiameter'));
  const proof = proofStage(
    thread,
    limits,
    work.blank,
    typed('targetPitchDiameter'),
    typed('wireDiameter'),
    Math.max(0, wires),
  );
  const tool = tipStage(thread, limits, proof.target ?? limits.pitchDiameter.max, inputs.tip ?? null);
  const depth = depthStage(thread, work.blank, tool.tip, proof.target, feedAngleDeg);
  const around = partStage(thread, limits, depth.rootDiameter, {
    threadLength: part?.threadLength ?? null,
    totalLength: part?.totalLength ?? null,
    chamferDiameter: part?.chamfer.diameter ?? null,
    reliefDiameter: part?.reliefDiameter ?? null,
    reliefBy: part?.reliefBy ?? 'planned-root',
    registerDiameter: part?.register.diameter ?? null,
    registerLength: part?.register.length ?? null,
    registerAt: part?.register.at ?? 'behind',
  });
  const insert = inputs.tip?.kind === 'insert';
  const proposedInfeed = usualInfeed({
    thread,
    tip: tool.tip ?? { kind: 'flat', flat: 0 },
    insert,
    infeed: way.infeed,
    level,
    holding: way.holding,
    material: part?.material ?? null,
    overhang: inUnitOf(thread, part?.stickOut) ?? inUnitOf(thread, part?.threadLength),
    diameter: work.blank ?? thread.nominalDiameter,
  });
  const speed = speedStage(
    way,
    choices.drive,
    reactionOf(level, reactionSeconds),
    leadOf(thread),
    typed('endLength'),
    depth.toolWidth,
    inUnitOf(thread, part?.room),
    lathe.spindle.runDownTurns,
    inputs.spindleSpeedRpm ?? null,
    handLimit,
    carbideRpm(inputs, work.blank ?? thread.nominalDiameter, unit),
    lathe,
  );
  const set =
    angle === null ? null : swivelGraduationOn(lathe.compound.swivel, angle, swingOf(frameOfWay(way)));
  const common = {
    feedAngleDeg,
    proposedInfeed,
    ...work,
    ...proof,
    ...tool,
    ...depth,
    ...speed,
    drive: choices.drive,
    relief: around.relief,
    swivelGraduationDeg: set === null || set.offScale ? null : set.markDeg,
  };
  const beforeRows = [
    ...choices.issues,
    ...proof.issues.filter(({ code }) => code === 'target-outside-band'),
    ...work.issues,
    ...around.issues,
    ...tool.issues,
    // Issues about the wires are left out where the plan does not ask for wires.
    ...proof.issues.filter(({ code }) => code !== 'target-outside-band' && wires >= 0),
    ...(evidence.length === 0 ? [NO_EVIDENCE] : []),
  ];
  const ofAngle = feedsByCompound(way.infeed)
    ? [...angleIssues(thread, angle), ...(set?.offScale === true ? [offScale(lathe, angle)] : [])]
    : [];
  if (inputs.schedule === undefined)
    return { ...common, issues: [...beforeRows, ...ofAngle, ...speed.issues] };

  const rows = rowsStage(
    {
      thread,
      way,
      tip: tool.tip,
      insert,
      feedAngleDeg,
      feed: depth.feed,
      proposedInfeed,
      bandWidth: limits.pitchDiameter.max - limits.pitchDiameter.min,
    },
    inputs.schedule,
  );
  const fromReading = evidence.find(({ fromReading: from }) => from !== null)?.fromReading ?? null;
  const stops = stopsStage(
    {
      way,
      feedAngleDeg: feedAngleDeg ?? 0,
      rows: rows.rows ?? NO_ROWS,
      fromReading: inUnitOf(thread, fromReading),
    },
    inputs.schedule,
    evidence,
  );
  const { largest } = rows.asked;
  const onLathe = onLatheStage(
    {
      thread,
      limits,
      way,
      blank: work.blank,
      tip: tool.tip,
      tipKnown: tool.tipKnown,
      feedAngleDeg,
      feed: depth.feed,
      wire: proof.wire ?? proof.bestWire,
      startsOrder: inputs.startsOrder,
    },
    rows,
    rows.school === 'constant-infeed' && largest !== null ? lengthIn(largest, unit) : null,
    lathe,
  );
  return {
    ...common,
    school: rows.school,
    asked: rows.asked,
    rows: rows.rows,
    suggestedRoughing: rows.suggestedRoughing,
    stops: stops.stops,
    passes: onLathe.passes,
    trailingStep: feedsByCompound(way.infeed) ? trailingStepOf(thread, angle, largest) : null,
    issues: [...beforeRows, ...rows.issues, ...stops.issues, ...onLathe.issues, ...ofAngle, ...speed.issues],
  };
}

/** The speed under which carbide cuts badly; null where the tool is none, or nobody said what it cuts. */
function carbideRpm({ tip, work }: PlanInputs, diameter: number, unit: LengthUnit): number | null {
  if (!isCarbide(tip?.kind ?? '', work?.toolMaterial ?? null)) return null;
  const least = leastForCarbide(work?.material ?? null);
  return least === null ? null : (1000 * least) / (Math.PI * lengthIn({ value: diameter, unit }, 'mm'));
}

const offScale = ({ name }: Lathe, angle: number | null): PlanIssue => ({
  field: 'infeed.angle',
  code: 'graduation-off-scale',
  severity: 'warn',
  value: angle ?? 0,
  facts: { lathe: name },
});

const NO_EVIDENCE = { field: 'proof.evidence', code: 'no-evidence', severity: 'warn' } as const;
const NO_ROWS: never[] = [];
