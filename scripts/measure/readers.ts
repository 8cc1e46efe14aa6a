import { EMPTY_PLAN_FORM, withLeaf } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { readSquare } from '@/core/thread/standards/square/square-thread';
import { suggestThreads } from '@/core/thread/standards/suggest';
import { parseAngleDeg } from '@/core/base/units/parse-angle';
import { parseFigures, parseLength, parseWhole } from '@/core/base/units/parse-length';
import { parseLengthList } from '@/core/base/units/parse-length-list';

const M16 = withLeaf(EMPTY_PLAN_FORM, 'thread.designation', 'M16');

/** Ten times the text may take at most so many times as long: no reader is worse than linear. */
const MOST_TIMES = 15;
/** Shorter than this is noise of the clock. */
const LEAST_MS = 0.02;

const READERS: Record<string, (text: string) => unknown> = {
  parseFigures: (text) => parseFigures('x', text),
  parseLength: (text) => parseLength('x', text, 'in'),
  parseLengthList: (text) => parseLengthList('x', text, 'mm'),
  parseAngleDeg: (text) => parseAngleDeg('x', text, 0, 360),
  parseWhole: (text) => parseWhole('x', text, 0, 5000, 'a number'),
  parseDesignation: (text) => parseDesignation(text),
  readSquare: (text) => readSquare(text),
  suggestThreads: (text) => suggestThreads(text),
  'readPlan, thread': (text) => readPlan(withLeaf(EMPTY_PLAN_FORM, 'thread.designation', text)),
  'readPlan, blank': (text) => readPlan(withLeaf(M16, 'work.diameter', text)),
};

/** Texts that make a careless pattern try again and again, by their length. */
const TEXTS: Record<string, (length: number) => string> = {
  dashes: (length) => '-'.repeat(length),
  spaces: (length) => `1${' '.repeat(length - 2)}!`,
  nines: (length) => '9'.repeat(length),
  'dashes behind a thread': (length) => `3/4-16${'-'.repeat(length - 7)}!`,
  'spaces behind a thread': (length) => `M16x2${' '.repeat(length - 6)}!`,
  'words behind a thread': (length) => `3/4-16 ${'lh '.repeat(length)}`.slice(0, length),
};

/** From what a field takes at most, and from far beyond it, to ten times as much. */
const LENGTHS = [12, 120, 12_000] as const;

/** Prints the worst growth of each reader; returns how many are worse than linear. */
export function measureReaders(): number {
  let bad = 0;
  for (const [name, read] of Object.entries(READERS)) {
    let worst = { times: 0, text: '', length: 0, ms: 0 };
    for (const [text, make] of Object.entries(TEXTS)) {
      for (const length of LENGTHS) {
        const short = Math.max(timeOf(read, make(length)), LEAST_MS);
        const long = timeOf(read, make(10 * length));
        if (long / short > worst.times) worst = { times: long / short, text, length, ms: long };
      }
    }
    const good = worst.times <= MOST_TIMES;
    if (!good) bad += 1;
    console.log(
      `${good ? '●' : '⊘'} ${name.padEnd(20)} at worst ${worst.times.toFixed(1)} times (${worst.text}, ${worst.length} to ${10 * worst.length} characters, ${worst.ms.toFixed(3)} ms)`,
    );
  }
  return bad;
}

/** The quickest of many, in milliseconds: what the work itself takes. */
function timeOf(read: (text: string) => unknown, text: string): number {
  let best = Infinity;
  for (let round = 0; round < 40; round += 1) {
    const begin = performance.now();
    read(text);
    best = Math.min(best, performance.now() - begin);
  }
  return best;
}
