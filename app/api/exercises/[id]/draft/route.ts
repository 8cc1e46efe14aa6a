import { saveDraftSchema, sentForm } from '@/core/exercise/plan/plan-schema';
import { saveDraft } from '@/data/exercises';
import { answer, handle } from '@/app/server/handle';

/** Saves the form as typed. When another window has saved in between, 409 with the version that stands. */
export const PUT = handle(
  saveDraftSchema,
  async ({ viewer, id, body }) =>
    answer(await saveDraft(viewer, id, sentForm(body.form), body.draftVersion, body.saveId ?? null)),
  { instructorsOnly: true },
);
