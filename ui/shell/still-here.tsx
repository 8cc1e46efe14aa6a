'use client';

import { useEffect, useState } from 'react';
import { buttonClass } from '../kit/button';
import { subscribeGone } from './news';
import { send } from './send';

/** How often the server is told that somebody uses the page. */
const EVERY_MS = 60_000;

/**
 * Tells the server, with a key stroke or a touch, that the page is in use: those who mark are signed out when it is not.
 * When the session is over the page is covered: whoever passes by reads nothing of it, and what was typed is kept.
 */
export function StillHere({ role }: { role: string }) {
  const [gone, setGone] = useState(false);
  const marks = role !== 'student';

  useEffect(() => subscribeGone(() => setGone(true)), []);

  useEffect(() => {
    if (!marks) return undefined;
    let told = Date.now();
    const tell = () => {
      if (Date.now() - told < EVERY_MS) return;
      told = Date.now();
      void send('POST', '/api/session/here').then(
        (sent) => !sent.ok && sent.code === 'unknown-person' && setGone(true),
      );
    };
    window.addEventListener('pointerdown', tell);
    window.addEventListener('keydown', tell);
    return () => {
      window.removeEventListener('pointerdown', tell);
      window.removeEventListener('keydown', tell);
    };
  }, [marks]);

  if (!gone) return null;
  return (
    <div
      role="alertdialog"
      aria-modal
      aria-label="Signed out"
      className="fixed inset-0 z-50 grid place-content-center gap-4 bg-paper p-8"
    >
      <h2 className="text-4xl">You are signed out</h2>
      <p className="max-w-xl text-ink-soft">
        {marks
          ? 'Nobody has used this page for a while, or the day’s session is over. What you typed here is kept in this tab.'
          : 'The session is over. What you typed here is kept in this tab.'}
      </p>
      <div>
        <a href="/sign-in" className={buttonClass('main')}>
          Sign in again
        </a>
      </div>
    </div>
  );
}
