import { ask, type Sent } from '@/ui/shell/ask';
import { send } from '@/ui/shell/send';
import {
  benchDevice,
  benchStore,
  isLeaving,
  whoWorks,
  type Grant,
  type KeptEntry,
  type SealedEntry,
} from './bench-store';
import { openOwn, sealsHere } from './works-here';
import { missingHere, noteHeld, noteMissing, notePresent } from './held-count';
import { allKept, letGo, noteFared, sendAgainFrom } from './kept-entries';

/** What the device still holds, for whoever looks at it. */
export interface OutboxState {
  /** `not-looked`: what is held is not known yet. `none`: this browser keeps nothing, so nothing can be held. */
  store: 'not-looked' | 'here' | 'none';
  /** Not sent yet, all attempts together. */
  held: number;
  /** Since when the oldest of them waits, by this device's clock (ISO 8601). */
  since: string | null;
  /** So many of them wait until whoever recorded them signs in here again. */
  waits: number;
  /** Kept here before, and gone: the browser's store was cleared. */
  missing: number;
  /** Refused by the server. */
  refused: KeptEntry[];
  /** Why something can not be sent now; null when all is well. */
  problem: string | null;
  /** Something is held whose maker's grant is here. */
  canSend: boolean;
}

interface Answer {
  fared: { id: string; how: 'taken' | 'refused' | 'not-yet'; refusal?: { message: string } }[];
  /** `why` and `says` are missing from a server of an earlier release. */
  awaits: { attemptId: number; sequence: number; why?: string; says?: string }[];
}

interface Standings {
  standings: { attemptId: number; taken: number; marked: boolean }[];
}

/** What is sent at once. */
const AT_ONCE = 50;
/** After a failure it is tried again, the longer the oftener it failed. */
const AGAIN_MS = [2000, 4000, 8000, 15_000] as const;
const NAME = 'oyakata-outbox';

const EMPTY: OutboxState = {
  store: 'not-looked',
  held: 0,
  since: null,
  waits: 0,
  missing: 0,
  refused: [],
  problem: null,
  canSend: false,
};
let state = EMPTY;
let failures = 0;
let timer: number | undefined;
let channel: BroadcastChannel | null = null;
const listeners = new Set<() => void>();

export const outboxState = (): OutboxState => state;
export const noOutbox = (): OutboxState => EMPTY;

export function subscribeOutbox(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The one outbox of a device: it listens to the other tabs and to the network, and looks what is left from before. */
export function beginOutbox(): void {
  if (channel !== null) return;
  channel = new BroadcastChannel(NAME);
  channel.onmessage = () => void look(state.problem);
  // What is kept here is the only one there is until it is sent: the browser is asked not to clear it for room.
  void navigator.storage?.persist?.().catch(() => false);
  void benchDevice()
    .then(notePresent)
    .catch(() => undefined);
  window.addEventListener('online', () => void flush());
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible') void flush();
  });
  void catchUp();
}

/** The right to send in this student's name from now on, whoever is signed in later. */
export function askForGrant(personId: number): Promise<boolean> {
  asking ??= newGrant(personId).finally(() => void (asking = null));
  return asking;
}

let asking: Promise<boolean> | null = null;

interface NewGrant {
  token: string;
  seal: string;
  key: string;
  keys: Record<string, string>;
  missing: number;
}

async function newGrant(personId: number): Promise<boolean> {
  if (isLeaving()) return false;
  const device = await benchDevice();
  const seals = (await sealsHere(personId)).slice(0, 50);
  const sent = await send<NewGrant>('POST', '/api/outbox/grant', { device, seals });
  // Whoever asked signs out meanwhile: what is closed by now stays closed.
  if (!sent.ok || isLeaving()) return false;
  const { token, seal, key, keys, missing } = sent.value;
  await (await benchStore()).put('grants', { personId, token, seal, key, at: Date.now() });
  await openOwn(keys);
  if (missing > 0) noteMissing(missing);
  closedWaits = new Set();
  void flush();
  return true;
}

/** Sends what is held, one tab at a time. Called after every entry, when the network comes back, and by itself. */
export function flush(): Promise<void> {
  window.clearTimeout(timer);
  return navigator.locks.request(NAME, async () => {
    // What is held is said before it is sent, which may take long.
    await look(state.problem);
    await sendOfStaff();
    const problem = (await sendAll()) ?? (await sendClosed());
    failures = problem === null ? 0 : failures + 1;
    await look(problem);
    channel?.postMessage('changed');
    if (state.canSend)
      timer = window.setTimeout(
        () => void flush(),
        AGAIN_MS[Math.min(failures, AGAIN_MS.length) - 1] ?? AGAIN_MS[0],
      );
  });
}

/**
 * Asks how far the server has what was sent, once a page begins and when a server comes back: one that was restored to
 * an earlier day is sent again what it lacks, and what belongs to a marked piece is let go.
 */
export async function catchUp(): Promise<void> {
  try {
    const kept = await allKept();
    for (const [personId, entries] of byMaker(kept)) {
      const grant = await (await benchStore()).get('grants', personId);
      if (grant === undefined || grant.at === 0) continue;
      const attemptIds = [...new Set(entries.map(({ attemptId }) => attemptId))].slice(0, 200);
      const sent = await post<Standings>('/api/outbox/standing', { attemptIds }, grant);
      if (!sent.ok) continue;
      for (const { attemptId, taken, marked } of sent.value.standings) {
        const lacks = entries.find(
          (entry) => entry.attemptId === attemptId && entry.state !== 'held' && entry.sequence > taken,
        );
        if (marked) await letGo(attemptId);
        else if (lacks !== undefined) await sendAgainFrom(attemptId, taken + 1);
      }
    }
  } catch {
    // Without a store nothing is kept, and nothing is to be caught up with.
    if (state.store === 'not-looked') state = { ...state, store: 'none' };
    listeners.forEach((listener) => listener());
    return;
  }
  await flush();
}

const post = <T>(url: string, body: unknown, { token }: Grant): Promise<Sent<T>> =>
  send<T>('POST', url, body, token);

function byMaker(kept: readonly KeptEntry[]): Map<number, KeptEntry[]> {
  const makers = new Map<number, KeptEntry[]>();
  for (const entry of kept) makers.set(entry.maker.id, [...(makers.get(entry.maker.id) ?? []), entry]);
  return makers;
}

/** A gap is closed by sending again from there: more often than this, in one go, it is no gap but a fault. */
const MOST_GAPS = 3;

/**
 * Sends what is held, piece by piece in its order. A piece that the server can not take now holds up no other one.
 * @returns why not everything could be sent; null when nothing stands in the way
 */
async function sendAll(): Promise<string | null> {
  const device = await benchDevice();
  const gaps = new Map<number, number>();
  const stuck = new Map<number, string>();
  let atOnce = AT_ONCE;
  for (;;) {
    const held = (await allKept()).filter((entry) => entry.state === 'held' && !stuck.has(entry.attemptId));
    const [grant, entries] = await sendable(held, atOnce);
    if (grant === null) return [...stuck.values()][0] ?? null;
    const sent = await post<Answer>(
      '/api/outbox',
      { entries: entries.map((entry) => envelope(entry, device)), held: heldBeyond(held, entries) },
      grant,
    );
    if (!sent.ok) {
      if (sent.later) return sent.message;
      // The grant was ended: its maker signs in here again. Everybody else's goes on.
      if (sent.code === 'no-grant') await (await benchStore()).put('grants', { ...grant, at: 0 });
      // The batch is too large, or one entry is malformed. Send smaller parts to find out which.
      else if (entries.length > 1) atOnce = Math.ceil(entries.length / 2);
      else if (entries[0] !== undefined) stuck.set(entries[0].attemptId, sent.message);
      continue;
    }
    const { fared, awaits } = sent.value;
    await noteFared(
      fared.flatMap(({ id, how, refusal }) => {
        const entry = entries.find((each) => each.id === id);
        return entry === undefined || how === 'not-yet'
          ? []
          : [
              {
                attemptId: entry.attemptId,
                sequence: entry.sequence,
                state: how === 'taken' ? ('sent' as const) : ('refused' as const),
                why: refusal?.message ?? null,
              },
            ];
      }),
    );
    for (const { attemptId, sequence, why, says } of awaits) {
      const times = (gaps.get(attemptId) ?? 0) + 1;
      gaps.set(attemptId, times);
      if (sequence === 0) stuck.set(attemptId, why === 'unknown-attempt' ? NOT_KNOWN : (says ?? NOT_KNOWN));
      else if (times > MOST_GAPS)
        stuck.set(attemptId, 'The server lacks an entry of one of the pieces: tell your instructor.');
      else await sendAgainFrom(attemptId, sequence);
    }
    // A server of another release may not answer for every entry. Those are not sent again in this round.
    for (const { attemptId, id } of entries)
      if (!awaits.some((each) => each.attemptId === attemptId) && howOf(fared, id) === 'not-yet')
        stuck.set(attemptId, NOT_KNOWN);
  }
}

const NOT_KNOWN = 'The server does not know one of the pieces: what belongs to it stays on this device.';

/** How an entry fared; one of which nothing was said is still to be sent. */
const howOf = (fared: Answer['fared'], id: string) => fared.find((each) => each.id === id)?.how ?? 'not-yet';

/**
 * The next entries of one maker whose grant is here. Those of a piece go in their order, whoever made them: what stands
 * behind the entry of somebody who has to sign in first waits with it.
 */
async function sendable(held: readonly KeptEntry[], atOnce: number): Promise<[Grant | null, KeptEntry[]]> {
  const store = await benchStore();
  for (const [personId, entries] of byMaker(fronts(held).flat())) {
    const grant = await store.get('grants', personId);
    if (grant !== undefined && grant.at !== 0) return [grant, entries.slice(0, atOnce)];
  }
  return [null, []];
}

/** Of each piece the entries of one maker that are next in its order. */
function fronts(held: readonly KeptEntry[]): KeptEntry[][] {
  const pieces = new Map<number, KeptEntry[]>();
  for (const entry of held) pieces.set(entry.attemptId, [...(pieces.get(entry.attemptId) ?? []), entry]);
  return [...pieces.values()].map((entries) => {
    const inOrder = entries.sort((one, other) => one.sequence - other.sequence);
    const behind = inOrder.findIndex(({ maker }) => maker.id !== inOrder[0]?.maker.id);
    return behind < 0 ? inOrder : inOrder.slice(0, behind);
  });
}

function envelope(
  { attemptId, id, sequence, after, deviceTime, format, content }: KeptEntry,
  device: string,
) {
  return { attemptId, id, device, sequence, after, deviceTime, format, content };
}

function heldBeyond(held: readonly KeptEntry[], sent: readonly KeptEntry[]) {
  const ids = [...new Set(sent.map(({ attemptId }) => attemptId))];
  return ids.map((attemptId) => ({
    attemptId,
    held: held.filter((entry) => entry.attemptId === attemptId && !sent.includes(entry)).length,
  }));
}

/** What staff have recorded here under an earlier release is sent with their own session, when they work here. */
async function sendOfStaff(): Promise<void> {
  const who = await whoWorks();
  const own = (await allKept()).filter(
    ({ maker, state: how }) => how === 'held' && maker.id === who?.id && maker.role !== 'student',
  );
  const device = await benchDevice();
  for (const entry of own) {
    const { attemptId, sequence } = entry;
    const sent = await send('POST', `/api/attempts/${attemptId}/entries`, envelope(entry, device));
    if (!sent.ok && (sent.later || sent.code === 'unknown-person')) return;
    await noteFared([
      { attemptId, sequence, state: sent.ok ? 'sent' : 'refused', why: sent.ok ? null : sent.message },
    ]);
  }
}

/** What the server has said waits for its maker; asked again when somebody signs in. */
let closedWaits = new Set<string>();
const nameOf = ({ attemptId, sequence }: Pick<SealedEntry, 'attemptId' | 'sequence'>) =>
  `${attemptId} ${sequence}`;

/** Sends what others have left here closed, as it is; what can not be taken so waits for its maker. */
async function sendClosed(): Promise<string | null> {
  const store = await benchStore();
  for (;;) {
    const waiting = (await store.getAll('sealed')).filter((each) => !closedWaits.has(nameOf(each)));
    const batch = waiting.slice(0, AT_ONCE);
    if (batch.length === 0) return null;
    const sealed = batch.map(({ attemptId, sequence, personId, seal, iv, closed }) => {
      return { attemptId, sequence, personId, seal, iv, closed };
    });
    const sent = await send<{ fared: { how: string }[] }>('POST', '/api/outbox/sealed', { sealed });
    if (!sent.ok && sent.later) return sent.message;
    for (const [index, entry] of batch.entries()) {
      const how = sent.ok ? sent.value.fared[index]?.how : 'waits';
      if (how === 'taken' || how === 'refused')
        await store.delete('sealed', [entry.attemptId, entry.sequence]);
      else closedWaits.add(nameOf(entry));
    }
  }
}

async function look(problem: string | null): Promise<void> {
  const kept = await allKept();
  const held = kept.filter((entry) => entry.state === 'held');
  const store = await benchStore();
  const sealed = await store.getAll('sealed');
  let waits = sealed.filter((each) => closedWaits.has(nameOf(each))).length;
  let canSend = sealed.length > waits;
  for (const [personId, entries] of byMaker(fronts(held).flat())) {
    const grant = await store.get('grants', personId);
    if (grant !== undefined && grant.at !== 0) canSend = true;
    else waits += entries.length;
  }
  const count = held.length + sealed.length;
  state = {
    store: 'here',
    held: count,
    since: [...held, ...sealed].map(({ deviceTime }) => deviceTime).sort()[0] ?? null,
    waits,
    missing: missingHere(),
    refused: kept.filter((entry) => entry.state === 'refused'),
    problem: count === 0 ? null : problem,
    canSend,
  };
  noteHeld(await benchDevice(), count);
  listeners.forEach((listener) => listener());
}

/** Looks at what is held once more, without sending. */
export const lookAgain = (): Promise<void> => look(state.problem);

/** Whether the server answers at all; when it does after a silence, it is caught up with. */
export async function lookAtServer(): Promise<boolean> {
  return (await ask('/api/health')).ok;
}
