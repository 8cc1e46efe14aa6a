import 'server-only';
import { ValidationError } from 'yup';
import { keptEntrySchema } from '@/core/exercise/record/entry/entry-envelope';
import { MOST_ENTRIES } from '@/core/exercise/record/entry/room';
import { appendEntry } from './append-entry';
import { visibleAttempt } from './attempts';
import { database } from './database';
import { grantedBySeal, type Granted } from './device-grants';
import { isBusy, isDatabaseDown, isDiskFull } from './errors';
import { log } from './log';
import { outcomeOf, type Refusal } from './outcome';
import type { PersonView } from './people';
import { change, places, rowsOf } from './query';
import { openSeal, type Sealed } from './seals';

/** How each entry of a device fared, in the order in which it was sent. */
interface Fared {
  id: string;
  /** Recorded, now or before; refused, and kept beside the record; or to be sent again later. */
  how: 'taken' | 'refused' | 'not-yet';
  refusal?: Pick<Refusal, 'code' | 'message' | 'fields'>;
}

/** Why nothing more of an attempt is taken from this device for now. */
interface Waits {
  attemptId: number;
  /** The number that is awaited from this device; 0: the device can do nothing but wait. */
  sequence: number;
  /**
   * An entry before it is missing; the attempt is not known here; an entry is of a later release than this server; or
   * the server failed at one, which does no harm to other attempts.
   */
  why: 'gap' | 'unknown-attempt' | 'later-release' | 'failed';
  /** In words, where a person may have to know. */
  says: string;
}

/** What the server says to a device that sends. */
export interface OutboxAnswer {
  fared: Fared[];
  awaits: Waits[];
}

/**
 * Takes what a device has kept, entry by entry, each in a transaction of its own, in the device's order. Where one of an
 * attempt can not be taken now, the rest of that attempt is left, and why is named; other attempts go on. What is refused
 * is kept beside the record and holds up nothing behind it.
 * @param sent entries as they came; each is looked at by itself
 * @param held how many entries of each attempt the device still holds beyond these
 */
export async function takeKept(
  { person, device }: Granted,
  sent: readonly unknown[],
  held: ReadonlyMap<number, number>,
): Promise<OutboxAnswer> {
  const fared: Fared[] = [];
  const awaits = new Map<number, Waits>();
  const attempts = new Set<number>();
  for (const each of sent) {
    const { attemptId, id } = placeOf(each);
    attempts.add(attemptId);
    if (awaits.has(attemptId)) {
      fared.push({ id, how: 'not-yet' });
      continue;
    }
    const took = await takeOne({ person, device }, each);
    fared.push({ id, ...took.fared });
    if (took.waits !== null) awaits.set(attemptId, { attemptId, ...took.waits });
  }
  await noteHeard(person, device, [...attempts], held);
  return { fared, awaits: [...awaits.values()] };
}

/** How a closed entry fared. `waits`: what allowed it has ended, and its maker opens it at the device. */
export type SealedFared = Omit<Fared, 'id' | 'how'> & { how: Fared['how'] | 'waits' };

/**
 * Takes what somebody has left closed at a device, in the order in which it comes, as if its maker had sent it. Whoever
 * sends it could neither read it nor make it.
 */
export async function takeSealed(bound: string, sent: readonly Sealed[]): Promise<SealedFared[]> {
  const fared: SealedFared[] = [];
  const stuck = new Set<number>();
  for (const [index, sealed] of sent.entries()) {
    const granted = stuck.has(sealed.attemptId) ? null : await grantedBySeal(sealed.seal, bound);
    const opened = granted?.person.id === sealed.personId ? await openSeal(sealed) : null;
    const { fared: [took] = [] } =
      granted === null || opened === null ? {} : await takeKept(granted, [opened], behind(sent, index));
    fared.push(took === undefined ? { how: 'waits' } : withoutId(took));
    if (took === undefined || took.how === 'not-yet') stuck.add(sealed.attemptId);
  }
  return fared;
}

/** So many of the same piece are still to come: what the floor is told of the bench. */
const behind = (sent: readonly Sealed[], index: number): ReadonlyMap<number, number> => {
  const attemptId = sent[index]?.attemptId ?? 0;
  return new Map([[attemptId, sent.slice(index + 1).filter((each) => each.attemptId === attemptId).length]]);
};

const withoutId = ({ how, refusal }: Fared): SealedFared =>
  refusal === undefined ? { how } : { how, refusal };

type Took = { fared: Omit<Fared, 'id'>; waits: Omit<Waits, 'attemptId'> | null };

async function takeOne({ person, device }: Granted, sent: unknown): Promise<Took> {
  const notYet = (why: Waits['why'], says: string, sequence = 0): Took => ({
    fared: { how: 'not-yet' },
    waits: { sequence, why, says },
  });
  try {
    const { attemptId, ...entry } = keptEntrySchema.validateSync(sent, { stripUnknown: true });
    const outcome = await appendEntry(person, attemptId, { ...entry, device }, { inOrder: true });
    if ('done' in outcome) return { fared: { how: 'taken' }, waits: null };
    const { kind, code, message, fields, more } = outcome.refused;
    // A server that was restored to an earlier day may not have the attempt yet: the device keeps what it has.
    if (kind === 'not-found') return notYet('unknown-attempt', message);
    if (kind === 'later') return notYet('later-release', message);
    if (code === 'awaits') return notYet('gap', message, Number(more?.sequence));
    return { fared: { how: 'refused', refusal: { code, message, fields } }, waits: null };
  } catch (error) {
    // If the server can take nothing now, every entry gets this answer.
    if (isBusy(error) || isDatabaseDown(error) || isDiskFull(error)) throw error;
    if (ValidationError.isError(error))
      return {
        fared: {
          how: 'not-yet',
          refusal: {
            code: 'invalid',
            message: error.message,
            fields: [{ field: error.path ?? '', message: error.message }],
          },
        },
        waits: { sequence: 0, why: 'failed', says: error.message },
      };
    log.error({ err: error, ...placeOf(sent) }, 'an entry of a bench failed');
    return notYet('failed', 'The server failed at this entry. It stays on the device.');
  }
}

/** Where an entry belongs, as far as that can be read. */
function placeOf(sent: unknown): { attemptId: number; id: string } {
  const { attemptId, id } = (typeof sent === 'object' && sent !== null ? sent : {}) as Record<
    string,
    unknown
  >;
  return {
    attemptId: Number.isInteger(attemptId) ? (attemptId as number) : 0,
    id: typeof id === 'string' ? id.slice(0, 36) : '',
  };
}

/** Notes when a bench was last heard and how many entries it still held. An error here never refuses an entry. */
async function noteHeard(
  { id: personId }: PersonView,
  device: string,
  named: readonly number[],
  held: ReadonlyMap<number, number>,
): Promise<void> {
  const ids = [...new Set(named)].filter((id) => id > 0);
  await database()
    .sequelize.transaction(async (transaction) => {
      // Only of the own pieces: what stands on the floor of a class is said by its students.
      const own = await rowsOf<{ id: number }>(
        `SELECT id FROM attempts WHERE student_id = ? AND id IN (${places(ids)})`,
        [personId, ...ids],
        transaction,
      );
      await change(
        `DELETE FROM bench_devices WHERE device = ? AND attempt_id IN (${places(own)})`,
        [device, ...own.map(({ id }) => id)],
        transaction,
      );
      for (const { id } of own)
        await change(
          'INSERT INTO bench_devices (attempt_id, device, held, heard_at) VALUES (?, ?, ?, ?)',
          [id, device, Math.min(held.get(id) ?? 0, MOST_ENTRIES), new Date()],
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
        taken: await lastTaken(person, attemptId, device),
        marked: seen.done.decision !== null,
      });
  }
  return standings;
}

async function lastTaken({ id: personId }: PersonView, attemptId: number, device: string): Promise<number> {
  const rows = await rowsOf<{ last: number | null }>(
    `SELECT MAX(sequence) AS last FROM entries WHERE attempt_id = ? AND device = ?
      UNION ALL SELECT MAX(sequence) FROM refused_entries
        WHERE attempt_id = ? AND device = ? AND author_id = ?`,
    [attemptId, device, attemptId, device, personId],
  );
  return Math.max(0, ...rows.map(({ last }) => Number(last ?? 0)));
}
