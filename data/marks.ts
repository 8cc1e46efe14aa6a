import 'server-only';
import { confirmMark, type MarkForm } from '@/core/exercise/marking/confirm-mark';
import { newerProposal, proposeMark, type NewerProposal } from '@/core/exercise/marking/propose-mark';
import type { MarkProposal } from '@/core/exercise/marking/mark-line';
import { recordLines, type RecordLine } from '@/core/exercise/record/shown/record-lines';
import { saidInMark, withSaid, type Mark } from '@/core/exercise/marking/mark';
import type { Role } from '@/core/exercise/record/entry/entry';
import { roleIn } from './access';
import { judgedFor, type ToJudge } from '@/core/exercise/marking/judged-for';
import { knownRecord } from './known-records';
import { attemptRow, decidedOf, factsOf, visibleAttempt } from './attempts';
import { database } from './database';
import type { DecisionView } from './decisions';
import { schemeOf, sheetOf } from './frozen';
import { conflict, forbidden, notFound, outcomeOf, refuseFields, type Outcome } from './outcome';
import type { PersonView } from './people';
import { change, insertRow } from './query';
import { recordsOf } from './records';
import { storedJson } from './stored-json';
import { decidedPoints, sheetIdOf, sheetIdsOfHandOut, writeSummary } from './summaries';
import { summaryOf } from '@/core/exercise/record/shown/summary';
import { keepTexts, PUT_APART } from './texts';

/** What the marking page shows. The proposal is the instructor's; a student sees what was decided. */
export interface MarkPageView {
  id: number;
  title: string;
  tryNumber: number;
  student: string;
  /** By the scheme of the hand-out, and by newer rules; null for a student, and where no lathe was chosen. */
  marking: { proposal: MarkProposal; newer: NewerProposal | null } | null;
  record: RecordLine[];
  /** How many entries the marking looked at: a record that has grown is looked at again. */
  entriesSeen: number;
  decisions: DecisionView[];
  role: Role;
}

export function loadMark(viewer: PersonView, attemptId: number): Promise<Outcome<MarkPageView>> {
  return outcomeOf(async () => {
    const row = await visibleAttempt(viewer, attemptId);
    const [records, decisions, facts] = await Promise.all([
      recordsOf([attemptId]),
      decidedOf(attemptId),
      factsOf(row),
    ]);
    if (decisions.length === 0 && row.role !== 'instructor') return forbidden('Not marked yet.');
    const sheet = row.sheetId === null ? null : await sheetOf(row.sheetId);
    const scheme = row.role === 'instructor' ? await schemeOf(row.schemeId) : null;
    const entries = records.get(attemptId) ?? [];
    return {
      id: attemptId,
      title: sheet?.title ?? facts.title,
      tryNumber: row.tryNumber,
      student: facts.student,
      marking:
        sheet === null || scheme === null
          ? null
          : {
              proposal: proposeMark(sheet, scheme, entries, row),
              newer: newerProposal(sheet, scheme, entries),
            },
      record: recordLines(sheet, entries),
      entriesSeen: entries.length,
      decisions,
      role: row.role,
    };
  });
}

/** What whoever has the part in hand judges, and what it comes to by now. */
export interface JudgingView {
  toJudge: ToJudge[];
  /** The instructor's; a helper judges and does not mark. */
  proposal: MarkProposal | null;
  entriesSeen: number;
  decision: number | null;
}

export function loadJudging(viewer: PersonView, attemptId: number): Promise<Outcome<JudgingView>> {
  return outcomeOf(async () => {
    const row = await visibleAttempt(viewer, attemptId);
    if (row.role === 'student') return forbidden('The piece is judged by instructors and helpers.');
    const [scheme, sheet, entries] = await Promise.all([
      schemeOf(row.schemeId),
      row.sheetId === null ? null : sheetOf(row.sheetId),
      knownRecord(attemptId),
    ]);
    return {
      toJudge: judgedFor(scheme),
      proposal: sheet === null || row.role !== 'instructor' ? null : proposeMark(sheet, scheme, entries, row),
      entriesSeen: entries.length,
      decision: row.decision,
    };
  });
}

/**
 * Decides on the mark of an attempt. A decision is final; a later one stands beside it and supersedes it.
 * @param entriesSeen number of entries that the instructor had before her: if the record has grown, she must look again
 * @param supersedes number of the decision that she had before her; null when there was none
 */
export function markAttempt(
  viewer: PersonView,
  attemptId: number,
  form: MarkForm,
  entriesSeen: number,
  supersedes: number | null = null,
): Promise<Outcome<Mark>> {
  return outcomeOf(() =>
    database().sequelize.transaction(async (transaction) => {
      const row = await attemptRow(attemptId, transaction);
      const role = await roleIn(viewer, row.classId, transaction);
      if (role === null || (role === 'student' && row.studentId !== viewer.id)) return notFound('attempt');
      if (role !== 'instructor') return forbidden('Only the instructor can do this.');
      if (row.decision !== supersedes)
        return conflict(
          row.decision === null
            ? 'There is no mark to decide anew.'
            : 'This attempt is marked already. Reload, look at that mark, then decide.',
        );
      const entries = (await recordsOf([attemptId], transaction)).get(attemptId) ?? [];
      if (entries.length !== entriesSeen)
        return conflict('The record has changed since you opened it. Reload, look again, then confirm.');
      const sheetId = sheetIdOf(entries, await sheetIdsOfHandOut(row.handOutId, transaction));
      if (sheetId === null) return conflict('No lathe was chosen: there is no sheet to mark by.');
      const sheet = await sheetOf(sheetId, transaction);
      const scheme = await schemeOf(row.schemeId, transaction);
      const confirmed = confirmMark(proposeMark(sheet, scheme, entries, row), scheme, form);
      if (!confirmed.ok) return refuseFields(confirmed.issues);
      const mark = confirmed.value;
      if (supersedes !== null && mark.comment === '')
        return refuseFields([{ field: 'comment', message: 'Say why the mark is decided anew.' }]);
      const number = (row.decision ?? 0) + 1;
      const said = saidInMark(mark);
      const id = await insertRow(
        'INSERT INTO mark_decisions (attempt_id, number, mark, total, decided_by_id, decided_at) VALUES (?, ?, ?, ?, ?, ?)',
        [
          attemptId,
          number,
          storedJson(withSaid(mark, (path, kept) => (path in said ? PUT_APART : kept))),
          mark.total.toFixed(2),
          viewer.id,
          new Date(),
        ],
        transaction,
      );
      await keepTexts('mark', String(id), viewer.id, said, transaction);
      await writeSummary(attemptId, summaryOf(sheet, entries, decidedPoints(mark)), sheetId, transaction);
      await change(
        'UPDATE attempt_summaries SET decision = ? WHERE attempt_id = ?',
        [number, attemptId],
        transaction,
      );
      return mark;
    }),
  );
}
