import { passLoads, type LoadCase, type PassLoad } from '@/core/cutting/bears/pass-loads';
import { passTime, type PassTime } from '@/core/cutting/bears/pass-time';
import { proposedLimits, type PassLimits, type ProposedLimits } from '@/core/cutting/bears/limits';
import type { ReachOrder } from '@/core/cutting/bears/fewest-passes';
import { cutCaseOf } from '@/core/cutting/cut/cut-feeds';
import { BAR_ELASTICITY, compliance, supportOf, type Beam } from '@/core/cutting/force/bending';
import { spindleBears, type SpindleBears } from '@/core/cutting/force/spindle-bears';
import { workMaterial, type WorkMaterial } from '@/core/cutting/force/work-material';
import type { Pose } from '@/core/thread/geometry/pose';
import { grooveCaseOf, tipAt, type Feed, type GrooveCase } from '@/core/cutting/groove/groove-case';
import { feedDial } from '@/core/machine/lathe/feed-dial';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { slideOf } from '@/core/machine/technique/slide-of';
import { leadOf } from '@/core/thread/standards/thread';
import { tipHalfWidth, type Tip } from '@/core/thread/tool/tip';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import type { ReadPlan } from './read/read-plan';

/** A place along the thread, mm from the chuck or the headstock centre. */
interface PlaceAlong {
  name: 'start' | 'middle' | 'end';
  at: number;
}

/** What a plan asks of tool, lathe and part, on the lathe looked at. All lengths in mm. */
export interface PlanBears {
  material: WorkMaterial | null;
  spindle: SpindleBears;
  rpm: number;
  limits: PassLimits;
  proposed: ProposedLimits;
  /** What bends: the part, or the bar in a bore; null where nobody has said how far it stands out. */
  beam: Beam | null;
  bends: 'part' | 'bar';
  places: PlaceAlong[];
  loadCase: LoadCase;
  poses: Pose[];
  loads: PassLoad[];
  order: ReachOrder;
  time: PassTime;
}

/**
 * Works out the loads of a plan's passes. Null while the plan is not whole enough to have passes.
 * @param waitSeconds longest wait for a safe dial mark; null where none is waited for
 */
export function bearsOfPlan(read: ReadPlan, lathe: Lathe, waitSeconds: number | null): PlanBears | null {
  const { inputs, evaluation } = read;
  const { thread, passes, tip, blank, feedAngleDeg, feed, asked, rootDiameter, drive } = evaluation;
  const { chosen, work, schedule, spindleSpeedRpm } = inputs;
  if (thread === null || passes === null || tip === null || blank === null || feedAngleDeg === null)
    return null;
  if (feed === null || asked === null || rootDiameter === null || drive === null) return null;
  if (chosen === undefined || work === undefined || schedule === undefined) return null;
  const mm = (value: number) => lengthIn({ value, unit: thread.unit }, 'mm');
  const given = (length: Length | null | undefined) => (length == null ? null : lengthIn(length, 'mm'));
  const groove = inMm(grooveCaseOf(thread, chosen.way, tip, feedAngleDeg), thread.unit);
  const cut = cutCaseOf(groove, { side: thread.side, workDiameter: mm(blank) });
  const material = workMaterial(work.material);
  const carbide = inputs.tip?.kind === 'insert' || /carbide/i.test(work.toolMaterial ?? '');
  const rpm = evaluation.onLathe?.rpm ?? spindleSpeedRpm ?? 0;
  const spindle = spindleBears(lathe, rpm);
  const proposed = proposedLimits(carbide, 2 * tipHalfWidth(groove.tip, groove.flankAngleDeg));
  const limits: PassLimits = {
    infeed: given(asked.largest),
    area: schedule.limits.areaMm2 ?? null,
    thin: given(schedule.limits.leastChip) ?? proposed.thin,
    tip: given(schedule.limits.beforeTip) ?? proposed.tip,
    torque: spindle.torque,
    bend: given(schedule.limits.bending) ?? proposed.bend,
  };
  const threadLength = given(work.threadLength) ?? mm(thread.nominalDiameter);
  const stickOut = given(work.stickOut) ?? given(work.totalLength);
  const bends = thread.side === 'internal' ? 'bar' : 'part';
  const beam =
    bends === 'bar'
      ? barOf(work.bar, given)
      : partOf(stickOut, mm(rootDiameter), material, chosen.way.holding);
  const places = placesAlong(beam, bends, threadLength);
  const most = beam === null ? null : Math.max(...between(places).map((at) => compliance(beam, at)));
  const loadCase: LoadCase = { groove, cut, material, rpm, compliance: most, limits };
  const feeds = passes.map(({ reading, start }): Feed => ({ reading: mm(reading), start: start - 1 }));
  const { dial } = feedDial(lathe, slideOf(chosen.way.infeed));
  const graduation = given(dial.graduation) ?? 0;
  return {
    material,
    spindle,
    rpm,
    limits,
    proposed,
    beam,
    bends,
    places,
    loadCase,
    poses: feeds.map((each) => tipAt(groove, each)),
    loads: passLoads(loadCase, feeds),
    order: {
      totalFeed: mm(feed),
      scratch: given(asked.scratch) ?? 0,
      finishing: asked.finishing ?? 0,
      finishingInfeed: given(asked.finishingInfeed) ?? 0,
      spring: asked.spring ?? 0,
      graduation: dial.reads === 'diameter' ? graduation / 2 : graduation,
    },
    time: passTime({ lead: mm(leadOf(thread)), threadLength, rpm, drive, waitSeconds }),
  };
}

/** A groove in mm, as forces take it. */
function inMm(groove: GrooveCase, unit: LengthUnit): GrooveCase {
  const mm = (value: number) => lengthIn({ value, unit }, 'mm');
  return { ...groove, pitch: mm(groove.pitch), tip: scaledTip(groove.tip, mm) };
}

function scaledTip(tip: Tip, scale: (value: number) => number): Tip {
  if (tip.kind === 'flat') return { kind: 'flat', flat: scale(tip.flat) };
  return tip.kind === 'radius' ? { kind: 'radius', radius: scale(tip.radius) } : tip;
}

/** The part as a beam of the diameter that is left under the thread. */
function partOf(
  stickOut: number | null,
  diameter: number,
  material: WorkMaterial | null,
  holding: Parameters<typeof supportOf>[0],
): Beam | null {
  if (stickOut === null || material === null) return null;
  return { support: supportOf(holding), length: stickOut, diameter, elasticity: material.elasticity };
}

function barOf(
  { diameter, reach }: { diameter: Length | null | undefined; reach: Length | null | undefined },
  given: (length: Length | null | undefined) => number | null,
): Beam | null {
  const [thick, long] = [given(diameter), given(reach)];
  if (thick === null || long === null) return null;
  // A boring bar is taken as steel, also under a carbide insert. A stiffer bar bends less than is shown.
  return { support: 'cantilever', length: long, diameter: thick, elasticity: BAR_ELASTICITY.steel };
}

/** Start, middle and end of the thread as distances from the chuck; a bar always cuts with its end. */
function placesAlong(beam: Beam | null, bends: PlanBears['bends'], threadLength: number): PlaceAlong[] {
  if (beam === null) return [];
  const { length } = beam;
  if (bends === 'bar') return [{ name: 'start', at: length }];
  const end = Math.max(0, length - threadLength);
  return [
    { name: 'start', at: length },
    { name: 'middle', at: (length + end) / 2 },
    { name: 'end', at: end },
  ];
}

/** Nine places from one end of the thread to the other: the one that gives most lies near one of them. */
function between(places: readonly PlaceAlong[]): number[] {
  const [from, to] = [places[0]?.at ?? 0, places.at(-1)?.at ?? 0];
  return Array.from({ length: 9 }, (_, k) => from + ((to - from) * k) / 8);
}
