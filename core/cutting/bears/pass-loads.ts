import { bitesOf, type Bites } from '../cut/bites';
import { cutOn, uncut, type CutThread } from '../cut/cut-thread';
import type { CutCase } from '../cut/cut-case';
import {
  cuttingForce,
  FORCE_UNCERTAINTY,
  powerOf,
  torqueOf,
  type CuttingForce,
} from '../force/cutting-force';
import type { WorkMaterial } from '../force/work-material';
import { tipAt, type Feed, type GrooveCase } from '../groove/groove-case';
import { LIMIT_IDS, type LimitId, type PassLimits } from './limits';

/** What the loads of a pass depend on. All lengths in mm. */
export interface LoadCase {
  groove: GrooveCase;
  cut: CutCase;
  /** Null: not known, and then no force is figured. */
  material: WorkMaterial | null;
  rpm: number;
  /** mm per N at the place that gives most; null where nobody has said how it is held. */
  compliance: number | null;
  limits: PassLimits;
}

/** What one pass asks of tool, machine and part. Forces are a guide only: they may be wrong by 30 per cent. */
export interface PassLoad {
  /** Infeed of the slide that feeds, from the cut before in the same start. */
  infeed: number;
  bites: Bites;
  area: number;
  /** Thickest and thinnest of the parts that cut, but for a flank that is only shaved. */
  thickness: number;
  force: CuttingForce | null;
  torque: number | null;
  power: number | null;
  /** Deflection of the part or the bar. */
  bend: number | null;
  /** Share of each limit that is used up, 1 at the limit; null where there is none. */
  uses: Record<LimitId, number | null>;
  /** The limit that is used up most, once it is nearly reached; null where none is. */
  binds: LimitId | null;
}

/** From this share on a limit is said to bind: a graduation more would pass it on most dials. */
const BINDS_FROM = 0.9;

/** The loads of a list of cuts. */
export function passLoads(loadCase: LoadCase, feeds: readonly Feed[]): PassLoad[] {
  const { groove, cut } = loadCase;
  let thread = uncut(cut, 0);
  const standing = new Map<number, number>();
  return feeds.map((feed) => {
    thread = cutOn(thread, tipAt(groove, feed));
    const load = loadOf(loadCase, thread, feed.reading - (standing.get(feed.start) ?? 0));
    standing.set(feed.start, feed.reading);
    return load;
  });
}

/** The loads of the last cut of a thread. */
export function loadOf(
  { material, cut, rpm, compliance, limits }: LoadCase,
  thread: CutThread,
  infeed: number,
): PassLoad {
  const bites = bitesOf(thread, thread.poses.length - 1);
  const area = thread.passes.at(-1)?.removed ?? 0;
  const force = material === null ? null : cuttingForce(bites, material, cut.flankAngleDeg);
  const torque = force === null ? null : torqueOf(force.cutting, cut.workDiameter);
  const bend = force === null || compliance === null ? null : force.radial * compliance;
  const thickness = Math.max(bites.fed.thickness, bites.tip.thickness);
  const share = (value: number | null, limit: number | null) =>
    value === null || limit === null ? null : limit > 0 ? value / limit : value > 0 ? Infinity : 0;
  const uses: PassLoad['uses'] = {
    infeed: share(infeed, limits.infeed),
    area: share(area, limits.area),
    thin: limits.thin === null || area <= 0 ? null : thickness > 0 ? limits.thin / thickness : Infinity,
    tip: share(bites.tip.thickness, limits.tip),
    // The estimate may be too low by its uncertainty, and the belt must not slip even then.
    torque: share(torque === null ? null : torque * (1 + FORCE_UNCERTAINTY), limits.torque),
    bend: share(bend, limits.bend),
  };
  return {
    infeed,
    bites,
    area,
    thickness,
    force,
    torque,
    power: torque === null ? null : powerOf(torque, rpm),
    bend,
    uses,
    binds: boundBy(uses),
  };
}

function boundBy(uses: PassLoad['uses']): LimitId | null {
  let most: LimitId | null = null;
  for (const id of LIMIT_IDS)
    if ((uses[id] ?? 0) > (most === null ? BINDS_FROM : (uses[most] ?? 0))) most = id;
  return most;
}

/** Differences below this are rounding errors. */
const SLACK = 1 + 1e-9;

/** The limits that a pass goes beyond. */
export function brokenBy({ uses }: PassLoad): LimitId[] {
  return LIMIT_IDS.filter((id) => (uses[id] ?? 0) > SLACK);
}
