import Link from 'next/link';
import { Notice } from '@/ui/shell/notice';

export default function NotFound() {
  return (
    <Notice title="There is no such page">
      <p>The address is wrong, or what it showed is not yours to see.</p>
      <p>
        <Link href="/" className="underline">
          Go to the class
        </Link>{' '}
        or{' '}
        <Link href="/sign-in" className="underline">
          sign in as somebody else
        </Link>
        .
      </p>
    </Notice>
  );
}
