import { type KeptEntry, benchStore } from './bench-store';

type New = Omit<KeptEntry, 'sequence' | 'state' | 'why'>;

const ofAttempt = (attemptId: number) => IDBKeyRange.bound([attemptId, 0], [attemptId, Infinity]);

/** Another tab has kept something of the same piece since this one has looked. */
export class KeptMeanwhile extends Error {
  override name = 'KeptMeanwhile';
}

/**
 * Keeps an entry on the device, with the next number of its attempt: number and entry in one transaction, so that two
 * tabs never take the same one. When this resolves the entry survives the page.
 * @param seen the last number that the tab has seen; nothing is kept on top of what it has not
 * @throws KeptMeanwhile
 */
export async function keep(entry: New, seen?: number): Promise<KeptEntry> {
  const store = await benchStore();
  const change = store.transaction(['kept', 'counters'], 'readwrite', { durability: 'strict' });
  const counters = change.objectStore('counters');
  const sequence = ((await counters.get(entry.attemptId)) ?? 0) + 1;
  if (
    seen !== undefined &&
    sequence > seen + 1 &&
    (await isOpen(change.objectStore('kept'), entry.attemptId, seen))
  ) {
    change.abort();
    await change.done.catch(() => undefined);
    throw new KeptMeanwhile();
  }
  const kept: KeptEntry = { ...entry, sequence, state: 'held', why: null };
  await change.objectStore('kept').add(kept);
  await counters.put(sequence, entry.attemptId);
  await change.done;
  return kept;
}

/** Whether the device keeps any entry after this number. */
async function isOpen(
  kept: { getAllKeys: (range: IDBKeyRange) => Promise<unknown[]> },
  attemptId: number,
  seen: number,
): Promise<boolean> {
  return (await kept.getAllKeys(IDBKeyRange.bound([attemptId, seen + 1], [attemptId, Infinity]))).length > 0;
}

/** Everything of one attempt that the device keeps, in its order. */
export async function keptOf(attemptId: number): Promise<KeptEntry[]> {
  return (await benchStore()).getAll('kept', ofAttempt(attemptId));
}

/** Everything that the device keeps, by attempt and in its order. */
export async function allKept(): Promise<KeptEntry[]> {
  return (await benchStore()).getAll('kept');
}

/** Notes how entries fared. */
export async function noteFared(
  fared: readonly Pick<KeptEntry, 'attemptId' | 'sequence' | 'state' | 'why'>[],
): Promise<void> {
  const change = (await benchStore()).transaction('kept', 'readwrite');
  for (const { attemptId, sequence, state, why } of fared) {
    const kept = await change.store.get([attemptId, sequence]);
    if (kept !== undefined) await change.store.put({ ...kept, state, why });
  }
  await change.done;
}

/**
 * The server awaits a number: everything from there on is sent again. Where the device has nothing of that number any
 * more (its piece was marked, and the server then restored to an earlier day), what it still holds moves up.
 */
export async function sendAgainFrom(attemptId: number, sequence: number): Promise<void> {
  const change = (await benchStore()).transaction(['kept', 'counters'], 'readwrite');
  const kept = change.objectStore('kept');
  const all = await kept.getAll(ofAttempt(attemptId));
  const has = all.some((entry) => entry.sequence === sequence);
  const from = all.filter((entry) => (has ? entry.sequence >= sequence : entry.state === 'held'));
  let next = sequence;
  for (const entry of from) {
    const held: KeptEntry = { ...entry, state: 'held', why: null };
    if (!has) {
      await kept.delete([attemptId, entry.sequence]);
      held.sequence = next;
      next += 1;
    }
    await kept.put(held);
  }
  if (!has) await change.objectStore('counters').put(next - 1, attemptId);
  await change.done;
}

/** Lets go of what was sent of an attempt that is marked; what is still held stays. */
export async function letGo(attemptId: number): Promise<void> {
  const change = (await benchStore()).transaction('kept', 'readwrite');
  for (const entry of await change.store.getAll(ofAttempt(attemptId)))
    if (entry.state !== 'held') await change.store.delete([attemptId, entry.sequence]);
  await change.done;
}
