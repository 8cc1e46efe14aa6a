import { length, listOf, maybeFigure, maybeWords, oneOf, named, part } from '@/core/base/documents/parts';
import { bad, good, type FieldIssue, type Result } from '@/core/base/errors/field-issue';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { formatLength } from '@/core/base/units/format-length';
import { parseLength } from '@/core/base/units/parse-length';
import type { Length, LengthUnit } from '@/core/base/units/length';
import type { Sheet } from '../../../sheet/sheet';
import type { EntryKind } from '../entry-kind';
import { asItWas } from '../as-it-was';
import { unbelievable } from '../believable';
import { kindOf } from '../kind-of';
import {
  inOtherUnit,
  isReadingQuestion,
  READING_QUESTIONS,
  type ReadingQuestion,
} from '../reading-questions';

/** Places along the thread at which it is measured. */
export const PLACES = ['start', 'middle', 'end'] as const;
export type Place = (typeof PLACES)[number];

export interface MeasurementContent {
  kind: 'measurement';
  purpose: 'mid' | 'final';
  /** Over wires, or by an instrument that reads the pitch diameter. */
  method: 'wires' | 'direct';
  /** The evidence that it answers; null in older entries: the wires. */
  evidenceId: string | null;
  wire: Length;
  /** Readings of the instrument: over wires, or the pitch diameter itself. */
  overWires: Record<Place, number | null>;
  /** Major diameter, or the minor one of an internal thread. */
  crest: number | null;
  /** The instrument of the shop, by its name; null: not said. */
  instrument: string | null;
  /** What it reads where it should read nothing: taken off its readings; null: not looked at, or 0. */
  zero: number | null;
  /** What was asked about the readings before they were recorded all the same. */
  questioned: ReadingQuestion[];
}

/** The pitch diameter was measured, in mid-course or at the end. Lengths in the thread's unit. */
export const measurementKind: EntryKind<'measurement', MeasurementContent> = {
  kind: 'measurement',
  format: 4,
  schema: part({
    kind: kindOf('measurement'),
    purpose: oneOf(['mid', 'final'] as const),
    method: named(['wires', 'direct'] as const),
    evidenceId: maybeWords(40),
    wire: length(),
    overWires: part({ start: maybeFigure(), middle: maybeFigure(), end: maybeFigure() }),
    crest: maybeFigure(),
    instrument: maybeWords(80),
    zero: maybeFigure(-25, 25),
    questioned: listOf(named(READING_QUESTIONS), 10),
  }),
  lifts: {
    1: asItWas,
    2: (older) => ({ ...older, method: 'wires', evidenceId: null }),
    3: (older) => ({ ...older, instrument: null, zero: null, questioned: [] }),
  },
  writtenBy: ['student', 'instructor', 'helper'],
  ofWork: true,
  goesOn: true,
  answersHold: true,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: (fields, { sheet }) => {
    const { thread, workDiameter, wires, words } = sheet;
    const { unit, pitch } = thread;
    const show = (value: number) => formatLength({ value, unit });
    const { purpose } = fields;
    if (purpose !== 'mid' && purpose !== 'final')
      return bad(
        'purpose',
        'unreadable',
        'Say whether this is a measurement in mid-course or the final one.',
      );
    const evidence =
      sheet.proof.find(({ id }) => id === fields.evidenceId) ??
      sheet.proof.find(({ kind }) => kind === 'wires' || kind === 'thread-micrometer');
    const method = evidence?.kind === 'thread-micrometer' ? ('direct' as const) : ('wires' as const);
    const over = method === 'wires' ? capital(words.over) : 'Across the flanks';
    const wireText = method === 'wires' ? (fields.wire ?? '') : '';
    const wire = wireText.trim() === '' ? good(wires.diameter) : lengthOf('wire', wireText, unit);
    if (!wire.ok) return wire;
    if (Math.abs(wire.value - wires.diameter) > wires.diameter / 2) {
      const says = `The plan’s ${words.pieces} are ${show(wires.diameter)} ${unit}: type the size of those in hand.`;
      return bad('wire', 'out-of-range', says);
    }
    const zeroText = fields.zero ?? '';
    const zero = zeroText.trim() === '' ? good(null) : lengthOf('zero', zeroText, unit);
    if (!zero.ok) return zero;
    if (zero.value !== null && Math.abs(zero.value) > MOST_ZERO[unit])
      return bad(
        'zero',
        'out-of-range',
        `A zero error is at most ${show(MOST_ZERO[unit])} ${unit}: have the instrument set.`,
      );
    const [low, high] = plausible(sheet, method, wire.value);
    const places: Record<Place, number | null> = { start: null, middle: null, end: null };
    for (const place of PLACES) {
      const text = fields[place] ?? '';
      if (text.trim() === '') continue;
      const read = lengthOf(place, text, unit);
      if (!read.ok) return read;
      if (read.value < low || read.value > high) {
        const other = inOtherUnit(read.value, unit);
        const says =
          other >= low && other <= high
            ? `That is a reading in ${unit === 'in' ? 'mm' : 'inch'}: type it with its unit, or in ${unit}.`
            : `${over} a thread of this size reads ${show(low)} to ${show(high)} ${unit}. Read the micrometer again.`;
        return bad(place, 'out-of-range', says);
      }
      places[place] = read.value;
    }
    const crestText = fields.crest ?? '';
    const crest = crestText.trim() === '' ? good(null) : lengthOf('crest', crestText, unit);
    if (!crest.ok) return crest;
    if (crest.value !== null && Math.abs(crest.value - workDiameter) > pitch) {
      const says = `The ${words.work} was planned at ${show(workDiameter)} ${unit}. Measure the ${words.crest} again.`;
      return bad('crest', 'out-of-range', says);
    }
    const content: MeasurementContent = {
      kind: 'measurement',
      purpose,
      method,
      evidenceId: evidence?.id ?? null,
      wire: { value: wire.value, unit },
      overWires: places,
      crest: crest.value,
      instrument:
        (fields.instrument ?? '').trim() === '' ? null : (fields.instrument ?? '').trim().slice(0, 80),
      zero: zero.value === 0 ? null : zero.value,
      questioned: (fields.questioned ?? '').split(' ').filter(isReadingQuestion),
    };
    const issue = lacks(content, sheet);
    return issue === null ? good(content) : { ok: false, issues: [issue] };
  },
  refuses: (content, sheet) => {
    const { overWires, crest, wire } = content;
    const { start, middle, end } = overWires;
    const far = unbelievable(
      { 'overWires.start': start, 'overWires.middle': middle, 'overWires.end': end, crest },
      sheet,
      wire.unit,
    );
    if (far !== null) return far;
    const issue = lacks(content, sheet);
    return issue === null || issue.field === 'crest'
      ? issue
      : { ...issue, field: `overWires.${issue.field}` };
  },
  words: ({ purpose, method, overWires, crest, instrument, zero, questioned }, { thread, words }) => {
    const show = (value: number) => formatLength({ value, unit: thread.unit });
    const over = PLACES.flatMap((place) => {
      const value = overWires[place];
      return value === null ? [] : [`${place} ${show(value)}`];
    }).join(', ');
    const outside = crest === null ? '' : `; ${words.crest} ${show(crest)}`;
    return {
      title: purpose === 'final' ? 'Final measurement' : 'Measured',
      detail: [
        `${method === 'wires' ? words.over : 'pitch diameter'} ${over}${outside} ${thread.unit}`,
        ...(instrument === null ? [] : [instrument]),
        ...(zero === null ? [] : [`zero ${show(zero)}, taken off`]),
        ...(questioned.length === 0 ? [] : ['asked about, and read so']),
      ].join('; '),
    };
  },
};

/** The reading that a measurement lacks; null when it has what it needs. A size can not follow from nothing. */
function lacks(
  { purpose, evidenceId, overWires, crest }: MeasurementContent,
  sheet: Sheet | null,
): FieldIssue | null {
  const wanted = sheet?.proof.find(({ id }) => id === evidenceId)?.places ?? PLACES;
  const required = (field: string, message: string): FieldIssue => ({ field, code: 'required', message });
  if (PLACES.every((place) => overWires[place] === null))
    return required(wanted[0] ?? 'start', 'Type the reading at one place at least.');
  if (purpose === 'mid' || sheet === null) return null;
  const missing = wanted.find((place) => overWires[place] === null);
  if (missing !== undefined)
    return required(missing, `The final measurement wants ${WANTED[wanted.length] ?? 'all three places'}.`);
  return crest === null
    ? required('crest', `The final measurement wants the ${sheet.words.crest} too.`)
    : null;
}

/** Beyond this an instrument is not off but broken, or set to another length. */
const MOST_ZERO: Record<LengthUnit, number> = { in: 0.02, mm: 0.5 };

const WANTED: Record<number, string> = { 1: 'its place', 2: 'both places', 3: 'all three places' };

/** Readings beyond these are a slip of the instrument, and not of the work. */
function plausible(
  { thread: { side, pitch }, workDiameter, wires, targetPitchDiameter }: Sheet,
  method: MeasurementContent['method'],
  wire: number,
): [number, number] {
  const external = side === 'external';
  if (method === 'direct')
    return external
      ? [targetPitchDiameter - pitch, workDiameter]
      : [workDiameter, targetPitchDiameter + pitch];
  // The target over wires may be held back from a student who has to find it; the work is not.
  const target = wires.overWires.target > 0 ? wires.overWires.target : workDiameter;
  return external ? [target - pitch, workDiameter + 3 * wire] : [workDiameter - 3 * wire, target + pitch];
}

function lengthOf(field: string, text: string, unit: LengthUnit): Result<number> {
  const read = parseLength(field, text, unit);
  return read.ok ? good(read.value.length.value) : read;
}
