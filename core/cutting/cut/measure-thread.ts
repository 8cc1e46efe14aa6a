import { depthAt } from '@/core/thread/geometry/piece';
import { diameterAt } from '@/core/thread/geometry/frame';
import type { Pose } from '@/core/thread/geometry/pose';
import type { Profile } from '@/core/thread/geometry/profile';
import { overWires, wireOffset, type WireCase } from '@/core/measuring/gauging/three-wires';
import { deepestPose, layerAfter, type CutThread } from './cut-thread';
import { edgeOf } from './edge-pieces';
import { fitFlank, type FlankFit } from './flank-fit';
import { groundOver } from './ground-over';
import { axialDepth, axialProfile } from './off-centre';
import { levelOfWidth, wallAt, widthAt } from './walls';
import { wireRest, type WireRest } from './wire-rest';

/** What a cut thread has become, in the section through the axis. Lengths in the unit of its case. */
export interface MeasuredThread {
  /** Of the deepest groove: minor diameter outside, major diameter of an internal thread. */
  rootDiameter: number;
  /** Simple pitch diameter: where the groove is half a pitch wide; null while it is nowhere so wide, or everywhere wider. */
  pitchDiameter: number | null;
  fed: FlankFit | null;
  other: FlankFit | null;
  /** Flat left on the crest beside the deepest groove; 0 where neighbours have met. */
  crestFlat: number;
  /** Diameter at which the crest stands: the blank's, or less where neighbouring grooves have met. */
  crestDiameter: number;
}

/** Measures the deepest groove after a number of the cuts; all of them if none is said. */
export function measureThread(thread: CutThread, after = thread.passes.length): MeasuredThread {
  const { cutCase } = thread;
  const { side, workDiameter, pitch, fed } = cutCase;
  const diameter = (depth: number) => diameterAt(side, workDiameter, depth);
  const at = deepestPose(thread.poses, after);
  const profile = around(thread, after, at.x);
  const half = levelOfWidth(profile, at.x, pitch / 2);
  const flank = (way: 1 | -1) => flankOf(thread, profile, at, way);
  const crest = Math.min(
    ...profile.map((piece) => Math.min(depthAt(piece, piece.x0), depthAt(piece, piece.x1))),
  );
  return {
    rootDiameter: diameter(axialDepth(cutCase, at.y)),
    pitchDiameter: at.y <= 0 || half === null ? null : diameter(half),
    fed: flank(fed),
    other: flank(fed === 1 ? -1 : 1),
    crestFlat: at.y <= 0 ? pitch : flatBeside(profile, at.x, pitch),
    crestDiameter: diameter(Math.max(0, crest)),
  };
}

/** What the groove is in which the tool stands at a pose, after a number of cuts. */
export interface GrooveSize {
  /** Simple pitch diameter; null while it has none. */
  pitchDiameter: number | null;
  /** Flat that it leaves between itself and a like neighbour; 0 where they would meet. */
  crestFlat: number;
}

/** Quick: what a table of passes shows of each. */
export function grooveAfter(thread: CutThread, after: number, pose: Pose): GrooveSize {
  const { side, workDiameter, pitch } = thread.cutCase;
  if (pose.y <= 0) return { pitchDiameter: null, crestFlat: pitch };
  const profile = around(thread, after, pose.x);
  const level = levelOfWidth(profile, pose.x, pitch / 2);
  return {
    pitchDiameter: level === null ? null : diameterAt(side, workDiameter, level),
    crestFlat: flatBeside(profile, pose.x, pitch),
  };
}

function flatBeside(profile: Profile, x: number, pitch: number): number {
  const width = widthAt(profile, x, SURFACE);
  return width === null ? 0 : Math.max(0, pitch - width);
}

/** The surface, as far as the arithmetic can tell. */
const SURFACE = 1e-12;

/** Where a wire rests in the deepest groove after a number of cuts; null while there is none. */
export function wireInGroove(thread: CutThread, wire: number, after = thread.passes.length): WireRest | null {
  const at = deepestPose(thread.poses, after);
  if (at.y <= 0) return null;
  const { pitch } = thread.cutCase;
  return wireRest(around(thread, after, at.x), wire / 2, at.x - pitch / 2, at.x + pitch / 2);
}

/** The measurement over wires (internal: over balls) that the wire gives in the real groove, its lead angle included. */
export function measuredOverWires(
  thread: CutThread,
  wires: WireCase,
  after = thread.passes.length,
): number | null {
  const rest = wireInGroove(thread, wires.wire, after);
  if (rest === null) return null;
  const { side, workDiameter } = thread.cutCase;
  const plane = diameterAt(side, workDiameter, rest.depth) + wires.wire;
  return overWires(wires, plane - wireOffset(wires));
}

/** The profile a pitch and a half to both sides of a place, in the section through the axis. */
function around(thread: CutThread, after: number, x: number): Profile {
  const { cutCase, lead } = thread;
  const reach = 1.5 * cutCase.pitch;
  return axialProfile(
    cutCase,
    groundOver(layerAfter(thread, after), lead, { from: x - reach, to: x + reach }),
  );
}

function flankOf(
  { cutCase }: CutThread,
  profile: Profile,
  at: { x: number; y: number },
  way: 1 | -1,
): FlankFit | null {
  if (at.y <= 0) return null;
  const { shape, pitch, flankAngleDeg } = cutCase;
  const edge = edgeOf(shape, pitch)(at.y, at.x, at.y);
  const corner = edge.find(({ part }) => part === (way === 1 ? 'high' : 'low'))?.piece;
  if (corner?.kind !== 'line') return null;
  const [x, plane] = way === 1 ? [corner.x0, corner.y0] : [corner.x1, corner.y1];
  const y = axialDepth(cutCase, plane);
  const out = wallAt(profile, at.x, way, SURFACE) ?? at.x + (way * pitch) / 2;
  return (out - x) * way <= 1e-12 ? null : fitFlank(profile, x, out, { x, y, way, flankAngleDeg });
}
