import { compoundFeedFor, radialDepthOf } from '../compound';
import { chipAreas, depthForArea, grooveArea, type GrooveCase } from '../groove';

export type PassKind = 'scratch' | 'rough' | 'finish' | 'spring';

/** What the instructor asks of the schedule. Feeds are compound feeds in whole graduations of its dial. */
export interface ScheduleOrder {
  groove: GrooveCase;
  /** Total compound feed to the target, exact, in the groove's unit. */
  totalFeed: number;
  /** One graduation of the compound's dial, in the groove's unit. */
  graduation: number;
  scratchGraduations: number;
  roughingPasses: number;
  finishingPasses: number;
  finishingGraduations: number;
  springPasses: number;
}

export interface ScheduledPass {
  n: number;
  kind: PassKind;
  /** Graduations fed for this pass, and the dial's reading after it: whole numbers, counted from touch-off. */
  infeedGraduations: number;
  readingGraduations: number;
  /** In the groove's unit. */
  infeed: number;
  reading: number;
  radialDepth: number;
  /** Cross-section removed, unit squared. */
  chipArea: number;
}

export type ScheduleRefusal = 'scratch-and-finish-too-deep' | 'too-many-roughing-passes' | 'nothing-to-cut';

interface PlannedReading {
  kind: PassKind;
  graduations: number;
}

/** The readings alone, without the chips: what `constantAreaSchedule` and `fewestRoughingPasses` share. */
function plannedReadings(
  order: ScheduleOrder,
  lastReadingGraduations: number,
): { readings: PlannedReading[] } | { refused: ScheduleRefusal } {
  const { groove, graduation, roughingPasses } = order;
  if (lastReadingGraduations < 1) return { refused: 'nothing-to-cut' };
  const roughEnd = lastReadingGraduations - order.finishingPasses * order.finishingGraduations;
  if (roughEnd - order.scratchGraduations < 1) return { refused: 'scratch-and-finish-too-deep' };

  const areaAt = (graduations: number) =>
    grooveArea(
      groove.tip,
      groove.flankAngleDeg,
      radialDepthOf(graduations * graduation, groove.compoundAngleDeg),
    );
  const first = areaAt(order.scratchGraduations);
  const last = areaAt(roughEnd);

  const readings: PlannedReading[] = [];
  if (order.scratchGraduations > 0) readings.push({ kind: 'scratch', graduations: order.scratchGraduations });
  let before = order.scratchGraduations;
  for (let k = 1; k <= roughingPasses; k += 1) {
    const area = first + ((last - first) * k) / roughingPasses;
    const depth = depthForArea(groove.tip, groove.flankAngleDeg, area);
    const exact = compoundFeedFor(depth, groove.compoundAngleDeg) / graduation;
    const graduations = k === roughingPasses ? roughEnd : Math.round(exact);
    if (graduations <= before) return { refused: 'too-many-roughing-passes' };
    readings.push({ kind: 'rough', graduations });
    before = graduations;
  }
  for (let k = 1; k <= order.finishingPasses; k += 1) {
    readings.push({ kind: 'finish', graduations: roughEnd + k * order.finishingGraduations });
  }
  for (let k = 0; k < order.springPasses; k += 1) {
    readings.push({ kind: 'spring', graduations: lastReadingGraduations });
  }
  return { readings };
}

/**
 * Constant chip area: after the scratch pass every roughing pass removes the same cross-section, then finishing passes
 * of fixed infeed reach the target, then spring passes at no infeed. Each reading is the exact feed rounded to a whole
 * graduation on its own, so that rounding never adds up (common practice; the area by geometry, see `grooveArea`).
 *
 * @param lastReadingGraduations reading that ends the schedule, normally `totalFeed` in whole graduations
 */
export function constantAreaSchedule(
  order: ScheduleOrder,
  lastReadingGraduations = Math.round(order.totalFeed / order.graduation),
): { passes: ScheduledPass[] } | { refused: ScheduleRefusal } {
  const planned = plannedReadings(order, lastReadingGraduations);
  if ('refused' in planned) return planned;
  const { groove, graduation } = order;
  const feeds = planned.readings.map(({ graduations }) => graduations * graduation);
  const areas = chipAreas(
    groove,
    feeds.map((reading) => ({ reading, start: 0 })),
  );
  const passes = planned.readings.map(({ kind, graduations }, index): ScheduledPass => {
    const infeedGraduations = graduations - (planned.readings[index - 1]?.graduations ?? 0);
    return {
      n: index + 1,
      kind,
      infeedGraduations,
      readingGraduations: graduations,
      infeed: infeedGraduations * graduation,
      reading: graduations * graduation,
      radialDepth: radialDepthOf(graduations * graduation, groove.compoundAngleDeg),
      chipArea: areas[index] ?? 0,
    };
  });
  return { passes };
}

/**
 * The fewest roughing passes that keep every infeed at or under a limit, or null when none up to `most` does
 * (with many passes the dial's graduation can not tell them apart).
 */
export function fewestRoughingPasses(
  order: ScheduleOrder,
  limitGraduations: number,
  most = 60,
): number | null {
  const last = Math.round(order.totalFeed / order.graduation);
  for (let roughingPasses = 1; roughingPasses <= most; roughingPasses += 1) {
    const planned = plannedReadings({ ...order, roughingPasses }, last);
    if ('refused' in planned) return null;
    if (largestStep(planned.readings) <= limitGraduations) return roughingPasses;
  }
  return null;
}

/** The largest infeed that a schedule of this order would have, in graduations; null when it can not be made. */
export function largestInfeedOf(order: ScheduleOrder): number | null {
  const planned = plannedReadings(order, Math.round(order.totalFeed / order.graduation));
  return 'refused' in planned ? null : largestStep(planned.readings);
}

/** The largest infeed of a schedule, in graduations. */
export function largestInfeed(passes: readonly ScheduledPass[]): number {
  return Math.max(0, ...passes.map((pass) => pass.infeedGraduations));
}

function largestStep(readings: readonly PlannedReading[]): number {
  return Math.max(
    ...readings.map(({ graduations }, index) => graduations - (readings[index - 1]?.graduations ?? 0)),
  );
}
