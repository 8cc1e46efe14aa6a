import {
  figure,
  listOf,
  maybeFigure,
  maybePart,
  maybeWhole,
  maybeWords,
  oneOf,
  part,
  whole,
  words,
  yesNo,
} from '../../documents';
import { bad, good } from '../../errors/field-issue';
import { dialText } from '../../lathe';
import { formatLength, parseLength } from '../../units';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface PassContent {
  kind: 'pass';
  /** The row of the schedule that was before the student. */
  plannedPass: number;
  /** Start of the thread, from 1. */
  start: number;
  /** Figure of the compound's dial, counted from its zero, turns counted in. */
  reading: number;
  /** What its zero means. */
  zero: 'touch-off';
  asPlanned: boolean;
  /** The entry whose refigured rows were followed; null: those of the sheet. */
  rows: string | null;
  /** What the student was told before the cut; null in entries of format 1. */
  told: { row: number | null; reading: number | null; remaining: number | null; warnings: string[] } | null;
}

/** A pass was cut. One touch asserts its reading and nothing else. */
export const passKind: EntryKind<'pass', PassContent> = {
  kind: 'pass',
  format: 2,
  schema: part({
    kind: kindOf('pass'),
    plannedPass: whole(1, 8000),
    start: whole(1, 20),
    reading: figure(-100, 1000),
    zero: oneOf(['touch-off'] as const),
    asPlanned: yesNo(),
    rows: maybeWords(36),
    told: maybePart({
      row: maybeWhole(1, 8000),
      reading: maybeFigure(),
      remaining: maybeFigure(),
      warnings: listOf(words(200), 10),
    }),
  }),
  lifts: { 1: (older) => ({ ...older, start: 1, zero: 'touch-off', rows: null, told: null }) },
  writtenBy: ['student', 'instructor'],
  freeText: [],
  read: ({ plannedPass, reading }, { prediction, sheet }) => {
    const { passes } = prediction;
    const planned = passes.find(({ n }) => String(n) === plannedPass);
    if (planned === undefined) return bad('plannedPass', 'unreadable', 'There is no such pass in this plan.');
    const { next, remaining } = prediction;
    const content: PassContent = {
      kind: 'pass',
      plannedPass: planned.n,
      start: planned.start,
      reading: planned.dialReading.value,
      zero: 'touch-off',
      asPlanned: true,
      rows: prediction.rowsOf,
      told: {
        row: next?.n ?? null,
        reading: next?.dialReading.value ?? null,
        remaining: remaining?.compound ?? null,
        warnings: prediction.warnings,
      },
    };
    if (reading === undefined) return good(content);
    const { unit } = planned.dialReading;
    const typed = parseLength('reading', reading, unit);
    if (!typed.ok) return typed;
    const value = typed.value.length.value;
    const most = 2 * Math.max(...passes.map(({ dialReading }) => dialReading.value));
    if (value < 0 || value > most) {
      const limit = formatLength({ value: most, unit });
      const says = `Type the ${sheet.words.compound}’s reading from touch-off, 0 to ${limit} ${unit}, turns counted in.`;
      return bad('reading', 'out-of-range', says);
    }
    return good({ ...content, reading: value, asPlanned: value === planned.dialReading.value });
  },
  words: ({ plannedPass, start, reading, asPlanned }, sheet) => {
    const { dial } = sheet.lathe;
    const { unit } = dial.graduation;
    const several = sheet.thread.starts > 1 ? `start ${start}, ` : '';
    return {
      title: `Pass ${plannedPass}`,
      detail: `${several}dial ${dialText({ value: reading, unit }, dial.perTurn)} ${unit}${asPlanned ? '' : ', own reading'}`,
    };
  },
};
