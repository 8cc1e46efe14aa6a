/** A line of the result: what was counted, what it must be, and whether it is. */
export interface Finding {
  what: string;
  found: string;
  wanted: string;
  good: boolean;
}

/** For counts of what must not happen. */
export const none = (what: string, count: number): Finding => ({
  what,
  found: String(count),
  wanted: '0',
  good: count === 0,
});

export const told = (what: string, found: string): Finding => ({ what, found, wanted: '', good: true });
