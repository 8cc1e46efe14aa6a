import type { Length } from '@/core/base/units/length';

/** What an empty field takes, as a placeholder. */
export function plain(length: Length | null | undefined): string | undefined {
  return length === undefined || length === null ? undefined : String(length.value);
}
