import type { Band } from '@/core/thread/standards/thread-limits';

/** A band as it is read: one figure where both ends show the same. */
export function bandText({ min, max }: Band, figures: (value: number) => string): string {
  const [from, to] = [figures(min), figures(max)];
  return from === to ? from : `${from} – ${to}`;
}
