import { createDecipheriv, webcrypto } from 'node:crypto';
import { TextDecoder, TextEncoder } from 'node:util';
import { act } from '@testing-library/react';
import { entryExamples } from '@/core/test/entry-examples';
import { sheetOf } from '@/core/test/record';
import type { KeptEntry } from './bench-store';

/** A server as the outbox knows it: what it has of each piece, what it refuses, and how much it takes at once. */
interface Server {
  there: boolean;
  has: Map<number, string[]>;
  sent: Sent[];
  unknown: Set<number>;
  refuses: Set<string>;
  /** Of a later release, or left without a word. */
  later: Set<string>;
  silent: Set<string>;
  mostAtOnce: number;
  grants: Set<string>;
  batches: number;
  /** What was sent closed, as the server opens it, and by which seals it takes any. */
  closed: object[];
  seals: Set<string>;
}
let server: Server;
const PERSON = { id: 1, name: 'Student One', role: 'student' as const };

type Sent = { attemptId: number; id: string; sequence: number; format: number; content: object };

function take(entries: Sent[]) {
  const awaits = new Map<number, { sequence: number; why?: string; says?: string }>();
  const fared = entries.map(({ attemptId, id, sequence, format, content }) => {
    const has = server.has.get(attemptId) ?? [];
    if (server.silent.has(id)) return { id, how: 'not-yet' };
    if (server.unknown.has(attemptId)) awaits.set(attemptId, { sequence: 0 });
    else if (server.later.has(id))
      awaits.set(attemptId, { sequence: 0, why: 'later-release', says: 'Of a later release.' });
    else if (!awaits.has(attemptId) && !has.includes(id) && sequence !== has.length + 1)
      awaits.set(attemptId, { sequence: has.length + 1 });
    if (awaits.has(attemptId)) return { id, how: 'not-yet' };
    if (!has.includes(id)) {
      server.has.set(attemptId, [...has, id]);
      server.sent.push({ attemptId, id, sequence, format, content });
    }
    return server.refuses.has(id)
      ? { id, how: 'refused', refusal: { message: 'No.' } }
      : { id, how: 'taken' };
  });
  return { fared, awaits: [...awaits].map(([attemptId, each]) => ({ attemptId, ...each })) };
}

const KEY = Buffer.alloc(32, 7).toString('base64');
type Closed = { attemptId: number; sequence: number; seal: string; iv: string; closed: string };

/** Opens what was closed as the server does (data/seals.ts). */
function takeClosed(body: string) {
  const { sealed } = JSON.parse(body) as { sealed: Closed[] };
  const fared = sealed.map(({ attemptId, sequence, seal, iv, closed }) => {
    if (!server.seals.has(seal)) return { how: 'waits' };
    const bytes = Buffer.from(closed, 'base64');
    const opened = createDecipheriv('aes-256-gcm', Buffer.from(KEY, 'base64'), Buffer.from(iv, 'base64'));
    opened.setAAD(Buffer.from(`${seal} ${attemptId} ${sequence}`));
    opened.setAuthTag(bytes.subarray(-16));
    server.closed.push(
      JSON.parse(Buffer.concat([opened.update(bytes.subarray(0, -16)), opened.final()]).toString()) as object,
    );
    return { how: 'taken' };
  });
  return { fared };
}

const realTimeout = window.setTimeout;
afterEach(() => jest.restoreAllMocks());

beforeEach(() => {
  jest.resetModules();
  server = {
    there: true,
    has: new Map(),
    sent: [],
    unknown: new Set(),
    refuses: new Set(),
    later: new Set(),
    silent: new Set(),
    mostAtOnce: 50,
    grants: new Set(['token']),
    batches: 0,
    closed: [],
    seals: new Set(['seal-1']),
  };
  const answer = (status: number, body: unknown) =>
    Promise.resolve({ ok: status < 400, status, headers: new Map(), json: () => Promise.resolve(body) });
  const refuse = (status: number, code: string) =>
    answer(status, { error: { code, message: code, fields: [] } });
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
  document.cookie = 'oyakata-held=; path=/; max-age=0';
  Object.assign(globalThis, {
    TextEncoder,
    TextDecoder,
    structuredClone: (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown,
    BroadcastChannel: class {
      postMessage() {}
      close() {}
    },
    fetch: (url: string, init: { headers: Record<string, string>; body: string }) => {
      if (!server.there) return Promise.reject(new TypeError('Failed to fetch'));
      if (url.endsWith('/sealed')) return answer(200, takeClosed(init.body));
      if (!server.grants.has(init.headers.authorization?.replace('Bearer ', '') ?? ''))
        return refuse(401, 'no-grant');
      const body = JSON.parse(init.body) as { entries: Sent[]; attemptIds: number[] };
      if (url.endsWith('/standing'))
        return answer(200, {
          standings: body.attemptIds
            .filter((id) => !server.unknown.has(id))
            .map((attemptId) => ({
              attemptId,
              taken: server.has.get(attemptId)?.length ?? 0,
              marked: attemptId === 99,
            })),
        });
      server.batches += 1;
      return body.entries.length > server.mostAtOnce
        ? refuse(413, 'too-large')
        : answer(200, take(body.entries));
    },
  });
  // It sends again by itself after seconds: by then another test has another store.
  jest
    .spyOn(window, 'setTimeout')
    .mockImplementation(((run: () => void, ms = 0) =>
      ms < 1000 ? realTimeout(run, ms) : 0) as typeof setTimeout);
  AbortSignal.timeout = () => new AbortController().signal;
  Object.assign(navigator, { locks: { request: (_: string, run: () => Promise<unknown>) => run() } });
});

/** The device anew: its modules and its store. */
async function device() {
  const { IDBFactory, ...rest } = await import('fake-indexeddb');
  Object.assign(globalThis, rest, { indexedDB: new IDBFactory() });
  const store = await import('./bench-store');
  const entries = await import('./kept-entries');
  const outbox = await import('./outbox');
  const works = await import('./works-here');
  const grant = { token: 'token', seal: 'seal-1', key: KEY, at: Date.now() };
  await (await store.benchStore()).put('grants', { personId: 1, ...grant });
  let made = 0;
  const keep = (attemptId: number, maker = PERSON, more: Partial<KeptEntry> = {}): Promise<KeptEntry> =>
    entries.keep({
      attemptId,
      id: `entry-${(made += 1)}`,
      after: null,
      deviceTime: '2026-11-26T08:00:00.000Z',
      format: 2,
      content: { kind: 'note', text: 'x' },
      maker,
      ...more,
    });
  const states = async (attemptId: number) => (await entries.keptOf(attemptId)).map(({ state }) => state);
  return { ...store, ...entries, ...outbox, ...works, keepEntry: entries.keep, keep, states };
}

test('each piece has its own count, also when two tabs keep at one moment; what is kept is sent once and in order', async () => {
  const bench = await device();
  await Promise.all([bench.keep(5), bench.keep(5), bench.keep(7), bench.keep(5)]);
  expect((await bench.keptOf(5)).map(({ sequence }) => sequence)).toEqual([1, 2, 3]);
  expect((await bench.keptOf(7)).map(({ sequence }) => sequence)).toEqual([1]);
  await act(() => bench.flush());
  expect([server.has.get(5)?.length, server.has.get(7)?.length]).toEqual([3, 1]);
  expect(await bench.states(5)).toEqual(['sent', 'sent', 'sent']);
  expect(bench.outboxState()).toMatchObject({ held: 0, problem: null, canSend: false });
  await act(() => bench.flush());
  expect(server.batches).toBe(1);
});

test('what another tab has kept meanwhile is looked at first: nothing is kept on top of it', async () => {
  const bench = await device();
  const keepSeen = (seen: number) =>
    bench.keepEntry(
      {
        attemptId: 5,
        id: `seen-${seen}`,
        after: null,
        deviceTime: '2026-11-26T08:00:00.000Z',
        format: 2,
        content: { kind: 'note', text: 'x' },
        maker: PERSON,
      },
      seen,
    );
  const both = await Promise.allSettled([keepSeen(0), keepSeen(0)]);
  expect(both.map(({ status }) => status)).toEqual(['fulfilled', 'rejected']);
  expect((both[1] as PromiseRejectedResult).reason).toBeInstanceOf(bench.KeptMeanwhile);
  expect(await bench.keptOf(5)).toHaveLength(1);
  expect(await keepSeen(1)).toMatchObject({ sequence: 2 });
  // What was sent and let go needs no look: the count goes on.
  await act(() => bench.flush());
  await bench.letGo(5);
  expect(await keepSeen(0)).toMatchObject({ sequence: 3 });
});

test('without a server it stays held, and says since when; with it, it goes', async () => {
  const bench = await device();
  server.there = false;
  await bench.keep(5);
  await act(() => bench.flush());
  expect(bench.outboxState()).toMatchObject({ held: 1, since: '2026-11-26T08:00:00.000Z', canSend: true });
  server.there = true;
  await act(() => bench.flush());
  expect(bench.outboxState().held).toBe(0);
});

test('a piece that the server does not know holds up no other one', async () => {
  const bench = await device();
  server.unknown.add(3);
  await bench.keep(3);
  await bench.keep(5);
  await act(() => bench.flush());
  expect(await bench.states(3)).toEqual(['held']);
  expect(await bench.states(5)).toEqual(['sent']);
  expect(bench.outboxState().problem).toMatch(/does not know one of the pieces/);
});

test('what is too much at once is sent in smaller parts; one that is too much alone holds up its own piece only', async () => {
  const bench = await device();
  server.mostAtOnce = 3;
  for (let made = 0; made < 10; made += 1) await bench.keep(5);
  await act(() => bench.flush());
  expect(server.has.get(5)).toHaveLength(10);
  server.mostAtOnce = 0;
  await bench.keep(5);
  await act(() => bench.flush());
  expect(bench.outboxState()).toMatchObject({ held: 1, problem: 'too-large' });
});

test('refused, it keeps its place and holds up nothing behind it', async () => {
  const bench = await device();
  server.refuses.add('entry-2');
  for (let made = 0; made < 3; made += 1) await bench.keep(5);
  await act(() => bench.flush());
  expect(await bench.states(5)).toEqual(['sent', 'refused', 'sent']);
  expect(bench.outboxState().refused[0]?.why).toBe('No.');
});

test('a server that was restored is sent again what it lacks; what is marked is let go', async () => {
  const bench = await device();
  for (let made = 0; made < 4; made += 1) await bench.keep(5);
  await bench.keep(99);
  await act(() => bench.flush());
  server.has.set(5, server.has.get(5)!.slice(0, 2));
  await act(() => bench.catchUp());
  expect(server.has.get(5)).toEqual(['entry-1', 'entry-2', 'entry-3', 'entry-4']);
  expect(await bench.keptOf(99)).toEqual([]);
  // What is held of a piece whose sent part was let go moves up to the number that is awaited.
  server.has.set(99, []);
  await bench.keep(99);
  expect((await bench.keptOf(99))[0]?.sequence).toBe(2);
  await act(() => bench.flush());
  expect(server.has.get(99)).toEqual(['entry-6']);
  expect((await bench.keptOf(99))[0]).toMatchObject({ sequence: 1, state: 'sent' });
});

test('each goes under its maker’s grant; one whose grant ended waits for its maker, the others go on', async () => {
  const bench = await device();
  const two = { id: 2, name: 'Two', role: 'student' as const };
  await (await bench.benchStore()).put('grants', { personId: 2, token: 'ended', key: KEY, at: 1 });
  await bench.keep(3, two);
  await bench.keep(5);
  await act(() => bench.flush());
  expect(await bench.states(5)).toEqual(['sent']);
  expect(bench.outboxState()).toMatchObject({ held: 1, waits: 1, canSend: false });
  // The key stays: what is left here can still be closed with it.
  expect(await bench.hasFreshGrant(2)).toBe(false);
  expect(await (await bench.benchStore()).get('grants', 2)).toMatchObject({ key: KEY, at: 0 });
});

test('of whoever leaves nothing is there to read any more; what is unsent is closed and sent, and the device stays', async () => {
  const bench = await device();
  await bench.worksHere({ id: 1, name: 'Student One' });
  await bench.remember('home', 1, { last: 'it was said' });
  await bench.keep(5);
  await act(() => bench.flush());
  server.there = false;
  await bench.keep(5, PERSON, { content: { kind: 'note', text: 'between us' } as never });
  await bench.keep(5);
  await act(() => bench.flush());
  expect(await bench.recall('home', 1)).toEqual({ last: 'it was said' });
  expect(await bench.recall('home', 2)).toBeNull();
  const id = await bench.benchDevice();
  await bench.worksHere({ id: 2, name: 'Two' });
  const store = await bench.benchStore();
  const everything = await Promise.all(
    (['facts', 'grants', 'kept', 'sealed', 'remembered'] as const).map((name) => store.getAll(name)),
  );
  // None of them can stand in what is closed by chance: it has no space and no hyphen.
  const text = JSON.stringify(everything);
  for (const secret of ['between us', 'token', KEY, 'Student One', 'entry-1', 'it was said'])
    expect(text).not.toContain(secret);
  expect(await store.getAll('sealed')).toMatchObject([{ sequence: 2 }, { sequence: 3 }]);
  expect(await bench.benchDevice()).toBe(id);
  await act(() => bench.flush());
  expect(bench.outboxState()).toMatchObject({ held: 2, since: '2026-11-26T08:00:00.000Z', canSend: true });
  server.there = true;
  await act(() => bench.flush());
  expect(server.closed).toMatchObject([
    { attemptId: 5, sequence: 2, device: id, content: { text: 'between us' }, maker: PERSON },
    { attemptId: 5, sequence: 3 },
  ]);
  expect(bench.outboxState()).toMatchObject({ held: 0, waits: 0, canSend: false });
});

test('a grant that comes while its maker signs out opens nothing again', async () => {
  const bench = await device();
  await bench.keep(5);
  server.there = false;
  bench.setLeaving(true);
  await bench.worksHere(null);
  server.there = true;
  expect(await bench.askForGrant(1)).toBe(false);
  const store = await bench.benchStore();
  expect([await store.getAll('grants'), await bench.keptOf(5)]).toEqual([[], []]);
  expect(await store.getAll('sealed')).toHaveLength(1);
});

test('what was left closed waits for its maker when nothing allows it any more, and is open to the maker alone', async () => {
  const bench = await device();
  await bench.keep(5);
  await bench.worksHere(null);
  server.seals.clear();
  await act(() => bench.flush());
  expect(bench.outboxState()).toMatchObject({ held: 1, waits: 1, canSend: false });
  const batches = server.closed.length;
  await act(() => bench.flush());
  expect(server.closed).toHaveLength(batches);
  expect(await bench.sealsHere(1)).toEqual(['seal-1']);
  await bench.openOwn({ 'seal-1': Buffer.alloc(32, 8).toString('base64') });
  expect(await bench.keptOf(5)).toEqual([]);
  await bench.openOwn({ 'seal-1': KEY });
  expect(await bench.keptOf(5)).toMatchObject([{ sequence: 1, state: 'held', content: { text: 'x' } }]);
  expect(await bench.sealsHere()).toEqual([]);
  // Its count goes on.
  expect(await bench.keep(5)).toMatchObject({ sequence: 2 });
});

test('what an earlier release has kept without a key stays as it is, and is sent', async () => {
  const bench = await device();
  const two = { id: 2, name: 'Two', role: 'student' as const };
  await (await bench.benchStore()).put('grants', { personId: 2, token: 'token' });
  await bench.keep(7, two);
  await bench.worksHere({ id: 1, name: 'Student One' });
  await act(() => bench.flush());
  expect(server.has.get(7)).toHaveLength(1);
  await bench.worksHere({ id: 1, name: 'Student One' });
  expect(await (await bench.benchStore()).getAll('grants')).toMatchObject([{ personId: 1 }]);
  expect(await bench.keptOf(7)).toEqual([]);
});

test('a store that was cleared with three held is known by it, and said until somebody has read it', async () => {
  const before = await device();
  server.there = false;
  for (let made = 0; made < 3; made += 1) await before.keep(5);
  await act(() => before.flush());
  jest.resetModules();
  const after = await device();
  server.there = true;
  await act(() => after.flush());
  expect(after.outboxState()).toMatchObject({ held: 0, missing: 3 });
  const { missingSeen } = await import('./held-count');
  missingSeen();
  await act(() => after.lookAgain());
  expect(after.outboxState().missing).toBe(0);
});

test('what a later bench has made waits for the update of the server, and holds up no other piece', async () => {
  const bench = await device();
  const later = await bench.keep(5);
  server.later.add(later.id);
  await bench.keep(5);
  await bench.keep(7);
  await act(() => bench.flush());
  expect([await bench.states(5), await bench.states(7)]).toEqual([['held', 'held'], ['sent']]);
  expect(bench.outboxState()).toMatchObject({ held: 2, problem: 'Of a later release.' });
  expect(server.batches).toBeLessThan(4);
  server.later.clear();
  await act(() => bench.flush());
  expect(server.has.get(5)).toEqual(['entry-1', 'entry-2']);
  expect(bench.outboxState()).toMatchObject({ held: 0, problem: null });
});

test('entries of one piece by several go in its order: what stands behind whoever has to sign in waits with it', async () => {
  const bench = await device();
  const two = { id: 2, name: 'Two', role: 'student' as const };
  await bench.keep(5);
  await bench.keep(5, two);
  await bench.keep(5);
  await bench.keep(7);
  await act(() => bench.flush());
  expect([await bench.states(5), await bench.states(7)]).toEqual([['sent', 'held', 'held'], ['sent']]);
  expect(bench.outboxState()).toMatchObject({ held: 2, waits: 1, problem: null, canSend: false });
  await (await bench.benchStore()).put('grants', { personId: 2, token: 'token' });
  await act(() => bench.flush());
  expect(server.has.get(5)).toEqual(['entry-1', 'entry-2', 'entry-3']);
});

test('a server that leaves an entry without a word is not asked for ever', async () => {
  const bench = await device();
  server.silent.add((await bench.keep(5)).id);
  await bench.keep(7);
  await act(() => bench.flush());
  expect([await bench.states(5), await bench.states(7)]).toEqual([['held'], ['sent']]);
  expect(server.batches).toBeLessThan(4);
});

test('what was kept by the bench of an earlier release is sent as it was kept, in its format and in order', async () => {
  const bench = await device();
  const formats = Object.entries(entryExamples(sheetOf())).flatMap(([, all]) => Object.entries(all));
  for (const [index, [format, content]] of formats.entries())
    await bench.keep(5, PERSON, { id: `old-${index}`, format: Number(format), content: content as never });
  await act(() => bench.flush());
  expect(formats.length).toBeGreaterThan(30);
  expect(server.sent.map(({ format, content }) => [String(format), content])).toEqual(formats);
  expect(await bench.states(5)).toEqual(formats.map(() => 'sent'));
});

test('what is held is not known before it was looked at, and a browser that keeps nothing says so', async () => {
  const bench = await device();
  expect(bench.outboxState().store).toBe('not-looked');
  await act(() => bench.catchUp());
  expect(bench.outboxState().store).toBe('here');
  jest.resetModules();
  Object.assign(globalThis, {
    indexedDB: {
      open: () => {
        throw new DOMException('forbidden', 'SecurityError');
      },
    },
  });
  const none = await import('./outbox');
  await act(() => none.catchUp());
  expect(none.outboxState().store).toBe('none');
});
