import { isKind, type Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { Judgement } from '../mark-line';
import type { Conduct } from './facts/conduct-of';
import { EVENTS_OF_2 } from './facts/events-of-2';
import { standingEntries } from './facts/standing-entries';

/**
 * Conduct beside the schedule, always only what this way of working asks: stops, what stood in the way, events, the
 * mark. `covered`: the share of the plan over which the conduct was seen.
 */
export function judgeConduct(
  sheet: Sheet,
  conduct: Conduct,
  entries: readonly Entry[],
  covered: number,
): Judgement[] {
  return [
    ...stops(sheet, conduct),
    allTheSame(conduct, covered),
    events(entries, covered),
    ...(sheet.way.markRule === 'same' ? [sameMark(conduct)] : []),
  ];
}

function stops(sheet: Sheet, { stops: progress }: Conduct): Judgement[] {
  if (sheet.stops.length === 0) return [];
  const reached = progress.filter(({ state }) => state !== 'ahead');
  const kept = reached.filter(({ state }) => state === 'kept');
  const over = reached.filter(({ state }) => state !== 'kept').map(({ stop }) => stop.title.toLowerCase());
  return [
    {
      id: 'passes:stops',
      title: 'Stops kept',
      share: reached.length === 0 ? null : kept.length / reached.length,
      reason:
        over.length === 0
          ? `${kept.length} of ${reached.length} stops kept.`
          : `${kept.length} of ${reached.length} stops kept; passed over: ${over.join(', ')}.`,
      evidence: kept.flatMap(({ entries }) => entries.map(({ id }) => id)),
    },
  ];
}

function allTheSame({ cuts }: Conduct, covered: number): Judgement {
  const against = cuts.filter(({ entry }) => entry.content.allTheSame);
  return {
    id: 'passes:all-the-same',
    title: 'Nothing stood in the way of a cut',
    share: against.length === 0 ? covered : 0,
    reason:
      against.length === 0
        ? 'No cut was made against a wrong value or an open hold point.'
        : `Cut all the same ${against.length === 1 ? 'once' : `${against.length} times`}, against a wrong value or an open hold point.`,
    evidence: against.map(({ entry }) => entry.id),
  };
}

/** A slip that is told before it did harm costs nothing; one that touched the work costs half, a breach all. */
function events(entries: readonly Entry[], covered: number): Judgement {
  const told = standingEntries(entries).filter(isKind('event'));
  const harmful = told.filter(({ content }) => {
    const data = EVENTS_OF_2[content.event];
    return data?.fault === 'breach' || (data?.fault === 'slip' && content.touched === true);
  });
  const breach = harmful.some(({ content }) => EVENTS_OF_2[content.event]?.fault === 'breach');
  return {
    id: 'passes:events',
    title: 'What happened',
    share: breach ? 0 : covered * Math.max(0, 1 - 0.5 * harmful.length),
    reason:
      told.length === 0
        ? 'Nothing out of the way is recorded.'
        : harmful.length === 0
          ? `${told.length} told, none did harm.`
          : harmful.map(({ content }) => EVENTS_OF_2[content.event]?.name ?? content.event).join(', '),
    evidence: told.map(({ id }) => id),
  };
}

function sameMark({ cuts }: Conduct): Judgement {
  const noted = cuts.flatMap(({ entry }) => (entry.content.mark === null ? [] : [entry]));
  const first = noted[0]?.content.mark;
  const other = noted.filter(({ content }) => content.mark !== first);
  return {
    id: 'passes:mark',
    title: 'Always the mark caught first',
    share: noted.length === 0 ? null : (noted.length - other.length) / noted.length,
    reason:
      noted.length === 0
        ? 'No mark was noted: out of the sum.'
        : `${noted.length - other.length} of ${noted.length} noted marks are ${first}.`,
    evidence: other.map(({ id }) => id),
  };
}
