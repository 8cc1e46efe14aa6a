import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import { classBoard } from './class-board';
import { database } from './database';
import { handOut } from './hand-out';
import { loadMark, markAttempt } from './marks';
import { passOn } from './outcome';
import { change, rowsOf } from './query';
import { classDatabase, NO_MARKS, note, refused } from './test/class-database';

const { people, issue, order } = classDatabase();

describe('marking', () => {
  test('is for the instructor; a decision is final, a later one stands beside it', async () => {
    const { attemptId, exerciseId } = await issue();
    const student = people.students[0]!;
    passOn(await appendEntry(student, attemptId, note('done')));
    expect(await markAttempt(student, attemptId, NO_MARKS, 1)).toEqual(refused('forbidden'));
    expect(await markAttempt(people.stranger, attemptId, NO_MARKS, 1)).toEqual(refused('not-found'));
    expect(await markAttempt(people.instructor, attemptId, NO_MARKS, 0)).toEqual(refused('conflict'));
    const form = {
      ...NO_MARKS,
      lines: [{ id: 'step:blank', points: '1', reason: 'I measured it' }],
      comment: 'Try again',
    };
    expect(await markAttempt(people.instructor, attemptId, form, 1)).toMatchObject({ done: { total: 1 } });
    expect(await markAttempt(people.instructor, attemptId, NO_MARKS, 1)).toEqual(refused('conflict'));
    await expect(database().sequelize.query('UPDATE mark_decisions SET total = 100')).rejects.toThrow(
      'append-only',
    );
    const seen = passOn(await loadMark(student, attemptId));
    expect(seen.marking).toBeNull();
    expect(seen.decisions).toMatchObject([
      { number: 1, by: 'Instructor', mark: { comment: 'Try again', total: 1 } },
    ]);
    expect(seen.decisions[0]?.mark.lines.find(({ id }) => id === 'step:blank')?.overrideReason).toBe(
      'I measured it',
    );

    expect(await markAttempt(people.instructor, attemptId, NO_MARKS, 1, 1)).toEqual(
      refused('invalid', 'comment'),
    );
    const anew = { ...NO_MARKS, comment: 'The blank was not measured after all' };
    expect(await markAttempt(people.instructor, attemptId, anew, 1, 1)).toMatchObject({ done: { total: 0 } });
    const both = passOn(await loadMark(student, attemptId)).decisions;
    expect(both.map(({ number, mark }) => [number, mark.total])).toEqual([
      [1, 1],
      [2, 0],
    ]);

    const again = passOn(await handOut(people.instructor, exerciseId, order(1, [student])));
    const board = passOn(await classBoard(student));
    expect(board.attempts.find(({ id }) => id === again.attempts[0]?.id)?.tryNumber).toBe(2);
  });

  test('of the release that kept the place of words for an empty comment, it has none either', async () => {
    const { attemptId } = await issue();
    passOn(await markAttempt(people.instructor, attemptId, NO_MARKS, 0));
    const [row] = await rowsOf<{ mark: string }>('SELECT mark FROM mark_decisions WHERE attempt_id = ?', [
      attemptId,
    ]);
    await change(
      `INSERT INTO mark_decisions (attempt_id, number, mark, total, decided_by_id, decided_at)
        SELECT attempt_id, 2, ?, total, decided_by_id, decided_at FROM mark_decisions WHERE attempt_id = ?`,
      [JSON.stringify({ ...(JSON.parse(row!.mark) as object), comment: '…' }), attemptId],
    );
    const { decisions } = passOn(await loadMark(people.instructor, attemptId));
    expect(decisions.map(({ mark }) => mark.comment)).toEqual(['', '']);
  });

  test('without a comment has none; what is written after it is late, and changes it not', async () => {
    const { attemptId } = await issue();
    passOn(await markAttempt(people.instructor, attemptId, NO_MARKS, 0));
    const { mark } = passOn(await loadMark(people.instructor, attemptId)).decisions[0]!;
    expect([mark.comment, mark.capLiftedReason]).toEqual(['', null]);
    expect(passOn(await appendEntry(people.students[0]!, attemptId, note('but'))).late).toBe(true);
    expect(passOn(await loadAttempt(people.students[0]!, attemptId))).toMatchObject({
      marked: true,
      verdict: { total: mark.total, passed: false },
    });
  });

  test('an override without its reason is refused at its field', async () => {
    const { attemptId } = await issue([people.students[2]!]);
    const form = { ...NO_MARKS, lines: [{ id: 'step:blank', points: '1', reason: '' }] };
    expect(await markAttempt(people.instructor, attemptId, form, 0)).toEqual(
      refused('invalid', 'lines.step:blank.reason'),
    );
    expect(passOn(await loadAttempt(people.instructor, attemptId)).marked).toBe(false);
    expect(await loadMark(people.students[2]!, attemptId)).toEqual(refused('forbidden'));
  });
});
