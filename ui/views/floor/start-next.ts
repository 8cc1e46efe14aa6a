import type { FloorNext } from '@/core/exercise/board/floor';
import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import { deviceId, deviceTime, nextSequence } from '@/ui/shell/device';
import { newId } from '@/ui/shell/new-id';
import { send } from '@/ui/shell/send';

/** Gives a student a lathe; answers what was wrong, if anything. */
export async function startNext({ attemptId, lathes }: FloorNext, lathe: string): Promise<string | null> {
  const sheetId = lathes.find(({ name }) => name === lathe)?.sheetId;
  if (sheetId === undefined) return 'This lathe is not one of the exercise’s.';
  const sent = await send('POST', `/api/attempts/${attemptId}/entries`, {
    id: newId(),
    device: deviceId(),
    sequence: nextSequence(),
    after: null,
    deviceTime: deviceTime(),
    format: ENTRY_KINDS.lathe.format,
    content: { kind: 'lathe', sheetId, name: lathe },
  });
  return sent.ok ? null : sent.message;
}
