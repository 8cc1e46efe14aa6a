import { discardExercise } from '@/data/exercises';
import { handleBare } from '@/app/server/handle';

/** Discards an exercise that was never handed out. */
export const DELETE = handleBare(async ({ viewer, id }) => {
  await discardExercise(viewer, id);
  return new Response(null, { status: 204 });
});
