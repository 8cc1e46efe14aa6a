'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import type { Entry } from '@/core/attempt';
import { send } from '../shell/send';

const REFRESH_MS = 10_000;

export type EntryFields = Record<string, string>;

/**
 * The record of an attempt in the browser, and the one way to add to it. A refused entry leaves everything typed as it
 * was, with the messages by field; sending again uses the same id, so that nothing is recorded twice.
 */
export function useRecord(attemptId: number, first: readonly Entry[]) {
  const router = useRouter();
  const [added, setAdded] = useState<readonly Entry[]>([]);
  const entries = useMemo(
    () => [...first, ...added.filter(({ id }) => first.every((entry) => entry.id !== id))],
    [first, added],
  );
  const [busy, setBusy] = useState(false);
  const [pending, setPending] = useState<{ key: string; id: string } | null>(null);

  // Others write in the same record: the instructor signs off on a tablet while the student waits at the lathe.
  useEffect(() => {
    const timer = window.setInterval(
      () => document.visibilityState === 'visible' && router.refresh(),
      REFRESH_MS,
    );
    return () => window.clearInterval(timer);
  }, [router]);

  async function add(
    fields: EntryFields,
  ): Promise<{ ok: true } | { ok: false; message: string; fields: Record<string, string> }> {
    if (busy) return { ok: false, message: 'The entry before is still being sent.', fields: {} };
    const key = JSON.stringify(fields);
    const id = pending?.key === key ? pending.id : newEntryId();
    setPending({ key, id });
    setBusy(true);
    const sent = await send<Entry>('POST', `/api/attempts/${attemptId}/entries`, {
      id,
      deviceTime: new Date().toISOString(),
      ...fields,
    });
    setBusy(false);
    if (!sent.ok) {
      return {
        ok: false,
        message: sent.message,
        fields: Object.fromEntries(sent.fields.map(({ field, message }) => [field, message])),
      };
    }
    setPending(null);
    setAdded((before) => [...before, sent.value]);
    router.refresh();
    return { ok: true };
  }

  return { entries, busy, add };
}

export type AttemptRecord = ReturnType<typeof useRecord>;

/** A random UUID; `crypto.randomUUID` exists only on secure origins, and a shop's server may be plain http. */
function newEntryId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}
