import type { BenchHome } from '@/core/exercise/board/bench-home';
import {
  benchDevice,
  benchStore,
  isLeaving,
  type Grant,
  type KeptEntry,
  type SealedEntry,
} from './bench-store';

const bytesOf = (base64: string) => Uint8Array.from(atob(base64), (each) => each.charCodeAt(0));
const textOf = (bytes: ArrayBuffer | Uint8Array) => btoa(String.fromCharCode(...new Uint8Array(bytes)));

const keyFrom = (base64: string) =>
  crypto.subtle.importKey('raw', bytesOf(base64), 'AES-GCM', false, ['encrypt', 'decrypt']);

/**
 * The plain fields beside the encrypted text are authenticated with it. The server builds the same text
 * (data/seals.ts).
 */
const placeOf = ({ seal, attemptId, sequence }: Pick<SealedEntry, 'seal' | 'attemptId' | 'sequence'>) =>
  new TextEncoder().encode(`${seal} ${attemptId} ${sequence}`);

async function closed(
  entry: KeptEntry,
  { seal = '', key = '' }: Grant,
  device: string,
): Promise<SealedEntry> {
  const { attemptId, sequence, maker, deviceTime } = entry;
  const iv = crypto.getRandomValues(new Uint8Array(12));
  const place = { attemptId, sequence, seal };
  const text = new TextEncoder().encode(JSON.stringify({ ...entry, device }));
  const bytes = await crypto.subtle.encrypt(
    { name: 'AES-GCM', iv, additionalData: placeOf(place) },
    await keyFrom(key),
    text,
  );
  return { ...place, personId: maker.id, iv: textOf(iv), closed: textOf(bytes), deviceTime };
}

/**
 * Leaves nothing of others to read on this device: what they have sent goes, with their grants; what they have not is
 * closed with the key of their grant, which goes too. It is sent as it is, or opened when its maker signs in here.
 *
 * @param personId who works here now; null: nobody
 */
export async function closeOthers(personId: number | null): Promise<void> {
  const store = await benchStore();
  const others = (await store.getAll('kept')).filter(({ maker }) => maker.id !== personId);
  const grants = (await store.getAll('grants')).filter((grant) => grant.personId !== personId);
  const device = await benchDevice();
  const sealed = await Promise.all(
    others
      .filter(({ state }) => state === 'held')
      .flatMap((entry) => {
        const grant = grants.find((each) => each.personId === entry.maker.id);
        // Without a key (of an earlier release) it is kept as it is, and sent: nothing is lost.
        return grant?.key === undefined ? [] : [closed(entry, grant, device)];
      }),
  );
  const change = store.transaction(['kept', 'sealed', 'grants'], 'readwrite', { durability: 'strict' });
  const kept = change.objectStore('kept');
  for (const entry of sealed) {
    await change.objectStore('sealed').put(entry);
    await kept.delete([entry.attemptId, entry.sequence]);
  }
  const open = new Set<number>();
  for (const { attemptId, sequence, state, maker } of await kept.getAll())
    if (maker.id !== personId) {
      if (state === 'held') open.add(maker.id);
      else await kept.delete([attemptId, sequence]);
    }
  for (const { personId: of } of grants) if (!open.has(of)) await change.objectStore('grants').delete(of);
  await change.done;
}

/**
 * Notes who works here. Of everybody else what was remembered and what was sent is taken away, with their names and
 * grants; what is still to be sent is closed, and never lost.
 */
export async function worksHere(person: BenchHome['person'] | null): Promise<void> {
  if (person !== null && isLeaving()) return;
  await closeOthers(person?.id ?? null);
  const store = await benchStore();
  const change = store.transaction(['facts', 'remembered'], 'readwrite');
  const facts = change.objectStore('facts');
  const remembered = change.objectStore('remembered');
  await (person === null ? facts.delete('who') : facts.put(JSON.stringify(person), 'who'));
  for (const { key, personId } of await remembered.getAll())
    if (personId !== person?.id) await remembered.delete(key);
  await change.done;
}

/** The seals by which this person's entries are closed here; of everybody where nobody is named. */
export async function sealsHere(personId?: number): Promise<string[]> {
  const all = await (await benchStore()).getAll('sealed');
  return [
    ...new Set(
      all.filter((each) => personId === undefined || each.personId === personId).map(({ seal }) => seal),
    ),
  ];
}

/** Opens what its maker has left here closed, with the keys that the server tells the maker: it is held again. */
export async function openOwn(keys: Readonly<Record<string, string>>): Promise<void> {
  const store = await benchStore();
  const opened: KeptEntry[] = [];
  for (const sealed of await store.getAll('sealed')) {
    const key = keys[sealed.seal];
    if (key === undefined) continue;
    try {
      const bytes = await crypto.subtle.decrypt(
        { name: 'AES-GCM', iv: bytesOf(sealed.iv), additionalData: placeOf(sealed) },
        await keyFrom(key),
        bytesOf(sealed.closed),
      );
      opened.push(JSON.parse(new TextDecoder().decode(bytes)) as KeptEntry);
    } catch {
      // It was encrypted with another key, so it can not be opened here. It stays as it is.
    }
  }
  const change = store.transaction(['kept', 'sealed'], 'readwrite', { durability: 'strict' });
  for (const entry of opened) {
    await change.objectStore('kept').put({ ...entry, state: 'held', why: null });
    await change.objectStore('sealed').delete([entry.attemptId, entry.sequence]);
  }
  await change.done;
}
