import { openNames, withAt } from '../test/open-names';
import { planFor } from '../test/record';
import { formOfPlan, readPlan, readStoredPlan, storedPlanSchema } from './index';

/** A plan in which every list has a row: an own table, an own step. */
const plan = planFor({
  'thread.designation': '3/4-16 UNF-2A (2 starts)',
  'schedule.school': 'own',
  'schedule.rows.0.what': 'cut',
  'schedule.rows.0.infeed': '0.010',
  'steps.0.id': 'own-1',
  'steps.0.title': 'Oil the ways',
});

test('the plan itself is whole', () => {
  expect(readPlan(formOfPlan(readStoredPlan(plan))).issues).toEqual([]);
});

test.each(openNames(storedPlanSchema).map((path) => [path.join('.'), path] as const))(
  'a plan with a name of a later release opens, and its copy asks for the choice at its field: %s',
  (_, path) => {
    const read = readStoredPlan(withAt<unknown>(plan, path, 'later'));
    expect(withAt<unknown>(read, path, 'later')).toEqual(withAt<unknown>(plan, path, 'later'));
    const { issues, plan: again } = readPlan(formOfPlan(read));
    expect(again).toBeNull();
    const end = path.at(-1) === '0' ? path.at(-2) : path.at(-1);
    expect(issues.map(({ field }) => field.split('.').at(-1))).toContain(end);
  },
);
