import { entryExamples } from '@/core/test/entry-examples';
import { recordOf, sheetOf } from '@/core/test/record';
import { checkContent } from './check-content';
import { ENTRY_KINDS, type KnownKind } from './kinds';
import { entryWords } from './entry-words';
import { predict } from '../state/predict';
import { readStoredEntry, kindNamed, oldestFormat } from './read-stored-entry';

const sheet = sheetOf();
const examples = entryExamples(sheet);
const kinds = Object.keys(ENTRY_KINDS) as KnownKind[];
const latest = (kind: KnownKind) => ({ ...examples[kind][ENTRY_KINDS[kind].format] });
const fields = (checked: ReturnType<typeof checkContent>) =>
  checked.how === 'refused' ? checked.issues.map(({ field }) => field) : checked.how;

describe.each(kinds)('an entry of the kind %s', (kind) => {
  const known = kindNamed(kind)!;
  const formats = Array.from(
    { length: known.format - oldestFormat(known) + 1 },
    (_, n) => oldestFormat(known) + n,
  );

  test('has an example of every format that can be read, and no other', () => {
    expect(Object.keys(examples[kind]).map(Number)).toEqual(formats);
  });
  test.each(formats)('is taken in format %i, and says what today’s says', (format) => {
    const checked = checkContent(format, examples[kind][format]!, sheet);
    expect(checked).toEqual({ how: 'fits', content: latest(kind) });
  });
  test('of a later format waits; before its first format there was none', () => {
    expect(checkContent(known.format + 1, latest(kind), sheet)).toEqual({
      how: 'later',
      what: `“${kind}” ${known.format + 1}`,
    });
    const first = oldestFormat(known);
    if (first > 1)
      expect(checkContent(first - 1, latest(kind), sheet)).toMatchObject({
        how: 'refused',
        issues: [{ field: 'format', message: `“${kind}” begins with format ${first}.` }],
      });
  });
  test('with a field too many, or one missing, is refused at that field', () => {
    expect(fields(checkContent(known.format, { ...latest(kind), more: 1 }, sheet))).not.toBe('fits');
    for (const field of Object.keys(latest(kind)).filter((each) => each !== 'kind')) {
      const { [field]: _, ...rest } = latest(kind) as Record<string, unknown>;
      const [named] = fields(checkContent(known.format, rest, sheet));
      expect(named).toMatch(new RegExp(`^content\\.${field}`));
    }
  });
});

test('a kind of a later release waits; a name that no kind can have too', () => {
  expect(checkContent(2, { kind: 'photo', of: 'chip' }, sheet)).toEqual({ how: 'later', what: '“photo” 2' });
  expect(checkContent(2, { kind: 'toString' }, sheet)).toMatchObject({ how: 'later' });
});

const unknownNames: [KnownKind, object][] = [
  ['event', { event: 'coolant-failed' }],
  ['pass', { drive: 'electronic' }],
  ['measurement', { method: 'optical' }],
  ['measurement', { questioned: ['warm'] }],
  ['trial', { answer: 'grinds' }],
  ['finding', { answer: 'scratches' }],
  ['step', { how: 'borrowed' }],
  ['hand-in', { how: 'exchanged' }],
  ['refigure', { what: 'spindle' }],
];
test.each(unknownNames)(
  '%s with the unknown name %j waits; stored, it is shown as unknown',
  (kind, change) => {
    const { format } = ENTRY_KINDS[kind];
    const content = { ...latest(kind), ...change };
    const name = Object.values(change).flat()[0] as string;
    expect(checkContent(format, content, sheet)).toEqual({ how: 'later', what: `“${name}” of “${kind}”` });
    const read = readStoredEntry(format, content);
    expect(read).toEqual({ kind: 'unknown', named: kind, format, name });
    const [entry] = recordOf([]).concat({ ...recordOf([{ kind: 'note', text: 'x' }])[0]!, content: read });
    expect(entryWords(entry!, sheet).title).toBe(`“${name}”`);
    // It changes nothing of the work, and is named.
    const { unknown, ...rest } = predict(sheet, [entry!]);
    const { unknown: none, ...nothing } = predict(sheet, []);
    expect([unknown.length, none.length]).toEqual([1, 0]);
    expect(rest).toEqual(nothing);
  },
);

const together: [KnownKind, object, string][] = [
  ['measurement', { overWires: { start: null, middle: null, end: null } }, 'content.overWires.start'],
  ['measurement', { purpose: 'final' }, 'content.overWires.middle'],
  ['measurement', { purpose: 'final', overWires: { start: 1, middle: 1, end: 1 } }, 'content.crest'],
  ['step', { how: 'not-done' }, 'content.said'],
  ['step', { how: 'by-other', said: '\u200b ' }, 'content.said'],
  ['hand-in', { how: 'scrapped', cause: '' }, 'content.cause'],
  ['event', { event: 'off-mark' }, 'content.touched'],
  ['event', { event: 'set-up-wrong' }, 'content.stepId'],
  ['event', { event: 'speed-changed' }, 'content.value'],
  ['event', { event: 'first-chip' }, 'content.value'],
  ['finding', { answer: null }, 'content.answer'],
  ['finding', { value: 0.1 }, 'content.answer'],
  ['look', { subject: 'finish' }, 'content.subject'],
  ['refigure', { passes: [] }, 'content.passes'],
  ['refigure', { passes: [{ ...sheet.passes[0], kind: 'unknown' }] }, 'content.passes'],
  ['pass', { plannedPass: null }, 'content.asPlanned'],
  ['pass', { reading: null }, 'content.asPlanned'],
  ['pass', { compound: { fed: 0.002, angleDeg: 30 } }, 'content.asPlanned'],
  ['pass', { asPlanned: false, compound: { fed: 0.002, angleDeg: 30 } }, 'content.compound'],
  ['pass', { asPlanned: false, compound: { fed: -1, angleDeg: 30 } }, 'content.compound.fed'],
  ['pass', { asPlanned: false, compound: { fed: 0.002, angleDeg: 91 } }, 'content.compound.angleDeg'],
  ['event', { along: 0.004 }, 'content.along'],
  ['note', { text: '\u200b\u2060' }, 'content.text'],
  ['measurement', { overWires: { start: null, middle: 16_329_000, end: null } }, 'content.overWires.middle'],
  ['measurement', { overWires: { start: 3.9, middle: null, end: null } }, 'content.overWires.start'],
  ['measurement', { crest: -4 }, 'content.crest'],
  ['measurement', { instrument: '\u2060' }, 'content.instrument'],
  ['trial', { crest: 40 }, 'content.crest'],
  ['trial', { evidenceId: '\u200b' }, 'content.evidenceId'],
  ['finding', { answer: null, value: 401 }, 'content.value'],
  ['refigure', { value: 9 }, 'content.value'],
  ['step', { choice: '\u200b' }, 'content.choice'],
  ['stop', { stopId: '\ufeff' }, 'content.stopId'],
  ['worksheet', { answer: '\u00ad' }, 'content.answer'],
  ['strike', { reason: 'no' }, 'content.reason'],
  ['sent-back', { reason: ' . ' }, 'content.reason'],
];
test.each(together)('%s with %j is refused at %s', (kind, change, field) => {
  expect(fields(checkContent(ENTRY_KINDS[kind].format, { ...latest(kind), ...change }, sheet))).toEqual([
    field,
  ]);
});

test('a final measurement without a reading, taken by an earlier release, makes no size and no state', () => {
  const nothing = {
    ...latest('measurement'),
    purpose: 'final',
    overWires: { start: null, middle: null, end: null },
  };
  const content = readStoredEntry(4, nothing);
  const entries = [{ ...recordOf([{ kind: 'note', text: 'x' }])[0]!, content }];
  expect(predict(sheet, entries)).toEqual(predict(sheet, []));
});
