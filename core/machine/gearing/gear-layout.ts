/** A gear as it stands in a drawing of a train: centre, teeth and where its first tooth points; one module is one unit. */
export interface PlacedGear {
  x: number;
  y: number;
  teeth: number;
  /** Angle of one of its teeth, radians. */
  phase: number;
  /** Index of the shaft; gears of one shaft share their centre. */
  shaft: number;
}

/** Addendum and dedendum in modules, of the basic rack (ISO 53). */
const ADDENDUM = 1;
const DEDENDUM = 1.25;

/**
 * Places gears so that each meshes with the next at its pitch circle, tooth in gap: a pair `a b` meshes, and with `same`
 * the next gear sits on the shaft of the one before. Directions alternate so that the train does not run into a line.
 */
export function layGears(gears: readonly { teeth: number; same: boolean }[]): PlacedGear[] {
  const placed: PlacedGear[] = [];
  for (const { teeth, same } of gears) {
    const before = placed.at(-1);
    if (before === undefined) placed.push({ x: 0, y: 0, teeth, phase: 0, shaft: 0 });
    else if (same) placed.push({ ...before, teeth, phase: before.phase });
    else {
      const turn = before.shaft % 2 === 0 ? 0.35 : -0.35;
      const distance = (before.teeth + teeth) / 2;
      placed.push({
        x: before.x + distance * Math.cos(turn),
        y: before.y + distance * Math.sin(turn),
        teeth,
        phase: meshingPhase(before, turn, teeth),
        shaft: before.shaft + 1,
      });
    }
  }
  return placed;
}

/** Where a tooth of the next gear points so that a gap of it meets the tooth of the one before on the line of centres. */
function meshingPhase({ teeth, phase }: PlacedGear, turn: number, next: number): number {
  const past = ((turn - phase) * teeth) / (2 * Math.PI);
  return turn + Math.PI - ((0.5 - past) * 2 * Math.PI) / next;
}

/** Outline of a gear about its centre, with straight flanks; a circle where its teeth would be too many to see. */
export function gearOutline(teeth: number, phase: number): { x: number; y: number }[] {
  const radius = teeth / 2;
  const step = (2 * Math.PI) / teeth;
  const points: { x: number; y: number }[] = [];
  const at = (r: number, angle: number) => points.push({ x: r * Math.cos(angle), y: r * Math.sin(angle) });
  for (let tooth = 0; tooth < teeth; tooth += 1) {
    const middle = phase + tooth * step;
    at(radius - DEDENDUM, middle - 0.37 * step);
    at(radius + ADDENDUM, middle - 0.13 * step);
    at(radius + ADDENDUM, middle + 0.13 * step);
    at(radius - DEDENDUM, middle + 0.37 * step);
  }
  return points;
}
