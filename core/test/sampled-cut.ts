import type { CutCase } from '@/core/cutting/cut/cut-case';
import type { Pose } from '@/core/thread/geometry/pose';
import { radians } from '@/core/base/units/angle';

/** For tests: the groove by places, the second route to its exact pieces. Depth after the poses at a place. */
export function sampledCut(cutCase: CutCase, poses: readonly Pose[]): (x: number) => number {
  const lead = cutCase.pitch * cutCase.starts;
  const outline = outlineOf(cutCase);
  return (x) => {
    let deepest = 0;
    for (const pose of poses) {
      if (pose.y <= 0) continue;
      const turn = Math.round((x - pose.x) / lead);
      for (const each of [turn - 1, turn, turn + 1])
        deepest = Math.max(deepest, pose.y - outline(x - pose.x - each * lead));
    }
    return deepest;
  };
}

/** For tests: areas of chips over one lead by the midpoint rule on a fine field of heights. */
export function sampledAreas(cutCase: CutCase, poses: readonly Pose[], samples = 20_000): number[] {
  const step = (cutCase.pitch * cutCase.starts) / samples;
  const ground = new Float64Array(samples);
  return poses.map((pose) => {
    const depth = sampledCut(cutCase, [pose]);
    let removed = 0;
    for (let index = 0; index < samples; index += 1) {
      const after = Math.max(ground[index] ?? 0, depth((index + 0.5) * step));
      removed += (after - (ground[index] ?? 0)) * step;
      ground[index] = after;
    }
    return removed;
  });
}

/** Height of the edge over its deepest point, beside that point: worked out from the solid tool, turned, not from pieces. */
function outlineOf({ shape, pitch }: CutCase): (beside: number) => number {
  const { tip, crestHeight } = shape;
  const [low, high] = [radians(shape.lowDeg), radians(shape.highDeg)];
  const tilt = (low - high) / 2;
  // The flat is the segment between two corners turned by the tilt; the deeper one is the deepest point.
  const half = tip.kind === 'flat' ? tip.flat / 2 : 0;
  const corners = [-1, 1].map((side) => ({
    x: side * half * Math.cos(tilt),
    up: side * half * Math.sin(tilt),
  }));
  const deepest = Math.min(...corners.map(({ up }) => up));
  const straight = (x: number): number => {
    const [a, b] = corners.map((corner) => ({ x: corner.x, up: corner.up - deepest }));
    if (a === undefined || b === undefined) return 0;
    if (x < a.x) return a.up + (a.x - x) / Math.tan(low);
    if (x > b.x) return b.up + (x - b.x) / Math.tan(high);
    return b.x === a.x ? 0 : a.up + ((b.up - a.up) * (x - a.x)) / (b.x - a.x);
  };
  const round = (radius: number, x: number): number => {
    // Both flanks touch the circle: a flank is the line at the radius from its centre.
    if (x < -radius * Math.cos(low)) return radius - (radius + x * Math.cos(low)) / Math.sin(low);
    if (x > radius * Math.cos(high)) return radius - (radius - x * Math.cos(high)) / Math.sin(high);
    return radius - Math.sqrt(radius ** 2 - x ** 2);
  };
  const outline = (x: number) => (tip.kind === 'radius' ? round(tip.radius, x) : straight(x));
  return (x) => {
    const height = outline(x);
    if (crestHeight === null) return height;
    return Math.abs(x) <= Math.max(pitch / 2, 0) || height <= crestHeight
      ? Math.min(height, crestHeight)
      : Infinity;
  };
}
