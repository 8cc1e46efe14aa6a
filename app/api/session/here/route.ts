import { handleBare } from '@/app/server/handle';

/** Somebody uses a page: the session goes on. Sent at most once a minute, with a key stroke or a touch. */
export const POST = handleBare(() => Promise.resolve(new Response(null, { status: 204 })), {
  unsecured: true,
});
