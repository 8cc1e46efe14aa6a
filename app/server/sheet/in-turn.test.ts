import { InTurn } from './in-turn';

/** Work whose end is in the hands of the test. */
function held(log: string[], name: string) {
  let end: () => void = () => undefined;
  const ended = new Promise<void>((resolve) => (end = resolve));
  const work = async () => {
    log.push(name);
    await ended;
    return name;
  };
  return { work, end };
}

test('one at a time, the people in turn, and so many of one and no more', async () => {
  const turns = new InTurn();
  const log: string[] = [];
  const all = ['a1', 'a2', 'a3', 'a4', 'a5'].map((name) => ({ ...held(log, name), name }));
  const asked = all.map(({ work }) => turns.do(1, work));
  const other = held(log, 'b1');
  const others = turns.do(2, other.work);
  expect(await asked[4]).toBeNull();
  expect(log).toEqual(['a1']);
  all.forEach(({ end }) => end());
  other.end();
  expect(await Promise.all([...asked.slice(0, 4), others])).toEqual(['a1', 'a2', 'a3', 'a4', 'b1']);
  expect(log).toEqual(['a1', 'b1', 'a2', 'a3', 'a4']);
});

test('work that fails fails for whoever asked for it, and the next is done', async () => {
  const turns = new InTurn();
  const bad = turns.do(1, () => Promise.reject(new Error('no paper')));
  const good = turns.do(1, () => Promise.resolve('made'));
  await expect(bad).rejects.toThrow('no paper');
  expect(await good).toBe('made');
});

test('so many wait and no more', async () => {
  const turns = new InTurn();
  const first = held([], 'first');
  const all = Array.from({ length: 30 }, (_, place) => turns.do(place, first.work));
  expect(await Promise.all(all.slice(25))).toEqual([null, null, null, null, null]);
  first.end();
  expect(await all[24]).toBe('first');
});
