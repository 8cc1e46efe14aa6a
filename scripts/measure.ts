import { closeDatabase } from '@/data/database';
import { measureBoard } from './measure/board';
import { measureComputations } from './measure/computations';
import { measureCut } from './measure/cut';
import { measureLongRecord } from './measure/long-record';
import { measureEntryCost } from './measure/entry-cost';
import { fillClass } from './measure/filled-class';
import { measureNextFigure } from './measure/next-figure';
import { measureNews } from './measure/news';
import { measureOpening } from './measure/opening';
import { measureReaders } from './measure/readers';
import { measureTyping } from './measure/typing';
import { measureWeight } from './measure/weight';

/**
 * ./oyakata measure [PART]: the computations that must feel instant; then, on an installation of its own
 * (OYAKATA_MEASURED_ADDRESS, and its database in OYAKATA_DATABASE_URL), the weight of the pages, opening, typing, and a
 * full class: its board, what an entry costs, in a record of 5,000 too, how soon others are told of it. Promises stand in `measure/budgets.ts`.
 */
const address = process.env.OYAKATA_MEASURED_ADDRESS ?? '';
const PARTS: Record<string, [string, () => Promise<boolean> | boolean]> = {
  cut: ['The cut', () => (measureComputations(), measureCut())],
  record: ['A record of 5,000 entries', () => measureNextFigure()],
  readers: ['Ten times the text, at most 15 times the time', () => measureReaders() === 0],
  weight: ['What the pages weigh', () => measureWeight(address)],
  opening: ['The bench opened on an old PC', () => measureOpening(address)],
  typing: ['In the browser', () => measureTyping(address)],
  class: ['A full class', measureFullClass],
};

async function measureFullClass(): Promise<boolean> {
  const filled = await fillClass();
  console.log(`  ${filled.entries} entries of ${filled.attemptIds.length} attempts`);
  const board = await measureBoard(filled, address);
  const cost = await measureEntryCost(filled);
  const long = await measureLongRecord(filled);
  return (await measureNews(filled, address)) && cost && board && long;
}

const [only] = process.argv.slice(2);
if (only !== undefined && !(only in PARTS)) {
  console.error(`There is no part “${only}”: ${Object.keys(PARTS).join(', ')}.`);
  process.exit(2);
}
let good = true;
for (const [name, [title, measure]] of Object.entries(PARTS)) {
  if (only !== undefined && only !== name) continue;
  console.log(`${title}:`);
  good = (await measure()) && good;
}
await closeDatabase();
process.exitCode = good ? 0 : 1;
