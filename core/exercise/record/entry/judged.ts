/**
 * What whoever may judges by eye, thumb or talk (common practice): the subject of a look, how it is asked, and its levels,
 * best first. A scheme may have other levels for a subject; these are the usual ones.
 */
export interface Judged {
  /** Stored in records and schemes: never renamed. */
  id: string;
  title: string;
  /** What to do, in the imperative. */
  asks: string;
  levels: readonly string[];
}

export const JUDGED: readonly Judged[] = [
  {
    id: 'look:flanks',
    title: 'Flanks',
    asks: 'Lens on both flanks',
    levels: ['Clean and alike', 'Light marks', 'Torn, stepped or leaning'],
  },
  {
    id: 'look:burrs',
    title: 'Crests and burrs',
    asks: 'Thumb over the crests',
    levels: ['No burr', 'Some burr', 'Burrs: to be filed'],
  },
  {
    id: 'look:finish',
    title: 'Finish',
    asks: 'Look along the thread',
    levels: ['Smooth', 'Usable', 'Rough'],
  },
  {
    id: 'ask',
    title: 'Question answered',
    asks: 'Ask one question',
    levels: ['Right at once', 'Right after a hint', 'Not yet'],
  },
  {
    id: 'help',
    title: 'Help needed',
    asks: 'How much help was given',
    levels: ['None', 'A hint', 'Shown once', 'Done together', 'Done for them'],
  },
];

export const judgedOf = (subject: string): Judged | null => JUDGED.find(({ id }) => id === subject) ?? null;

/** The subject of a look in words; one that only a scheme or a plan names is called by its id. */
export const subjectWords = (subject: string): string =>
  judgedOf(subject)?.title ?? subject.replace('look:', '');

/** A subject is a look, the question that was asked, or the help that was needed. */
export const isSubject = (subject: string): boolean =>
  subject === 'ask' || subject === 'help' || (subject.startsWith('look:') && subject.length > 'look:'.length);

/** Questions that show whether the work was understood, whatever the log says; common practice. */
export const QUESTIONS: readonly { text: string; only?: 'compound' | 'marks' }[] = [
  { text: 'Why does the compound stand at this mark?', only: 'compound' },
  { text: 'At which marks may the half nut be closed, and why?', only: 'marks' },
  { text: 'How did you know that it was enough?' },
  { text: 'What does a pass at no infeed tell you?' },
  { text: 'Show me how you measured it: which zero, which feel?' },
  { text: 'What would you do otherwise next time?' },
];
