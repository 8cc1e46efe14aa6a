import { cutOf, HANDED_IN, measuredAt, stepDone } from '@/core/test/record';
import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import { database } from './database';
import { markAttempt } from './marks';
import { passOn } from './outcome';
import { rowOf } from './query';
import { derivedSummary, rebuildSummaries } from './summaries';
import { classDatabase, NO_MARKS } from './test/class-database';
import { sentEntry } from './test/fresh-database';

const { people, issue } = classDatabase();

describe('summaries', () => {
  test('equal what the record gives, after every entry, and are made anew by one command', async () => {
    const { attemptId } = await issue();
    const student = people.students[0]!;
    const { sheet } = passOn(await loadAttempt(student, attemptId));
    const contents: Record<string, unknown>[] = [
      { ...stepDone('blank', 0.744) },
      { ...cutOf(sheet!.passes[0]!) },
      { ...cutOf(sheet!.passes[1]!) },
      { ...measuredAt(sheet!, 0.76, 'final', 0.744) },
      { ...HANDED_IN },
    ];
    const stored = () =>
      rowOf<Record<string, unknown>>(
        `SELECT state, lathe_name AS latheName, passes_cut AS passesCut, step_title AS stepTitle, entries,
          last_entry_at AS lastEntryAt, waits_for AS waitsFor, final_size AS finalSize, points, passed, floor, phase, next_at_bench AS next, sheet_id AS sheetId, hand_out_id AS handOutId
          FROM attempt_summaries WHERE attempt_id = ?`,
        [attemptId],
      );
    const check = async () => {
      const row = (await stored())!;
      const { summary, sheetId } = await derivedSummary(attemptId, Number(row.handOutId));
      expect({
        ...row,
        handOutId: undefined,
        lastEntryAt: (row.lastEntryAt as Date | null)?.toISOString() ?? null,
        points: row.points === null ? null : Number(row.points),
        passed: row.passed === null ? null : row.passed === 1,
        floor: row.floor === null ? null : (JSON.parse(row.floor as string) as unknown),
        next: row.next === null ? null : (JSON.parse(row.next as string) as unknown),
      }).toEqual({ ...summary, sheetId, handOutId: undefined });
    };
    await check();
    for (const content of contents) {
      passOn(await appendEntry(student, attemptId, sentEntry(content)));
      await check();
    }
    passOn(await markAttempt(people.instructor, attemptId, NO_MARKS, contents.length));
    await check();
    expect(await rebuildSummaries('outdated', (work) => database().sequelize.transaction(work))).toBe(0);
    const before = await stored();
    await database().sequelize.query(
      "UPDATE attempt_summaries SET state = 'not-begun', deriver = 0 WHERE attempt_id = ?",
      { replacements: [attemptId] },
    );
    expect(await rebuildSummaries('outdated', (work) => database().sequelize.transaction(work))).toBe(1);
    expect(await stored()).toEqual(before);
  });
});
