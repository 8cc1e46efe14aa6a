import { bad, good, type Result } from '../errors/field-issue';
import { capital, MEASURING_WORDS } from '../gauging';
import type { DerivedPlan } from '../plan';
import { pitchOf } from '../thread';
import { setupSteps, type SetupStep, type StepUnit } from '../steps';
import {
  formatLength,
  parseAngleDeg,
  parseFigures,
  parseLength,
  parseWhole,
  saidText,
  typedText,
  visibleLength,
  type LengthUnit,
} from '../units';
import { liveEntries, PLACES, type Entry, type EntryContent, type Place } from './entry';
import type { EntryForm } from './entry-form';

type Fields = Partial<Omit<EntryForm, 'id' | 'deviceTime' | 'kind'>> & Pick<EntryForm, 'kind'>;

/**
 * Reads what was typed for an entry against the plan and the record so far. What is merely wrong for the work
 * (out of tolerance, over-cut, a reversed compound) is recorded as it is; only what can not be meant is refused.
 */
export function readEntry(
  form: Fields,
  derived: DerivedPlan,
  record: readonly Entry[],
): Result<EntryContent> {
  switch (form.kind) {
    case 'step':
      return readStep(form, derived);
    case 'sign-off':
      return readSignOff(form, derived);
    case 'pass':
      return readPass(form, derived);
    case 'measurement':
      return readMeasurement(form, derived);
    case 'note':
      return readNote(form);
    case 'strike':
      return readStrike(form, record);
    case 'hand-in':
      return good({ kind: 'hand-in' });
  }
}

function stepOf(form: Fields, derived: DerivedPlan): SetupStep | undefined {
  return setupSteps(derived).find((step) => step.id === form.stepId);
}

function readStep(form: Fields, derived: DerivedPlan): Result<EntryContent> {
  const step = stepOf(form, derived);
  if (step === undefined || step.kind === 'sign-off')
    return bad('stepId', 'unreadable', 'There is no such step in this plan.');
  if (step.expected === null) return good({ kind: 'step', stepId: step.id, value: null });
  const value = readStepValue(form.value ?? '', step.expected.unit);
  return value.ok ? good({ kind: 'step', stepId: step.id, value: value.value }) : value;
}

/** Reads the value of a step in its unit. */
export function readStepValue(text: string, unit: StepUnit): Result<number> {
  if (unit === '°') return parseAngleDeg('value', text, 0, 360);
  if (unit === 'rpm') return parseWhole('value', text, 1, 5000, 'the speed in rpm');
  if (unit === 'TPI' || unit === 'mm pitch') {
    const typed = typedText('value', text);
    if (!typed.ok) return typed;
    if (typed.value === '') return bad('value', 'required', `Type what is set, in ${unit}.`);
    return positive(parseFigures('value', typed.value.replace(/ ?(tpi|mm|mm pitch)$/i, '')));
  }
  const length = parseLength('value', text, unit);
  return positive(length.ok ? good(length.value.length.value) : length);
}

function positive(number: Result<number>): Result<number> {
  if (number.ok && number.value <= 0) return bad('value', 'out-of-range', 'Type a value greater than 0.');
  return number;
}

function readSignOff(form: Fields, derived: DerivedPlan): Result<EntryContent> {
  const step = stepOf(form, derived);
  if (step?.kind !== 'sign-off')
    return bad('stepId', 'unreadable', 'There is no such hold point in this plan.');
  return good({ kind: 'sign-off', stepId: step.id });
}

function readPass(form: Fields, derived: DerivedPlan): Result<EntryContent> {
  const planned = derived.passes.find((pass) => String(pass.n) === form.plannedPass);
  if (planned === undefined) return bad('plannedPass', 'unreadable', 'There is no such pass in this plan.');
  const { unit } = planned.dialReading;
  if (form.reading === undefined) {
    return good({
      kind: 'pass',
      plannedPass: planned.n,
      reading: planned.dialReading.value,
      asPlanned: true,
    });
  }
  const typed = parseLength('reading', form.reading, unit);
  if (!typed.ok) return typed;
  const reading = typed.value.length.value;
  const most = 2 * (derived.passes.at(-1)?.dialReading.value ?? 0);
  if (reading < 0 || reading > most) {
    const limit = formatLength({ value: most, unit });
    return bad(
      'reading',
      'out-of-range',
      `Type the compound’s reading from touch-off, 0 to ${limit} ${unit}, turns counted in.`,
    );
  }
  return good({
    kind: 'pass',
    plannedPass: planned.n,
    reading,
    asPlanned: reading === planned.dialReading.value,
  });
}

function readMeasurement(form: Fields, derived: DerivedPlan): Result<EntryContent> {
  const { thread, blank, overWires } = derived;
  const { unit } = thread;
  const words = MEASURING_WORDS[thread.side];
  const show = (value: number) => formatLength({ value, unit });
  if (form.purpose !== 'mid' && form.purpose !== 'final') {
    return bad('purpose', 'unreadable', 'Say whether this is a measurement in mid-course or the final one.');
  }
  const wireText = form.wire ?? '';
  const wire = wireText.trim() === '' ? good(derived.wire) : lengthOf('wire', wireText, unit);
  if (!wire.ok) return wire;
  if (Math.abs(wire.value - derived.wire) > derived.wire / 2) {
    return bad(
      'wire',
      'out-of-range',
      `The plan’s ${words.pieces} are ${show(derived.wire)} ${unit}: type the size of those in hand.`,
    );
  }
  const pitch = pitchOf(thread);
  const [low, high] =
    thread.side === 'external'
      ? [overWires.target - pitch, blank + 3 * wire.value]
      : [blank - 3 * wire.value, overWires.target + pitch];
  const places: Record<Place, number | null> = { start: null, middle: null, end: null };
  for (const place of PLACES) {
    const text = form[place] ?? '';
    if (text.trim() === '') continue;
    const read = lengthOf(place, text, unit);
    if (!read.ok) return read;
    if (read.value < low || read.value > high) {
      return bad(
        place,
        'out-of-range',
        `${capital(words.over)} of this size the thread reads ${show(low)} to ${show(high)} ${unit}. Read the micrometer again.`,
      );
    }
    places[place] = read.value;
  }
  const crestText = form.crest ?? '';
  const crest = crestText.trim() === '' ? good(null) : lengthOf('crest', crestText, unit);
  if (!crest.ok) return crest;
  if (crest.value !== null && Math.abs(crest.value - blank) > pitch) {
    return bad(
      'crest',
      'out-of-range',
      `The ${words.work} was planned at ${show(blank)} ${unit}. Measure the ${words.crest} again.`,
    );
  }
  const measured = PLACES.filter((place) => places[place] !== null).length;
  if (measured === 0)
    return bad('start', 'required', `Type the reading ${words.over} at one place at least.`);
  if (form.purpose === 'final') {
    const missing = PLACES.find((place) => places[place] === null);
    if (missing !== undefined)
      return bad(missing, 'required', 'The final measurement wants all three places.');
    if (crest.value === null)
      return bad('crest', 'required', `The final measurement wants the ${words.crest} too.`);
  }
  return good({
    kind: 'measurement',
    purpose: form.purpose,
    wire: { value: wire.value, unit },
    overWires: places,
    crest: crest.value,
  });
}

function lengthOf(field: string, text: string, unit: LengthUnit): Result<number> {
  const read = parseLength(field, text, unit);
  return read.ok ? good(read.value.length.value) : read;
}

function readNote(form: Fields): Result<EntryContent> {
  const text = saidText(form.text ?? '');
  return text === '' ? bad('text', 'required', 'Type the note.') : good({ kind: 'note', text });
}

function readStrike(form: Fields, record: readonly Entry[]): Result<EntryContent> {
  const standing = liveEntries(record).find((entry) => entry.id === form.entryId);
  if (standing === undefined)
    return bad('entryId', 'conflict', 'That entry is not in the record, or is struck out already.');
  const reason = saidText(form.reason ?? '');
  if (visibleLength(reason) < 3) return bad('reason', 'required', 'Say why the entry is struck out.');
  return good({ kind: 'strike', entryId: standing.id, reason });
}
