'use client';

import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { ask } from './ask';

/**
 * Brings the page up to date with the server, if it answers. A refresh that meets no server would leave the page for
 * the browser's own error page, and all that is typed with it.
 */
export function useRefresh(): () => Promise<void> {
  const router = useRouter();
  return useCallback(async () => {
    if ((await ask('/api/health')).ok) router.refresh();
  }, [router]);
}
