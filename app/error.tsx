'use client';

import { ComesBack } from '@/ui/shell/comes-back';
import { Notice } from '@/ui/shell/notice';

const CLASS = '/';

/**
 * The links here load a new page: that leaves the failed state behind, and the bench need not carry the router's link
 * component.
 */
export default function ErrorPage({ error }: { error: Error & { digest?: string } }) {
  return (
    <Notice title="Something went wrong">
      <p>
        What was stored is safe, and what was typed is kept in this tab. If it happens again, tell whoever
        keeps the program and give this number.
      </p>
      <p className="figures">{error.digest ?? 'no number'}</p>
      <ComesBack />
      <p className="flex gap-4">
        <button type="button" onClick={() => window.location.reload()} className="underline">
          Try again
        </button>
        <a href={CLASS} className="underline">
          Go to the class
        </a>
      </p>
    </Notice>
  );
}
