'use client';

import { Unplug } from 'lucide-react';
import { useEffect } from 'react';
import { ask, NO_ANSWER } from './ask';
import { useTouch } from './touch';
import { useStayPut } from './use-stay-put';

const WELL_EVERY_MS = 15_000;
const LOST_EVERY_MS = 3000;

/** By this device's own clock. */
const clock = new Intl.DateTimeFormat('en-GB', { timeStyle: 'medium' });

/**
 * Says since when the page is out of touch with the server, and nothing while all is well. It looks by itself, so that a
 * page on which nothing is pressed knows it too, and goes away by itself.
 */
export function TouchLine() {
  const { since, reason } = useTouch();
  const lost = since !== null;
  useStayPut(lost && reason === NO_ANSWER);
  useEffect(() => {
    const look = () => void (document.visibilityState === 'visible' && ask('/api/health'));
    const timer = window.setInterval(look, lost ? LOST_EVERY_MS : WELL_EVERY_MS);
    return () => window.clearInterval(timer);
  }, [lost]);
  if (since === null) return null;
  return (
    <p
      role="status"
      className="flex items-center gap-2 border-b border-l-8 border-brass-bright bg-dye-deep px-3 py-1.5 text-scribe"
    >
      <Unplug aria-hidden className="size-5 shrink-0 text-brass-bright" />
      <span>
        <strong className="font-semibold">Out of touch since {clock.format(since)}.</strong> {reason} What is
        typed stays; trying again.
      </span>
    </p>
  );
}
