import { compoundFeedFor, radialDepthOf } from '../compound';
import { pitchDiameterAt, radialDepthFor } from '../depth';
import { graduationsIn, travelOf } from '../lathe';
import { constantAreaRows, lastGraduation, passesOnDial, rowsOnDial } from '../schedule';
import { sheetDepth, sheetGroove, sheetWires, type Sheet, type SheetPass } from '../sheet';
import type { Tip } from '../tool';
import { lengthIn } from '../units';
import type { Prediction } from './predict';

/** What was found at the bench, in the thread's unit. A tip is found as the size of its flat or radius. */
export interface Found {
  'work-diameter'?: number;
  tip?: number;
}

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
  const totalFeed = compoundFeedFor(radialDepth, groove.compoundAngleDeg);
  const { schedule } = sheet;
  const rows = constantAreaRows({
    groove,
    totalFeed,
    scratch: lengthIn(schedule.scratch, unit),
    roughing: schedule.roughing,
    finishing: schedule.finishing,
    finishingInfeed: lengthIn(schedule.finishingInfeed, unit),
    spring: schedule.spring,
  });
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
    rowsOnDial(asked, dial, last),
    dial,
    { unit, groove, depth, wires, tipKnown },
    sheet.thread.startsOrder,
  );
  const done = passes.filter(
    ({ dialReading, kind }) => kind !== 'spring' && dialReading.value <= reading.value + 1e-9,
  );
  const ahead = anew.filter(
    ({ dialReading, kind }) => kind === 'spring' || dialReading.value > reading.value + 1e-9,
  );
  return [...done, ...ahead].map((pass, index) => ({ ...pass, n: index + 1 }));
}

function tipOfSize({ tip }: Sheet, size: number): Tip {
  return tip.kind === 'radius' ? { kind: 'radius', radius: size } : { kind: 'flat', flat: size };
}
