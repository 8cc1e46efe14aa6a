'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Entry } from '@/core/attempt';
import { newId } from '../shell/new-id';
import { ask, send } from '../shell/send';

const NEWS_MS = 10_000;

export type EntryFields = Record<string, string>;

interface News {
  entries: Entry[];
  marked: boolean;
}

interface Pending {
  key: string;
  id: string;
  deviceTime: string;
}

/**
 * The record of an attempt in the browser, and the one way to add to it. A refused entry leaves everything typed as it
 * was, with the messages by field; sending again uses the same id and time, so that nothing is recorded twice. What
 * others write comes as news; news that does not come changes nothing on the page.
 */
export function useRecord(attemptId: number, first: readonly Entry[], firstMarked = false) {
  /** What the server has told, in its order. */
  const [told, setTold] = useState<readonly Entry[]>(first);
  const [added, setAdded] = useState<readonly Entry[]>([]);
  const [marked, setMarked] = useState(firstMarked);
  const entries = useMemo(
    () => [...told, ...added.filter(({ id }) => told.every((entry) => entry.id !== id))],
    [told, added],
  );
  const [busy, setBusy] = useState(false);
  const [pending, setPending] = useState<Pending | null>(null);
  const known = useRef(told);

  const lookForNews = useCallback(async () => {
    const sent = await ask<News>(`/api/attempts/${attemptId}/news?after=${known.current.length}`);
    if (!sent.ok) return;
    setMarked(sent.value.marked);
    if (sent.value.entries.length === 0) return;
    // Two looks may be under way at once: what is known by now is not told twice.
    const fresh = sent.value.entries.filter(({ id }) => known.current.every((entry) => entry.id !== id));
    known.current = [...known.current, ...fresh];
    setTold(known.current);
  }, [attemptId]);

  // Others write in the same record: the instructor signs off on a tablet while the student waits at the lathe.
  useEffect(() => {
    const look = () => void (document.visibilityState === 'visible' && lookForNews());
    const timer = window.setInterval(look, NEWS_MS);
    return () => window.clearInterval(timer);
  }, [lookForNews]);

  async function add(
    fields: EntryFields,
  ): Promise<{ ok: true } | { ok: false; message: string; fields: Record<string, string> }> {
    if (busy) return { ok: false, message: 'The entry before is still being sent.', fields: {} };
    const key = JSON.stringify(fields);
    const { id, deviceTime } =
      pending?.key === key ? pending : { id: newId(), deviceTime: new Date().toISOString() };
    setPending({ key, id, deviceTime });
    setBusy(true);
    const sent = await send<Entry>('POST', `/api/attempts/${attemptId}/entries`, {
      id,
      deviceTime,
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
    void lookForNews();
    return { ok: true };
  }

  return { entries, marked, busy, add };
}

export type AttemptRecord = ReturnType<typeof useRecord>;
