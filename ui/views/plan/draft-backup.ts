import { formFrom, type PlanForm } from '@/core/exercise/plan/draft';

/** A draft as it stands on the server. */
export interface StoredDraft {
  form: PlanForm;
  draftVersion: number;
  /** Id of the save that made it; null when it was made otherwise. */
  draftSaveId: string | null;
}

/** A save that was sent and not answered yet: sent again, it goes with the same id and the same form. */
export interface PendingSave {
  id: string;
  form: PlanForm;
}

/** What was typed here and is not known to have reached the server. */
export interface DraftBackup {
  /** The version on which it builds. */
  draftVersion: number;
  form: PlanForm;
  pending: PendingSave | null;
}

/** Two versions of a draft, neither built on the other. */
export interface DraftConflict {
  here: PlanForm;
  there: PlanForm;
  draftVersion: number;
}

export type Reconciled =
  | { kind: 'nothing' }
  /** Go on with what was typed, on top of what the server has. */
  | { kind: 'restore'; form: PlanForm; pending: PendingSave | null }
  | { kind: 'conflict'; conflict: DraftConflict };

/** What a page does, when it opens, with what an earlier page of this browser had not saved. */
export function reconcile(backup: DraftBackup | null, stored: StoredDraft): Reconciled {
  if (backup === null || sameForm(backup.form, stored.form)) return { kind: 'nothing' };
  if (backup.draftVersion === stored.draftVersion)
    return { kind: 'restore', form: backup.form, pending: backup.pending };
  // The save arrived, its answer did not: what the server has is our own.
  if (backup.pending !== null && backup.pending.id === stored.draftSaveId)
    return { kind: 'restore', form: backup.form, pending: null };
  return {
    kind: 'conflict',
    conflict: { here: backup.form, there: stored.form, draftVersion: stored.draftVersion },
  };
}

export function sameForm(one: PlanForm, other: PlanForm): boolean {
  return sameTexts(one, other);
}

/** A text that is not there and an empty one say the same. */
function sameTexts(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (!isTree(one) && !isTree(other)) return (one ?? '') === (other ?? '');
  const here: Readonly<Record<string, unknown>> = isTree(one) ? one : {};
  const there: Readonly<Record<string, unknown>> = isTree(other) ? other : {};
  return (
    Object.keys(here).every((name) => sameTexts(here[name], there[name])) &&
    Object.keys(there).every((name) => name in here || sameTexts(undefined, there[name]))
  );
}

function isTree(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null;
}

const keyOf = (exerciseId: number) => `oyakata-draft-${exerciseId}`;

export function readBackup(exerciseId: number): DraftBackup | null {
  try {
    const text = window.localStorage.getItem(keyOf(exerciseId));
    const backup = text === null ? null : (JSON.parse(text) as Partial<DraftBackup>);
    if (backup?.form === undefined || typeof backup.draftVersion !== 'number') return null;
    // A page of the release before may have left the flat form of version 1.
    const pending = backup.pending ? { id: backup.pending.id, form: formFrom(backup.pending.form) } : null;
    return { draftVersion: backup.draftVersion, form: formFrom(backup.form), pending };
  } catch {
    return null;
  }
}

export function writeBackup(exerciseId: number, backup: DraftBackup | null): void {
  try {
    if (backup === null) window.localStorage.removeItem(keyOf(exerciseId));
    else window.localStorage.setItem(keyOf(exerciseId), JSON.stringify(backup));
  } catch {
    // Without storage the draft is only as safe as the connection; the state line says when saving fails.
  }
}
