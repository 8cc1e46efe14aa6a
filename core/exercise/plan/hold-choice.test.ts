import { EMPTY_PLAN_FORM, formFrom, withLeaf } from './draft';
import { formOfPlan } from './form-of-plan';
import { holdChoice, readHold } from './hold-choice';
import { readPlan } from './read/read-plan';

test.each(['', 'yes', 'helper'])('%p is read and written back', (choice) => {
  expect(holdChoice(readHold(choice))).toBe(choice);
});

test('who may sign goes from the form into the plan and back', () => {
  const leaves = {
    'thread.designation': '3/4-16 UNF-2A',
    'steps.0.id': 'instructor-look',
    'steps.0.hold': 'helper',
    'schedule.stops.0.check': 'look',
    'schedule.stops.0.after': '3',
    'schedule.stops.0.hold': 'helper',
  };
  const typed = Object.entries(leaves).reduce((form, [field, text]) => withLeaf(form, field, text), {
    ...EMPTY_PLAN_FORM,
    title: 'Clamp screw',
  });
  const { plan, issues } = readPlan(formFrom(typed));
  expect(issues).toEqual([]);
  expect(plan?.steps[0]).toMatchObject({ id: 'instructor-look', hold: true, helper: true });
  expect(plan?.schedule.rows.find(({ check }) => check === 'look')).toMatchObject({
    hold: true,
    helper: true,
  });
  const again = formOfPlan(plan!);
  expect(again.steps[0]?.hold).toBe('helper');
  expect(again.schedule.stops.find(({ check }) => check === 'look')?.hold).toBe('helper');
});
