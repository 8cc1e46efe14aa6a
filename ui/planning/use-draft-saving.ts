'use client';

import { useEffect, useRef, useState } from 'react';
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

/** Saves the draft shortly after the last key stroke, right or wrong, and keeps a copy in the browser until it is saved. */
export function useDraftSaving(exerciseId: number, form: PlanForm, firstVersion: number) {
  const [state, setState] = useState<SavingState>('saved');
  const [problem, setProblem] = useState<string | null>(null);
  const version = useRef(firstVersion);
  const saved = useRef(JSON.stringify(form));
  const running = useRef<Promise<unknown>>(Promise.resolve());

  useEffect(() => {
    const text = JSON.stringify(form);
    if (text === saved.current) return undefined;
    writeBackup(exerciseId, { draftVersion: version.current, form });
    const typing = window.setTimeout(() => setState('typing'), 0);
    const timer = window.setTimeout(() => {
      running.current = running.current.then(async () => {
        setState('saving');
        const sent = await send<{ draftVersion: number }>('PUT', `/api/exercises/${exerciseId}/draft`, {
          form,
          draftVersion: version.current,
        });
        if (!sent.ok) {
          setState('failed');
          setProblem(sent.message);
          return;
        }
        version.current = sent.value.draftVersion;
        saved.current = text;
        writeBackup(exerciseId, null);
        setProblem(null);
        setState('saved');
      });
    }, 700);
    return () => {
      window.clearTimeout(typing);
      window.clearTimeout(timer);
    };
  }, [exerciseId, form]);

  return {
    state,
    problem,
    /** Waits for a saving under way, then tells the draft version to build on. */
    currentVersion: async () => {
      await running.current;
      return version.current;
    },
  };
}
