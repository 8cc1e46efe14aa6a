import { closeDatabase } from '@/data/database';
import { measureBoard } from './measure/board';
import { measureComputations } from './measure/computations';
import { measureCut } from './measure/cut';
import { measureEntryCost } from './measure/entry-cost';
import { fillClass } from './measure/filled-class';
import { measureOpening } from './measure/opening';
import { measureNews } from './measure/news';
import { measureReaders } from './measure/readers';
import { measureTyping } from './measure/typing';

/**
 * ./oyakata measure: the computations that must feel instant; then, on an installation of its own (OYAKATA_MEASURED_ADDRESS, and
 * its database in OYAKATA_DATABASE_URL), typing, the class board of a full class, what an entry costs and how soon
 * others are told of it.
 */
let good = true;
measureComputations();
console.log('The cut:');
good = measureCut() && good;
console.log('Ten times the text, at most 15 times the time:');
good = measureReaders() === 0 && good;

const address = process.env.OYAKATA_MEASURED_ADDRESS ?? '';
console.log('In the browser:');
good = (await measureOpening(address)) && good;
good = (await measureTyping(address)) && good;
console.log('A full class:');
const filled = await fillClass();
console.log(`  ${filled.entries} entries of ${filled.attemptIds.length} attempts`);
good = (await measureBoard(filled, address)) && good;
good = (await measureEntryCost(filled)) && good;
good = (await measureNews(filled, address)) && good;
await closeDatabase();
process.exitCode = good ? 0 : 1;
