import { HealthState } from './health-state';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a thousand who ask in one second cause one look; a second later there is another', async () => {
  let looks = 0;
  const state = new HealthState(() => {
    looks += 1;
    return Promise.resolve({ status: looks === 1 ? 'ok' : 'failing' });
  });
  const told = await Promise.all(Array.from({ length: 1000 }, () => state.now()));
  expect([looks, told.every(({ status }) => status === 'ok')]).toEqual([1, true]);
  jest.advanceTimersByTime(999);
  expect(await state.now()).toEqual({ status: 'ok' });
  jest.advanceTimersByTime(1);
  expect(await state.now()).toEqual({ status: 'failing' });
});

test('a look that fails is made again', async () => {
  let looks = 0;
  const state = new HealthState(() => {
    looks += 1;
    return looks === 1 ? Promise.reject(new Error('not yet')) : Promise.resolve({ status: 'ok' });
  });
  await expect(state.now()).rejects.toThrow('not yet');
  expect(await state.now()).toEqual({ status: 'ok' });
});
