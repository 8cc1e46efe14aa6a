import { UNKNOWN } from '@/core/base/documents/unknown';
import {
  figure,
  listOf,
  maybeFigure,
  maybeNamed,
  maybePart,
  maybeWhole,
  maybeWords,
  part,
  whole,
  words,
  yesNo,
} from '@/core/base/documents/parts';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { readingShown } from '@/core/machine/lathe/shown-reading';
import { shownOnSheet, sheetShownBy } from '../../../sheet/shown-on-sheet';
import { REAL_DRIVES, type RealDrive } from '@/core/machine/technique/drives';
import { formatLength } from '@/core/base/units/format-length';
import { lengthIn, type Length } from '@/core/base/units/length';
import { parseFigures, parseLength } from '@/core/base/units/parse-length';
import { roundTo } from '@/core/base/units/round';
import { toMend } from '../block';
import type { EntryFields, EntryKind, ReadingContext } from '../entry-kind';
import { onDialNow } from '../../../sheet/on-dial-now';
import type { Sheet, SheetPass } from '../../../sheet/sheet';
import { nearIn, standsIn, type WorkSoFar } from '../work-so-far';
import { kindOf } from '../kind-of';
import { isCutWarning } from '../cut-warning';

export interface PassContent {
  kind: 'pass';
  /** The row of the schedule that was before the student; null: a cut beyond the rows, by what is measured or tried. */
  plannedPass: number | null;
  /** Start of the thread, from 1. */
  start: number;
  /** Figure of the dial that feeds, counted from its zero, turns counted in; null: it was not taken. */
  reading: number | null;
  /**
   * How deep the cross slide stood beyond its zero, where it fed this cut too although the plan feeds by the compound:
   * radial, in the dial's unit; null: at its zero, as planned.
   */
  crossSlide: number | null;
  /**
   * How far the compound was fed for this cut, where the plan plunges: in the dial's unit, along the compound, which stands
   * at an angle counted from the cross slide's axis (null: not known); null: it was not fed.
   */
  compound: { fed: number; angleDeg: number | null } | null;
  /** What its zero means: `touch-off`, or the entry by which the zeros were taken anew. */
  zero: string;
  asPlanned: boolean;
  /** The entry whose refigured rows were followed; null: those of the sheet. */
  rows: string | null;
  /** How the carriage was driven; null in older entries: as planned. */
  drive: RealDrive | null;
  /** The mark of the thread dial that was caught, where it was noted. */
  mark: string | null;
  /** It was cut although something stood in the way. */
  allTheSame: boolean;
  /** What the student was told before the cut; null in entries of format 1. */
  told: { row: number | null; reading: number | null; remaining: number | null; warnings: string[] } | null;
}

/** A pass was cut. One touch asserts its reading and nothing else. */
export const passKind: EntryKind<'pass', PassContent> = {
  kind: 'pass',
  format: 4,
  schema: part({
    kind: kindOf('pass'),
    plannedPass: maybeWhole(1, 8000),
    start: whole(1, 20),
    reading: maybeFigure(-100, 1000),
    crossSlide: maybeFigure(0, 100),
    compound: maybePart({ fed: figure(0, 100), angleDeg: maybeFigure(0, 90) }),
    zero: words(40).min(1),
    asPlanned: yesNo(),
    rows: maybeWords(36),
    drive: maybeNamed(REAL_DRIVES),
    mark: maybeWords(20),
    allTheSame: yesNo(),
    told: maybePart({
      row: maybeWhole(1, 8000),
      reading: maybeFigure(),
      remaining: maybeFigure(),
      warnings: listOf(words(200), 10),
    }),
  }),
  lifts: {
    1: (older) => ({ ...older, start: 1, zero: 'touch-off', rows: null, told: null }),
    2: (older) => ({ ...older, drive: null, mark: null, crossSlide: null, allTheSame: false }),
    3: (older) => ({ ...older, compound: null }),
  },
  writtenBy: ['student', 'instructor'],
  ofWork: true,
  goesOn: true,
  answersHold: true,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: (fields, context) => {
    const { prediction, sheet } = context;
    const { passes, next, remaining, blocks } = prediction;
    const named = passes.find(({ n }) => String(n) === fields.plannedPass) ?? null;
    if (named === null && fields.plannedPass !== '')
      return bad('plannedPass', 'unreadable', 'There is no such pass in this plan.');
    const said = Number(fields.start) || null;
    if (said !== null && !(Number.isInteger(said) && said >= 1 && said <= sheet.thread.starts))
      return bad('start', 'out-of-range', `This thread has starts 1 to ${sheet.thread.starts}.`);
    // Another start than the row's was cut: then it is no cut of that row.
    const planned = said !== null && named !== null && named.start !== said ? null : named;
    // A row stands on the dial as it is zeroed now.
    const asked = planned === null ? null : rowOnDial(sheet, planned, prediction);
    const allTheSame = fields.allTheSame === 'yes';
    if (blocks.length > 0 && !allTheSame)
      return bad(
        'reading',
        'conflict',
        'Something stands in the way of the cut: mend it, or cut all the same.',
      );
    const driven = drivenBy(fields.drive, planned?.drive ?? null, context);
    const start = planned?.start ?? said ?? prediction.start;
    // What the page said of this very reading before it was cut.
    const warned = (fields.warned ?? '').split(' ').filter(isCutWarning);
    const content: PassContent = {
      kind: 'pass',
      plannedPass: planned?.n ?? null,
      start,
      reading: asked,
      crossSlide: null,
      compound: null,
      zero: prediction.segment.zero,
      asPlanned: planned !== null,
      rows: prediction.rowsOf,
      drive: REAL_DRIVES.find((each) => each === driven) ?? null,
      mark: (fields.mark ?? '').trim() === '' ? null : (fields.mark ?? '').trim().slice(0, 20),
      // What this release does not know is no fault of whoever cuts.
      allTheSame: allTheSame && (blocks.length === 0 || toMend(blocks).length > 0),
      told: {
        row: next?.n ?? null,
        reading: next?.dialReading.value ?? null,
        remaining: remaining?.compound ?? null,
        warnings: [...prediction.warnings, ...warned].slice(0, 10),
      },
    };
    if (fields.notTaken === 'yes') return good({ ...content, reading: null, asPlanned: false });
    if ((fields.crossSlide ?? '').trim() !== '') return byCrossSlide(fields, content, context);
    if ((fields.compound ?? '').trim() !== '') return byCompound(fields, content, context);
    const { unit } = sheet.lathe.dial.graduation;
    const figure = ownFigure(fields, sheet, nearIn(start, prediction));
    if (figure === null)
      return planned === null
        ? bad('reading', 'required', 'Type the reading, or say that it was not taken.')
        : good(content);
    if (!figure.ok) return figure;
    const { value } = figure;
    const { planAtZero, planAtTouchOff } = prediction.segment;
    const deepest = Math.max(
      0,
      ...passes.map(({ dialReading }) => dialReading.value),
      planAtZero + prediction.reading.value,
    );
    const most = 2 * deepest - planAtZero;
    // A start that was not cut yet stands where touch-off was.
    const least = sheet.thread.starts > 1 ? planAtTouchOff - planAtZero : 0;
    if (value < least - 1e-9 || value > most) {
      const limit = shownOnSheet({ value: most, unit }, sheet);
      const from = shownOnSheet({ value: least, unit }, sheet);
      const slide = sheet.feed.slide === 'compound' ? sheet.words.compound : sheet.words.crossSlide;
      const says =
        sheet.feed.as === 'figure'
          ? `Type the figure of the readout, ${from} to ${limit} ${unit}.`
          : `Type the ${slide}’s reading from touch-off, 0 to ${formatLength({ value: most, unit })} ${unit}, turns counted in.`;
      return bad('reading', 'out-of-range', says);
    }
    return good({ ...content, reading: value, asPlanned: value === asked });
  },
  refuses: ({ plannedPass, reading, asPlanned, compound }, sheet) => {
    if (asPlanned && (plannedPass === null || reading === null || compound !== null))
      return {
        field: 'asPlanned',
        code: 'conflict',
        message: 'A pass as planned has its row and its reading.',
      };
    return compound !== null && sheet?.feed.slide === 'compound'
      ? { field: 'compound', code: 'conflict', message: 'The compound feeds here as planned.' }
      : null;
  },
  words: (
    { plannedPass, start, reading, asPlanned, crossSlide, compound, drive, mark, allTheSame },
    sheet,
  ) => {
    const { unit } = sheet.lathe.dial.graduation;
    const several = sheet.thread.starts > 1 ? `start ${start}, ` : '';
    const shown =
      reading === null
        ? 'reading not taken'
        : `dial ${shownOnSheet({ value: reading, unit }, sheet)} ${unit}`;
    const other = drive !== null && drive !== sheet.way.drive;
    const name = sheet.words.cycles.find((cycle) => cycle.drive === drive)?.name ?? drive;
    return {
      title: plannedPass === null ? 'Cut by what was found' : `Pass ${plannedPass}`,
      detail: [
        `${several}${shown}${asPlanned || reading === null || plannedPass === null ? '' : ', own reading'}`,
        ...(crossSlide === null
          ? []
          : [
              `${sheet.words.crossSlide} ${formatLength({ value: crossSlide, unit })} ${unit} beyond its zero`,
            ]),
        ...(compound === null ? [] : [compoundFed(sheet, compound)]),
        ...(other ? [String(name)] : []),
        ...(mark === null ? [] : [`dial mark ${mark}`]),
        ...(allTheSame ? ['cut all the same'] : []),
      ].join(', '),
    };
  },
};

/** Where the plan leaves the drive open, nothing is recorded that nobody said. */
export const NOT_SAID = 'not-said';

function drivenBy(
  said: string | undefined,
  ofRow: RealDrive | 'unknown' | null,
  { sheet, prediction }: ReadingContext,
): RealDrive | 'unknown' | null {
  const named = ([...REAL_DRIVES, UNKNOWN] as const).find((each) => each === said);
  if (named !== undefined) return named;
  const last = prediction.cuts.at(-1)?.entry.content.drive ?? null;
  const open = sheet.way.driveFree ? (said === NOT_SAID ? null : last) : prediction.drive;
  return ofRow ?? open;
}

/** An own figure, counted from the zero in force: as the program told it, or as it was typed; null: neither. */
function ownFigure({ counted, reading }: EntryFields, sheet: Sheet, near: Length): Result<number> | null {
  if (counted !== undefined) {
    const figure = Number(counted);
    return Number.isFinite(figure) ? good(figure) : bad('reading', 'unreadable', 'Type the reading.');
  }
  if (reading === undefined) return null;
  const typed = parseLength('reading', reading, sheet.lathe.dial.graduation.unit);
  return typed.ok ? good(readingShown(typed.value.length.value, sheetShownBy(sheet), near)) : typed;
}

/** The figure of a row on the dial as it is zeroed now: as it is told, or where the plan has it. */
function rowOnDial(sheet: Sheet, row: SheetPass, { next, segment }: WorkSoFar): number {
  return next?.n === row.n
    ? next.dialReading.value
    : onDialNow(sheet, segment.planAtZero, row.dialReading.value);
}

/** Fed by the cross slide from its zero, the compound left where it stood: told as it was done. */
function byCrossSlide(
  { crossSlide = '' }: Readonly<Record<string, string>>,
  content: PassContent,
  { prediction, sheet }: ReadingContext,
): Result<PassContent> {
  if (sheet.feed.slide !== 'compound')
    return bad('crossSlide', 'conflict', 'The cross slide feeds here as planned: type its reading.');
  const { unit } = sheet.lathe.dial.graduation;
  const typed = parseLength('crossSlide', crossSlide, unit);
  if (!typed.ok) return typed;
  const { value } = typed.value.length;
  const most = Math.max(...prediction.passes.map(({ dialReading }) => dialReading.value), 0);
  if (value <= 0 || value > most)
    return bad(
      'crossSlide',
      'out-of-range',
      `Type how far the ${sheet.words.crossSlide} stood beyond its zero, on the radius: at most ${formatLength({ value: most, unit })} ${unit}.`,
    );
  return good({
    ...content,
    reading: standsIn(content.start, prediction),
    crossSlide: value,
    asPlanned: false,
  });
}

/** Fed by the compound, where the plan plunges: how far for this cut, and at which angle it stands. */
function byCompound(
  { compound = '', compoundAngle = '' }: Readonly<Record<string, string>>,
  content: PassContent,
  { prediction, sheet }: ReadingContext,
): Result<PassContent> {
  if (sheet.feed.slide === 'compound')
    return bad('compound', 'conflict', 'The compound feeds here as planned: type its reading.');
  const { unit } = sheet.lathe.dial.graduation;
  const typed = parseLength('compound', compound, unit);
  if (!typed.ok) return typed;
  const fed = typed.value.length.value;
  const most = roundTo(lengthIn({ value: sheet.thread.pitch, unit: sheet.thread.unit }, unit), 4);
  if (fed <= 0 || fed > most)
    return bad(
      'compound',
      'out-of-range',
      `Type how far the ${sheet.words.compound} was fed for this cut: at most ${formatLength({ value: most, unit })} ${unit}.`,
    );
  const angle = compoundAngle.trim() === '' ? null : parseFigures('compoundAngle', compoundAngle);
  if (angle !== null && !angle.ok) return angle;
  const angleDeg = angle === null ? null : angle.value;
  if (angleDeg !== null && (angleDeg < 0 || angleDeg > 90))
    return bad('compoundAngle', 'out-of-range', 'Type 0 to 90°, or leave it empty where nobody looked.');
  return good({
    ...content,
    reading: standsIn(content.start, prediction),
    compound: { fed, angleDeg },
    asPlanned: false,
  });
}

function compoundFed(sheet: Sheet, { fed, angleDeg }: NonNullable<PassContent['compound']>): string {
  const { unit } = sheet.lathe.dial.graduation;
  const at = angleDeg === null ? 'at an angle that is not known' : `at ${angleDeg}°`;
  return `${sheet.words.compound} fed ${formatLength({ value: fed, unit })} ${unit} ${at}`;
}
