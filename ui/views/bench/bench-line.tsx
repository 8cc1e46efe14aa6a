import { useSyncExternalStore } from 'react';
import { useTouch } from '@/ui/shell/touch';
import { missingSeen } from '@/ui/parts/outbox/held-count';
import { BenchLineToCome } from './bench-line-to-come';
import { useNotSignedOut } from './sign-out-here';
import { lookAgain, noOutbox, outboxState, subscribeOutbox } from '@/ui/parts/outbox/outbox';

const clock = (at: string | number) =>
  new Date(at).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/** What is not sent yet and why: always there, so that nobody has to ask. */
export function BenchLine() {
  const { store, held, since, waits, missing, refused, problem } = useSyncExternalStore(
    subscribeOutbox,
    outboxState,
    noOutbox,
  );
  const { since: lostSince } = useTouch();
  const notSignedOut = useNotSignedOut();
  const seen = () => {
    missingSeen();
    void lookAgain();
  };
  const lost = lostSince !== null;
  if (store === 'not-looked' && !lost) return <BenchLineToCome />;
  const well =
    !lost && notSignedOut === null && store === 'here' && held === 0 && refused.length === 0 && missing === 0;
  return (
    <p
      role="status"
      className={`flex flex-wrap items-center gap-x-3 px-4 py-1 text-base ${well ? 'bg-paper-sunk text-ink-soft' : 'border-l-8 border-brass-bright bg-dye-deep text-scribe'}`}
    >
      {notSignedOut !== null && (
        <span>
          <strong className="font-semibold">You may still be signed in: sign out again.</strong>{' '}
          {notSignedOut}
        </span>
      )}
      {lost && <strong className="font-semibold">No network since {clock(lostSince)}.</strong>}
      {held === 0 ? (
        <span>
          {store === 'none'
            ? 'This browser keeps nothing: record on the page of the record instead.'
            : lost
              ? 'What you record stays on this device.'
              : missing > 0
                ? 'Nothing is held.'
                : 'Everything is sent.'}
        </span>
      ) : (
        <span>
          <span className="figures">{held}</span> not sent yet
          {since === null ? '' : `, the first from ${clock(since)}`}: kept on this device.
        </span>
      )}
      {waits > 0 && (
        <span>
          {waits === held ? 'They wait' : `${waits} of them wait`} until whoever recorded them signs in here.
        </span>
      )}
      {missing > 0 && (
        <span>
          <strong className="font-semibold">
            {missing === 1 ? '1 entry that was' : `${missing} entries that were`} kept here{' '}
            {missing === 1 ? 'is' : 'are'} gone:
          </strong>{' '}
          this browser has cleared its store. Look at the record, record again what is missing, tell your
          instructor.{' '}
          <button type="button" className="min-h-11 px-3 underline" onClick={seen}>
            Seen
          </button>
        </span>
      )}
      {problem !== null && !lost && <span>{problem}</span>}
      {refused.length > 0 && (
        <span>
          {refused.length} not taken: {refused.at(-1)?.why ?? 'refused'}
        </span>
      )}
    </p>
  );
}
