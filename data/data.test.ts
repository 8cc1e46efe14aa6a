import { randomUUID } from 'node:crypto';
import { deriveAttempt } from '@/core/attempt';
import { derivePlan } from '@/core/plan';
import { appendEntry, attemptNews, loadAttempt } from './attempts';
import { classBoard } from './class-board';
import { closeDatabase, database } from './database';
import { createExercise, discardExercise, handOut, loadExercise, saveDraft } from './exercises';
import { markAttempt } from './marks';
import { migrate } from './migrate';
import { endSession, openSession, personOfSession } from './sessions';
import { envelope, freshDatabase, GOOD_FORM, testClass, type TestClass } from './test/fresh-database';

let people: TestClass;

beforeAll(async () => {
  await freshDatabase('oyakata_unit');
  people = await testClass();
});

afterAll(closeDatabase);

const refusedWith = (status: number) => expect.objectContaining({ name: 'DataRefusal', status }) as Error;
const no = { lines: [], capReason: '', comment: '' };

async function handedOut(students = [people.students[0]]) {
  const id = await createExercise(people.instructor, GOOD_FORM);
  const done = await handOut(
    people.instructor,
    id,
    GOOD_FORM,
    0,
    students.flatMap((student) => student?.id ?? []),
  );
  return { exerciseId: id, attemptId: done.attempts[0]?.id ?? 0, done };
}

test('migrations run once', async () => {
  expect(await migrate()).toEqual([]);
});

describe('drafts', () => {
  test('are saved as typed, right or wrong', async () => {
    const id = await createExercise(people.instructor);
    expect(await saveDraft(people.instructor, id, { ...GOOD_FORM, blankDiameter: '0,7x' }, 0)).toEqual({
      saved: true,
      draftVersion: 1,
    });
    expect((await loadExercise(people.instructor, id)).form.blankDiameter).toBe('0,7x');
  });

  test('saved in another window are not overwritten, and what stands there comes back', async () => {
    const id = await createExercise(people.instructor);
    await saveDraft(people.instructor, id, GOOD_FORM, 0);
    expect(await saveDraft(people.instructor, id, { ...GOOD_FORM, title: 'Other' }, 0)).toEqual({
      saved: false,
      current: { form: GOOD_FORM, draftVersion: 1 },
    });
    expect((await loadExercise(people.instructor, id)).form.title).toBe('Clamp screw');
  });

  test('sent again after a lost answer change nothing, and are no conflict', async () => {
    const id = await createExercise(people.instructor);
    const saveId = randomUUID();
    const save = (draftVersion: number, by = saveId) =>
      saveDraft(people.instructor, id, GOOD_FORM, draftVersion, by);
    expect(await save(0)).toEqual({ saved: true, draftVersion: 1 });
    expect(await save(0)).toEqual({ saved: true, draftVersion: 1 });
    expect((await loadExercise(people.instructor, id)).draftSaveId).toBe(saveId);
    expect(await save(1, randomUUID())).toEqual({ saved: true, draftVersion: 2 });
    // The id of a save before the last one is nobody's any more.
    expect(await save(0)).toMatchObject({ saved: false, current: { draftVersion: 2 } });
  });

  test('belong to the instructor of the class', async () => {
    const id = await createExercise(people.instructor);
    await expect(loadExercise(people.stranger, id)).rejects.toEqual(refusedWith(404));
    await expect(loadExercise(people.students[0]!, id)).rejects.toEqual(refusedWith(403));
    await expect(createExercise(people.students[0]!)).rejects.toEqual(refusedWith(403));
  });

  test('can be discarded while they were never handed out', async () => {
    const id = await createExercise(people.instructor);
    await discardExercise(people.instructor, id);
    await expect(loadExercise(people.instructor, id)).rejects.toEqual(refusedWith(404));
    const { exerciseId } = await handedOut();
    await expect(discardExercise(people.instructor, exerciseId)).rejects.toEqual(refusedWith(409));
  });
});

describe('handing out', () => {
  test('freezes revision 1 and makes one attempt for each student', async () => {
    const { exerciseId, done } = await handedOut(people.students);
    expect(done.revision).toBe(1);
    expect(done.attempts.map(({ studentId }) => studentId)).toEqual(people.students.map(({ id }) => id));
    const exercise = await loadExercise(people.instructor, exerciseId);
    expect(derivePlan(exercise.revisions[0]!.plan).target).toBe(0.7054);
  });

  test('again unchanged keeps the revision, changed makes the next', async () => {
    const id = await createExercise(people.instructor, GOOD_FORM);
    const [one, two, three] = people.students;
    expect((await handOut(people.instructor, id, GOOD_FORM, 0, [one!.id])).revision).toBe(1);
    expect((await handOut(people.instructor, id, GOOD_FORM, 1, [two!.id])).revision).toBe(1);
    expect(
      (await handOut(people.instructor, id, { ...GOOD_FORM, springPasses: '3' }, 2, [three!.id])).revision,
    ).toBe(2);
  });

  test('refuses a second open attempt, a student of no class, an old draft; and stores nothing then', async () => {
    const { exerciseId } = await handedOut();
    const again = handOut(people.instructor, exerciseId, GOOD_FORM, 1, [
      people.students[1]!.id,
      people.students[0]!.id,
    ]);
    await expect(again).rejects.toEqual(refusedWith(409));
    await expect(handOut(people.instructor, exerciseId, GOOD_FORM, 1, [people.stranger.id])).rejects.toEqual(
      refusedWith(404),
    );
    await expect(
      handOut(people.instructor, exerciseId, GOOD_FORM, 0, [people.students[1]!.id]),
    ).rejects.toEqual(refusedWith(409));
    const board = await classBoard(people.instructor);
    expect(board.attempts.filter((attempt) => attempt.exerciseId === exerciseId)).toHaveLength(1);
  });
});

describe('the record', () => {
  test('takes entries with author and times, and the same one twice only once', async () => {
    const { attemptId } = await handedOut();
    const student = people.students[0]!;
    const form = envelope({ kind: 'step' as const, stepId: 'blank', value: '0.7440' });
    const first = await appendEntry(student, attemptId, form);
    const second = await appendEntry(student, attemptId, form);
    expect(second).toEqual({ done: expect.objectContaining({ id: form.id, author: student }) as object });
    expect('done' in first && first.done.content).toEqual({ kind: 'step', stepId: 'blank', value: 0.744 });
    const { entries } = await loadAttempt(student, attemptId);
    expect(entries).toHaveLength(1);
    expect(entries[0]?.deviceTime).toBe(form.deviceTime);
  });

  test('names the field of a bad entry and stores nothing', async () => {
    const { attemptId } = await handedOut();
    const outcome = await appendEntry(
      people.students[0]!,
      attemptId,
      envelope({ kind: 'step' as const, stepId: 'blank', value: '0,74' }),
    );
    expect(outcome).toMatchObject({ issues: [{ field: 'value' }] });
    expect((await loadAttempt(people.instructor, attemptId)).entries).toEqual([]);
  });

  test('is closed to other students and other classes', async () => {
    const { attemptId } = await handedOut();
    const entry = envelope({ kind: 'note' as const, text: 'hello' });
    await expect(appendEntry(people.students[1]!, attemptId, entry)).rejects.toEqual(refusedWith(404));
    await expect(appendEntry(people.stranger, attemptId, entry)).rejects.toEqual(refusedWith(404));
    await expect(loadAttempt(people.students[1]!, attemptId)).rejects.toEqual(refusedWith(404));
  });

  test('keeps the hold point to the instructor, and strike-outs to the author or the instructor', async () => {
    const { attemptId } = await handedOut();
    const look = { kind: 'sign-off' as const, stepId: 'instructor-look' };
    await expect(appendEntry(people.students[0]!, attemptId, envelope(look))).rejects.toEqual(
      refusedWith(403),
    );
    const signed = envelope(look);
    await appendEntry(people.instructor, attemptId, signed);
    const strike = envelope({ kind: 'strike' as const, entryId: signed.id, reason: 'not so' });
    await expect(appendEntry(people.students[0]!, attemptId, strike)).rejects.toEqual(refusedWith(403));
    expect(await appendEntry(people.instructor, attemptId, strike)).toHaveProperty('done');
  });

  test('is closed to the student after handing in, until the instructor strikes that out', async () => {
    const { attemptId } = await handedOut();
    const student = people.students[0]!;
    const handIn = envelope({ kind: 'hand-in' as const });
    await appendEntry(student, attemptId, handIn);
    const pass = envelope({ kind: 'pass' as const, plannedPass: '1' });
    await expect(appendEntry(student, attemptId, pass)).rejects.toEqual(refusedWith(409));
    await appendEntry(
      people.instructor,
      attemptId,
      envelope({ kind: 'strike' as const, entryId: handIn.id, reason: 'measure first' }),
    );
    expect(await appendEntry(student, attemptId, pass)).toHaveProperty('done');
  });

  test('can not be changed or deleted, even past the program', async () => {
    const { attemptId } = await handedOut();
    await appendEntry(people.students[0]!, attemptId, envelope({ kind: 'note' as const, text: 'first' }));
    const { sequelize } = database();
    for (const sql of [
      "UPDATE entries SET content = '{}'",
      'DELETE FROM entries',
      "UPDATE revisions SET plan = '{}'",
      'DELETE FROM revisions',
    ]) {
      await expect(sequelize.query(sql)).rejects.toThrow('append-only');
    }
  });
});

describe('marking', () => {
  test('is for the instructor, final, and closes the attempt', async () => {
    const { attemptId, exerciseId } = await handedOut();
    const student = people.students[0]!;
    await appendEntry(student, attemptId, envelope({ kind: 'note' as const, text: 'done' }));
    await expect(markAttempt(student, attemptId, no, 1)).rejects.toEqual(refusedWith(403));
    await expect(markAttempt(people.stranger, attemptId, no, 1)).rejects.toEqual(refusedWith(404));
    await expect(markAttempt(people.instructor, attemptId, no, 0)).rejects.toEqual(refusedWith(409));
    const outcome = await markAttempt(
      people.instructor,
      attemptId,
      { ...no, lines: [{ id: 'step:blank', points: '1', reason: 'I measured it' }], comment: 'Try again' },
      1,
    );
    expect(outcome).toMatchObject({ done: { total: 1 } });
    await expect(markAttempt(people.instructor, attemptId, no, 1)).rejects.toEqual(refusedWith(409));
    await expect(
      appendEntry(student, attemptId, envelope({ kind: 'note' as const, text: 'but' })),
    ).rejects.toEqual(refusedWith(409));
    await expect(database().sequelize.query('UPDATE marks SET total = 100')).rejects.toThrow('append-only');
    const seen = await loadAttempt(student, attemptId);
    expect(seen.mark).toMatchObject({ by: 'Instructor', mark: { comment: 'Try again' } });
    expect(deriveAttempt(derivePlan(seen.plan), seen.entries, true).state).toBe('marked');
    const again = await handOut(people.instructor, exerciseId, GOOD_FORM, 1, [student.id]);
    const board = await classBoard(student);
    expect(board.attempts.find(({ id }) => id === again.attempts[0]?.id)?.tryNumber).toBe(2);
  });

  test('an override without its reason is refused at its field', async () => {
    const { attemptId } = await handedOut([people.students[2]]);
    const outcome = await markAttempt(
      people.instructor,
      attemptId,
      { ...no, lines: [{ id: 'step:blank', points: '1', reason: '' }] },
      0,
    );
    expect(outcome).toMatchObject({ issues: [{ field: 'lines.step:blank.reason' }] });
    expect((await loadAttempt(people.instructor, attemptId)).mark).toBeNull();
  });
});

test('a student’s board shows nobody else', async () => {
  await handedOut(people.students);
  const board = await classBoard(people.students[1]!);
  expect(board.students.map(({ name }) => name)).toEqual(['Two']);
  expect(new Set(board.attempts.map(({ studentId }) => studentId))).toEqual(
    new Set([people.students[1]!.id]),
  );
  expect(board.attempts.length).toBeGreaterThan(0);
});

describe('at the same moment', () => {
  const upTo = (count: number) => Array.from({ length: count }, (_, index) => index);
  const refusedOf = (results: PromiseSettledResult<unknown>[]) =>
    results.flatMap((result) => (result.status === 'rejected' ? [result.reason as unknown] : []));

  test('a whole class can record: nothing waits for ever, nothing is lost', async () => {
    const { done } = await handedOut(people.students);
    await Promise.all(
      upTo(30).map((index) => {
        const place = index % people.students.length;
        const note = { kind: 'note' as const, text: `note ${index}` };
        return appendEntry(people.students[place]!, done.attempts[place]!.id, envelope(note));
      }),
    );
    const records = await Promise.all(done.attempts.map(({ id }) => loadAttempt(people.instructor, id)));
    const texts = records.flatMap(({ entries }) =>
      entries.map(({ content }) => (content.kind === 'note' ? content.text : content.kind)),
    );
    expect(texts.sort()).toEqual(
      upTo(30)
        .map((index) => `note ${index}`)
        .sort(),
    );
  });

  test('the same entry is recorded once', async () => {
    const { attemptId } = await handedOut();
    const entry = envelope({ kind: 'note' as const, text: 'sent twice' });
    const answers = await Promise.all(upTo(5).map(() => appendEntry(people.students[0]!, attemptId, entry)));
    expect(new Set(answers.map((answer) => 'done' in answer && answer.done.id))).toEqual(new Set([entry.id]));
    expect((await loadAttempt(people.instructor, attemptId)).entries).toHaveLength(1);
  });

  test('an exercise is handed out once, and marked once', async () => {
    const id = await createExercise(people.instructor, GOOD_FORM);
    const chosen = [people.students[0]!.id];
    const out = await Promise.allSettled(
      upTo(4).map(() => handOut(people.instructor, id, GOOD_FORM, 0, chosen)),
    );
    expect(refusedOf(out)).toEqual([refusedWith(409), refusedWith(409), refusedWith(409)]);
    const issued = out.flatMap((result) => (result.status === 'fulfilled' ? result.value.attempts : []));
    const marks = await Promise.allSettled(
      upTo(4).map(() => markAttempt(people.instructor, issued[0]!.id, no, 0)),
    );
    expect(refusedOf(marks)).toEqual([refusedWith(409), refusedWith(409), refusedWith(409)]);
    expect((await loadAttempt(people.instructor, issued[0]!.id)).mark).not.toBeNull();
  });

  test('a draft saved by two windows keeps the first', async () => {
    const id = await createExercise(people.instructor, GOOD_FORM);
    const answers = await Promise.all(
      upTo(4).map((window) =>
        saveDraft(people.instructor, id, { ...GOOD_FORM, title: `Window ${window}` }, 0),
      ),
    );
    expect(answers.filter(({ saved }) => saved)).toHaveLength(1);
    const first = answers.findIndex(({ saved }) => saved);
    expect((await loadExercise(people.instructor, id)).form.title).toBe(`Window ${first}`);
  });

  test('one id for two attempts is taken once, the other is refused by name', async () => {
    const { done } = await handedOut(people.students);
    const [one, two] = done.attempts.map(({ id }) => id);
    for (let round = 0; round < 10; round += 1) {
      const entry = envelope({ kind: 'note' as const, text: 'once' });
      const answers = await Promise.allSettled([
        appendEntry(people.instructor, one!, entry),
        appendEntry(people.instructor, two!, entry),
      ]);
      expect(refusedOf(answers)).toEqual([refusedWith(409)]);
    }
  });
});

describe('the same id', () => {
  test('with other content is refused by name, with the same content answered as the first time', async () => {
    const { attemptId } = await handedOut();
    const student = people.students[0]!;
    const entry = envelope({ kind: 'note' as const, text: 'one' });
    await appendEntry(student, attemptId, entry);
    await expect(appendEntry(student, attemptId, { ...entry, text: 'two' })).rejects.toEqual(
      refusedWith(409),
    );
    expect(await appendEntry(student, attemptId, entry)).toHaveProperty('done.content.text', 'one');
  });

  test('of a strike-out is known again although the entry is struck by then', async () => {
    const { attemptId } = await handedOut();
    const student = people.students[0]!;
    const entry = envelope({ kind: 'note' as const, text: 'one' });
    await appendEntry(student, attemptId, entry);
    const strike = envelope({ kind: 'strike' as const, entryId: entry.id, reason: 'not so' });
    await appendEntry(student, attemptId, strike);
    expect(await appendEntry(student, attemptId, strike)).toHaveProperty('done.id', strike.id);
    await expect(appendEntry(student, attemptId, { ...strike, reason: 'other' })).rejects.toEqual(
      refusedWith(409),
    );
  });
});

test('news are the entries behind those known, and whether it is marked', async () => {
  const { attemptId } = await handedOut();
  const student = people.students[0]!;
  for (const text of ['one', 'two', 'three'])
    await appendEntry(student, attemptId, envelope({ kind: 'note' as const, text }));
  const news = await attemptNews(people.instructor, attemptId, 2);
  expect(news.marked).toBe(false);
  expect(news.entries.map(({ content }) => content)).toEqual([{ kind: 'note', text: 'three' }]);
  expect((await attemptNews(student, attemptId, 9)).entries).toEqual([]);
  await expect(attemptNews(people.students[1]!, attemptId, 0)).rejects.toEqual(refusedWith(404));
  await markAttempt(people.instructor, attemptId, no, 3);
  expect(await attemptNews(student, attemptId, 3)).toEqual({ entries: [], marked: true });
});

describe('sessions', () => {
  test('are known by their token until they end, and stored as a hash only', async () => {
    const student = people.students[0]!;
    const token = await openSession(student.id);
    expect(await personOfSession(token)).toEqual(student);
    const rows = await database().models.SessionRow.findAll();
    expect(JSON.stringify(rows)).not.toContain(token);
    await endSession(token);
    expect(await personOfSession(token)).toBeNull();
  });

  test.each(['', 'x'.repeat(43), 'Fe26.2*1*abc', `${'a'.repeat(43)}\n`, '🔑'.repeat(20)])(
    '%p is nobody',
    async (token) => {
      expect(await personOfSession(token)).toBeNull();
      await endSession(token);
    },
  );

  test('are over when they were not used for a month; the last use is noted once an hour', async () => {
    const student = people.students[0]!;
    const token = await openSession(student.id);
    const { SessionRow: Row } = database().models;
    const set = (hours: number) =>
      Row.update({ seenAt: new Date(Date.now() - hours * 3_600_000) }, { where: { personId: student.id } });
    await set(2);
    expect(await personOfSession(token)).toEqual(student);
    const [row] = await Row.findAll({ where: { personId: student.id }, order: [['opened_at', 'DESC']] });
    expect(Date.now() - row!.seenAt.getTime()).toBeLessThan(60_000);
    await set(31 * 24);
    expect(await personOfSession(token)).toBeNull();
  });
});
