'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { PlanForm } from '@/core/plan';
import { send } from '../shell/send';

export type SavingState = 'saved' | 'typing' | 'saving' | 'failed';

interface Backup {
  draftVersion: number;
  form: PlanForm;
}

const keyOf = (exerciseId: number) => `oyakata-draft-${exerciseId}`;

/** What was typed here and did not reach the server, if it still fits the server's draft. */
export function readBackup(exerciseId: number, draftVersion: number): PlanForm | null {
  try {
    const text = window.localStorage.getItem(keyOf(exerciseId));
    const backup = text === null ? null : (JSON.parse(text) as Backup);
    return backup?.draftVersion === draftVersion ? backup.form : null;
  } catch {
    return null;
  }
}

function writeBackup(exerciseId: number, backup: Backup | null): void {
  try {
    if (backup === null) window.localStorage.removeItem(keyOf(exerciseId));
    else window.localStorage.setItem(keyOf(exerciseId), JSON.stringify(backup));
  } catch {
    // Without storage the draft is only as safe as the connection; the state line says when saving fails.
  }
}

const PAUSE_MS = 700;

/** Saves the draft shortly after the last key stroke, right or wrong, and keeps a copy in the browser until it is saved. */
export function useDraftSaving(exerciseId: number, form: PlanForm, firstVersion: number) {
  const [state, setState] = useState<SavingState>('saved');
  const [problem, setProblem] = useState<string | null>(null);
  const version = useRef(firstVersion);
  const saved = useRef(JSON.stringify(form));
  const latest = useRef(form);
  const timer = useRef<number | undefined>(undefined);
  const running = useRef<Promise<void>>(Promise.resolve());

  /** Saves what was typed last, after a saving under way; the only place that sends. */
  const save = useCallback((): Promise<void> => {
    window.clearTimeout(timer.current);
    running.current = running.current.then(async () => {
      const text = JSON.stringify(latest.current);
      if (text === saved.current) return;
      setState('saving');
      const sent = await send<{ draftVersion: number }>('PUT', `/api/exercises/${exerciseId}/draft`, {
        form: latest.current,
        draftVersion: version.current,
      });
      if (!sent.ok) {
        setState('failed');
        setProblem(sent.message);
        return;
      }
      version.current = sent.value.draftVersion;
      saved.current = text;
      setProblem(null);
      if (text === JSON.stringify(latest.current)) {
        writeBackup(exerciseId, null);
        setState('saved');
      }
    });
    return running.current;
  }, [exerciseId]);

  useEffect(() => {
    latest.current = form;
    if (JSON.stringify(form) === saved.current) return undefined;
    writeBackup(exerciseId, { draftVersion: version.current, form });
    const typing = window.setTimeout(() => setState('typing'), 0);
    timer.current = window.setTimeout(() => void save(), PAUSE_MS);
    return () => {
      window.clearTimeout(typing);
      window.clearTimeout(timer.current);
    };
  }, [exerciseId, form, save]);

  return {
    state,
    problem,
    /** Saves what is still waiting, so that nothing is under way, then tells the draft version to build on. */
    settledVersion: async () => {
      await save();
      return version.current;
    },
  };
}
