import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { formWith, type Leaves } from '@/core/test/record';
import { explainPlan } from './explain-plan';
import { readPlan } from './read/read-plan';

const inch = usualLathe('in');

function whys(leaves: Leaves, zeroAlong: 'cross-slide' | 'bed' = 'cross-slide') {
  const lathe = { ...inch, compound: { ...inch.compound, swivel: { ...inch.compound.swivel, zeroAlong } } };
  const read = readPlan(formWith({ 'work.diameter': '0.7440', ...leaves }), lathe);
  return { read, why: explainPlan(read.evaluation, read.inputs, zeroAlong) };
}

/** Every figure's reason ends in the figure that is shown, and names where it is from. */
test.each([
  ['pitchDiameter', /0\.7029.*0\.7079|0\.7079.*0\.7029/, 'ASME B1.1'],
  ['major', /0\.7485/, 'ASME B1.1'],
  ['target', /the plan aims at 0\.7054 in$/, 'Common practice'],
  ['overWires', /= 0\.7595 in$/, 'ASME B1.2'],
  ['radialDepth', /= 0\.0396 in$/, 'Geometry'],
  ['compoundFeed', /= 0\.0455 in$/, 'Geometry'],
  ['swivelGraduation', /^29\.5°$/, 'Common practice'],
  ['passes', /^14 passes, 9 of them roughing, last reading 0\.046 in$/, 'Common practice'],
  ['trailingStep', /= 0\.000087 in$/, 'Geometry'],
  ['timeInRunOut', /^at 70 rpm: 1\.84 s over 0\.1345 in$/, 'Geometry'],
  ['tipLimit', /^flat 0\.01\d\d, radius 0\.00\d\d in$/, 'Geometry'],
] as const)('%s ends in its figure and names its source', (key, numbers, source) => {
  const why = whys({}).why[key];
  expect(why?.formula).toMatch(/[=≤(]|graduation/);
  expect(why?.numbers).toMatch(numbers);
  expect(why?.source).toContain(source);
});

test('the numbers put in end in the figure that is shown', () => {
  const { why } = whys({});
  expect(why.radialDepth?.numbers).toMatch(/^\(0\.7440 − 0\.7054\) \/ 2 \+ .* = 0\.0396 in$/);
  expect(why.compoundFeed?.numbers).toBe('0.0396 / cos 29.5° = 0.0455 in');
  expect(why.overWires?.numbers).toMatch(/= 0\.7595 in$/);
});

test.each([
  ['flat', '(P / 4) cot a − (f / 2) cot a'],
  ['radius', '(P / 4) cot a − r (1 / sin a − 1)'],
  ['sharp', '(P / 4) cot a;'],
])('the depth of a %s tip has its own formula', (tipKind, part) => {
  expect(whys({ 'tool.tip.kind': tipKind }).why.radialDepth?.formula).toContain(part);
});

test('a scale that counts from the bed is explained so', () => {
  expect(whys({}, 'bed').why.swivelGraduation).toMatchObject({
    formula: 'graduation = 90° − θ',
    numbers: '90° − 29.5° = 60.5°',
  });
});

test('what can not be worked out has no reason', () => {
  const { why } = whys({ 'work.diameter': 'x' });
  expect(why.radialDepth).toBeUndefined();
  expect(why.pitchDiameter).toBeDefined();
  expect(whys({ 'thread.designation': 'x' }).why).toEqual({});
});

test('inside, the formulas go outward and over balls', () => {
  const { why } = whys({ 'thread.designation': '3/4-16 UNF-2B', 'work.diameter': '' });
  expect(why.radialDepth?.formula).toContain('(D2 − Dm) / 2');
  expect(why.overWires).toMatchObject({ title: 'Measurement over two balls' });
  expect(why.overWires?.formula).toContain('D2 − w (1 / sin a − 1)');
});

/** Handbook constant, from memory: 4.9939 w − 1.933357 P for 29 degrees. */
test('the constants of other forms stand in the formula', () => {
  const { why } = whys({ 'thread.designation': '1-5 Acme-2G', 'work.diameter': '' });
  expect(why.overWires?.formula).toContain('4.99393 w − 1.933357 P');
});
