import type { PieceSentBack } from '@/core/exercise/record/state/sent-back';
import { Button } from '@/ui/kit/button';
import type { AttemptRecord } from './use-record';

/** The piece was sent back: what is to be done, by whom, and where the piece was then. It stands until it is handed in again. */
export default function SentBack({
  sentBack: { entry, seen },
  canRecord,
  add,
}: {
  sentBack: PieceSentBack;
  canRecord: boolean;
  add: AttemptRecord['add'];
}) {
  const { reason, stands } = entry.content;
  return (
    <section
      aria-label="Sent back"
      className="mb-4 grid gap-3 border-l-8 border-brass-bright bg-brass-wash p-4"
    >
      <h2 className={seen ? 'text-xl' : 'text-4xl'}>Sent back by {entry.author.name}</h2>
      <p className={seen ? 'text-xl' : 'text-3xl'}>{reason}</p>
      <p className="text-lg">
        {stands === true
          ? 'It stands in the machine as it was cut. Then hand it in again.'
          : 'It was taken out of the machine: before you cut it, bring it back by its marks or pick it up in its groove. Then hand it in again.'}
      </p>
      {!seen && canRecord && (
        <Button
          tone="main"
          size="bench"
          className="min-h-20 text-2xl"
          onClick={() => void add({ kind: 'looked-over', entryId: entry.id })}
        >
          I have read it: go on
        </Button>
      )}
    </section>
  );
}
