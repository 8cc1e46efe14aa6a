import { travelOf } from '@/core/machine/lathe/dial-count';
import { reckonNut, type NutTrial } from '@/core/measuring/nut/reckon-nut';
import { isKind, type Entry } from '../../../record/entry/entry';
import type { Sheet } from '../../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';

/** What the last piece that was tried lets take next, along the slide that feeds; null where it says nothing. */
export function infeedByTrials(sheet: Sheet, live: readonly Entry[]): number | null {
  const last = live.findLast(isKind('trial'));
  if (last === undefined) return null;
  const { evidenceId } = last.content;
  const { thread, limits } = sheet;
  const reckoning = reckonNut(
    {
      limits: { side: thread.side, pitchDiameter: limits.pitchDiameter, crest: limits.crest },
      nut: sheet.proof.find(({ id }) => id === evidenceId)?.nut ?? null,
      trials: trialsOf(sheet, live, evidenceId),
      feedAngleDeg: sheet.feed.angleDeg,
      graduation: lengthIn(travelOf(1, sheet.lathe.dial), thread.unit),
    },
    thread.unit,
  );
  return reckoning.nextInfeed;
}

/**
 * The trials of one piece. Any cut between two parts their depths; a crest that was measured stands until the next cut;
 * once crests were filed or deburred, what was answered before at that depth no longer counts.
 */
function trialsOf(sheet: Sheet, live: readonly Entry[], evidenceId: string): NutTrial[] {
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
      if (entry.content.event === 'crests-filed') crestsWorked(entry.content.value);
      if (entry.content.event === 'flanks-worked') flanksWorked();
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
