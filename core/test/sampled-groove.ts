import { tipAt, type Feed, type GrooveCase } from '../groove';
import { tipShortening, type Tip } from '../tool';
import { radians } from '../units';

/** For tests: the groove by places, the second route to its exact pieces. Depth after the feeds at a place. */
export function sampledGroove(grooveCase: GrooveCase, feeds: readonly Feed[]): (x: number) => number {
  const lead = grooveCase.pitch * grooveCase.starts;
  const outline = tipOutline(grooveCase.tip, grooveCase.flankAngleDeg);
  const poses = feeds.map((feed) => tipAt(grooveCase, feed));
  return (x) => {
    let deepest = 0;
    for (const pose of poses) {
      // The nearest turn cuts deepest: the outline only falls with the distance from its centre.
      const offset = x - pose.x - Math.round((x - pose.x) / lead) * lead;
      deepest = Math.max(deepest, outline(pose.y, offset));
    }
    return deepest;
  };
}

/** For tests: areas of chips by the midpoint rule over one lead. */
export function sampledChipAreas(grooveCase: GrooveCase, feeds: readonly Feed[], samples = 20_000): number[] {
  const step = (grooveCase.pitch * grooveCase.starts) / samples;
  const ground = new Float64Array(samples);
  return feeds.map((feed) => {
    const profile = sampledGroove(grooveCase, [feed]);
    let removed = 0;
    for (let index = 0; index < samples; index += 1) {
      const after = Math.max(ground[index] ?? 0, profile((index + 0.5) * step));
      removed += (after - (ground[index] ?? 0)) * step;
      ground[index] = after;
    }
    return removed;
  });
}

function tipOutline(tip: Tip, flankAngleDeg: number): (tipDepth: number, axial: number) => number {
  const angle = radians(flankAngleDeg);
  const shortening = tipShortening(tip, flankAngleDeg);
  const radius = tip.kind === 'radius' ? tip.radius : 0;
  return (tipDepth, axial) => {
    const distance = Math.abs(axial);
    if (distance < radius * Math.cos(angle))
      return tipDepth - radius + Math.sqrt(radius * radius - distance * distance);
    return Math.min(tipDepth, tipDepth + shortening - distance / Math.tan(angle));
  };
}
