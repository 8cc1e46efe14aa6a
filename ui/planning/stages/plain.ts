import type { Length } from '@/core/units';

/** What an empty field takes, as a placeholder. */
export function plain(length: Length | undefined): string | undefined {
  return length === undefined ? undefined : String(length.value);
}
