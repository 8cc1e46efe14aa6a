'use client';

import { useEffect } from 'react';

/**
 * While no server answers, a link would leave the page for the browser's own error page, which does not come back by
 * itself. So links within the application do nothing then; the line that says so stands above.
 */
export function useStayPut(lost: boolean): void {
  useEffect(() => {
    if (!lost) return undefined;
    function hold(event: MouseEvent) {
      const link = event.target instanceof Element ? event.target.closest('a[href]') : null;
      if (link?.getAttribute('href')?.startsWith('/') !== true) return;
      event.preventDefault();
      event.stopPropagation();
    }
    document.addEventListener('click', hold, true);
    return () => document.removeEventListener('click', hold, true);
  }, [lost]);
}
