import { Admission } from './admission';

// Admission gives the event loop its turn by setImmediate, which must stay real.
beforeEach(() => jest.useFakeTimers({ doNotFake: ['setImmediate'] }));
afterEach(() => jest.useRealTimers());

const room = { mostInside: 2, mostWaiting: 2, longestWaitMs: 1000 };

test('so many are inside, a few wait in their order, the rest is turned away at once', async () => {
  const admission = new Admission(room);
  const one = await admission.enter();
  const two = await admission.enter();
  const order: string[] = [];
  const three = admission.enter().then((leave) => (order.push('three'), leave));
  const four = admission.enter().then((leave) => (order.push('four'), leave));
  expect(await admission.enter()).toBeNull();
  one?.();
  one?.();
  await three;
  expect(order).toEqual(['three']);
  two?.();
  (await four)?.();
  expect(order).toEqual(['three', 'four']);
  expect(await admission.enter()).not.toBeNull();
});

test('nobody waits longer than said, and a place given up is free for the next', async () => {
  const admission = new Admission(room);
  const one = await admission.enter();
  await admission.enter();
  const late = admission.enter();
  await jest.advanceTimersByTimeAsync(1000);
  expect(await late).toBeNull();
  const next = admission.enter();
  one?.();
  expect(await next).not.toBeNull();
});
