import { formatDistanceStrict } from 'date-fns/formatDistanceStrict';
import { howLongAgo } from './how-long-ago';

/** The second way is date-fns. */
test.each([
  0, 1, 2, 29, 59, 60, 89, 90, 119, 3570, 3599, 3600, 5399, 5400, 86_399, 86_400, 129_600, 2_000_000,
  2_591_999, 2_592_000, 10_000_000, 30_000_000, 31_535_999, 31_536_000, 50_000_000,
])('%p seconds', (seconds) => {
  expect(howLongAgo(seconds)).toBe(`${formatDistanceStrict(0, 1000 * seconds)} ago`);
});
