import { swivelMarkDeg, compoundFeedFor, radialDepthOf } from '../compound';
import { depthCaseOf, pitchDiameterAt, radialDepthFor } from '../depth';
import { MEASURING_WORDS, overWires, wireCaseOf, type Gauge } from '../gauging';
import { diameterAt } from '../geometry';
import { grooveCaseOf } from '../groove';
import { graduationsIn, travelOf, type Lathe } from '../lathe';
import { planDefaults, REACTION_SECONDS, type Plan } from '../plan';
import { constantAreaRows, lastGraduation, passesOnDial, rowsOnDial, type AskedRow } from '../schedule';
import type { ShopWords } from '../shop';
import {
  crestLimits,
  leadOf,
  parseDesignation,
  pitchOf,
  printTpi,
  formOf,
  threadLimits,
  type Thread,
} from '../thread';
import type { Tip, ToolDocument } from '../tool';
import { lengthIn } from '../units';
import { setupSteps } from './setup-steps';
import type { Sheet } from './sheet';

/** What a sheet is made of: the plan, the lathe, what is taken from the shop's tools and gauges, and the shop's words. */
export interface SheetCase {
  plan: Plan;
  lathe: Lathe;
  /** The tool taken up; null where the plan's own tip stands. */
  tool: ToolDocument | null;
  gauges: readonly Gauge[];
  words: ShopWords;
}

/** Thrown when a plan names a thread that this release can not read; checks belong to editing and handing out. */
export class UnknownThread extends Error {
  override name = 'UnknownThread';
}

/**
 * The plan on one lathe, every number worked out: pure, the same inputs give the same sheet. It derives and does not
 * judge: a plan that nobody would hand out still has a sheet.
 * @throws UnknownThread
 */
export function sheetFor({ plan, lathe, tool, words }: SheetCase): Sheet {
  const read = parseDesignation(plan.thread.designation);
  if (!read.ok) throw new UnknownThread(`${plan.thread.designation}: ${read.issues[0]?.message ?? ''}`);
  const { thread } = read.value;
  const limits = threadLimits(thread);
  const { unit } = thread;
  const { dial, swivel } = lathe.compound;
  const angleDeg = plan.infeed.compoundAngleDeg ?? 0;
  const { tip, known } = tipOf(plan, tool, thread);
  const workDiameter = lengthIn(plan.work.diameter, unit);
  const target = lengthIn(plan.proof.targetPitchDiameter, unit);
  const evidence = plan.proof.evidence.find(({ kind, wire }) => kind === 'wires' && wire !== null);
  const wire = evidence?.wire
    ? lengthIn(evidence.wire, unit)
    : planDefaults(thread, limits).wireDiameter.value;
  const wires = wireCaseOf(thread, wire);
  const depth = depthCaseOf(thread, workDiameter, tip);
  const radialDepth = radialDepthFor(depth, target);
  const compoundFeed = compoundFeedFor(radialDepth, angleDeg);
  const runOutWidth = lengthIn(plan.work.end.width ?? planDefaults(thread, limits).runOutWidth, unit);
  const rpm = plan.technique.spindleSpeedRpm;
  const way = {
    direction: plan.technique.direction,
    toolSide: plan.technique.side,
    compoundSide: plan.infeed.compoundSide,
  };
  const groove = grooveCaseOf(thread, way, tip, angleDeg);
  const landing = (graduations: number) =>
    pitchDiameterAt(depth, radialDepthOf(lengthIn(travelOf(graduations, dial), unit), angleDeg));
  const exact = graduationsIn({ value: compoundFeed, unit }, dial);
  const last = lastGraduation(exact, landing, limits.pitchDiameter);
  const rows = rowsOnDial(askedRows(plan, thread, groove, compoundFeed), dial, last);
  const measuring = MEASURING_WORDS[thread.side];
  const { asked } = plan.schedule;

  const sheet: Omit<Sheet, 'steps' | 'words'> = {
    format: 'oyakata-sheet',
    version: 1,
    title: plan.title,
    lathe: { name: lathe.name, dial, zeroAlong: swivel.zeroAlong },
    thread: {
      designation: plan.thread.designation,
      standard: limits.standard,
      side: thread.side,
      hand: thread.hand,
      starts: thread.starts,
      startsOrder: plan.thread.startsOrder,
      unit,
      pitch: pitchOf(thread),
      lead: leadOf(thread),
      pitchText: unit === 'in' ? `${printTpi(thread)} TPI` : `${pitchOf(thread)} mm`,
      flankAngleDeg: formOf(thread).flankAngleDeg,
    },
    limits: {
      major: { min: limits.major.min, max: limits.major.max },
      pitchDiameter: limits.pitchDiameter,
      minor: { min: limits.minor.min, max: limits.minor.max },
      crest: crestLimits(limits),
      pitchDiameterTolerance: limits.tolerance.pitchDiameter,
    },
    workDiameter,
    tip: {
      kind: tip.kind,
      size: tip.kind === 'flat' ? tip.flat : tip.kind === 'radius' ? tip.radius : 0,
      known,
    },
    way: {
      ...way,
      drive: plan.technique.drive,
      clearing: plan.technique.clearing,
      infeed: plan.infeed.way,
    },
    compound: { angleDeg, markDeg: swivelMarkDeg(angleDeg, swivel.zeroAlong) },
    targetPitchDiameter: target,
    radialDepth,
    compoundFeed,
    rootDiameter: diameterAt(thread.side, workDiameter, radialDepth),
    wires: {
      diameter: wire,
      overWires: {
        min: overWires(wires, limits.pitchDiameter.min),
        target: overWires(wires, target),
        max: overWires(wires, limits.pitchDiameter.max),
      },
    },
    speed: {
      rpm,
      runOutWidth,
      timeInRunOut: (60 * runOutWidth) / (rpm * leadOf(thread)),
      reactionSeconds: REACTION_SECONDS,
    },
    schedule: { ...asked },
    passes: passesOnDial(
      rows,
      dial,
      { unit, groove, depth, wires, tipKnown: known },
      plan.thread.startsOrder,
    ),
    note: null,
  };
  return {
    ...sheet,
    steps: setupSteps({ plan, sheet, measuring, shop: words }),
    words: {
      ...measuring,
      compound: words.compound,
      crossSlide: words.crossSlide,
      halfNut: words.halfNut,
      ...cycleWords(words, way.direction === 'away-from-headstock', measuring.work),
    },
  };
}

function tipOf(plan: Plan, tool: ToolDocument | null, thread: Thread): { tip: Tip; known: boolean } {
  const stored = tool ?? plan.tool.tip;
  const { unit } = thread;
  if (stored.radius !== null && (tool !== null || plan.tool.tip.kind !== 'flat'))
    return { tip: { kind: 'radius', radius: lengthIn(stored.radius, unit) }, known: true };
  if (stored.flat !== null) return { tip: { kind: 'flat', flat: lengthIn(stored.flat, unit) }, known: true };
  if (tool === null && plan.tool.tip.kind === 'sharp') return { tip: { kind: 'sharp' }, known: true };
  return {
    tip: { kind: 'flat', flat: planDefaults(thread, threadLimits(thread)).tipFlat.value },
    known: false,
  };
}

/** The plan's own rows; a plan lifted from version 1 has none, and what it asked is worked out. */
function askedRows(
  plan: Plan,
  thread: Thread,
  groove: ReturnType<typeof grooveCaseOf>,
  totalFeed: number,
): AskedRow[] {
  const own = plan.schedule.rows.flatMap(({ what, kind, infeed, reading }): AskedRow[] =>
    what === 'cut' && kind !== null && infeed !== null && reading !== null ? [{ kind, infeed, reading }] : [],
  );
  if (own.length > 0) return own;
  const { asked } = plan.schedule;
  const { unit } = thread;
  const rows = constantAreaRows({
    groove,
    totalFeed,
    scratch: lengthIn(asked.scratch, unit),
    roughing: asked.roughing,
    finishing: asked.finishing,
    finishingInfeed: lengthIn(asked.finishingInfeed, unit),
    spring: asked.spring,
  });
  return (rows ?? []).map(({ kind, infeed, reading }) => ({
    kind,
    infeed: { value: infeed, unit },
    reading: { value: reading, unit },
  }));
}

function cycleWords({ crossSlide, halfNut }: ShopWords, away: boolean, work: string) {
  const slide = crossSlide.charAt(0).toUpperCase() + crossSlide.slice(1);
  return {
    cycle: away
      ? `${slide} to zero in the run-out, and look: a full turn off reads zero too. Oil, engage, watch, open the ${halfNut} beyond the end of the ${work}.`
      : `${slide} to zero, and look: a full turn off reads zero too. Oil, engage, watch, open the ${halfNut} in the run-out.`,
    allCut: 'Clean the thread, measure at three places, then hand in.',
    hazards: `Eye protection on; rings, watch and gloves off; sleeves and hair tied back; chuck key out. A closed ${halfNut} does not slip. Measure with the spindle stopped; brush chips, no fingers. Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.`,
  };
}
