import { compoundFeedFor, radialDepthOf } from '@/core/thread/compound/compound';
import { pitchDiameterAt, radialDepthFor } from '@/core/thread/depth/radial-depth';
import { graduationsIn, travelOf } from '@/core/machine/lathe/dial-count';
import { constantAreaRows, type ExactRow } from '@/core/cutting/schedule/exact-rows';
import { lastGraduation, passesOnDial, rowsOnDial } from '@/core/cutting/schedule/passes-on-dial';
import { listRows } from '@/core/cutting/schedule/school-rows';
import { sheetDepth, sheetGroove, sheetWires, tipOfSize } from '../../sheet/sheet-geometry';
import { sheetPassOf } from '../../sheet/sheet-pass';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import type { WorkSoFar } from './work-so-far';

/** What was found at the bench, in the thread's unit. A tip is found as the size of its flat or radius. */
export interface Found {
  'work-diameter'?: number;
  tip?: number;
}

type KnownPass = SheetPass & { kind: ExactRow['kind'] };
const isKnown = (pass: SheetPass): pass is KnownPass => pass.kind !== 'unknown';

/** Rows that a chart, a check or the instructor's own table ends: their readings stay, whatever is found. */
const BY_HAND: readonly string[] = ['chart', 'until', 'own'];

/**
 * The passes of a sheet worked out anew from what was found: those cut already stay, the rest follows from the figures
 * as they really are. Null where nothing follows: a blank that leaves no thread, or rows
 * of which a later release alone knows how they are made.
 */
export function refigured(
  sheet: Sheet,
  before: Pick<WorkSoFar, 'passes' | 'reading' | 'start' | 'cuts'>,
  found: Found,
): SheetPass[] | null {
  const { startsOrder, unit } = sheet.thread;
  const planned = sheet.passes.filter(isKnown);
  if (
    startsOrder === 'unknown' ||
    sheet.schedule.school === 'unknown' ||
    planned.length < sheet.passes.length
  )
    return null;
  const { dial } = sheet.lathe;
  const tip = found.tip === undefined ? sheetGroove(sheet).tip : tipOfSize(sheet, found.tip);
  const depth = { ...sheetDepth(sheet), workDiameter: found['work-diameter'] ?? sheet.workDiameter, tip };
  const groove = { ...sheetGroove(sheet), tip };
  const radialDepth = radialDepthFor(depth, sheet.targetPitchDiameter);
  if (radialDepth <= 0) return null;
  const aimed = !BY_HAND.includes(sheet.schedule.school);
  const totalFeed = compoundFeedFor(radialDepth, groove.compoundAngleDeg);
  const rows = aimed ? rowsTo(sheet, groove, totalFeed) : rowsAsTheyAre(planned);
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
    startsOrder,
  ).map((pass) => sheetPassOf(pass, ofOldRow(sheet, pass.dialReading.value)));
  return joinedRows(before, anew);
}

/** Rows that are cut stay as they were; of each start the rows that go deeper than its own last cut follow anew. */
function joinedRows(
  { passes, reading, start, cuts }: Pick<WorkSoFar, 'passes' | 'reading' | 'start' | 'cuts'>,
  anew: readonly SheetPass[],
): SheetPass[] {
  const lastRow = cuts.findLast(({ usesRow, row }) => usesRow && row !== null)?.row?.n ?? 0;
  const zero = cuts.at(-1)?.entry.content.zero;
  const standing = (of: number) =>
    of === start
      ? reading.value
      : (cuts.findLast(({ entry }) => entry.content.start === of && entry.content.zero === zero)?.reading ??
        0);
  const isCut = (row: SheetPass) =>
    row.n <= lastRow || (row.kind !== 'spring' && row.dialReading.value <= standing(row.start) + 1e-9);
  const done = passes.filter(isCut);
  const springs = (rows: readonly SheetPass[], of: number) =>
    rows.filter((row) => row.kind === 'spring' && row.start === of).length;
  const left = new Map<number, number>();
  const ahead = anew.filter((row) => {
    if (row.kind !== 'spring') return row.dialReading.value > standing(row.start) + 1e-9;
    const still = left.get(row.start) ?? springs(anew, row.start) - springs(done, row.start);
    left.set(row.start, still - 1);
    return still > 0;
  });
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

function rowsAsTheyAre(passes: readonly KnownPass[]): ExactRow[] {
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
