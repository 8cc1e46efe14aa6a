import { cutOf, stepDone } from '@/core/test/record';
import { appendEntry } from './append-entry';
import { attemptNews, loadAttempt } from './attempts';
import { benchHome } from './bench';
import { classBoard } from './class-board';
import { database } from './database';
import { loadExercise } from './exercises';
import { handOut } from './hand-out';
import { markAttempt } from './marks';
import { passOn } from './outcome';
import type { PersonView } from './people';
import { change, rowOf } from './query';
import { classDatabase, NO_MARKS, note, refused } from './test/class-database';
import { HELPER_SIGNS, sentEntry } from './test/fresh-database';

const { people, issue, order } = classDatabase();

describe('a page that knows a record', () => {
  const texts = async (attemptId: number, after: number) => {
    const { entries, from } = passOn(await loadAttempt(people.students[0]!, attemptId, after));
    return [from, entries.map(({ content }) => (content.kind === 'note' ? content.text : content.kind))];
  };

  test('is told what came behind it, and all where it knows more than there is', async () => {
    const { attemptId } = await issue();
    for (const text of ['one', 'two', 'three'])
      passOn(await appendEntry(people.students[0]!, attemptId, note(text)));
    expect(await texts(attemptId, 0)).toEqual([0, ['one', 'two', 'three']]);
    expect(await texts(attemptId, 2)).toEqual([2, ['three']]);
    expect(await texts(attemptId, 3)).toEqual([3, []]);
    expect(await texts(attemptId, 9)).toEqual([0, ['one', 'two', 'three']]);
    expect(passOn(await attemptNews(people.students[0]!, attemptId, 1)).entries).toHaveLength(2);
  });

  test('its home reads the summary; where nothing stands there, the record', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const next = async () =>
      passOn(await benchHome(student)).pieces.find((piece) => piece.attemptId === attemptId)?.next;
    const stored = async () =>
      (
        await rowOf<{ next: string | null }>(
          'SELECT next_at_bench AS next FROM attempt_summaries WHERE attempt_id = ?',
          [attemptId],
        )
      )?.next ?? null;
    const { sheet } = passOn(await loadAttempt(student, attemptId));
    for (const { id, kind } of sheet!.steps)
      if (kind !== 'sign-off')
        passOn(await appendEntry(student, attemptId, sentEntry(stepDone(id, null) as never)));
    expect(JSON.parse((await stored()) ?? '')).toEqual(await next());
    const told = await next();
    await change('UPDATE attempt_summaries SET next_at_bench = NULL WHERE attempt_id = ?', [attemptId]);
    expect(await next()).toEqual(told);
  });
});

describe('views by role', () => {
  test('a student’s board shows nobody else', async () => {
    await issue(people.students);
    const board = passOn(await classBoard(people.students[1]!));
    expect(board.students.map(({ name }) => name)).toEqual(['Two']);
    expect(new Set(board.attempts.map(({ studentId }) => studentId))).toEqual(
      new Set([people.students[1]!.id]),
    );
    expect(board.attempts.length).toBeGreaterThan(0);
    expect(board.drafts).toEqual([]);
  });

  test('a student’s attempt carries the sheet, and nothing of plan or scheme', async () => {
    const { attemptId } = await issue();
    const view = passOn(await loadAttempt(people.students[0]!, attemptId));
    expect(Object.keys(view).sort()).toEqual([
      'earlier',
      'entries',
      'from',
      'hides',
      'id',
      'instruments',
      'lathes',
      'marked',
      'revision',
      'role',
      'sheet',
      'sheetId',
      'student',
      'title',
      'tryNumber',
      'verdict',
      'worksheet',
    ]);
  });

  test('a helper sees the class, signs what the plan lets a helper sign; does not plan, mark or cut', async () => {
    const { Person, Membership } = database().models;
    const { id } = await Person.create({ name: 'Helper', role: 'helper' });
    const { attemptId, exerciseId } = await issue(undefined, undefined, HELPER_SIGNS);
    const { classId } = passOn(await classBoard(people.instructor));
    await Membership.create({ classId, personId: id, role: 'helper' });
    const helper: PersonView = { id, name: 'Helper', role: 'helper' };
    expect(passOn(await classBoard(helper)).students).toHaveLength(3);
    expect(
      await appendEntry(helper, attemptId, sentEntry({ kind: 'sign-off', stepId: 'instructor-look' })),
    ).toHaveProperty('done');
    const { sheet } = passOn(await loadAttempt(helper, attemptId));
    expect(await appendEntry(helper, attemptId, sentEntry({ ...cutOf(sheet!.passes[0]!) }))).toEqual(
      refused('forbidden'),
    );
    expect(await markAttempt(helper, attemptId, NO_MARKS, 1)).toEqual(refused('forbidden'));
    expect(await loadExercise(helper, exerciseId)).toEqual(refused('forbidden'));
  });

  test('a person of several classes has the role of each, and a board for each', async () => {
    const { Membership, SchoolClass } = database().models;
    const evening = await SchoolClass.create({ name: 'Evening class' });
    await Membership.create({ classId: evening.id, personId: people.students[1]!.id, role: 'instructor' });
    const board = passOn(await classBoard(people.students[1]!, { classId: evening.id, page: 1 }));
    expect([board.className, board.role, board.classes.length]).toEqual(['Evening class', 'instructor', 2]);
    expect(passOn(await classBoard(people.students[1]!)).role).toBe('student');
    await Membership.destroy({ where: { classId: evening.id } });
  });
});

test('news are the entries behind those known, and whether it is marked', async () => {
  const { attemptId } = await issue();
  const student = people.students[0]!;
  for (const text of ['one', 'two', 'three']) passOn(await appendEntry(student, attemptId, note(text)));
  const news = passOn(await attemptNews(people.instructor, attemptId, 2));
  expect(news.marked).toBe(false);
  expect(news.entries.map(({ content }) => content)).toEqual([{ kind: 'note', text: 'three' }]);
  expect(passOn(await attemptNews(student, attemptId, 9)).entries).toEqual([]);
  expect(await attemptNews(people.students[1]!, attemptId, 0)).toEqual(refused('not-found'));
  passOn(await markAttempt(people.instructor, attemptId, NO_MARKS, 3));
  expect(passOn(await attemptNews(student, attemptId, 3))).toMatchObject({ entries: [], marked: true });
});

describe('a new try', () => {
  test('on the same lathe knows what stood right on the machine at the end of the last one; on another lathe nothing', async () => {
    const student = people.students[1]!;
    const latheIds = people.lathes.slice(0, 2);
    const { attemptId, exerciseId } = await issue([student], latheIds);
    const first = passOn(await loadAttempt(student, attemptId));
    const choose = (sheetId: number) => sentEntry({ kind: 'lathe', sheetId, name: 'Lathe' });
    passOn(await appendEntry(student, attemptId, choose(first.lathes[0]!.sheetId)));
    const { sheet, earlier } = passOn(await loadAttempt(student, attemptId));
    expect(earlier).toBeNull();
    const compound = sheet!.steps.find(({ id }) => id === 'compound')!;
    for (const content of [
      stepDone('compound', compound.expected!.value),
      stepDone('blank', sheet!.steps.find(({ id }) => id === 'blank')!.expected!.value + 0.1),
      stepDone('tool-square'),
    ])
      passOn(await appendEntry(student, attemptId, sentEntry({ ...content })));
    passOn(await markAttempt(people.instructor, attemptId, NO_MARKS, 4));
    const again = passOn(await handOut(people.instructor, exerciseId, { ...order(1, [student]), latheIds }));
    const second = again.attempts[0]!.id;
    passOn(await appendEntry(student, second, choose(first.lathes[0]!.sheetId)));
    const words = { tryNumber: 1, how: null, cause: '', change: '', fault: null };
    expect(passOn(await loadAttempt(student, second)).earlier).toEqual({
      ...words,
      steps: [
        { stepId: 'compound', value: compound.expected!.value, choice: null, count: null },
        { stepId: 'tool-square', value: null, choice: null, count: null },
      ],
    });
    passOn(await appendEntry(student, second, choose(first.lathes[1]!.sheetId)));
    expect(passOn(await loadAttempt(student, second)).earlier).toEqual({ ...words, steps: [] });
  });
});
