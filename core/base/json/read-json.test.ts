import { allFinite } from './all-finite';
import { exactText, exactWhole } from './exact';
import { readJson } from './read-json';

test.each([
  ['{"a":[1,"x",null]}', { a: [1, 'x', null] }],
  ['"a\\ud800b"', 'a\ufffdb'],
  ['{"a":["\\udc00",{"b":"\\ud800"}],"1":null}', { a: ['\ufffd', { b: '\ufffd' }], 1: null }],
  ['['.repeat(999) + '1' + ']'.repeat(999), JSON.parse('['.repeat(999) + '1' + ']'.repeat(999)) as unknown],
])('%s is read', (text, value) => expect(readJson(text)).toEqual({ ok: true, value }));

test.each([
  ['{"a":', 'not-json', ''],
  ['['.repeat(50_000) + ']'.repeat(50_000), 'not-json', ''],
  ['['.repeat(1001) + ']'.repeat(1001), 'not-json', ''],
  ['{"a":'.repeat(1001) + '1' + '}'.repeat(1001), 'not-json', ''],
  ['{"a":{"toString":1}}', 'unreadable', 'toString'],
  ['{"__proto__":{}}', 'unreadable', '__proto__'],
  ['{"constructor":1}', 'unreadable', 'constructor'],
  ['[1e999]', 'out-of-range', ''],
  ['{"a":[{"b":-1e999}]}', 'out-of-range', ''],
  ['[[{"valueOf":"x"}]]', 'unreadable', 'valueOf'],
])('%.40s is refused', (text, code, field) => {
  expect(readJson(text)).toMatchObject({ ok: false, issues: [{ code, field }] });
});

test('a number without end is found however deep', () => {
  expect(allFinite({ a: [{ b: 1 }, null, 'x', true] })).toBe(true);
  expect(allFinite({ a: [{ b: NaN }] })).toBe(false);
  expect(allFinite(-Infinity)).toBe(false);
});

test('a schema takes what was sent, not what it might mean', () => {
  expect(exactText(3).isValidSync('abc')).toBe(true);
  for (const other of [5, true, ['a'], {}, 'abcd']) expect(exactText(3).isValidSync(other)).toBe(false);
  const id = exactWhole(1, 'Give an id.');
  expect(id.isValidSync(7)).toBe(true);
  for (const other of ['7', [7], true, 0, 1.5, 2 ** 31, null]) expect(id.isValidSync(other)).toBe(false);
  expect(exactText(3).default('').validateSync(undefined)).toBe('');
});
