import type { NutTrial } from '@/core/measuring/nut/reckon-nut';
import type { Sheet } from '../../sheet/sheet';
import { eventData } from '../entry/events';
import { isKind, type Entry } from '../entry/entry';
import { Trail } from './trail';

/** The trials of every piece up to an entry; nothing of it is ever changed in place. */
export interface TriesSoFar {
  /** Counted in cuts: two trials with none between them were at one depth. */
  depth: number;
  /** The crest as it was measured since the last cut. */
  crest: number | null;
  /** By the evidence that a piece is of. */
  of: ReadonlyMap<string, Trail<NutTrial>>;
  /** The evidence of the last trial. */
  last: string | null;
}

export const NO_TRIES: TriesSoFar = { depth: 0, crest: null, of: new Map(), last: null };

/**
 * The trials with one entry more. Any cut between two of them, a spring pass too, parts their depths, whatever the dials
 * said. A crest that was measured stands until the next cut, since burrs come with cutting; once crests were filed or
 * deburred, what was answered before at that depth no longer counts.
 */
export function withEntry(sheet: Sheet, tries: TriesSoFar, entry: Entry): TriesSoFar {
  if (isKind('pass')(entry)) return flanksWorked(tries);
  if (isKind('event')(entry)) {
    const works = eventData(entry.content.event)?.works;
    if (works === 'crests') return crestsWorked(tries, entry.content.value);
    return works === 'flanks' ? flanksWorked(tries) : tries;
  }
  if (isKind('stop')(entry) && entry.content.answer === 'done') {
    const { stopId } = entry.content;
    const check = sheet.stops.find(({ id }) => id === stopId)?.check;
    return check === 'deburr' || check === 'file' ? crestsWorked(tries, null) : flanksWorked(tries);
  }
  if (isKind('measurement')(entry)) return { ...tries, crest: entry.content.crest ?? tries.crest };
  if (!isKind('trial')(entry)) return tries;
  const { answer, evidenceId } = entry.content;
  const crest = entry.content.crest ?? tries.crest;
  const own = tries.of.get(evidenceId) ?? Trail.of<NutTrial>();
  const of = new Map(tries.of).set(evidenceId, own.with({ answer, reading: tries.depth, crest }));
  return { ...tries, crest, of, last: evidenceId };
}

const flanksWorked = (tries: TriesSoFar): TriesSoFar => ({ ...tries, depth: tries.depth + 1, crest: null });

function crestsWorked(tries: TriesSoFar, crest: number | null): TriesSoFar {
  const { depth } = tries;
  const of = new Map(
    [...tries.of].map(([id, trials]) =>
      trials.last?.reading === depth
        ? [id, Trail.of(trials.all().filter(({ reading }) => reading !== depth))]
        : [id, trials],
    ),
  );
  return { ...tries, crest, of };
}
