import { attemptState } from '@/core/attempt';
import { proposeMark } from '@/core/marking';
import { derivePlan, readPlan } from '@/core/plan';
import { EXERCISES, STUDENTS } from './shop';
import { tellStory } from './story';

const people = {
  student: { id: 2, name: 'student', role: 'student' as const },
  instructor: { id: 1, name: 'instructor', role: 'instructor' as const },
};

const told = EXERCISES.flatMap(({ form, attempts }) => {
  const { plan, issues } = readPlan(form);
  if (plan === null) throw new Error(issues[0]?.message);
  const derived = derivePlan(plan);
  return attempts.map(({ student, story }, index) => {
    let count = 0;
    const entries = tellStory(
      derived,
      story,
      people,
      new Date(0),
      index / 12 - 0.5,
      () => `id${(count += 1)}`,
    );
    return { name: `${form.title}, ${student}`, story, derived, entries };
  });
});

test.each(told.map((each) => [each.name, each] as const))(
  '%s comes to the state that was told',
  (_, { story, entries }) => {
    expect(attemptState(entries, story.until === 'marked')).toBe(story.until);
  },
);

test('there is an attempt in every state, twelve students and three exercises', () => {
  expect(new Set(told.map(({ story }) => story.until)).size).toBe(6);
  expect([STUDENTS.length, EXERCISES.length]).toEqual([12, 3]);
});

test('good work is marked well, the over-cut badly, left-out spring passes are seen', () => {
  const total = (over: boolean) =>
    told
      .filter(({ story }) => story.until === 'marked' && (story.overCutBy !== undefined) === over)
      .map(({ derived, entries }) => proposeMark(derived, entries).total);
  total(false).forEach((mark) => expect(mark).toBeGreaterThan(90));
  total(true).forEach((mark) => expect(mark).toBeLessThan(70));
  const hasty = told.find(({ story }) => story.springPassesLeftOut);
  const line =
    hasty && proposeMark(hasty.derived, hasty.entries).lines.find(({ id }) => id === 'passes:spring');
  expect(line?.proposed).toBe(0);
});
