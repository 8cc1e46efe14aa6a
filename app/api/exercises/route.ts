import { createExercise } from '@/data/exercises';
import { answer, classNamed, handleBare } from '@/app/server/handle';

/** Makes an exercise with an empty draft, in the class on view: `?class=2`. Without it, in the first that one teaches. */
export const POST = handleBare(async ({ viewer, request }) =>
  answer(await createExercise(viewer, undefined, classNamed(request)), 201, (id) => ({ id })),
);
