/**
 * The bench's service worker. It keeps the shell (one page that holds nothing personal) and the files that are named by
 * their content, and answers with them first; everything else goes to the network and is never kept. Data and entries are
 * the page's own business, in its store. `__RELEASE__` is filled in where it is served (app/bench-worker.js).
 */
const RELEASE = '__RELEASE__';
const CACHE = `oyakata-bench-${RELEASE}`;
const SHELL = '/bench';
const KEPT = /^\/_next\/static\//;

async function keepFile(cache, path) {
  if (!KEPT.test(path) || (await cache.match(path))) return;
  const answer = await fetch(path);
  if (!answer.ok) return;
  await cache.put(path, answer.clone());
  if (!path.endsWith('.css')) return;
  for (const [, url] of (await answer.text()).matchAll(/url\(([^)]+)\)/g))
    await keepFile(cache, new URL(url.replace(/["']/g, ''), new URL(path, self.location.origin)).pathname);
}

async function fill() {
  const cache = await caches.open(CACHE);
  const shell = await fetch(SHELL, { cache: 'no-store', credentials: 'omit' });
  if (!shell.ok) throw new Error('The bench can not be fetched.');
  const files = (await shell.clone().text()).match(/\/_next\/static\/[^"'\\ ]+\.(?:js|css)/g) ?? [];
  for (const file of new Set(files)) await keepFile(cache, file);
  await cache.put(SHELL, shell);
}

async function keptOrFetched(request, key) {
  const cache = await caches.open(CACHE);
  const kept = (await cache.match(key)) ?? (await caches.match(key));
  if (kept !== undefined) return kept;
  const answer = await fetch(request);
  if (answer.ok) await cache.put(key, answer.clone());
  return answer;
}

self.addEventListener('install', (event) => event.waitUntil(fill()));

self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      // A page of the release before may still be open: its files stay one release longer.
      const names = (await caches.keys()).filter(
        (name) => name.startsWith('oyakata-bench-') && name !== CACHE,
      );
      for (const name of names.slice(0, -1)) await caches.delete(name);
      await self.clients.claim();
    })(),
  );
});

self.addEventListener('message', (event) => {
  const { data } = event;
  if (data === 'take-over') void self.skipWaiting();
  else if (Array.isArray(data?.keep))
    event.waitUntil(
      caches.open(CACHE).then(async (cache) => {
        for (const path of data.keep.slice(0, 200)) await keepFile(cache, path).catch(() => undefined);
      }),
    );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (origin !== self.location.origin || request.method !== 'GET') return;
  if (request.mode === 'navigate' && pathname === SHELL) event.respondWith(keptOrFetched(request, SHELL));
  else if (KEPT.test(pathname)) event.respondWith(keptOrFetched(request, pathname));
});
