import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { asOwnTable, tableOf, withInfeed } from './drag-pass';
import { bearsOfPlan } from './bears-of-plan';
import { EMPTY_PLAN_FORM, withLeaf, type PlanForm } from './draft';
import { readPlan } from './read/read-plan';

const form = [
  ['title', 'Foot'],
  ['thread.designation', 'M16x2-6g'],
  ['work.diameter', '15.88'],
  ['work.material', 'mild steel'],
  ['holding.stickOut', '60'],
].reduce<PlanForm>((made, [field = '', text = '']) => withLeaf(made, field, text), EMPTY_PLAN_FORM);
const lathe = usualLathe('mm');
const readings = (rows: PlanForm['schedule']['rows']) => {
  const read = readPlan({ ...form, schedule: { ...form.schedule, school: 'own', rows } }, lathe);
  return read.evaluation.rows?.map(({ reading }) => Number(reading.toFixed(5))) ?? [];
};

test('the schedule as an own table has the same readings and the same stops', () => {
  const { evaluation } = readPlan(form, lathe);
  const table = asOwnTable(evaluation);
  // Rounding to a millionth never adds up.
  readings(table).forEach((reading, index) =>
    expect(Math.abs(reading - (evaluation.rows?.[index]?.reading ?? NaN))).toBeLessThan(6e-6),
  );
  expect(table.filter(({ what }) => what === 'stop').map(({ check }) => check)).toEqual(
    evaluation.stops.map(({ check }) => check),
  );
});

test('a pass that takes more leaves the next one less, and all readings behind it stay', () => {
  const { evaluation } = readPlan(form, lathe);
  const before = readings(asOwnTable(evaluation));
  const third = (evaluation.rows?.[2]?.infeed ?? 0) + 0.02;
  const after = readings(withInfeed(evaluation, 3, third, 0.02));
  expect(after[2]).toBeCloseTo((before[2] ?? 0) + 0.02, 4);
  expect(after.filter((_, index) => index !== 2)).toEqual(before.filter((_, index) => index !== 2));
});

test('no pass is dragged so far that the next one has nothing left, nor below a graduation', () => {
  const { evaluation } = readPlan(form, lathe);
  const [third, fourth] = [evaluation.rows?.[2]?.infeed ?? 0, evaluation.rows?.[3]?.infeed ?? 0];
  const infeeds = (rows: PlanForm['schedule']['rows']) =>
    rows.filter(({ what }) => what === 'cut').map(({ infeed }) => parseFloat(infeed));
  expect(infeeds(withInfeed(evaluation, 3, 9, 0.02)).slice(2, 4)).toEqual([
    expect.closeTo(third + fourth - 0.02, 5) as number,
    expect.closeTo(0.02, 5) as number,
  ]);
  expect(infeeds(withInfeed(evaluation, 3, -1, 0.02))[2]).toBeCloseTo(0.02, 6);
  // A spring pass has no infeed to change.
  const spring = evaluation.rows?.length ?? 0;
  expect(withInfeed(evaluation, spring, 1, 0.02)).toEqual(asOwnTable(evaluation));
});

test('a computed schedule takes the stops of the plan along, by depth', () => {
  const { evaluation } = readPlan(form, lathe);
  const rows = [0.3, 0.7, 1.1, 1.4].map((reading, index, all) => ({
    kind: 'rough',
    reading,
    infeed: reading - (all[index - 1] ?? 0),
  }));
  const table = tableOf(evaluation, rows);
  expect(table.filter(({ what }) => what === 'cut')).toHaveLength(4);
  expect(table.filter(({ what }) => what === 'stop')).toHaveLength(evaluation.stops.length);
});

test('what the plan asks: forces of its material, bending of what stands out, limits as typed', () => {
  const bears = bearsOfPlan(readPlan(form, lathe), lathe, null);
  expect(bears?.material?.id).toBe('mild');
  expect(bears?.loads).toHaveLength(readPlan(form, lathe).evaluation.passes?.length ?? -1);
  expect(bears?.beam).toMatchObject({ support: 'propped', length: 60 });
  expect(bears?.places.map(({ name }) => name)).toEqual(['start', 'middle', 'end']);
  const typed = withLeaf(withLeaf(form, 'schedule.limits.area', '0.12'), 'schedule.limits.bending', '0.01');
  expect(bearsOfPlan(readPlan(typed, lathe), lathe, null)?.limits).toMatchObject({ area: 0.12, bend: 0.01 });
  const bare = withLeaf(withLeaf(form, 'work.material', ''), 'holding.stickOut', '');
  expect(bearsOfPlan(readPlan(bare, lathe), lathe, null)).toMatchObject({ material: null, beam: null });
});

test('a bore bends its bar, and an inch plan is figured in mm', () => {
  const bore = [
    ['title', 'Nut'],
    ['thread.designation', '7/8-9 UNC-2B'],
    ['work.material', 'bronze'],
    ['tool.bar.diameter', '0.5'],
    ['tool.bar.reach', '1.5'],
  ].reduce<PlanForm>((made, [field = '', text = '']) => withLeaf(made, field, text), EMPTY_PLAN_FORM);
  const bears = bearsOfPlan(readPlan(bore, usualLathe('in')), usualLathe('in'), null);
  expect(bears?.bends).toBe('bar');
  expect(bears?.beam?.diameter).toBeCloseTo(12.7, 9);
  expect(bears?.loadCase.groove.pitch).toBeCloseTo(25.4 / 9, 9);
});

test('limits that can not be read are refused at their field', () => {
  const wrong = withLeaf(withLeaf(form, 'schedule.limits.area', 'much'), 'schedule.limits.leastChip', '-1');
  expect(readPlan(wrong, lathe).issues.map(({ field }) => field)).toEqual([
    'schedule.limits.area',
    'schedule.limits.leastChip',
  ]);
});
