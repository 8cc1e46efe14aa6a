import { createExercise } from '@/data/exercises';
import { handleBare } from '@/app/server/handle';

/** Makes an exercise with an empty draft. */
export const POST = handleBare(async ({ viewer }) =>
  Response.json({ id: await createExercise(viewer) }, { status: 201 }),
);
