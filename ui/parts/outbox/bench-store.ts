import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { BenchHome } from '@/core/exercise/board/bench-home';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import type { Role } from '@/core/exercise/record/entry/entry';
import { newId } from '@/ui/shell/new-id';

/** An entry as this device keeps it until its piece is marked. */
export interface KeptEntry {
  attemptId: number;
  /** This device's own count in this attempt, from 1. */
  sequence: number;
  id: string;
  after: string | null;
  deviceTime: string;
  format: number;
  content: EntryContent;
  maker: { id: number; name: string; role: Role };
  /** `held`: not sent yet. `sent`: the server has it. `refused`: the server has kept it beside the record. */
  state: 'held' | 'sent' | 'refused';
  /** Why it was refused. */
  why: string | null;
}

/** What a device may send in the name of whoever works at it. */
export interface Grant {
  personId: number;
  token: string;
  /** What is left here unsent is closed with this key (base64). Missing in those of an earlier release. */
  seal?: string;
  key?: string;
  /** When it was given, by this device's clock; 0: the server has ended it, and the key still closes what is left. */
  at?: number;
}

/** An entry that somebody has left here unsent: closed, so that nobody else here reads it, and sent all the same. */
export interface SealedEntry {
  attemptId: number;
  sequence: number;
  personId: number;
  seal: string;
  iv: string;
  closed: string;
  /** Since when it waits. */
  deviceTime: string;
}

/** Something of a person that is shown while the server can not be asked. */
interface Remembered {
  key: string;
  personId: number;
  value: unknown;
}

interface BenchSchema extends DBSchema {
  facts: { key: string; value: string };
  grants: { key: number; value: Grant };
  kept: { key: [number, number]; value: KeptEntry };
  sealed: { key: [number, number]; value: SealedEntry };
  counters: { key: number; value: number };
  remembered: { key: string; value: Remembered };
}

export type BenchStore = IDBPDatabase<BenchSchema>;

let opened: Promise<BenchStore> | null = null;

/** The device's own store, shared by its tabs. Rejects where the browser forbids one. */
export function benchStore(): Promise<BenchStore> {
  opened ??= openDB<BenchSchema>('oyakata-bench', 2, {
    upgrade(store, from) {
      store.createObjectStore('sealed', { keyPath: ['attemptId', 'sequence'] });
      if (from >= 1) return;
      store.createObjectStore('facts');
      store.createObjectStore('grants', { keyPath: 'personId' });
      store.createObjectStore('kept', { keyPath: ['attemptId', 'sequence'] });
      store.createObjectStore('counters');
      store.createObjectStore('remembered', { keyPath: 'key' });
    },
    // A later release that changes the store waits for no old tab.
    blocking: (_current, _blocked, event) => (event.target as IDBDatabase).close(),
    terminated: () => void (opened = null),
  });
  opened.catch(() => void (opened = null));
  return opened;
}

/**
 * The id of this device at the bench. It is stored together with the kept entries: if the browser clears the store,
 * the id goes too. So the entries of one id are never counted from 1 twice.
 */
export async function benchDevice(): Promise<string> {
  const store = await benchStore();
  const change = store.transaction('facts', 'readwrite');
  const known = await change.store.get('device');
  if (known !== undefined) return known;
  const made = newId();
  await change.store.put(made, 'device');
  await change.done;
  return made;
}

/** Who works at this device, as far as it knows. */
export async function whoWorks(): Promise<BenchHome['person'] | null> {
  const text = await (await benchStore()).get('facts', 'who');
  return text === undefined ? null : (JSON.parse(text) as BenchHome['person']);
}

let leaving = false;

/** Somebody is signing out: what a page of this tab still asks for is not remembered any more. */
export const isLeaving = (): boolean => leaving;
export const setLeaving = (now: boolean): void => void (leaving = now);

export async function remember(key: string, personId: number, value: unknown): Promise<void> {
  if (leaving) return;
  await (await benchStore()).put('remembered', { key, personId, value });
}

/** What was remembered for this person; null when nothing was. */
export async function recall<T>(key: string, personId: number): Promise<T | null> {
  const found = await (await benchStore()).get('remembered', key);
  return found === undefined || found.personId !== personId ? null : (found.value as T);
}

/** A grant is asked for anew each day that its person works here. */
const RENEW_MS = 86_400_000;

/** Whether this device may send in a person's name for days yet, and can close what that person leaves. */
export async function hasFreshGrant(personId: number): Promise<boolean> {
  const grant = await (await benchStore()).get('grants', personId);
  return grant?.key !== undefined && Date.now() - (grant.at ?? 0) < RENEW_MS;
}
