'use client';

import { createContext, useContext, type ReactNode } from 'react';

const Zone = createContext('UTC');

/** Times are stored in UTC and shown in the shop's time zone, wherever the browser is. */
export function ShopTimeProvider({ zone, children }: { zone: string; children: ReactNode }) {
  return <Zone.Provider value={zone}>{children}</Zone.Provider>;
}

/** A time as it is shown in the shop. @example <ShopTime at="2026-11-25T16:00:00Z" /> // 25 Nov, 16:00 */
export function ShopTime({ at, withYear = false }: { at: string; withYear?: boolean }) {
  const zone = useContext(Zone);
  return (
    <time dateTime={at} title={zone}>
      {timeInZone(at, zone, withYear)}
    </time>
  );
}

/** The browser's own calendar: it knows the zones, and weighs nothing. */
function timeInZone(at: string, timeZone: string, withYear: boolean): string {
  const parts = new Intl.DateTimeFormat('en-US', {
    timeZone,
    day: 'numeric',
    month: 'short',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  }).formatToParts(new Date(at));
  const of = (type: Intl.DateTimeFormatPartTypes) => parts.find((part) => part.type === type)?.value ?? '';
  return `${of('day')} ${of('month')}${withYear ? ` ${of('year')}` : ''}, ${of('hour')}:${of('minute')}`;
}
