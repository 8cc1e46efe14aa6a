'use client';

import { useCallback } from 'react';
import { closeOthers } from '@/ui/parts/outbox/works-here';
import type { Sent } from '@/ui/shell/ask';

/** What the server says of whoever has signed in. */
export interface SignedIn {
  person: { id: number };
}

/**
 * Goes to the book after somebody has signed in: a whole new page, so that nothing of whoever was here before stays; what
 * the bench of this browser keeps of others is closed before.
 */
export function useSignedIn(): (sent: Sent<SignedIn>) => void {
  return useCallback((sent) => {
    if (!sent.ok) return;
    void closeOthers(sent.value.person.id)
      .catch(() => undefined)
      .then(() => window.location.assign('/'));
  }, []);
}
