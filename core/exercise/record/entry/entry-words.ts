import type { Sheet } from '../../sheet/sheet';
import type { Entry } from './entry';
import { kindNamed } from './read-stored-entry';

/** One line of the record in words. Without a sheet only what needs none can be said. */
export function entryWords({ content }: Entry, sheet: Sheet | null): { title: string; detail: string } {
  if (content.kind === 'unknown')
    return {
      title: `“${content.name ?? content.named}”`,
      detail: `${content.name === null ? '' : `${content.named} `}of a later release (format ${content.format}): kept, not understood, no mark until an update`,
    };
  const kind = kindNamed(content.kind);
  if (kind === null || sheet === null) return { title: content.kind, detail: '' };
  return kind.words(content, sheet);
}
