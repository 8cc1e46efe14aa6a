import { loadAttempt } from '@/data/attempts';
import { answer, handleBare } from '@/app/server/handle';

/** An attempt with its sheet and its record, as its page shows it. */
export const GET = handleBare(async ({ viewer, id }) => {
  const response = answer(await loadAttempt(viewer, id));
  response.headers.set('Cache-Control', 'no-store');
  return response;
});
