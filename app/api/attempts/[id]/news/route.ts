import { attemptNews } from '@/data/attempts';
import { answer, handleBare, refuseIssues } from '@/app/server/handle';

/** What came into a record behind its first `?after=` entries. The page asks every few seconds. */
export const GET = handleBare(async ({ viewer, id, request }) => {
  const text = new URL(request.url).searchParams.get('after') ?? '0';
  if (!/^\d{1,7}$/.test(text))
    return refuseIssues([{ field: 'after', message: 'Give the number of entries that you know.' }]);
  const response = answer(await attemptNews(viewer, id, Number(text)));
  response.headers.set('Cache-Control', 'no-store');
  return response;
});
