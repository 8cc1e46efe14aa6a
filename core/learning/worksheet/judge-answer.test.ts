import { EMPTY_LATHE_FORM } from '@/core/machine/lathe/form/lathe-form';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import { sheetOf } from '@/core/test/record';
import { slipCaseOf } from '@/core/exercise/sheet/sheet-worksheet';
import { joinedOptions, judgeAnswer, readAnswer } from './judge-answer';
import { putQuestion } from './question';
import { WORKSHEET_ASKS, type WorksheetAsk } from './asks';

const all = Object.fromEntries(WORKSHEET_ASKS.map((ask) => [`worksheet.${ask}`, 'yes']));
/** An inch lathe with the usual dial: 32 teeth on 8 TPI, four numbered marks and four plain ones. */
const lathe = readLatheForm({
  ...EMPTY_LATHE_FORM,
  name: 'Lathe',
  leadScrew: '8 TPI',
  threadDial: 'in-use',
  dialGears: [['32', '1 - 2 - 3 - 4 -']],
});
if (!lathe.ok) throw new Error('This lathe can be read.');
const sheet = sheetOf(all, lathe.value);
/** Odd threads in an inch: the numbered marks only (the taught rule, common practice). */
const odd = sheetOf({ ...all, 'thread.designation': '7/8-9 UNC-2A' }, lathe.value);
const slipCase = slipCaseOf(sheet);
const questionOf = (id: WorksheetAsk) => sheet.worksheet.find((each) => each.id === id)!;
const judge = (id: WorksheetAsk, answer: string) => judgeAnswer(questionOf(id), slipCase, answer);

test('every question is asked where lathe and way have it, and its own right answer is right', () => {
  expect(odd.worksheet.map(({ id }) => id)).toEqual([...WORKSHEET_ASKS]);
  // 16 threads in an inch on a screw of 8: any place is safe, and nothing is to be found.
  expect(sheet.worksheet.map(({ id }) => id)).toEqual(WORKSHEET_ASKS.filter((ask) => ask !== 'safeMarks'));
  for (const { id, expected, decimals, wanted } of sheet.worksheet)
    expect([
      id,
      judge(id, expected === null ? joinedOptions(wanted) : expected.toFixed(decimals)).right,
    ]).toEqual([id, true]);
});

test('the figures are those that the sheet holds', () => {
  // 3/4-16 UNF-2A by ASME B1.1, as printed: pitch diameter 0.7029 to 0.7079; major 0.7391 to 0.7485.
  expect(questionOf('pitchDiameterMin').expected).toBeCloseTo(0.7029, 6);
  expect(questionOf('pitchDiameterMax').expected).toBeCloseTo(0.7079, 6);
  expect(questionOf('majorMin').expected).toBeCloseTo(0.7391, 6);
  expect(questionOf('majorMax').expected).toBeCloseTo(0.7485, 6);
  expect(questionOf('bestWire').expected).toBeCloseTo(0.57735 / 16, 6);
  expect(questionOf('compoundFeed').expected).toBeCloseTo(sheet.compoundFeed, 9);
  expect(questionOf('radialDepth').expected).toBeCloseTo(sheet.radialDepth, 9);
  expect(questionOf('markToSet').expected).toBeCloseTo(sheet.compound.markDeg, 9);
  expect(questionOf('overWires').expected).toBeCloseTo(sheet.wires.overWires.target, 3);
});

test('a wrong figure gets the hint of its slip, without the number that is right', () => {
  const wrong = judge('compoundFeed', sheet.radialDepth.toFixed(4));
  expect(wrong).toMatchObject({ right: false, slip: 'cosine-left-out' });
  expect(wrong.says).not.toContain(sheet.compoundFeed.toFixed(4));
  expect(judge('compoundFeed', '0.0011')).toMatchObject({ right: false, slip: null });
});

test('within the tolerance it is right, a little beyond it is not', () => {
  const { expected, tolerance } = questionOf('radialDepth');
  expect(judge('radialDepth', String(expected! + tolerance)).right).toBe(true);
  expect(judge('radialDepth', String(expected! + 1.2 * tolerance)).right).toBe(false);
});

test('the speed: turns in a second are known, too fast and too slow are told apart', () => {
  const { expected } = questionOf('spindleSpeed');
  expect(judge('spindleSpeed', String(expected! / 60)).slip).toBe('minutes-for-seconds');
  expect(judge('spindleSpeed', String(expected! * 1.04)).right).toBe(true);
  expect(judge('spindleSpeed', String(expected! * 1.2)).says).toMatch(/less time/);
  expect(judge('spindleSpeed', String(expected! / 2)).says).toMatch(/safe side/);
});

test('any order that keeps to what matters is right; a broken one says why', () => {
  const { wanted, before } = questionOf('stepOrder');
  const at = (title: string) => wanted.indexOf(title);
  const free = wanted.findIndex(
    (title, index) =>
      index + 1 < wanted.length &&
      before.every(({ first, then }) => first !== title || then !== wanted[index + 1]),
  );
  const swapped = wanted.with(free, wanted[free + 1]!).with(free + 1, wanted[free]!);
  expect(judge('stepOrder', joinedOptions(swapped)).right).toBe(true);
  const rule = before.find(({ first, then }) => at(first) < at(then))!;
  const broken = wanted.with(at(rule.first), rule.then).with(at(rule.then), rule.first);
  expect(judge('stepOrder', joinedOptions(broken))).toMatchObject({ right: false });
  expect(before.map(({ why }) => why)).toContain(judge('stepOrder', joinedOptions(broken)).says);
});

test('what is safe: one too many and one too few each get their hint', () => {
  const { wanted, options } = questionOf('safety');
  const unsafe = options.find((each) => !wanted.includes(each))!;
  expect(judge('safety', joinedOptions([...wanted, unsafe])).says).toMatch(/^Think of/);
  expect(judge('safety', joinedOptions(wanted.slice(1))).says).toMatch(/^Think of/);
});

test('marks: a wrong one and a missing one are told apart', () => {
  const question = odd.worksheet.find(({ id }) => id === 'safeMarks')!;
  const { wanted, options } = question;
  expect(wanted).toEqual(['1', '2', '3', '4']);
  expect(options).toHaveLength(8);
  const judged = (marks: string[]) => judgeAnswer(question, null, joinedOptions(marks));
  expect(judged(wanted).right).toBe(true);
  expect(judged(['1', '3']).says).toMatch(/not all/);
  const plain = options.find((each) => !wanted.includes(each))!;
  expect(judged([...wanted, plain]).says).toMatch(/second groove/);
});

test.each([
  ['radialDepth', 'deep', false],
  ['radialDepth', '', false],
  ['radialDepth', '0.04', true],
  ['safety', 'something else', false],
  ['safety', '', false],
  ['stepOrder', 'only one', false],
] as const)('%s answered with “%s” can be read: %s', (id, answer, can) => {
  expect(readAnswer(questionOf(id), answer) === null).toBe(can);
});

test('a question as it is put tells nothing of what is right', () => {
  for (const question of sheet.worksheet) {
    const put = putQuestion(question);
    expect(put).not.toHaveProperty('expected');
    expect(put).not.toHaveProperty('wanted');
    expect(put).not.toHaveProperty('before');
    if (question.kind === 'order') expect(put.options).not.toEqual(question.wanted);
  }
});

test('what a way does not have is not asked: no mark where nothing swivels, no dial where it is kept closed', () => {
  const plunged = sheetOf({ ...all, 'infeed.way': 'plunge', 'technique.drive': 'reversing' });
  const ids = plunged.worksheet.map(({ id }) => id);
  expect(ids).not.toContain('markToSet');
  expect(ids).not.toContain('compoundFeed');
  expect(ids).not.toContain('safeMarks');
  expect(ids).toContain('radialDepth');
});
