'use client';

import { tz } from '@date-fns/tz';
import { format } from 'date-fns/format';
import { createContext, useContext, type ReactNode } from 'react';

const Zone = createContext('UTC');

/** Times are stored in UTC and shown in the shop's time zone, wherever the browser is. */
export function ShopTimeProvider({ zone, children }: { zone: string; children: ReactNode }) {
  return <Zone.Provider value={zone}>{children}</Zone.Provider>;
}

/** A time as it is shown in the shop. @example <ShopTime at="2026-11-25T16:00:00Z" pattern="d MMM, HH:mm" /> */
export function ShopTime({ at, pattern = 'd MMM, HH:mm' }: { at: string; pattern?: string }) {
  const zone = useContext(Zone);
  return (
    <time dateTime={at} title={zone}>
      {format(new Date(at), pattern, { in: tz(zone) })}
    </time>
  );
}
