import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { sheetOf } from '@/core/test/record';
import { meets, type Expected } from './sheet-step';
import { showExpected, showStepValue } from './show-value';

const steps = (change = {}, lathe = usualLathe('in')) =>
  Object.fromEntries(sheetOf(change, lathe).steps.map((step) => [step.id, step]));
const inch = usualLathe('in');
const bed = {
  ...inch,
  compound: { ...inch.compound, swivel: { ...inch.compound.swivel, zeroAlong: 'bed' as const } },
};

test('the order of work: safety first, hold point last before cutting, pitch after the scratch', () => {
  const all = sheetOf().steps;
  expect(all[0]).toMatchObject({ id: 'safety' });
  expect(all.filter(({ when }) => when === 'before-cutting').at(-1)).toMatchObject({
    id: 'instructor-look',
    kind: 'sign-off',
  });
  expect(all.slice(-2)).toMatchObject([
    { id: 'pitch-check', when: 'after-scratch' },
    { id: 'clean-up', when: 'after-cutting' },
  ]);
  expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
});

test('expected values come from the plan', () => {
  const { blank, compound, gearing, speed, tip } = steps(
    {
      'work.diameter': '0.7440',
      'technique.speed': '80',
    },
    bed,
  );
  expect(blank?.expected).toEqual({ value: 0.744, min: 0.7391, max: 0.7485, unit: 'in', sense: 'value' });
  expect(compound?.expected).toMatchObject({ value: 60.5, min: 60, max: 61, unit: '°' });
  expect(gearing).toMatchObject({ kind: 'confirm', critical: true });
  expect(gearing?.instruction).toContain('Set 16 TPI from the machine’s chart');
  expect(speed?.expected).toMatchObject({ value: 80, min: null, max: 80 });
  expect(tip?.expected).toMatchObject({ value: 0.0078, unit: 'in' });
});

test('a metric thread is geared by its pitch, and a sharp tip is looked at, not measured', () => {
  const { gearing, tip } = steps({ 'thread.designation': 'M16x2-6g', 'tool.tip.kind': 'sharp' });
  expect(gearing?.instruction).toContain('Set 2 mm pitch');
  expect(tip).toMatchObject({ kind: 'confirm', expected: null });
});

test('inside, the work is bored, the recess is at least the root, and balls go in the thread', () => {
  const internal = steps({ 'thread.designation': '3/4-16 UNF-2B' });
  expect(internal.blank).toMatchObject({ title: 'Bore', expected: { min: 0.682, max: 0.696 } });
  expect(internal['run-out']).toMatchObject({ title: 'Recess', expected: { sense: 'at-least', max: null } });
  expect(internal['over-wires']?.title).toBe('Target over balls');
  expect(internal.compound?.instruction).toContain('swung clockwise');
});

test('an insert is looked at: its pitches, its seat', () => {
  const { tip } = steps({
    'tool.tip.kind': 'insert',
    'tool.tip.pitchFrom': '0.05',
    'tool.tip.pitchTo': '0.07',
    'tool.tip.radius': '0.006',
  });
  expect(tip).toMatchObject({ kind: 'confirm', title: 'Insert' });
  expect(tip?.instruction).toContain('pitches 0.05 in to 0.07 in');
});

test('the gauge has the angle of the form', () => {
  expect(steps({ 'thread.designation': 'Tr30x6-7e' }).tip?.instruction).toContain('30°');
});

const band: Expected = { value: 0.744, min: 0.7391, max: 0.7485, unit: 'in', sense: 'value' };

test.each([
  [0.7391, true],
  [0.7485, true],
  [0.73909, false],
  [0.74851, false],
])('%d inside 0.7391 to 0.7485: %s', (value, inside) => {
  expect(meets(band, value)).toBe(inside);
});

test('an open limit takes anything on its side', () => {
  const most: Expected = { value: 70, min: null, max: 70, unit: 'rpm', sense: 'at-most' };
  expect([meets(most, 1), meets(most, 70), meets(most, 71)]).toEqual([true, true, false]);
});

test.each([
  [band, '0.7440 in (0.7391 to 0.7485)'],
  [{ value: 29.5, min: 29, max: 30, unit: '°', sense: 'value' }, '29.5° (29 to 30)'],
  [{ value: 70, min: null, max: 70, unit: 'rpm', sense: 'at-most' }, 'at most 70 rpm'],
  [{ value: 16, min: 16, max: 16, unit: 'TPI', sense: 'value' }, '16 TPI'],
] as [Expected, string][])('%j is shown as %s', (expected, text) => {
  expect(showExpected(expected)).toBe(text);
});

test('values are shown in the decimals of their unit', () => {
  expect(showStepValue(0.744, 'in')).toBe('0.7440 in');
  expect(showStepValue(15.9, 'mm')).toBe('15.900 mm');
  expect(showStepValue(29.5, '°')).toBe('29.5°');
});

test('the flank check of the compound is asked only where it stands near the flank', () => {
  expect(steps({}).compound?.instruction).toContain('parallel to the tool’s trailing flank');
  expect(steps({ 'infeed.angle': '0' }).compound?.instruction).not.toContain('trailing flank');
});

test('a left-hand thread reverses the lead screw and is cut away from the headstock', () => {
  const left = steps({ 'thread.designation': '3/4-16 UNF-2A-LH' });
  expect(left.gearing?.instruction).toContain('Reverse the lead screw');
  expect(left.compound?.instruction).toContain('swung clockwise');
  expect(left.holding?.caution).toContain('runs toward it while it cuts');
});

test('several starts are geared for the lead, which the gauge finds on the first scratch', () => {
  const two = steps({ 'thread.designation': 'M20xPh5P2.5-6g' });
  expect(two.gearing?.instruction).toContain('the lead, 5 mm');
  expect(two['pitch-check']?.expected).toMatchObject({ value: 5 });
  expect(two.gearing?.instruction).toContain('2 starts of 2.5 mm');
});
