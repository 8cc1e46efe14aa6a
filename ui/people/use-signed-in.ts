'use client';

import { useCallback } from 'react';
import type { Sent } from '../shell/send';

/** Goes to the book after somebody has signed in: a whole new page, so that nothing of whoever was here before stays. */
export function useSignedIn(): <T>(sent: Sent<T>) => void {
  return useCallback((sent) => {
    if (sent.ok) window.location.assign('/');
  }, []);
}
