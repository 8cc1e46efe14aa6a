import { Notice } from '@/ui/shell/notice';

const CLASS = '/';
const SIGN_IN = '/sign-in';

export default function NotFound() {
  return (
    <Notice title="There is no such page">
      <p>The address is wrong, or what it showed is not yours to see.</p>
      <p>
        <a href={CLASS} className="underline">
          Go to the class
        </a>{' '}
        or{' '}
        <a href={SIGN_IN} className="underline">
          sign in as somebody else
        </a>
        .
      </p>
    </Notice>
  );
}
