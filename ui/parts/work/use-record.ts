'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import { readAtBench } from '@/core/exercise/record/shown/read-at-bench';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { deviceId, deviceTime as timeNow, nextSequence } from '@/ui/shell/device';
import { newId } from '@/ui/shell/new-id';
import { useNews } from '@/ui/shell/news';
import { ask } from '@/ui/shell/ask';
import { send } from '@/ui/shell/send';

interface News {
  entries: Entry[];
  marked: boolean;
  sheetId: number | null;
}

interface Pending {
  key: string;
  id: string;
  sequence: number;
  deviceTime: string;
}

export type Added = { ok: true } | { ok: false; message: string; fields: Record<string, string> };

/** What a record begins with. */
export interface RecordStart {
  sheet: Sheet | null;
  entries: readonly Entry[];
  marked?: boolean;
  /** The server holds something of the sheet back, and judges what is entered of it: then it is asked for again. */
  hides?: boolean;
  /** Called when another lathe was chosen: the page then shows its sheet. */
  onSheet?: () => void;
}

/**
 * The record of an attempt in the browser, and the one way to add to it: what was typed is read here, against the sheet
 * and the record; the server takes what is well formed. A refused entry leaves everything typed as it was, with the
 * messages by field; sending again uses the same id and time, so that nothing is recorded twice. What others write comes
 * as news; news that does not come changes nothing on the page.
 */
export function useRecord(
  attemptId: number,
  { sheet, entries: first, marked: firstMarked = false, hides = false, onSheet }: RecordStart,
) {
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
  const sheetIdKnown = useRef<number | null>(null);

  const lookForNews = useCallback(async () => {
    const sent = await ask<News>(`/api/attempts/${attemptId}/news?after=${known.current.length}`);
    if (!sent.ok) return;
    setMarked(sent.value.marked);
    const { sheetId } = sent.value;
    if (sheetIdKnown.current !== null && sheetId !== sheetIdKnown.current) onSheet?.();
    sheetIdKnown.current = sheetId;
    if (sent.value.entries.length === 0) return;
    // Two looks may be under way at once: what is known by now is not told twice.
    const fresh = sent.value.entries.filter(({ id }) => known.current.every((entry) => entry.id !== id));
    known.current = [...known.current, ...fresh];
    setTold(known.current);
  }, [attemptId, onSheet]);

  // Others write in the same record: the instructor signs off on a tablet while the student waits at the lathe.
  useNews((news) => {
    if (news === null || news.some(({ id }) => id === attemptId)) void lookForNews();
  });

  async function add(fields: EntryFields): Promise<Added> {
    if (busy) return { ok: false, message: 'The entry before is still being sent.', fields: {} };
    const content = readAtBench(sheet, entries, fields);
    if (!content.ok) return refused(content.issues[0]?.message ?? '', content.issues);
    const key = JSON.stringify(fields);
    const { id, sequence, deviceTime } =
      pending?.key === key ? pending : { id: newId(), sequence: nextSequence(), deviceTime: timeNow() };
    setPending({ key, id, sequence, deviceTime });
    setBusy(true);
    const sent = await send<Entry>('POST', `/api/attempts/${attemptId}/entries`, {
      id,
      device: deviceId(),
      sequence,
      after: entries.at(-1)?.id ?? null,
      deviceTime,
      format: ENTRY_KINDS[content.value.kind].format,
      content: content.value,
    });
    setBusy(false);
    if (!sent.ok) return refused(sent.message, sent.fields);
    setPending(null);
    setAdded((before) => [...before, sent.value]);
    if (hides || content.value.kind === 'lathe') onSheet?.();
    void lookForNews();
    return { ok: true };
  }

  return { entries, marked, busy, add };
}

function refused(message: string, fields: readonly { field: string; message: string }[]): Added {
  return {
    ok: false,
    message,
    fields: Object.fromEntries(fields.map((each) => [each.field.replace(/^content\./, ''), each.message])),
  };
}

export type AttemptRecord = ReturnType<typeof useRecord>;
