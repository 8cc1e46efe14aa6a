'use client';

import { useEffect } from 'react';

const EVERY_MS = 3000;
/** A page that fails although the server is well is not shown again and again. */
const AT_MOST_EVERY_MS = 60_000;
const KEY = 'oyakata-came-back';

/** Stands on a page that could not be shown: looks whether the server is well again, and then shows the page. */
export function ComesBack() {
  useEffect(() => {
    const timer = window.setInterval(() => {
      // By itself, without what a page that works needs to ask: this stands ready on every page.
      void fetch('/api/health', { signal: AbortSignal.timeout(EVERY_MS) })
        .then(({ ok }) => {
          const now = Date.now();
          if (!ok || now - Number(sessionStorage.getItem(KEY)) < AT_MOST_EVERY_MS) return;
          // Throws where nothing can be noted: then it does not reload, or it would again and again.
          sessionStorage.setItem(KEY, String(now));
          window.location.reload();
        })
        .catch(() => undefined);
    }, EVERY_MS);
    return () => window.clearInterval(timer);
  }, []);
  return <p role="status">This page comes back by itself as soon as it can.</p>;
}
