import { createExercise } from '@/data/exercises';
import { answer, handleBare } from '@/app/server/handle';

/** Makes an exercise with an empty draft. */
export const POST = handleBare(async ({ viewer }) =>
  answer(await createExercise(viewer), 201, (id) => ({ id })),
);
