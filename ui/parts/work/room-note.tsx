import { roomLeft } from '@/core/exercise/record/entry/room';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { Message } from '@/ui/kit/message';

/** Said while a record has little room left; nothing while there is plenty. */
export function RoomNote({ entries }: { entries: readonly Entry[] }) {
  const says = roomLeft(entries.length);
  return says === null ? null : <Message tone="warning">{says}</Message>;
}
