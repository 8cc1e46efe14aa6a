import { EMPTY_PLAN_FORM, explainPlan, readPlan, type PlanForm, type WhyKey } from './index';

function whys(change: Partial<PlanForm>) {
  const read = readPlan({
    ...EMPTY_PLAN_FORM,
    title: 'Clamp screw',
    thread: '3/4-16 UNF-2A',
    blankDiameter: '0.7440',
    ...change,
  });
  return { read, why: explainPlan(read.evaluation, read.inputs) };
}

const KEYS: WhyKey[] = [
  'pitchDiameter',
  'major',
  'target',
  'overWires',
  'radialDepth',
  'compoundFeed',
  'swivelMark',
  'passes',
  'trailingStep',
  'timeInRunOut',
  'tipLimit',
];

test.each(KEYS)('%s has formula, numbers and source', (key) => {
  const why = whys({}).why[key];
  expect(why?.formula).not.toBe('');
  expect(why?.numbers).toMatch(/\d/);
  expect(why?.source).toMatch(/ASME|ISO|[Gg]eometry|[Cc]ommon practice/);
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
  expect(whys({ tipKind }).why.radialDepth?.formula).toContain(part);
});

test('a scale that counts from the bed is explained so', () => {
  expect(whys({ swivelZero: 'bed' }).why.swivelMark).toMatchObject({
    formula: 'mark = 90° − θ',
    numbers: '90° − 29.5° = 60.5°',
  });
});

test('what can not be worked out has no reason', () => {
  const { why } = whys({ blankDiameter: 'x' });
  expect(why.radialDepth).toBeUndefined();
  expect(why.pitchDiameter).toBeDefined();
  expect(whys({ thread: 'x' }).why).toEqual({});
});

test('inside, the formulas go outward and over balls', () => {
  const { why } = whys({ thread: '3/4-16 UNF-2B', blankDiameter: '' });
  expect(why.radialDepth?.formula).toContain('(D2 − Dm) / 2');
  expect(why.overWires).toMatchObject({ title: 'Measurement over two balls' });
  expect(why.overWires?.formula).toContain('D2 − w (1 / sin a − 1)');
});

/** Handbook constant, from memory: 4.9939 w − 1.933357 P for 29 degrees. */
test('the constants of other forms stand in the formula', () => {
  const { why } = whys({ thread: '1-5 Acme-2G', blankDiameter: '' });
  expect(why.overWires?.formula).toContain('4.99393 w − 1.933357 P');
});
