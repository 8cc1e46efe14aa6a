import { part, whole, words } from '@/core/base/documents/parts';
import { bad, good, type FieldIssue } from '@/core/base/errors/field-issue';
import { saidText } from '@/core/base/documents/visible-text';
import { isSubject, judgedOf, subjectWords } from '../judged';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

/** The most levels that a look may have. */
export const MOST_LEVELS = 10;

export interface LookContent {
  kind: 'look';
  /** What was looked at: a line of the scheme, such as `look:finish`; `ask`: the question asked; `help`: the help needed. */
  subject: string;
  /** 0 is the best of `of` levels. */
  level: number;
  of: number;
  /** The level in the words that stood on the screen. */
  sentence: string;
  /** The question that was asked, in the words of whoever asked; empty otherwise. */
  asked: string;
}

/** Verdicts of format 2, which knew three levels and no sentences. */
const VERDICTS_2: readonly string[] = ['good', 'fair', 'poor'];

function issueIn({ subject, level, of }: LookContent): FieldIssue | null {
  if (!isSubject(subject))
    return {
      field: 'subject',
      code: 'unreadable',
      message: 'Send what was looked at: a line that begins with look:, ask, or help.',
    };
  return level < of
    ? null
    : { field: 'level', code: 'out-of-range', message: `There are ${of} levels: send 0 to ${of - 1}.` };
}

/** Something that no figure shows was looked at, or asked, by whoever may judge it. */
export const lookKind: EntryKind<'look', LookContent> = {
  kind: 'look',
  format: 3,
  schema: part({
    kind: kindOf('look'),
    subject: words(60).min(1),
    level: whole(0, MOST_LEVELS - 1),
    of: whole(2, MOST_LEVELS),
    sentence: words(200),
    asked: words(200),
  }),
  lifts: {
    2: ({ verdict, ...older }) => ({
      ...older,
      level: VERDICTS_2.indexOf(String(verdict)),
      of: VERDICTS_2.length,
      sentence: verdict,
      asked: '',
    }),
  },
  writtenBy: ['instructor', 'helper'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: ['asked'],
  read: ({ subject = '', level = '', of = '', sentence = '', asked = '' }) => {
    const usual = judgedOf(subject);
    const levels = of === '' ? (usual?.levels.length ?? 0) : Number(of);
    const at = /^\d$/.test(level) ? Number(level) : NaN;
    if (!Number.isInteger(at) || !(levels >= 2 && levels <= MOST_LEVELS) || at >= levels)
      return bad('level', 'unreadable', 'Touch one of the levels.');
    const content: LookContent = {
      kind: 'look',
      subject,
      level: at,
      of: levels,
      sentence: sentence === '' ? (usual?.levels[at] ?? '') : sentence,
      asked: saidText(asked).slice(0, 200),
    };
    const issue = issueIn(content);
    return issue === null ? good(content) : { ok: false, issues: [issue] };
  },
  refuses: issueIn,
  words: ({ subject, sentence, asked }) => ({
    title:
      subject === 'ask' || subject === 'help'
        ? subjectWords(subject)
        : `Looked at ${subjectWords(subject).toLowerCase()}`,
    detail: asked === '' ? sentence : `${asked} ${sentence}`,
  }),
};
