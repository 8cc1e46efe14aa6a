import { outboxState, subscribeOutbox } from '@/ui/parts/outbox/outbox';

/**
 * Lets the browser keep the bench, so that it opens and works without the network. A new release is fetched beside the
 * one in use and takes its place only when nothing waits to be sent: what was begun with one is finished with it.
 */
export function registerWorker(): void {
  if (!('serviceWorker' in navigator)) return;
  navigator.serviceWorker
    .register('/bench-worker.js', { scope: '/bench', updateViaCache: 'none' })
    .then((registration) => {
      const offer = () => {
        const { store, held } = outboxState();
        if (store === 'here' && held === 0) registration.waiting?.postMessage('take-over');
      };
      registration.addEventListener('updatefound', () => {
        registration.installing?.addEventListener('statechange', offer);
      });
      subscribeOutbox(offer);
      offer();
    })
    .catch(() => undefined);
  keepLoaded();
}

/** Has the worker keep what this page has loaded by now, also from before there was one. */
export function keepLoaded(): void {
  if (!('serviceWorker' in navigator)) return;
  const keep = performance
    .getEntriesByType('resource')
    .map(({ name }) => new URL(name))
    .filter(
      ({ origin, pathname }) => origin === window.location.origin && pathname.startsWith('/_next/static/'),
    )
    .map(({ pathname }) => pathname);
  void navigator.serviceWorker.ready.then(({ active }) => active?.postMessage({ keep }));
}
