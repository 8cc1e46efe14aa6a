import { readStoredEntry } from '@/core/exercise/record/entry/read-stored-entry';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { KeptEntry } from './bench-store';

/** An entry that the device keeps, as the record has it; it may have been made by the release before this one. */
export function entryOfKept(
  { id, sequence, after, maker, deviceTime, format, content }: KeptEntry,
  device: string | null,
): Entry {
  return {
    id,
    device,
    sequence,
    after,
    author: maker,
    deviceTime,
    serverTime: deviceTime,
    late: false,
    content: contentOf(format, content),
  };
}

/** What can not be read any more still stands in the record of the device, and does not take the bench with it. */
function contentOf(format: number, content: KeptEntry['content']): Entry['content'] {
  try {
    return readStoredEntry(format, content);
  } catch {
    return { kind: 'unknown', named: content.kind, format, name: null };
  }
}
