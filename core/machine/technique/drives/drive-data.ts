import type { HalfNutBy } from '../../lathe/half-nut-by';
import type { Lathe } from '../../lathe/lathe';
import type { CutWay } from '../cut-way';
import type { TechniqueWords } from '../technique-words';

/** What ends a cut, and so limits its speed: see `speedLimit`. */
export type EndsBy = 'opening' | 'stopping' | 'clearing' | 'trip';

/** What a lathe lacks for a drive; `unknown` ones only warn, for nobody has looked it up. */
export interface DriveLack {
  /** How the lathe is built, or what its thread dial can find. */
  of: 'lathe' | 'dial';
  code: 'no-trip' | 'no-safe-mark' | 'no-dial';
  severity: 'refuse' | 'warn';
}

/** A carriage taken back by its handwheel (common practice, timed by hand). */
export const BACK_BY_HAND = 5;

/** One way of driving the carriage between two cuts, as data. */
export interface DriveData {
  /** A plan stores it: never renamed. */
  id: string;
  /** As it is chosen. */
  name: (words: TechniqueWords) => string;
  /** In two words, where it is chosen at the bench. */
  short: string;
  /** As it is offered in planning, and there where little room is. */
  option: string;
  optionShort: string;
  /** How a lathe does it, beside others; and as a change that lets a lathe do what it could not. */
  by: string;
  offered: string;
  /** The thread is found again at a dial mark. */
  catchesMarks: boolean;
  /** The spindle is stopped at the end of a cut: the tool is cleared before or after. */
  choosesClearOrder: boolean;
  /** Seconds until the carriage is back, after a cut of so many seconds (common practice, timed by hand). */
  backSeconds: (cutSeconds: number) => number;
  /** Whether a mark is waited for where the dial has them. */
  waits: boolean;
  /** Why this lathe can not do it; null where it can. */
  lacks: (lathe: Lathe, nut: HalfNutBy) => DriveLack | null;
  /** What is said of the thread dial where none is looked at; null: its marks count. */
  withoutDial: (lathe: Lathe, nut: HalfNutBy) => { use: 'trip' | 'kept-closed'; says: string[] } | null;
  /** What it assumes, in a sentence. */
  assumes: (words: TechniqueWords) => string;
  /** The cycle from the oil to the start again; `clear` says how the tool is cleared. */
  cycle: (way: CutWay, words: TechniqueWords, clear: string) => string[];
  endsBy: (way: CutWay) => EndsBy;
  /** Whether the spindle runs backward under power at some time of the cycle. */
  returnsUnderPower: boolean;
  /** Whether a half nut is closed for it. */
  usesHalfNut: boolean;
  /** What is tried clear of the work before the first cut. */
  dryRun: (way: CutWay, words: TechniqueWords) => string;
  hazards: (way: CutWay, words: TechniqueWords) => string[];
}
