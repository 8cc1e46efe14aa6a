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
  ['flat', '(P / 2 − f)'],
  ['radius', '− r'],
  ['sharp', '(P / 2) · √3 / 2'],
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
