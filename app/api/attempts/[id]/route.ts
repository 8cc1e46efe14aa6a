import { loadAttempt } from '@/data/attempts';
import { answer, handleBare, refuseIssues } from '@/app/server/handle';

/** An attempt with its sheet and its record, as its page shows it; `?after=12`: of the record what came behind 12 entries. */
export const GET = handleBare(async ({ viewer, id, request }) => {
  const text = new URL(request.url).searchParams.get('after') ?? '0';
  if (!/^\d{1,7}$/.test(text))
    return refuseIssues([{ field: 'after', message: 'Give the number of entries that you know.' }]);
  const response = answer(await loadAttempt(viewer, id, Number(text)));
  response.headers.set('Cache-Control', 'no-store');
  return response;
});
