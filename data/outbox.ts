import 'server-only';
import type { EntryEnvelope } from '@/core/record';
import { appendEntry } from './append-entry';
import { visibleAttempt } from './attempts';
import { database } from './database';
import type { Granted } from './device-grants';
import { outcomeOf, type Refusal } from './outcome';
import { change, places, rowsOf } from './query';

/** An entry that a device kept, with the attempt that it belongs to. */
export interface KeptEntry extends EntryEnvelope {
  attemptId: number;
}

/** How each entry of a device fared, in the order in which it was sent. */
export interface Fared {
  id: string;
  /** Recorded, now or before; refused, and kept beside the record; or not looked at, since one before it is missing. */
  how: 'taken' | 'refused' | 'not-yet';
  refusal?: Pick<Refusal, 'code' | 'message' | 'fields'>;
}

/** What the server says to a device that sends. */
export interface OutboxAnswer {
  fared: Fared[];
  /** Where entries are missing: the number that is awaited from this device; 0: the server does not know the attempt. */
  awaits: { attemptId: number; sequence: number }[];
}

/**
 * Takes what a device has kept, entry by entry, each in a transaction of its own, in the device's order. At a gap the
 * rest of that attempt is left, and the number awaited is named; what is refused is kept beside the record and holds up
 * nothing behind it.
 * @param held how many entries of each attempt the device still holds beyond these
 */
export async function takeKept(
  { person, device }: Granted,
  entries: readonly KeptEntry[],
  held: ReadonlyMap<number, number>,
): Promise<OutboxAnswer> {
  const fared: Fared[] = [];
  const awaits = new Map<number, number>();
  for (const { attemptId, ...sent } of entries) {
    if (awaits.has(attemptId)) {
      fared.push({ id: sent.id, how: 'not-yet' });
      continue;
    }
    const outcome = await appendEntry(person, attemptId, { ...sent, device }, { inOrder: true });
    if ('done' in outcome) {
      fared.push({ id: sent.id, how: 'taken' });
      continue;
    }
    const { kind, code, message, fields, more } = outcome.refused;
    // A server that was restored to an earlier day may not have the attempt yet: the device keeps what it has.
    if (kind === 'not-found') {
      awaits.set(attemptId, 0);
      fared.push({ id: sent.id, how: 'not-yet' });
    } else if (code === 'awaits') {
      awaits.set(attemptId, Number(more?.sequence));
      fared.push({ id: sent.id, how: 'not-yet' });
    } else fared.push({ id: sent.id, how: 'refused', refusal: { code, message, fields } });
  }
  await noteHeard(device, [...new Set(entries.map(({ attemptId }) => attemptId))], held);
  return {
    fared,
    awaits: [...awaits].map(([attemptId, sequence]) => ({ attemptId, sequence })),
  };
}

/** When a bench was last heard, and how much it still held then: by the way, and never the reason for a refusal. */
async function noteHeard(
  device: string,
  attemptIds: readonly number[],
  held: ReadonlyMap<number, number>,
): Promise<void> {
  if (attemptIds.length === 0) return;
  await database()
    .sequelize.transaction(async (transaction) => {
      await change(
        `DELETE FROM bench_devices WHERE device = ? AND attempt_id IN (${places(attemptIds)})`,
        [device, ...attemptIds],
        transaction,
      );
      for (const id of attemptIds)
        await change(
          'INSERT INTO bench_devices (attempt_id, device, held, heard_at) VALUES (?, ?, ?, ?)',
          [id, device, Math.min(held.get(id) ?? 0, 100_000), new Date()],
          transaction,
        );
    })
    .catch(() => undefined);
}

/** How far the server has a device's entries of an attempt. */
export interface Standing {
  attemptId: number;
  /** The last number of this device that was taken or refused; 0: none. */
  taken: number;
  marked: boolean;
}

/** What the server has of a device's entries: a device looks after a restore, and sends again what is missing. */
export async function standingsOf(
  { person, device }: Granted,
  attemptIds: readonly number[],
): Promise<Standing[]> {
  const standings: Standing[] = [];
  for (const attemptId of attemptIds) {
    const seen = await outcomeOf(() => visibleAttempt(person, attemptId));
    if ('done' in seen)
      standings.push({
        attemptId,
        taken: await lastTaken(attemptId, device),
        marked: seen.done.decision !== null,
      });
  }
  return standings;
}

async function lastTaken(attemptId: number, device: string): Promise<number> {
  const rows = await rowsOf<{ last: number | null }>(
    `SELECT MAX(sequence) AS last FROM entries WHERE attempt_id = ? AND device = ?
      UNION ALL SELECT MAX(sequence) FROM refused_entries WHERE attempt_id = ? AND device = ?`,
    [attemptId, device, attemptId, device],
  );
  return Math.max(0, ...rows.map(({ last }) => Number(last ?? 0)));
}
