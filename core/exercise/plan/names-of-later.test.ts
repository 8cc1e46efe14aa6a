import { openNames, withAt } from '@/core/test/open-names';
import { formWith, planFor } from '@/core/test/record';
import { formOfPlan } from './form-of-plan';
import { readPlan } from './read/read-plan';
import { readStoredPlan, storedPlanSchema } from './plan';

/** A plan in which every list has a row: an own table, an own step. */
const FORM = {
  'thread.designation': '3/4-16 UNF-2A (2 starts)',
  'schedule.school': 'own',
  'schedule.rows.0.what': 'cut',
  'schedule.rows.0.infeed': '0.010',
  'steps.0.id': 'own-1',
  'steps.0.title': 'Oil the ways',
};
const plan = planFor(FORM);
/** Asked for with this drive alone. */
const ONLY_WITH: Readonly<Record<string, object>> = {
  'technique.clearOrder': { 'technique.drive': 'reversing' },
};

test('the plan itself is whole', () => {
  expect(readPlan(formOfPlan(readStoredPlan(plan))).issues).toEqual([]);
});

test.each(openNames(storedPlanSchema).map((path) => [path.join('.'), path] as const))(
  'a plan with a name of a later release opens, and its copy asks for the choice at its field: %s',
  (name, path) => {
    const whole = planFor({ ...FORM, ...ONLY_WITH[name] });
    const read = readStoredPlan(withAt<unknown>(whole, path, 'later'));
    expect(withAt<unknown>(read, path, 'later')).toEqual(withAt<unknown>(whole, path, 'later'));
    const { issues, plan: again } = readPlan(formOfPlan(read));
    expect(again).toBeNull();
    const end = path.at(-1) === '0' ? path.at(-2) : path.at(-1);
    expect(issues.map(({ field }) => field.split('.').at(-1))).toContain(end);
  },
);

test.each(['kind', 'drive'])(
  'a proposed row whose %s came with a later release is not made anew without a word',
  (name) => {
    const proposed = planFor();
    const read = readStoredPlan(withAt<unknown>(proposed, ['schedule', 'rows', '1', name], 'later'));
    expect(readPlan(formOfPlan(read)).issues).toMatchObject([{ field: 'schedule.school' }]);
  },
);

test.each([
  ['technique.clearOrder', { 'technique.drive': 'half-nut' }],
  ['technique.markRule', { 'technique.drive': 'reversing' }],
  ['technique.clearing', { 'infeed.way': 'plunge' }],
  ['thread.startsOrder', { 'thread.designation': '3/4-16 UNF-2A' }],
  ['work.end.reliefBy', { 'work.end.kind': 'mark' }],
])('what is not asked for stands in the way of nothing: %s', (field, leaves) => {
  expect(readPlan(formWith({ ...FORM, ...leaves, [field]: 'later' })).issues).toEqual([]);
});
