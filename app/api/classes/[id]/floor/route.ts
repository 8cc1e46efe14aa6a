import { loadFloor } from '@/data/floor';
import { answer, handleBare } from '@/app/server/handle';

/** The floor of a class as it stands now. */
export const GET = handleBare(async ({ viewer, id }) => {
  const response = answer(await loadFloor(viewer, id));
  response.headers.set('Cache-Control', 'no-store');
  return response;
});
