'use client';

import Link from 'next/link';
import { Notice } from '@/ui/shell/notice';

export default function ErrorPage({
  error,
  reset,
}: {
  error: Error & { digest?: string };
  reset: () => void;
}) {
  return (
    <Notice title="Something went wrong">
      <p>
        What was stored is safe. Try again; if it happens again, tell whoever keeps the program and give this
        number.
      </p>
      <p className="figures">{error.digest ?? 'no number'}</p>
      <p className="flex gap-4">
        <button type="button" onClick={reset} className="underline">
          Try again
        </button>
        <Link href="/" className="underline">
          Go to the class
        </Link>
      </p>
    </Notice>
  );
}
