import { notKnownHere } from '@/core/exercise/sheet/not-known-here';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Message } from '@/ui/kit/message';

/** What of a sheet came with a later release than the one that runs; nothing on every sheet that this one made. */
export function NotKnownNote({ sheet }: { sheet: Sheet }) {
  const places = notKnownHere(sheet).map(({ title }) => title);
  if (places.length === 0) return null;
  return (
    <div className="border-b border-rule bg-brass-wash px-4 py-2">
      <Message tone="warning">
        {`This sheet came with a later release. Not known here: ${places.join('; ')}. Its figures and words stand as they were given; what they leave open, the instructor says.`}
      </Message>
    </div>
  );
}
