import type { DepthCase } from '@/core/thread/depth/radial-depth';
import { frameOf, type Frame } from '@/core/thread/geometry/frame';
import type { WireCase } from '@/core/measuring/gauging/three-wires';
import type { GrooveCase } from '@/core/cutting/groove/groove-case';
import type { Tip } from '@/core/thread/tool/tip';
import type { Sheet } from './sheet';

/** The frame in which a sheet is cut. */
export function sheetFrame({ thread: { side, hand }, way }: Sheet): Frame {
  return frameOf({
    side,
    hand,
    direction: way.direction,
    toolSide: way.toolSide,
    compoundSide: way.compoundSide,
  });
}

/** The tip of a sheet, or the one that is assumed. */
function sheetTip({ tip }: Sheet): Tip {
  if (tip.kind === 'flat') return { kind: 'flat', flat: tip.size };
  return tip.kind === 'radius' ? { kind: 'radius', radius: tip.size } : { kind: 'sharp' };
}

/** A tip of the sheet's kind, of a size that was found. */
export function tipOfSize({ tip }: Sheet, size: number): Tip {
  return tip.kind === 'radius' ? { kind: 'radius', radius: size } : { kind: 'flat', flat: size };
}

/** The groove of a sheet; without the compound's feed an angle of 0 is a plunge. */
export function sheetGroove(sheet: Sheet): GrooveCase {
  return {
    pitch: sheet.thread.pitch,
    starts: sheet.thread.starts,
    tip: sheetTip(sheet),
    flankAngleDeg: sheet.thread.flankAngleDeg,
    compoundAngleDeg: sheet.feed.angleDeg,
    fed: sheetFrame(sheet).fed,
  };
}

export function sheetDepth(sheet: Sheet): DepthCase {
  const { pitch, flankAngleDeg, side } = sheet.thread;
  return { workDiameter: sheet.workDiameter, pitch, tip: sheetTip(sheet), flankAngleDeg, side };
}

/** The wires of a sheet, or others that are in hand. */
export function sheetWires(sheet: Sheet, wire = sheet.wires.diameter): WireCase {
  const { pitch, lead, flankAngleDeg, side } = sheet.thread;
  return { pitch, lead, wire, flankAngleDeg, side };
}
