import { lasted } from './use-now';

const since = '2026-09-01T08:00:00.000Z';

test.each([
  [0, '0 s'],
  [-5, '0 s'],
  [59, '59 s'],
  [60, '1 min'],
  [3599, '59 min'],
  [3600, '1 h 0 min'],
  [9 * 3600 + 60, '9 h 1 min'],
  [10 * 3600, '10 h'],
  [48 * 3600, '2 days'],
])('%d s', (seconds, words) => {
  expect(lasted(since, Date.parse(since) + seconds * 1000)).toBe(words);
});
