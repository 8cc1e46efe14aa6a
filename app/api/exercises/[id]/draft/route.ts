import { saveDraftSchema } from '@/core/plan';
import { saveDraft } from '@/data/exercises';
import { handle } from '@/app/server/handle';

/** Saves the form as typed. */
export const PUT = handle(saveDraftSchema, async ({ viewer, id, body }) =>
  Response.json({ draftVersion: await saveDraft(viewer, id, body.form, body.draftVersion) }),
);
