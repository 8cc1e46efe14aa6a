import 'server-only';
import type { Transaction } from 'sequelize';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { entriesAfter } from './records';

/**
 * Records that this process has read: entries never change, so only what came since is read again. What somebody said may
 * be taken out of a record meanwhile: what is shown to people is read anew, this is for what follows from it.
 */
const known = new Map<number, { entries: readonly Entry[]; seq: number }>();
const MOST_KNOWN = 200;

export async function knownRecord(attemptId: number, transaction?: Transaction): Promise<readonly Entry[]> {
  const before = known.get(attemptId) ?? { entries: [], seq: 0 };
  const since = await entriesAfter(attemptId, before.seq, transaction);
  const entries = since.entries.length === 0 ? before.entries : [...before.entries, ...since.entries];
  known.delete(attemptId);
  if (known.size >= MOST_KNOWN) known.delete(known.keys().next().value ?? attemptId);
  known.set(attemptId, { entries, seq: since.seq });
  return entries;
}
