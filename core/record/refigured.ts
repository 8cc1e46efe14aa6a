import { compoundFeedFor, radialDepthOf } from '../compound';
import { pitchDiameterAt, radialDepthFor } from '../depth';
import { graduationsIn, travelOf } from '../lathe';
import {
  constantAreaRows,
  lastGraduation,
  listRows,
  passesOnDial,
  rowsOnDial,
  type ExactRow,
} from '../schedule';
import { sheetDepth, sheetGroove, sheetPassOf, sheetWires, type Sheet, type SheetPass } from '../sheet';
import type { Tip } from '../tool';
import { lengthIn } from '../units';
import type { Prediction } from './predict';

/** What was found at the bench, in the thread's unit. A tip is found as the size of its flat or radius. */
export interface Found {
  'work-diameter'?: number;
  tip?: number;
}

/** Rows that a chart, a check or the instructor's own table ends: their readings stay, whatever is found. */
const BY_HAND: readonly string[] = ['chart', 'until', 'own'];

/**
 * The passes of a sheet worked out anew from what was found: those cut already stay, the rest follows from the figures
 * as they really are. Null where nothing follows (a blank that leaves no thread).
 */
export function refigured(
  sheet: Sheet,
  { passes, reading }: Pick<Prediction, 'passes' | 'reading'>,
  found: Found,
): SheetPass[] | null {
  const { unit } = sheet.thread;
  const { dial } = sheet.lathe;
  const tip = found.tip === undefined ? sheetGroove(sheet).tip : tipOfSize(sheet, found.tip);
  const depth = { ...sheetDepth(sheet), workDiameter: found['work-diameter'] ?? sheet.workDiameter, tip };
  const groove = { ...sheetGroove(sheet), tip };
  const radialDepth = radialDepthFor(depth, sheet.targetPitchDiameter);
  if (radialDepth <= 0) return null;
  const aimed = !BY_HAND.includes(sheet.schedule.school);
  const totalFeed = compoundFeedFor(radialDepth, groove.compoundAngleDeg);
  const rows = aimed ? rowsTo(sheet, groove, totalFeed) : rowsAsTheyAre(sheet);
  if (rows === null) return null;
  const landing = (graduations: number) =>
    pitchDiameterAt(
      depth,
      radialDepthOf(lengthIn(travelOf(graduations, dial), unit), groove.compoundAngleDeg),
    );
  const last = lastGraduation(
    graduationsIn({ value: totalFeed, unit }, dial),
    landing,
    sheet.limits.pitchDiameter,
  );
  const asked = rows.map(({ kind, infeed, reading: at }) => ({
    kind,
    infeed: { value: infeed, unit },
    reading: { value: at, unit },
  }));
  const tipKnown = sheet.tip.known || found.tip !== undefined;
  const wires = sheetWires(sheet);
  const anew = passesOnDial(
    rowsOnDial(asked, dial, aimed ? last : null),
    dial,
    { unit, groove, work: depth, wires, tipKnown },
    sheet.thread.startsOrder,
  ).map((pass) => sheetPassOf(pass, ofOldRow(sheet, pass.dialReading.value)));
  const done = passes.filter(
    ({ dialReading, kind }) => kind !== 'spring' && dialReading.value <= reading.value + 1e-9,
  );
  const ahead = anew.filter(
    ({ dialReading, kind }) => kind === 'spring' || dialReading.value > reading.value + 1e-9,
  );
  return [...done, ...ahead].map((pass, index) => ({ ...pass, n: index + 1 }));
}

/** Rows that aim at the target: as the school makes them. */
function rowsTo(
  { schedule, passes, thread }: Sheet,
  groove: ReturnType<typeof sheetGroove>,
  totalFeed: number,
): ExactRow[] | null {
  const { unit } = thread;
  const order = {
    totalFeed,
    scratch: lengthIn(schedule.scratch, unit),
    finishing: schedule.finishing,
    finishingInfeed: lengthIn(schedule.finishingInfeed, unit),
    spring: schedule.spring,
  };
  if (schedule.school === 'constant-area')
    return constantAreaRows({ ...order, groove, roughing: schedule.roughing });
  const infeeds = passes
    .filter(({ kind, start }) => kind === 'rough' && start === 1)
    .map(({ infeed }) => infeed);
  return listRows(order, infeeds);
}

function rowsAsTheyAre({ passes }: Sheet): ExactRow[] {
  return passes
    .filter(({ start }) => start === 1)
    .map(({ kind, infeed, reading }) => ({ kind, infeed, reading }));
}

/** What a row says beside its reading stays with it; where rows are new there is nothing to keep. */
function ofOldRow(
  { passes }: Sheet,
  reading: number,
): Pick<SheetPass, 'pitchDiameterBand' | 'until' | 'drive'> {
  const old = passes.find(({ dialReading }) => Math.abs(dialReading.value - reading) < 1e-9);
  return { pitchDiameterBand: null, until: old?.until ?? null, drive: old?.drive ?? null };
}

function tipOfSize({ tip }: Sheet, size: number): Tip {
  return tip.kind === 'radius' ? { kind: 'radius', radius: size } : { kind: 'flat', flat: size };
}
