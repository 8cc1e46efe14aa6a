import { eventData } from '../../record/entry/events';
import { isKind } from '../../record/entry/entry';
import type { MarkCap } from '../mark-line';
import { stepRecord } from '../rules-2/judge-set-up';
import { failedProof } from '../rules-4/failed-proof';
import type { Scheme } from '../scheme';
import type { Facts } from './facts';

type Cap = Scheme['caps'][number];

/** The lowest cap that binds; null where none does. */
export function capBy5(facts: Facts): MarkCap | null {
  const { caps, passMark, pointStep } = facts.scheme;
  const bound = caps.flatMap((cap): MarkCap[] => {
    const why = whyBound(facts, cap);
    if (why === null) return [];
    const most = cap.does === 'stop' ? 0 : cap.does === 'fail' ? passMark - pointStep : cap.most;
    return [{ most, reason: `${why} ${cap.sentence} At most ${most}.` }];
  });
  return bound.toSorted((a, b) => a.most - b.most)[0] ?? null;
}

const ENDED = { scrapped: 'Scrapped.', 'given-up': 'Given up.' } as const;

function whyBound({ sheet, entries, live, conduct }: Facts, { id }: Cap): string | null {
  const [kind, ...rest] = id.split(':');
  const of = rest.join(':');
  if (kind === 'step') {
    const step = sheet.steps.find((each) => each.id === of);
    if (step === undefined) return null;
    const { before, cut } = stepRecord(step, entries);
    const done = before.some(({ content }) => content.kind === 'sign-off' || content.how !== 'not-done');
    return cut && !done ? `“${step.title}” was not recorded before the first cut.` : null;
  }
  if (kind === 'event') {
    const told = live.filter(isKind('event')).find(({ content }) => content.event === of);
    return told === undefined ? null : `${eventData(of)?.name ?? of}, said by ${told.author.name}.`;
  }
  if (kind === 'against') {
    const cut = conduct.cuts.some(({ entry }) => entry.content.allTheSame);
    return cut ? 'Cut all the same against what stood in the way.' : null;
  }
  if (kind !== 'proof') return null;
  const how = live.findLast(isKind('hand-in'))?.content.how;
  return how === 'scrapped' || how === 'given-up' ? ENDED[how] : failedProof(sheet, entries);
}
