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
  /** Stored in the record: never renamed. */
  id: string;
  group: 'work' | 'zeros' | 'drive' | 'set-up' | 'by-hand';
  name: string;
  /** What to do now. */
  then: string;
  effect: EventEffect;
  fault: EventFault;
  /** A pass at no infeed is asked for before anything deeper. */
  asksPassAtNoInfeed?: true;
  /** New zeros are taken in the groove before anything else is cut. */
  asksZero?: true;
  /** The half nut was closed beside the marks that bring the tool back: the groove may be a second one. */
  besideMark?: true;
  /** A yes or no that matters. */
  asks?: string;
  /** It is about a step of the set-up. */
  ofStep?: true;
  /** A figure belongs to it. */
  value?: 'reading' | 'speed' | 'crest';
  /** What was worked by hand: crests are measured anew, with flanks no depth foretells any more. */
  works?: 'crests' | 'flanks';
  /** Its reading tells how far the tool stood off at the zero. */
  tellsGap?: true;
  /** It can only happen to a part driven by a dog, or where a mark of the thread dial is caught. */
  only?: 'dog' | 'marks';
}
