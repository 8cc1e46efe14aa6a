import { isKind, type Entry } from '../../record/entry/entry';
import type { Judgement } from '../mark-line';
import type { Scheme } from '../scheme';
import { standingEntries } from './facts/standing-entries';

/** Lines that only a look can judge, of a section of the scheme; without a look they are not seen, never presumed. */
export function judgeLooks(entries: readonly Entry[], scheme: Scheme, section: string): Judgement[] {
  const looks = standingEntries(entries).filter(isKind('look'));
  const shares = { good: 1, fair: scheme.judging.fair, poor: 0 };
  return scheme.lines
    .filter((line) => line.section === section && line.id.startsWith('look:') && line.weight > 0)
    .map(({ id, title }) => {
      const look = looks.findLast(({ content }) => content.subject === id);
      return {
        id,
        title: title ?? id.replace('look:', ''),
        share: look === undefined ? null : shares[look.content.verdict],
        reason: look === undefined ? 'Not seen: out of the sum.' : `Looked at: ${look.content.verdict}.`,
        evidence: look === undefined ? [] : [look.id],
      };
    });
}
