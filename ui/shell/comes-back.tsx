'use client';

import { useEffect } from 'react';
import { ask } from './send';

const EVERY_MS = 3000;
/** A page that fails although the server is well is not shown again and again. */
const AT_MOST_EVERY_MS = 60_000;
const KEY = 'oyakata-came-back';

/** Stands on a page that could not be shown: looks whether the server is well again, and then shows the page. */
export function ComesBack() {
  useEffect(() => {
    const timer = window.setInterval(() => {
      void ask('/api/health').then((sent) => {
        if (sent.ok && mayReload()) window.location.reload();
      });
    }, EVERY_MS);
    return () => window.clearInterval(timer);
  }, []);
  return <p role="status">This page comes back by itself as soon as it can.</p>;
}

/** Whether the page may reload itself: not if it did so a moment ago. Notes the time. */
function mayReload(): boolean {
  const now = Date.now();
  try {
    if (now - Number(window.sessionStorage.getItem(KEY) ?? 0) < AT_MOST_EVERY_MS) return false;
    window.sessionStorage.setItem(KEY, String(now));
    return true;
  } catch {
    return false;
  }
}
