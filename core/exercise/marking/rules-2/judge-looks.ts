import { inSentence } from '@/core/measuring/gauging/measuring-words';
import { isKind, type Entry } from '../../record/entry/entry';
import type { LookContent } from '../../record/entry/kinds/look';
import type { Judgement } from '../mark-line';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { standingEntries } from './facts/standing-entries';

/** Lines that only a look can judge, of a section of the scheme; without a look they are not seen, never presumed. */
export function judgeLooks(entries: readonly Entry[], scheme: Scheme, section: string): Judgement[] {
  const looks = standingEntries(entries).filter(isKind('look'));
  // What was judged by other levels than the three of those days: the best, the worst, and all between alike.
  const shareOf = ({ level, of }: LookContent) =>
    level === 0 ? 1 : level === of - 1 ? 0 : scheme.judging.fair;
  return scheme.lines
    .filter((line) => line.section === section && line.id.startsWith('look:') && line.weight > 0)
    .map(({ id, title }) => {
      const look = looks.findLast(({ content }) => content.subject === id);
      return {
        id,
        title: title ?? id.replace('look:', ''),
        share: look === undefined ? null : shareOf(look.content),
        reason:
          look === undefined
            ? 'Not seen: out of the sum.'
            : `Looked at: ${inSentence(look.content.sentence)}.`,
        evidence: look === undefined ? [] : [look.id],
      };
    });
}
