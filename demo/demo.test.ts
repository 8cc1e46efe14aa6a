import { NO_BOOK } from '@/core/exercise/plan/plan-book';
import { proposeMark } from '@/core/exercise/marking/propose-mark';
import { schemeFor } from '@/core/exercise/marking/scheme-of-plan';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { predict } from '@/core/exercise/record/state/predict';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import { LATHES } from './lathes';
import { EXERCISES, STUDENTS } from './shop';
import { tellStory } from './story';

const people = {
  student: { id: 2, name: 'student', role: 'student' as const },
  instructor: { id: 1, name: 'instructor', role: 'instructor' as const },
};

const told = EXERCISES.flatMap(({ form, attempts, lathes }) => {
  const { plan, issues } = readPlan(form);
  if (plan === null) throw new Error(issues[0]?.message);
  const lathe = LATHES[lathes[0] ?? 'Lathe 1'];
  const sheet = sheetFor({ plan, lathe, book: NO_BOOK, words: USUAL_WORDS });
  return attempts.map(({ student, story }, index) => {
    let count = 0;
    const newId = () => `id${(count += 1)}`;
    const entries = tellStory(sheet, story, people, new Date(0), index / 12 - 0.5, newId);
    const scheme = schemeFor({ setUp: 30, passes: 30, result: 40 }, plan);
    return { name: `${form.title}, ${student}`, story, sheet, scheme, entries };
  });
});

test.each(told.map((each) => [each.name, each] as const))(
  '%s comes to the state that was told',
  (_, { story, sheet, entries }) => {
    expect(story.until === 'marked' ? 'marked' : predict(sheet, entries).state).toBe(story.until);
  },
);

test('there is an attempt in every state, twelve students and six exercises', () => {
  expect(new Set(told.map(({ story }) => story.until)).size).toBe(6);
  expect([STUDENTS.length, EXERCISES.length]).toEqual([12, 6]);
});

test('good work is marked well, the over-cut badly, left-out spring passes are seen', () => {
  const total = (over: boolean) =>
    told
      .filter(({ story }) => story.until === 'marked' && (story.tooDeepBy !== undefined) === over)
      .map(({ sheet, scheme, entries }) => proposeMark(sheet, scheme, entries).total);
  total(false).forEach((mark) => expect(mark).toBeGreaterThan(90));
  total(true).forEach((mark) => expect(mark).toBeLessThan(70));
  const hasty = told.find(({ story }) => story.springPassesLeftOut);
  const line =
    hasty && proposeMark(hasty.sheet, hasty.scheme, hasty.entries).lines.find(({ id }) => id === 'spring');
  expect(line?.proposed).toBe(0);
});
