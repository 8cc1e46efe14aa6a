import { discardExercise } from '@/data/exercises';
import { answer, handleBare } from '@/app/server/handle';

/** Discards an exercise that was never handed out. */
export const DELETE = handleBare(async ({ viewer, id }) => answer(await discardExercise(viewer, id), 204));
