import { exerciseFromLog } from '@/data/exercises';
import { answer, handleBare } from '@/app/server/handle';

/** Makes an exercise whose schedule is what was cut in this attempt. */
export const POST = handleBare(async ({ viewer, id }) =>
  answer(await exerciseFromLog(viewer, id), 201, (made) => ({ id: made })),
);
