import { benchHome } from '@/data/bench';
import { answer, handleBare } from '@/app/server/handle';
import { shopAsKnown } from '@/app/server/shop-as-known';

/** What whoever works here has to make next, and what the shop's pages share. */
export const GET = handleBare(async ({ viewer }) => {
  const [home, shop] = await Promise.all([benchHome(viewer), shopAsKnown()]);
  const response = answer(home, 200, (done) => ({ ...done, shop }));
  response.headers.set('Cache-Control', 'no-store');
  return response;
});
