import { contextOf, HANDED_IN, happened, recordOf, sheetOf } from '@/core/test/record';
import { Work } from '@/core/test/work';
import { adviceSentence } from '../advice/advice-sentence';
import { adviseOn } from '../advice/advise';
import type { Entry } from '../entry/entry';
import { checkContent } from '../entry/check-content';
import type { EntryContent } from '../entry/kinds';
import { readEntry } from '../entry/read-entry';
import { predict } from './predict';

const sheet = sheetOf();
const work = new Work(sheet);
const back = (reason: string, stands: boolean): EntryContent => ({
  kind: 'sent-back',
  stepId: null,
  reason,
  stands,
});

/** A day at the lathe; what was sent back is the instructor's. */
function record(...contents: EntryContent[]): Entry[] {
  return recordOf(contents).map((entry) =>
    entry.content.kind === 'sent-back'
      ? { ...entry, author: { id: 1, name: 'Instructor', role: 'instructor' } }
      : entry,
  );
}
const whole = [...work.setUp(), ...work.toEnd()];
const oversize = [
  ...work.setUp(),
  ...work.begun(99),
  work.measured(work.limits.max + 0.002, 'final'),
  ...work.cleanUp,
  HANDED_IN,
];
const told = (entries: readonly Entry[]) => {
  const prediction = predict(sheet, entries);
  const advice = adviseOn(sheet, entries, prediction);
  return { prediction, advice, says: adviceSentence(sheet, prediction, advice) };
};

test('a piece that was handed in and sent back is open again, and says what is to be done before anything else', () => {
  const { prediction, advice, says } = told(record(...whole, back('File the burrs off', true)));
  expect(prediction.state).toBe('measured');
  expect(prediction.ended).toBeNull();
  expect(advice).toMatchObject({ phase: 'sent-back', because: ['piece-sent-back'], cut: null });
  expect(says).toBe('File the burrs off. Then hand it in again.');
});

test('seen, or worked on, the way goes on; handed in again it waits for its mark', () => {
  const entries = record(...whole, back('File the burrs off', true));
  const seen: EntryContent = { kind: 'looked-over', entryId: entries.at(-1)!.id };
  expect(told(record(...whole, back('File the burrs off', true), seen)).advice.phase).toBe('proven');
  expect(
    told(record(...whole, back('File the burrs off', true), happened('crests-filed'))).advice.phase,
  ).not.toBe('sent-back');
  const again = told(record(...whole, back('File the burrs off', true), seen, HANDED_IN));
  expect(again.prediction.state).toBe('waiting');
  expect(again.prediction.sentBack).toBeNull();
  expect(again.advice.phase).toBe('ended');
});

test('what another says after it is not the work of whoever cuts', () => {
  const [mine, ...others] = [
    ...record(...whole, back('Two more cuts', true)),
    { ...recordOf([work.measured(work.limits.max + 0.002, 'final')])[0]!, id: 'm' },
  ].reverse();
  const entries = [
    ...others.reverse(),
    { ...mine!, author: { id: 1, name: 'I', role: 'instructor' as const } },
  ];
  expect(told(entries).advice.phase).toBe('sent-back');
});

test('still in the machine, metal is left: it is cut on from where the dial stands', () => {
  const entries = record(...oversize, back('Two more cuts', true), {
    kind: 'looked-over',
    entryId: `e${oversize.length + 1}`,
  });
  const { advice } = told(entries);
  expect(advice.phase).toBe('cut');
  expect(advice.cut?.infeed).toBeGreaterThan(0);
});

test('out of the machine, nothing is cut before new zeros; where nothing is to be cut no zero is asked', () => {
  const seen: EntryContent = { kind: 'looked-over', entryId: `e${oversize.length + 1}` };
  const { advice } = told(record(...oversize, back('Two more cuts', false), seen));
  expect(advice).toMatchObject({ phase: 'zero', cut: null });
  const burrs: EntryContent = { kind: 'looked-over', entryId: `e${whole.length + 1}` };
  expect(told(record(...whole, back('File the burrs off', false), burrs)).advice.phase).toBe('proven');
});

test('whatever is right already, no cut comes before the zeros of a piece that was out', () => {
  const short = [
    ...work.setUp(),
    ...work.begun(8),
    work.measured(work.limits.max - 0.0001, 'final'),
    ...work.cleanUp,
    HANDED_IN,
  ];
  const seen: EntryContent = { kind: 'looked-over', entryId: `e${short.length + 1}` };
  expect(told(record(...short, back('Nearer to the target', true), seen)).advice.phase).toBe('cut');
  expect(told(record(...short, back('Nearer to the target', false), seen)).advice).toMatchObject({
    phase: 'zero',
    cut: null,
  });
});

test('between centres it comes back by its marks, with a pass at no infeed first', () => {
  const between = sheetOf({ 'holding.kind': 'between-centres' });
  const at = new Work(between);
  const cut = [
    ...at.setUp(),
    ...at.begun(99),
    at.measured(at.limits.max + 0.002, 'final'),
    ...at.cleanUp,
    HANDED_IN,
  ];
  const entries = record(...cut, back('Two more cuts', false), {
    kind: 'looked-over',
    entryId: `e${cut.length + 1}`,
  });
  expect(adviseOn(between, entries)).toMatchObject({
    phase: 'cut',
    because: ['pass-at-no-infeed-asked'],
    cut: { infeed: 0 },
  });
});

test('a piece is sent back with a reason, and it is said whether it still stands in the machine', () => {
  const fields = { kind: 'sent-back', stepId: '', reason: 'Burrs', stands: 'yes' };
  expect(readEntry(fields, contextOf(sheet))).toMatchObject({
    ok: true,
    value: { stepId: null, stands: true },
  });
  for (const [change, field] of [
    [{ reason: ' ' }, 'reason'],
    [{ stands: '' }, 'stands'],
    [{ stepId: 'nap' }, 'stepId'],
  ] as const)
    expect(readEntry({ ...fields, ...change }, contextOf(sheet))).toMatchObject({
      ok: false,
      issues: [{ field }],
    });
  expect(
    checkContent(3, { kind: 'sent-back', stepId: null, reason: 'Burrs', stands: null }, sheet),
  ).toMatchObject({ how: 'refused', issues: [{ field: 'content.stands' }] });
});

test('a level that there is not is refused, on the page and by the server', () => {
  const look = { kind: 'look', subject: 'look:flanks', level: '2' };
  expect(readEntry(look, contextOf(sheet))).toMatchObject({
    ok: true,
    value: { level: 2, of: 3, sentence: 'Torn, stepped or leaning' },
  });
  const wrong: Record<string, string>[] = [
    { level: '3' },
    { level: '' },
    { subject: 'flanks' },
    { of: '11', level: '4' },
  ];
  for (const change of wrong) expect(readEntry({ ...look, ...change }, contextOf(sheet)).ok).toBe(false);
  const sent = { kind: 'look', subject: 'help', level: 5, of: 5, sentence: '', asked: '' };
  expect(checkContent(3, sent, sheet)).toMatchObject({
    how: 'refused',
    issues: [{ field: 'content.level' }],
  });
  expect(checkContent(3, { ...sent, level: 4 }, sheet).how).toBe('fits');
});
