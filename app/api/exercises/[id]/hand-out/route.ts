import { handOutSchema } from '@/core/plan';
import { handOut } from '@/data/exercises';
import { handle } from '@/app/server/handle';

/** Freezes the plan as a revision and makes an attempt for each chosen student. */
export const POST = handle(handOutSchema, async ({ viewer, id, body }) =>
  Response.json(await handOut(viewer, id, body.form, body.draftVersion, body.studentIds), { status: 201 }),
);
