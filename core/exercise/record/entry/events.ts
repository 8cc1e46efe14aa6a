/** What an event does to the prediction and to the zeros. */
type EventEffect =
  /** The prediction goes on. */
  | 'none'
  /** The tool was nested in the groove and both zeros were taken anew there: a new segment. */
  | 'new-zero'
  /** The work or a slide moved: nothing is foretold until something is measured or tried. */
  | 'unknown'
  /** Flanks were worked by hand: the prediction ends. */
  | 'ends';

/** How the conduct is judged where the plan says nothing; a slip that is told before harm costs nothing. */
type EventFault = 'none' | 'slip' | 'breach';

/** One thing that can happen at the lathe, as data (common practice throughout). */
export interface EventData {
  id: string;
  group: 'work' | 'zeros' | 'drive' | 'set-up' | 'by-hand';
  name: string;
  /** What to do now. */
  then: string;
  effect: EventEffect;
  fault: EventFault;
  /** A pass at no infeed is asked for before anything deeper. */
  asksPassAtNoInfeed?: true;
  /** A yes or no that matters. */
  asks?: string;
  /** It is about a step of the set-up. */
  ofStep?: true;
  /** A figure belongs to it. */
  value?: 'reading' | 'speed' | 'crest';
}

/** Every event; the only place that lists them. Stored by name. */
export const EVENTS = [
  {
    id: 'missed-mark',
    group: 'drive',
    name: 'Missed the mark, waited for the next',
    then: 'Right so. Go on.',
    effect: 'none',
    fault: 'none',
  },
  {
    id: 'off-mark',
    group: 'drive',
    name: 'Half nut closed off the mark',
    then: 'Look for a second groove before you cut on.',
    effect: 'none',
    fault: 'slip',
    asks: 'Did the tool touch the work?',
  },
  {
    id: 'reversed-uncleared',
    group: 'drive',
    name: 'Reversed without clearing the tool',
    then: 'Look at flank and tip; a pass at no infeed shows whether both are sound.',
    effect: 'none',
    fault: 'slip',
    asks: 'Did the tool touch the work?',
  },
  {
    id: 'speed-changed',
    group: 'drive',
    name: 'Speed changed',
    then: 'Allowed: belt or lever, never the gearbox of the screw.',
    effect: 'none',
    fault: 'none',
    value: 'speed',
  },
  {
    id: 'gearing-changed',
    group: 'drive',
    name: 'Gearing changed in mid-thread',
    then: 'The next cut would make another thread: set it back and pick the thread up.',
    effect: 'unknown',
    fault: 'breach',
  },
  {
    id: 'stopped-early',
    group: 'drive',
    name: 'Opened or stopped before the end',
    then: 'The last turns are shallower now: cut once more at the same reading, to the end.',
    effect: 'none',
    fault: 'none',
  },
  {
    id: 'stalled',
    group: 'drive',
    name: 'Spindle stalled',
    then: 'Tool out before it starts again. Look at the tip; then a smaller infeed.',
    effect: 'none',
    fault: 'none',
  },
  {
    id: 'chatter',
    group: 'drive',
    name: 'Chatter: marks or noise',
    then: 'Tool and post tight, less stick-out, slower, oil; then a pass at no infeed.',
    effect: 'none',
    fault: 'none',
  },
  {
    id: 'zero-forgotten',
    group: 'zeros',
    name: 'Forgot to go back to the zero',
    then: 'That cut was not where the dial says: measure before you cut on.',
    effect: 'unknown',
    fault: 'slip',
  },
  {
    id: 'first-chip',
    group: 'zeros',
    name: 'First chip seen',
    then: 'The gap of the zero is known now.',
    effect: 'none',
    fault: 'none',
    value: 'reading',
  },
  {
    id: 'zero-lost',
    group: 'zeros',
    name: 'Zero lost, or slack found; zeros taken anew',
    then: 'Nest the tool in the groove, take both zeros there, go on from 0.',
    effect: 'new-zero',
    fault: 'none',
  },
  {
    id: 'picked-up',
    group: 'zeros',
    name: 'Thread picked up again',
    then: 'Half nut closed, slack out, tool nested in the groove, both zeros anew.',
    effect: 'new-zero',
    fault: 'none',
  },
  {
    id: 'tool-changed',
    group: 'zeros',
    name: 'Tool changed or ground',
    then: 'Pick the thread up: nest the new tool in the groove, both zeros anew.',
    effect: 'new-zero',
    fault: 'none',
  },
  {
    id: 'tip-broke',
    group: 'work',
    name: 'Tip broke or chipped',
    then: 'Stop. Look for the piece in the groove. A new tip is picked up in the thread; then measure.',
    effect: 'unknown',
    fault: 'none',
  },
  {
    id: 'disturbed',
    group: 'work',
    name: 'Part disturbed, re-seated',
    then: 'One pass at no infeed: it shows whether the tool still runs in its groove.',
    effect: 'unknown',
    fault: 'slip',
    asksPassAtNoInfeed: true,
  },
  {
    id: 'taken-out',
    group: 'work',
    name: 'Taken out between centres, put back by its marks',
    then: 'Centre clean, slot and tip matched, dog on its pin, pin tight. Go on.',
    effect: 'none',
    fault: 'none',
  },
  {
    id: 'set-up-wrong',
    group: 'set-up',
    name: 'Set-up found wrong after cutting, mended',
    then: 'Say which step, and record it anew: the cuts before keep what was really set.',
    effect: 'none',
    fault: 'slip',
    ofStep: true,
  },
  {
    id: 'crests-filed',
    group: 'by-hand',
    name: 'Crests filed',
    then: 'Measure the outside again. The pitch diameter stands.',
    effect: 'none',
    fault: 'none',
    value: 'crest',
  },
  {
    id: 'flanks-worked',
    group: 'by-hand',
    name: 'Flanks filed or chased by hand',
    then: 'Nothing is foretold from here: nut, mate or a measurement decides.',
    effect: 'ends',
    fault: 'none',
  },
] as const satisfies readonly EventData[];

export type EventId = (typeof EVENTS)[number]['id'];

export function eventData(id: string): EventData | null {
  return EVENTS.find((event) => event.id === id) ?? null;
}
