import 'server-only';
import { confirmMark, proposeMark, type ConfirmedMark, type MarkForm } from '@/core/marking';
import { derivePlan } from '@/core/plan';
import { requireInstructor } from './access';
import { loadAttempt, type Outcome } from './attempts';
import { database } from './database';
import { conflict } from './errors';
import type { PersonView } from './people';
import { storedJson } from './stored-json';

/**
 * Confirms the mark of an attempt; after that it is final. `entriesSeen` is the number of entries that the instructor
 * had before her: if the record has grown since, she must look again.
 */
export async function markAttempt(
  viewer: PersonView,
  attemptId: number,
  form: MarkForm,
  entriesSeen: number,
): Promise<Outcome<ConfirmedMark>> {
  requireInstructor(viewer);
  return database().sequelize.transaction(async (transaction) => {
    const view = await loadAttempt(viewer, attemptId, transaction);
    if (view.mark !== null) throw conflict('This attempt is marked already; the mark is final.');
    if (view.entries.length !== entriesSeen) {
      throw conflict('The record has changed since you opened it. Reload, look again, then confirm.');
    }
    const confirmed = confirmMark(proposeMark(derivePlan(view.plan), view.entries), form);
    if (!confirmed.ok) return { issues: confirmed.issues };
    await database().models.MarkRow.create(
      {
        attemptId,
        mark: storedJson(confirmed.value),
        total: confirmed.value.total.toFixed(1),
        markedById: viewer.id,
        markedAt: new Date(),
      },
      { transaction },
    );
    return { done: confirmed.value };
  });
}
