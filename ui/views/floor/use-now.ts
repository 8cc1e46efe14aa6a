'use client';

import { useEffect, useState } from 'react';

const TICK_MS = 5000;

/**
 * The time of the server, going on: what was read is at `now`, and this page's own clock only counts on from there, so
 * that a tablet whose clock is wrong shows right times. Milliseconds since 1970.
 */
export function useNow(now: string): number {
  const [passed, setPassed] = useState({ from: now, ms: 0 });
  useEffect(() => {
    const begin = performance.now();
    const timer = window.setInterval(() => setPassed({ from: now, ms: performance.now() - begin }), TICK_MS);
    return () => window.clearInterval(timer);
  }, [now]);
  return Date.parse(now) + (passed.from === now ? passed.ms : 0);
}

/** How long something has lasted, as it is read from afar. @example lasted(0, 65_000) // '1 min' */
export function lasted(since: string, now: number): string {
  const seconds = Math.max(0, Math.floor((now - Date.parse(since)) / 1000));
  if (seconds < 60) return `${seconds} s`;
  const minutes = Math.floor(seconds / 60);
  if (minutes < 60) return `${minutes} min`;
  const hours = Math.floor(minutes / 60);
  if (hours < 10) return `${hours} h ${minutes % 60} min`;
  return hours < 48 ? `${hours} h` : `${Math.floor(hours / 24)} days`;
}
