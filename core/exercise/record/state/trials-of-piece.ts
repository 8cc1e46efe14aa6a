import { eventData } from '../entry/events';
import type { NutTrial } from '@/core/measuring/nut/reckon-nut';
import type { Sheet } from '../../sheet/sheet';
import { isKind, type Entry } from '../entry/entry';

/**
 * The trials of one piece, for reckoning. Any cut between two of them, a spring pass too, parts their depths, whatever
 * the dials said. A crest that was measured stands until the next cut, since burrs come with cutting; once crests were
 * filed or deburred, what was answered before at that depth no longer counts.
 */
export function trialsOfPiece(sheet: Sheet, live: readonly Entry[], evidenceId: string): NutTrial[] {
  let depth = 0;
  let crest: number | null = null;
  let trials: NutTrial[] = [];
  const crestsWorked = (measured: number | null) => {
    crest = measured;
    trials = trials.filter(({ reading }) => reading !== depth);
  };
  const flanksWorked = () => {
    depth += 1;
    crest = null;
  };
  for (const entry of live) {
    if (isKind('pass')(entry)) flanksWorked();
    if (isKind('event')(entry)) {
      const works = eventData(entry.content.event)?.works;
      if (works === 'crests') crestsWorked(entry.content.value);
      if (works === 'flanks') flanksWorked();
    }
    if (isKind('stop')(entry) && entry.content.answer === 'done') {
      const { stopId } = entry.content;
      const check = sheet.stops.find(({ id }) => id === stopId)?.check;
      if (check === 'deburr' || check === 'file') crestsWorked(null);
      else flanksWorked();
    }
    if (isKind('measurement')(entry)) crest = entry.content.crest ?? crest;
    if (!isKind('trial')(entry)) continue;
    crest = entry.content.crest ?? crest;
    if (entry.content.evidenceId === evidenceId)
      trials.push({ answer: entry.content.answer, reading: depth, crest });
  }
  return trials;
}
