/** A stop between two cuts: something is checked, or worked. Stored by name. */
export interface StopData {
  id: string;
  what: 'check' | 'work';
  name: string;
  /** What is asked; answered by one touch. */
  asks: string;
  /** Answers, the right one first. A stop to work has one. */
  answers: readonly { id: string; text: string }[];
}

const YES_NO = (yes: string, no: string) =>
  [
    { id: 'yes', text: yes },
    { id: 'no', text: no },
  ] as const;

const DONE = [{ id: 'done', text: 'Done' }] as const;

/** Every stop that a schedule can hold; the only place that lists them (common practice throughout). */
export const STOPS = [
  {
    id: 'pitch',
    what: 'check',
    name: 'Pitch',
    asks: 'Does the pitch gauge lie in the grooves without light?',
    answers: YES_NO('No light', 'Light shows'),
  },
  {
    id: 'form',
    what: 'check',
    name: 'Form',
    asks: 'Do both flanks look alike?',
    answers: YES_NO('Both alike', 'One is a staircase'),
  },
  {
    id: 'crest-flat',
    what: 'check',
    name: 'Crest flat',
    asks: 'Is the crest as thin as it should be by now?',
    answers: YES_NO('Thin enough', 'Still too wide'),
  },
  {
    id: 'dye',
    what: 'check',
    name: 'Dye',
    asks: 'Is the dye gone from the crests?',
    answers: YES_NO('The dye is gone', 'Dye is left'),
  },
  { id: 'nut', what: 'check', name: 'Nut', asks: 'How does it go?', answers: [] },
  { id: 'mate', what: 'check', name: 'Mating part', asks: 'How does it go?', answers: [] },
  {
    id: 'gauge',
    what: 'check',
    name: 'Gauge',
    asks: 'Does the GO gauge go?',
    answers: YES_NO('GO goes', 'GO stops'),
  },
  { id: 'wires', what: 'check', name: 'Measure', asks: 'Measure the thread.', answers: [] },
  {
    id: 'look',
    what: 'check',
    name: 'Look',
    asks: 'Does it look right?',
    answers: YES_NO('Right', 'Not right'),
  },
  {
    id: 'deburr',
    what: 'work',
    name: 'Deburr',
    asks: 'Deburr the crests with a file that follows the thread.',
    answers: DONE,
  },
  {
    id: 'file',
    what: 'work',
    name: 'File the crests',
    asks: 'File the crests, then measure them again.',
    answers: DONE,
  },
  {
    id: 'thread-file',
    what: 'work',
    name: 'Thread file',
    asks: 'Work the flanks with the thread file.',
    answers: DONE,
  },
  {
    id: 'die',
    what: 'work',
    name: 'Die',
    asks: 'Finish with the die, by hand, spindle locked.',
    answers: DONE,
  },
] as const satisfies readonly StopData[];

export type StopCheck = (typeof STOPS)[number]['id'];

export function stopData(id: string): StopData | null {
  return STOPS.find((stop) => stop.id === id) ?? null;
}

/** Stops that end a repeated cut. */
export const ENDING_CHECKS: readonly StopCheck[] = [
  'nut',
  'mate',
  'gauge',
  'crest-flat',
  'dye',
  'wires',
  'look',
];

/** Answered on the scale of the nut. */
export const isTrial = (id: string): boolean => id === 'nut' || id === 'mate';
