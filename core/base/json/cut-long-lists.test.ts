import { array, mixed, number, object, string } from 'yup';
import { cutLongLists } from './cut-long-lists';

const schema = object({
  entries: array(mixed<object>().required('Send the entry.')).max(50, 'At most 50 entries.').required(),
  rows: array(object({ parts: array(number().required()).max(2) })),
  other: string(),
  free: mixed(),
});

test('lists are cut off one behind what is allowed, nested ones too, and nothing else is touched', () => {
  const many = Array.from({ length: 60_000 }, () => ({}));
  const sent = { entries: many, rows: [{ parts: [1, 2, 3, 4] }], other: ['x'], free: many, more: many };
  const cut = cutLongLists(schema, sent) as typeof sent;
  expect(cut.entries).toHaveLength(51);
  expect(cut.rows).toEqual([{ parts: [1, 2, 3] }]);
  expect(cut.other).toEqual(['x']);
  expect(cut.free).toBe(many);
  expect(cut.more).toBe(many);
  expect(cutLongLists(schema, { rows: Array(900).fill({}) })).toMatchObject({ rows: { length: 900 } });
});

test('what was too much is still told as too much', () => {
  const entries = Array.from({ length: 60_000 }, () => ({ a: 1 }));
  expect(() => schema.validateSync(cutLongLists(schema, { entries }), { abortEarly: false })).toThrow(
    'At most 50 entries.',
  );
});

test.each([null, 7, 'x', [1]])('%j is left as it is', (value) =>
  expect(cutLongLists(schema, value)).toEqual(value),
);
