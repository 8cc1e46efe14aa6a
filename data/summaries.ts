import 'server-only';
import type { Transaction } from 'sequelize';
import type { Mark } from '@/core/exercise/marking/mark';
import { isKind, liveEntries, type Entry } from '@/core/exercise/record/entry/entry';
import { SUMMARY_DERIVER } from '@/core/exercise/record/shown/summary-deriver';
import { summaryOf, type AttemptSummary, type DecidedPoints } from '@/core/exercise/record/shown/summary';
import { decisionsOf } from './decisions';
import { sheetOf } from './frozen';
import { change, rowOf, rowsOf } from './query';
import { recordsOf } from './records';
import { storedJson } from './stored-json';

/** The sheet that an attempt follows: of the lathe chosen last before the first cut, or the only one of its hand-out. */
export function sheetIdOf(entries: readonly Entry[], allowed: readonly number[]): number | null {
  const live = liveEntries(entries);
  const firstCut = live.findIndex(isKind('pass'));
  const chosen = (firstCut < 0 ? live : live.slice(0, firstCut)).findLast(isKind('lathe'))?.content.sheetId;
  if (chosen !== undefined && allowed.includes(chosen)) return chosen;
  return allowed.length === 1 ? (allowed[0] ?? null) : null;
}

export async function sheetIdsOfHandOut(handOutId: number, transaction?: Transaction): Promise<number[]> {
  const rows = await rowsOf<{ id: number }>(
    'SELECT sheet_id AS id FROM hand_out_sheets WHERE hand_out_id = ? ORDER BY sheet_id',
    [handOutId],
    transaction,
  );
  return rows.map(({ id }) => id);
}

/** What a summary keeps of a mark. */
export function decidedPoints({ total, passMark }: Mark): DecidedPoints {
  return { points: total, passed: total >= passMark };
}

/** What of a summary follows from its record and its mark, in the order of `summaryValues`. */
export const SUMMARY_COLUMNS = [
  'deriver',
  'sheet_id',
  'state',
  'lathe_name',
  'passes_cut',
  'step_title',
  'entries',
  'last_entry_at',
  'waits_for',
  'final_size',
  'points',
  'passed',
  'floor',
  'phase',
  'next_at_bench',
] as const;

export function summaryValues(summary: AttemptSummary, sheetId: number | null): unknown[] {
  return [
    SUMMARY_DERIVER,
    sheetId,
    summary.state,
    summary.latheName,
    summary.passesCut,
    summary.stepTitle,
    summary.entries,
    summary.lastEntryAt === null ? null : new Date(summary.lastEntryAt),
    summary.waitsFor,
    summary.finalSize,
    summary.points,
    summary.passed,
    summary.floor === null ? null : storedJson(summary.floor),
    summary.phase,
    summary.next === null ? null : storedJson(summary.next),
  ];
}

/** Writes the summary of an attempt; the caller holds the lock of its row. */
export async function writeSummary(
  attemptId: number,
  summary: AttemptSummary,
  sheetId: number | null,
  transaction: Transaction,
): Promise<void> {
  await change(
    `UPDATE attempt_summaries SET ${SUMMARY_COLUMNS.map((column) => `${column} = ?`).join(', ')}, version = version + 1
      WHERE attempt_id = ?`,
    [...summaryValues(summary, sheetId), attemptId],
    transaction,
  );
}

/** The summary of an attempt as its record and marks give it now. */
export async function derivedSummary(
  attemptId: number,
  handOutId: number,
  transaction?: Transaction,
): Promise<{ summary: AttemptSummary; sheetId: number | null; decision: number | null }> {
  const entries = (await recordsOf([attemptId], transaction)).get(attemptId) ?? [];
  const decision = (await decisionsOf([attemptId], transaction)).get(attemptId)?.at(-1) ?? null;
  const sheetId = sheetIdOf(entries, await sheetIdsOfHandOut(handOutId, transaction));
  const sheet = sheetId === null ? null : await sheetOf(sheetId, transaction);
  return {
    summary: summaryOf(sheet, entries, decision === null ? null : decidedPoints(decision.mark)),
    sheetId,
    decision: decision?.number ?? null,
  };
}

/**
 * Makes summaries anew from the records, each under its lock: all of them, or those that another deriver made.
 * Returns how many.
 */
export async function rebuildSummaries(which: 'all' | 'outdated', run: TransactionRunner): Promise<number> {
  const rows = await rowsOf<{ id: number }>(
    `SELECT attempt_id AS id FROM attempt_summaries${which === 'all' ? '' : ' WHERE deriver <> ?'} ORDER BY attempt_id`,
    which === 'all' ? [] : [SUMMARY_DERIVER],
  );
  for (const { id } of rows)
    await run(async (transaction) => {
      const row = await rowOf<{ handOutId: number }>(
        'SELECT hand_out_id AS handOutId FROM attempt_summaries WHERE attempt_id = ? FOR UPDATE',
        [id],
        transaction,
      );
      if (row === null) return;
      const { summary, sheetId, decision } = await derivedSummary(id, row.handOutId, transaction);
      await writeSummary(id, summary, sheetId, transaction);
      await change(
        'UPDATE attempt_summaries SET decision = ? WHERE attempt_id = ?',
        [decision, id],
        transaction,
      );
    });
  return rows.length;
}

type TransactionRunner = (work: (transaction: Transaction) => Promise<void>) => Promise<void>;
