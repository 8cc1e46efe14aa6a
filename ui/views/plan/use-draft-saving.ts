'use client';

import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { PlanForm } from '@/core/exercise/plan/draft';
import { newId } from '@/ui/shell/new-id';
import { send } from '@/ui/shell/send';
import {
  readBackup,
  reconcile,
  sameForm,
  writeBackup,
  type DraftConflict,
  type PendingSave,
  type StoredDraft,
} from './draft-backup';

export type SavingState = 'saved' | 'typing' | 'saving' | 'waiting' | 'refused' | 'conflict';

const PAUSE_MS = 700;
/** A draft that could not be sent is tried again by itself, first soon, then every so often. */
const RETRY_MS = [1500, 3000, 6000, 10_000];

/**
 * Saves the draft shortly after the last key stroke, right or wrong, and keeps a copy in the browser until it is saved.
 * Each save has an id, so that the server knows its repetition after a lost answer. What another window saved in between
 * is a conflict: both versions are kept until a person has chosen (`settle`).
 *
 * @param restore called when an earlier page had typed what never arrived: the form goes on with it
 */
export function useDraftSaving(
  exerciseId: number,
  form: PlanForm,
  stored: StoredDraft,
  restore: (form: PlanForm) => void,
) {
  const [state, setState] = useState<SavingState>('saved');
  const last = useRef<SavingState>('saved');
  // A state that stands already is not set again: with every key stroke the view would be worked out twice.
  const become = useCallback((next: SavingState) => {
    if (last.current !== next) setState(next);
    last.current = next;
  }, []);
  const [problem, setProblem] = useState<string | null>(null);
  const [conflict, setConflict] = useState<DraftConflict | null>(null);
  const version = useRef(stored.draftVersion);
  const saved = useRef(stored.form);
  const latest = useRef(form);
  const pending = useRef<PendingSave | null>(null);
  const stopped = useRef(false);
  const timer = useRef<number | undefined>(undefined);
  const retry = useRef<number | undefined>(undefined);
  const failures = useRef(0);
  const running = useRef<Promise<void>>(Promise.resolve());
  const saveSoon = useRef<() => void>(() => undefined);

  const backUp = useCallback(() => {
    const waits = pending.current !== null || !sameForm(latest.current, saved.current);
    writeBackup(
      exerciseId,
      waits ? { draftVersion: version.current, form: latest.current, pending: pending.current } : null,
    );
  }, [exerciseId]);

  const meet = useCallback(
    (found: DraftConflict) => {
      stopped.current = true;
      setConflict(found);
      become('conflict');
    },
    [become],
  );

  /** Sends until all is saved or something stands in the way; the only place that sends. */
  const sendAll = useCallback(async () => {
    while (!stopped.current && (pending.current !== null || !sameForm(latest.current, saved.current))) {
      pending.current ??= { id: newId(), form: latest.current };
      const { id, form: sending } = pending.current;
      backUp();
      become('saving');
      const sent = await send<{ draftVersion: number }>('PUT', `/api/exercises/${exerciseId}/draft`, {
        form: sending,
        draftVersion: version.current,
        saveId: id,
      });
      if (sent.ok) {
        version.current = sent.value.draftVersion;
        saved.current = sending;
        pending.current = null;
        failures.current = 0;
        setProblem(null);
        backUp();
        continue;
      }
      if (sent.code === 'draft-changed') {
        const { current } = sent.answer as { current: { form: PlanForm; draftVersion: number } };
        meet({ here: latest.current, there: current.form, draftVersion: current.draftVersion });
        return;
      }
      become(sent.later ? 'waiting' : 'refused');
      setProblem(sent.message);
      if (sent.later) {
        const pause = RETRY_MS[Math.min(failures.current, RETRY_MS.length - 1)];
        failures.current += 1;
        window.clearTimeout(retry.current);
        retry.current = window.setTimeout(() => saveSoon.current(), pause);
      } else {
        // Refused for what it says: the next key stroke makes another save of it.
        pending.current = null;
      }
      return;
    }
    if (!stopped.current) become('saved');
  }, [backUp, become, exerciseId, meet]);

  /** Saves what was typed last, after a saving under way. */
  const save = useCallback((): Promise<void> => {
    window.clearTimeout(timer.current);
    running.current = running.current.then(sendAll);
    return running.current;
  }, [sendAll]);

  // What an earlier page of this browser had typed and not saved; looked for once.
  const opened = useRef({ stored, restore });
  useEffect(() => {
    saveSoon.current = () => void save();
    const first = opened.current;
    const found = reconcile(readBackup(exerciseId), first.stored);
    const soon = window.setTimeout(() => {
      if (found.kind === 'restore') {
        pending.current = found.pending;
        first.restore(found.form);
      } else if (found.kind === 'conflict') {
        first.restore(found.conflict.here);
        meet(found.conflict);
      }
    }, 0);
    const online = () => saveSoon.current();
    window.addEventListener('online', online);
    return () => {
      window.clearTimeout(soon);
      window.clearTimeout(retry.current);
      window.removeEventListener('online', online);
    };
  }, [exerciseId, meet, save]);

  useEffect(() => {
    if (sameForm(form, latest.current)) return undefined;
    latest.current = form;
    backUp();
    if (stopped.current) return undefined;
    const typing = window.setTimeout(() => become('typing'), 0);
    timer.current = window.setTimeout(() => void save(), PAUSE_MS);
    return () => {
      window.clearTimeout(typing);
      window.clearTimeout(timer.current);
    };
  }, [backUp, become, form, save]);

  /** Ends a conflict: what was chosen builds on what the server has, and is saved. */
  const settle = useCallback(
    (chosen: PlanForm) => {
      if (conflict === null) return;
      version.current = conflict.draftVersion;
      saved.current = conflict.there;
      pending.current = null;
      stopped.current = false;
      latest.current = chosen;
      setConflict(null);
      opened.current.restore(chosen);
      void save();
    },
    [conflict, save],
  );

  /** Saves what is still waiting, so that nothing is under way, then tells the draft version to build on. */
  const settledVersion = useCallback(async () => {
    await save();
    return version.current;
  }, [save]);

  return useMemo(
    () => ({ state, problem, conflict, settle, settledVersion }),
    [state, problem, conflict, settle, settledVersion],
  );
}
