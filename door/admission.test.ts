import { Admission, type Leave, type NoPlace } from './admission';

// Admission gives the event loop its turn by setImmediate, which must stay real.
beforeEach(() => jest.useFakeTimers({ doNotFake: ['setImmediate'] }));
afterEach(() => jest.useRealTimers());

const room = { mostInside: 2, mostWaiting: 2, longestWaitMs: 1000 };

function leave(given: Leave | NoPlace): void {
  if (typeof given === 'string') throw new Error(`no place: ${given}`);
  given();
}

test('so many are inside, a few wait in their order, the rest is turned away at once', async () => {
  const admission = new Admission(room);
  const one = await admission.enter();
  const two = await admission.enter();
  const order: string[] = [];
  const three = admission.enter().then((given) => (order.push('three'), given));
  const four = admission.enter().then((given) => (order.push('four'), given));
  expect(await admission.enter()).toBe('full');
  leave(one);
  leave(one);
  await three;
  expect(order).toEqual(['three']);
  leave(two);
  leave(await four);
  expect(order).toEqual(['three', 'four']);
  expect(typeof (await admission.enter())).toBe('function');
});

test('nobody waits longer than said, and a place given up is free for the next', async () => {
  const admission = new Admission(room);
  const one = await admission.enter();
  await admission.enter();
  const late = admission.enter();
  await jest.advanceTimersByTimeAsync(1000);
  expect(await late).toBe('full');
  const next = admission.enter();
  leave(one);
  expect(typeof (await next)).toBe('function');
});

test('nobody has more than a share, inside or waiting, and others have theirs meanwhile', async () => {
  const admission = new Admission({
    mostInside: 3,
    mostWaiting: 8,
    longestWaitMs: 1000,
    share: () => ({ inside: 2, waiting: 2 }),
  });
  const one = await admission.enter('greedy');
  await admission.enter('greedy');
  const waits = [admission.enter('greedy'), admission.enter('greedy')];
  expect(await admission.enter('greedy')).toBe('own-share');
  // There is a place still, and the greedy one does not get it.
  const other = await admission.enter('other');
  expect(typeof other).toBe('function');
  leave(one);
  expect(typeof (await waits[0])).toBe('function');
});

test('of those who wait, whoever has least inside comes first', async () => {
  const admission = new Admission({ ...room, mostWaiting: 9, share: () => ({ inside: 2, waiting: 5 }) });
  const one = await admission.enter('greedy');
  await admission.enter('greedy');
  const order: string[] = [];
  void admission.enter('greedy').then(() => order.push('greedy'));
  const second = admission.enter('other').then(() => order.push('other'));
  leave(one);
  await second;
  expect(order).toEqual(['other']);
});

test('where the room is full, whoever comes takes the place of the last of those who wait most', async () => {
  const admission = new Admission({ ...room, mostWaiting: 3, share: () => ({ inside: 2, waiting: 3 }) });
  await admission.enter('greedy');
  await admission.enter('greedy');
  const waits = [1, 2, 3].map(() => admission.enter('greedy'));
  const other = admission.enter('other');
  expect(await waits[2]).toBe('full');
  // Now greedy has two and other one of the three: nobody is turned away for a second of other's.
  expect(await admission.enter('other')).toBe('full');
  await jest.advanceTimersByTimeAsync(1000);
  expect(await other).toBe('full');
});
