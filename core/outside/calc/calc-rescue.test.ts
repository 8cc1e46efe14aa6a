import { calc } from './calc';

const cut = {
  side: 'external',
  unit: 'in',
  pitch: 0.0625,
  workDiameter: 0.7438,
  tip: { flat: 0.0078 },
  compoundAngle: 29.5,
  feeds: [0.002, 0.01, 0.006],
  pitchDiameter: 0.7054,
};
const ask = (change: object) =>
  calc('rescue', JSON.stringify({ ...cut, ...change })).answer as Record<string, unknown>;

test('a thread that is cut as it should be is saveable, by what is left to its depth', () => {
  const answer = ask({});
  expect(answer.saveable).toBe(true);
  // h = (Dm - d2) / 2 + (P / 2 - f) (sqrt 3) / 2, less 0.018 cos 29.5 (common practice).
  const depth = (0.7438 - 0.7054) / 2 + (0.03125 - 0.0078) * (Math.sqrt(3) / 2);
  expect(answer.infeed).toBeCloseTo(depth - 0.018 * Math.cos((29.5 * Math.PI) / 180), 9);
});

test('deeper than wanted is not, and says by how much', () => {
  const answer = ask({ feeds: [0.05] });
  expect(answer).toMatchObject({ saveable: false });
  expect(answer.infeed).toBeLessThan(0);
});

test('a bore outward in the same way', () => {
  const bore = { side: 'internal', workDiameter: 0.68, pitchDiameter: 0.7116, compoundAngle: 60 };
  expect(ask({ ...bore, feeds: [0.01, 0.01] })).toMatchObject({ saveable: true });
});

test.each([
  [{ pitchDiameter: undefined }, 'pitchDiameter', 'required'],
  [{ pitchDiameter: 0.9 }, 'pitchDiameter', 'out-of-range'],
  [{ feeds: [] }, 'feeds', 'out-of-range'],
])('%j names its field', (change, field, code) => {
  expect(ask(change)).toMatchObject({ error: { field, code } });
});
