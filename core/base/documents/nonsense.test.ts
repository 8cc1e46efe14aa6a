import { nonsenseIn } from './nonsense';
import { saidText, visibleLength } from './visible-text';

const fields = (value: unknown) => nonsenseIn(value).map(({ field }) => field);

test.each<[unknown, string[]]>([
  [{ name: 'Insert', note: '' }, []],
  [{ name: '\u200b\u2060 ' }, ['name']],
  [{ list: ['oil', '\u00ad'] }, ['list[1]']],
  [{ proof: { evidence: [{ id: '\ufeff' }] } }, ['proof.evidence[0].id']],
  [{ size: { value: 10_000, unit: 'mm' } }, []],
  [{ size: { value: 10_000.1, unit: 'mm' } }, ['size']],
  [{ size: { value: -401, unit: 'in' } }, ['size']],
  [{ size: { value: 400, unit: 'in' } }, []],
  [{ count: 1e6 }, []],
  [{ count: 1_000_001 }, ['count']],
  [{ count: NaN }, ['count']],
  [{ count: -Infinity }, ['count']],
  [{ sheetId: 2 ** 31 - 1 }, []],
  ['x'.repeat(8001), ['']],
  [null, []],
])('%j: %j', (value, wrong) => expect(fields(value)).toEqual(wrong));

test('what is said is normalised, and one that can not be seen is nothing', () => {
  expect(saidText('\u200b Re\u0301ne \u00a0')).toBe('R\u00e9ne');
  expect(saidText('\u200b\u00a0')).toBe('');
  expect(visibleLength('a\u200bb\u200b c')).toBe(3);
});
