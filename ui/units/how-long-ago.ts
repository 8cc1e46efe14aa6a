const SECONDS = {
  second: 1,
  minute: 60,
  hour: 3600,
  day: 86_400,
  month: 2_592_000,
  year: 31_536_000,
} as const;
const words = new Intl.RelativeTimeFormat('en');

/** How long ago, in the largest unit that is not nothing, rounded. @example howLongAgo(150) // '3 minutes ago' */
export function howLongAgo(seconds: number): string {
  const largest = (Object.keys(SECONDS) as (keyof typeof SECONDS)[]).findLast(
    (unit) => seconds >= SECONDS[unit],
  );
  const unit = largest ?? 'second';
  const count = Math.round(seconds / SECONDS[unit]);
  // A year has twelve months and some days.
  return unit === 'month' && count === 12 ? words.format(-1, 'year') : words.format(-count, unit);
}
