import { saveDraftSchema } from '@/core/plan';
import { saveDraft } from '@/data/exercises';
import { handle } from '@/app/server/handle';

/** Saves the form as typed. When another window has saved in between, 409 with the version that stands. */
export const PUT = handle(saveDraftSchema, async ({ viewer, id, body }) => {
  const outcome = await saveDraft(viewer, id, body.form, body.draftVersion, body.saveId ?? null);
  if (outcome.saved) return Response.json({ draftVersion: outcome.draftVersion });
  const message = 'This exercise was changed in another window. Both versions are kept: choose.';
  return Response.json(
    { error: { code: 'draft-changed', message, fields: [] }, current: outcome.current },
    { status: 409 },
  );
});
