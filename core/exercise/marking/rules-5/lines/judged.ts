import { isKind } from '../../../record/entry/entry';
import { judgedOf, subjectWords } from '../../../record/entry/judged';
import { levels } from '../../fall';
import { notSeen, type LineKind } from '../line-kind';

/** The usual levels of a subject, evenly from all to nothing. */
export const usualLevels = (subject: string) => {
  const of = judgedOf(subject)?.levels ?? [];
  return levels(...of.map((sentence, at): [number, string] => [1 - at / (of.length - 1), sentence]));
};

/** A line that somebody judges: the last look at each question or subject counts, the mean where several were asked. */
function judgedLine(
  kind: 'look' | 'ask' | 'help',
  section: LineKind['section'],
  judges: string,
  usual: LineKind['usual'],
): LineKind {
  return {
    kind,
    section,
    judges,
    usual,
    falls: ['levels'],
    // What of it is asked the scheme says, not the plan.
    asked: () => (kind === 'look' ? ['*'] : ['']),
    title: (_, id) => subjectWords(kind === 'look' ? `look:${id}` : kind),
    judge({ live }, { fall }, id) {
      const subject = kind === 'look' ? `look:${id}` : kind;
      const mine = live.filter(isKind('look')).filter(({ content }) => content.subject === subject);
      if (mine.length === 0) return notSeen('Not seen: nobody has judged it.');
      // Of each question the last answer; all other subjects have none.
      const last = [...new Map(mine.map((entry) => [entry.content.asked, entry])).values()];
      const fitting = last.filter(({ content }) => content.of === fall.levels.length);
      if (fitting.length === 0) return notSeen('Judged by other levels than the scheme has: look again.');
      const shares = fitting.map(({ content }) => fall.levels[content.level]?.share ?? 0);
      const share = shares.reduce((sum, each) => sum + each, 0) / shares.length;
      const says = fitting.map(({ content, author }) => {
        const sentence = fall.levels[content.level]?.sentence ?? content.sentence;
        return `${content.asked === '' ? '' : `“${content.asked}” `}${sentence} (${author.name}).`;
      });
      return {
        share,
        reason: says.join(' '),
        ...(share < 1 ? { needed: `${fall.levels[0]?.sentence ?? ''}.` } : {}),
        evidence: fitting.map(({ id: entryId }) => entryId),
      };
    },
  };
}

export const lookLine = judgedLine(
  'look',
  'result',
  'Something that somebody looks at: flanks, burrs, finish, play, seat, tidiness',
  usualLevels('look:finish'),
);
export const askLine = judgedLine(
  'ask',
  'talk',
  'The answers to questions that were asked at the lathe',
  usualLevels('ask'),
);
export const helpLine = judgedLine('help', 'talk', 'How much help was needed, 4 to 0', usualLevels('help'));
