import { deviceTime } from './device';

afterEach(() => jest.useRealTimers());

test.each([
  ['2026-11-30T12:00:00.000Z', '2026-11-30T12:00:00.000Z'],
  ['1970-01-02T00:00:00.000Z', '2000-01-01T00:00:00.000Z'],
  ['2199-01-01T00:00:00.000Z', '2000-01-01T00:00:00.000Z'],
])('a clock at %s says %s: what is recorded is never refused for it', (now, said) => {
  jest.useFakeTimers({ now: new Date(now) });
  expect(deviceTime()).toBe(said);
});
