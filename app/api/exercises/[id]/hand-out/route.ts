import { handOutSchema, sentForm } from '@/core/exercise/plan/plan-schema';
import { handOut } from '@/data/hand-out';
import { answer, handle } from '@/app/server/handle';

/** Freezes the plan as a revision with a sheet for each lathe, and makes an attempt for each chosen student. */
export const POST = handle(
  handOutSchema,
  async ({ viewer, id, body }) =>
    answer(await handOut(viewer, id, { ...body, form: sentForm(body.form) }), 201),
  { instructorsOnly: true },
);
