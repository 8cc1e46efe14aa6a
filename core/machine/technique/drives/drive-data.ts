import type { RealDrive } from '../choices';
import type { TechniqueWords } from '../technique-words';
import type { Way } from '../way';

/** What ends a cut, and so limits its speed: see `speedLimit`. */
export type EndsBy = 'opening' | 'stopping' | 'clearing' | 'trip';

/** One way of driving the carriage between two cuts, as data. */
export interface DriveData {
  id: RealDrive;
  /** As it is chosen. */
  name: (words: TechniqueWords) => string;
  /** In two words, where it is chosen at the bench. */
  short: string;
  /** What it assumes, in a sentence. */
  assumes: (words: TechniqueWords) => string;
  /** The cycle from the oil to the start again; `clear` says how the tool is cleared. */
  cycle: (way: Way, words: TechniqueWords, clear: string) => string[];
  endsBy: (way: Way) => EndsBy;
  /** Whether the spindle runs backward under power at some time of the cycle. */
  returnsUnderPower: boolean;
  /** What is tried clear of the work before the first cut. */
  dryRun: (way: Way, words: TechniqueWords) => string;
  hazards: (way: Way, words: TechniqueWords) => string[];
}
