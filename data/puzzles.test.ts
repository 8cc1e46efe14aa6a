import { classBoard } from './class-board';
import { database } from './database';
import { createExercise, saveDraft } from './exercises';
import { passOn } from './outcome';
import { answerPuzzle, loadPuzzle, makeFaultPuzzle } from './puzzles';
import { classDatabase, refused } from './test/class-database';
import { GOOD_FORM } from './test/fresh-database';

const { people } = classDatabase();

const ON = { id: 'compound-axis', amount: 0, from: 0 } as const;

async function puzzle(): Promise<number> {
  const exerciseId = passOn(await createExercise(people.instructor, GOOD_FORM));
  return passOn(await makeFaultPuzzle(people.instructor, exerciseId, ON)).id;
}

test('a student sees the thread and not the fault, names it once, and is marked', async () => {
  const id = await puzzle();
  const [ana, bela] = [people.students[0]!, people.students[1]!];
  const before = passOn(await loadPuzzle(ana, id));
  expect(before).toMatchObject({ role: 'student', answered: null, solution: null });
  expect(JSON.stringify(before)).not.toContain('compound-axis');
  expect(passOn(await answerPuzzle(ana, id, 'compound-axis'))).toMatchObject({ right: true, points: 10 });
  // Sent again after a lost answer it is the same; another one is too late.
  expect(passOn(await answerPuzzle(ana, id, 'compound-axis'))).toMatchObject({ points: 10 });
  expect(await answerPuzzle(ana, id, 'backlash')).toEqual(refused('conflict', 'answer'));
  expect(passOn(await answerPuzzle(bela, id, 'backlash'))).toMatchObject({ right: false, points: 0 });
  expect(passOn(await loadPuzzle(ana, id)).answered).toMatchObject({
    answer: 'compound-axis',
    mark: { points: 10 },
  });
  const seen = passOn(await loadPuzzle(people.instructor, id)).solution;
  expect(seen?.fault).toBe('compound-axis');
  expect(seen?.answers.map(({ answer, points }) => [answer, points])).toEqual([
    ['compound-axis', 10],
    ['backlash', 0],
  ]);
});

test('two answers at one moment are one, and each is answered', async () => {
  const id = await puzzle();
  const all = await Promise.all(
    Array.from({ length: 8 }, () => answerPuzzle(people.students[0]!, id, 'bending')),
  );
  for (const outcome of all) expect(passOn(outcome)).toMatchObject({ right: false, points: 0 });
  expect(passOn(await loadPuzzle(people.instructor, id)).solution?.answers).toHaveLength(1);
});

test('the board lists it: to a student with the points, to the instructor with the answers', async () => {
  const id = await puzzle();
  await answerPuzzle(people.students[0]!, id, 'compound-axis');
  const of = async (who: Parameters<typeof classBoard>[0]) =>
    passOn(await classBoard(who)).puzzles.find((each) => each.id === id);
  expect(await of(people.students[0]!)).toMatchObject({ points: 10 });
  expect(await of(people.students[1]!)).toMatchObject({ points: null });
  expect(await of(people.instructor)).toMatchObject({ answers: 1, points: null });
});

test('it belongs to its class, the instructor makes it, and amounts are checked', async () => {
  const id = await puzzle();
  expect(await loadPuzzle(people.stranger, id)).toEqual(refused('not-found'));
  expect(await answerPuzzle(people.stranger, id, 'bending')).toEqual(refused('not-found'));
  expect(await answerPuzzle(people.instructor, id, 'bending')).toEqual(refused('forbidden'));
  const exerciseId = passOn(await createExercise(people.instructor, GOOD_FORM));
  const make = (who: typeof people.instructor, amount: number, from = 3) =>
    makeFaultPuzzle(who, exerciseId, { id: 'wrong-mark', amount, from });
  expect(await make(people.students[0]!, 0.5)).toEqual(refused('forbidden'));
  expect(await make(people.instructor, 7)).toEqual(refused('invalid', 'amount'));
  expect(await make(people.instructor, 0.5, 999)).toEqual(refused('invalid', 'from'));
  const empty = passOn(await createExercise(people.instructor));
  expect(await makeFaultPuzzle(people.instructor, empty, ON)).toEqual(refused('conflict'));
});

test('what was given stays, whatever becomes of the exercise, and the database refuses to change it', async () => {
  const exerciseId = passOn(await createExercise(people.instructor, GOOD_FORM));
  const { id } = passOn(await makeFaultPuzzle(people.instructor, exerciseId, ON));
  const before = passOn(await loadPuzzle(people.students[0]!, id)).puzzle;
  await saveDraft(people.instructor, exerciseId, { ...GOOD_FORM, title: 'Other' }, 0);
  expect(passOn(await loadPuzzle(people.students[0]!, id)).puzzle).toEqual(before);
  const { sequelize } = database();
  for (const sql of ['UPDATE fault_puzzles SET title = "x"', 'DELETE FROM fault_puzzles'])
    await expect(sequelize.query(sql)).rejects.toThrow('append-only');
});
