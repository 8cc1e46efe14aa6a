import { useCallback, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import { ENTRY_KINDS, type EntryContent } from '@/core/exercise/record/entry/kinds';
import { isKind, type Entry } from '@/core/exercise/record/entry/entry';
import { kindNamed } from '@/core/exercise/record/entry/read-stored-entry';
import { leadingDevice } from '@/core/exercise/record/state/leading';
import { readAtBench } from '@/core/exercise/record/shown/read-at-bench';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { AttemptShown } from '@/ui/parts/work/attempt-shown';
import type { Added } from '@/ui/parts/work/use-record';
import { deviceTime } from '@/ui/shell/device';
import { newId } from '@/ui/shell/new-id';
import { useNews } from '@/ui/shell/news';
import { ask } from '@/ui/shell/ask';
import { send } from '@/ui/shell/send';
import { benchDevice, recall, remember, type KeptEntry } from '@/ui/parts/outbox/bench-store';
import { keptAttempt } from './kept-attempt';
import { entryOfKept } from '@/ui/parts/outbox/entry-of-kept';
import { keep, KeptMeanwhile, keptOf } from '@/ui/parts/outbox/kept-entries';
import { flush, noOutbox, outboxState, subscribeOutbox } from '@/ui/parts/outbox/outbox';

/** An attempt as the bench asks for it; what the server holds back is marked so. */
export type BenchAttempt = Omit<AttemptShown, 'who'> & {
  role: AttemptShown['who']['role'];
  /** The server holds something of the sheet back until it is found. */
  hides?: boolean;
  /** So many entries stand before those that are told. */
  from?: number;
};

/** A second touch so soon after a cut is the same touch. */
const TWICE_MS = 700;

/**
 * The record of a piece at the bench: kept on this device first, sent when it can be. Nothing waits for the server; what
 * the server tells comes as news.
 */
export function useBenchRecord(attemptId: number, person: { id: number; name: string }) {
  const [attempt, setAttempt] = useState<BenchAttempt | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [kept, setKept] = useState<readonly KeptEntry[]>([]);
  /** The piece as the server told it last: it is asked for what came behind. */
  const latest = useRef<BenchAttempt | null>(null);
  /** Undefined until it is looked at; null where the browser keeps nothing. */
  const [device, setDevice] = useState<string | null | undefined>(undefined);
  const [busy, setBusy] = useState(false);
  /** Known at once, and not only when the page is drawn anew: a button may be touched twice before that. */
  const keeping = useRef(false);
  /** The last number of this device in this piece that this tab has seen: another tab may have kept more. */
  const seen = useRef(0);
  const lastCut = useRef(-Infinity);
  /** What staff have sent last: sent again after a lost answer it has the same id. */
  const sentByStaff = useRef({ key: '', id: '', deviceTime: '' });
  const outbox = useSyncExternalStore(subscribeOutbox, outboxState, noOutbox);

  const load = useCallback(
    async (whole = false) => {
      // Opened, it is read whole: what somebody said may have been taken out meanwhile.
      const had = whole ? null : latest.current;
      const sent = await ask<BenchAttempt>(`/api/attempts/${attemptId}?after=${had?.entries.length ?? 0}`);
      if (!sent.ok) {
        setProblem(sent.later ? null : sent.message);
        return;
      }
      const told = behind(had, sent.value);
      latest.current = told;
      setAttempt(told);
      setProblem(null);
      await remember(`attempt-${attemptId}`, person.id, told).catch(() => undefined);
    },
    [attemptId, person.id],
  );

  useEffect(() => {
    let here = true;
    void (async () => {
      const [known, own] = await Promise.all([
        recall<BenchAttempt>(`attempt-${attemptId}`, person.id).catch(() => null),
        benchDevice().catch(() => null),
      ]);
      if (!here) return;
      setDevice(own);
      if (known !== null && latest.current === null) {
        latest.current = keptAttempt(known);
        setAttempt(latest.current);
      }
      await load(true);
    })();
    return () => {
      here = false;
    };
  }, [attemptId, person.id, load]);

  // Another tab of this device may have kept something, and what was held may have been sent.
  useEffect(() => {
    let here = true;
    void keptOf(attemptId)
      .then((all) => {
        if (!here) return;
        seen.current = Math.max(seen.current, all.at(-1)?.sequence ?? 0);
        setKept(all);
      })
      .catch(() => undefined);
    return () => {
      here = false;
    };
  }, [attemptId, outbox]);

  useNews((news) => {
    if (news === null || news.some(({ id }) => id === attemptId)) void load();
  });

  const entries = useMemo(() => {
    const told = attempt?.entries ?? [];
    const known = new Set(told.map(({ id }) => id));
    return [
      ...told,
      ...kept
        .filter(({ id, state }) => state !== 'refused' && !known.has(id))
        .map((entry) => entryOfKept(entry, device ?? null)),
    ];
  }, [attempt, kept, device]);

  const sheet = attempt?.sheet ?? null;
  const leader = leadingDevice(entries);
  const staff = attempt !== null && attempt.role !== 'student';
  // Staff record beside the device that leads, and take nothing over.
  const leads = staff || leader === null || leader === device;

  async function keepOne(content: EntryContent, after: string | null): Promise<string> {
    const id = newId();
    const made = await keep(
      {
        attemptId,
        id,
        after,
        deviceTime: deviceTime(),
        format: ENTRY_KINDS[content.kind].format,
        content,
        maker: { ...person, role: attempt?.role ?? 'student' },
      },
      seen.current,
    );
    seen.current = made.sequence;
    setKept((before) => [...before, made]);
    return id;
  }

  /** Staff sign with their own session: nothing of it is kept on this device. */
  async function sendAsStaff(content: EntryContent): Promise<Added> {
    const key = JSON.stringify(content);
    if (sentByStaff.current.key !== key) sentByStaff.current = { key, id: newId(), deviceTime: deviceTime() };
    const sent = await send('POST', `/api/attempts/${attemptId}/entries`, {
      id: sentByStaff.current.id,
      device: device ?? newId(),
      sequence: 1,
      after: entries.at(-1)?.id ?? null,
      deviceTime: sentByStaff.current.deviceTime,
      format: ENTRY_KINDS[content.kind].format,
      content,
    });
    if (!sent.ok) return refuse(sent.message);
    sentByStaff.current.key = '';
    await load();
    return { ok: true };
  }

  async function add(fields: EntryFields): Promise<Added> {
    const soon = performance.now() - lastCut.current < TWICE_MS;
    if (fields.kind === 'pass' && (keeping.current || soon))
      return refuse('That was the same touch: one cut is recorded.');
    if (keeping.current) return refuse('The entry before is still being kept.');
    if (!staff && kindNamed(fields.kind ?? '')?.needsNetwork === true)
      return refuse('This is signed on the floor.');
    const content = readAtBench(sheet, entries, fields);
    if (!content.ok)
      return {
        ok: false,
        message: content.issues[0]?.message ?? '',
        fields: Object.fromEntries(content.issues.map(({ field, message }) => [field, message])),
      };
    keeping.current = true;
    setBusy(true);
    if (staff)
      return sendAsStaff(content.value).finally(() => {
        keeping.current = false;
        setBusy(false);
      });
    try {
      let after = entries.at(-1)?.id ?? null;
      // Whoever records first at a bench leads from there.
      if (leader === null && content.value.kind !== 'lead') after = await keepOne({ kind: 'lead' }, after);
      await keepOne(content.value, after);
      if (content.value.kind === 'pass') lastCut.current = performance.now();
    } catch (error) {
      if (error instanceof KeptMeanwhile) {
        const all = await keptOf(attemptId).catch(() => kept);
        seen.current = all.at(-1)?.sequence ?? seen.current;
        setKept(all);
        return refuse('Another tab has just recorded: look what stands now.');
      }
      return refuse('This browser keeps nothing: record on the page of the record instead.');
    } finally {
      keeping.current = false;
      setBusy(false);
    }
    // The sheet of a lathe, and what the server judges, is with the server.
    const asks = content.value.kind === 'lathe' || attempt?.hides === true;
    void flush().then(() => (asks ? load() : undefined));
    return { ok: true };
  }

  return {
    attempt,
    entries,
    problem,
    busy,
    add,
    load,
    /** Whether this device leads, or none does. */
    leads,
    /** False where the browser keeps nothing: then nothing is recorded here. */
    keeps: device !== null,
    refused: kept.filter(({ state }) => state === 'refused'),
    /** The last own entry that still stands, to strike out. */
    last: lastOwn(entries, person.id),
  };
}

export type BenchRecord = ReturnType<typeof useBenchRecord>;

/** What was known, and what came behind it: entries and a sheet that did not change stay the same objects. */
function behind(had: BenchAttempt | null, { from = 0, ...told }: BenchAttempt): BenchAttempt {
  if (had === null) return told;
  const same = JSON.stringify(had.sheet) === JSON.stringify(told.sheet);
  return {
    ...told,
    sheet: same ? had.sheet : told.sheet,
    entries: [...had.entries.slice(0, from), ...told.entries],
  };
}

const refuse = (message: string): Added => ({ ok: false, message, fields: {} });

/** The last entry of this person that is not struck out and can be. */
function lastOwn(entries: readonly Entry[], personId: number): Entry | null {
  const struck = new Set(entries.filter(isKind('strike')).map(({ content }) => content.entryId));
  return (
    entries.findLast(
      ({ id, author, content }) =>
        author.id === personId && !struck.has(id) && kindNamed(content.kind)?.undoable === true,
    ) ?? null
  );
}
