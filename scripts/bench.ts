import { closeDatabase } from '@/data/database';
import { benchBoard } from './bench/board';
import { benchComputations } from './bench/computations';
import { benchCut } from './bench/cut';
import { benchEntryCost } from './bench/entry-cost';
import { fillClass } from './bench/filled-class';
import { benchOpening } from './bench/opening';
import { benchNews } from './bench/news';
import { benchReaders } from './bench/readers';
import { benchTyping } from './bench/typing';

/**
 * ./oyakata bench: the computations that must feel instant; then, on an installation of its own (OYAKATA_BENCH_ADDRESS, and
 * its database in OYAKATA_DATABASE_URL), typing, the class board of a full class, what an entry costs and how soon
 * others are told of it.
 */
let good = true;
benchComputations();
console.log('The cut:');
good = benchCut() && good;
console.log('Ten times the text, at most 15 times the time:');
good = benchReaders() === 0 && good;

const address = process.env.OYAKATA_BENCH_ADDRESS ?? '';
console.log('In the browser:');
good = (await benchOpening(address)) && good;
good = (await benchTyping(address)) && good;
console.log('A full class:');
const filled = await fillClass();
console.log(`  ${filled.entries} entries of ${filled.attemptIds.length} attempts`);
good = (await benchBoard(filled, address)) && good;
good = (await benchEntryCost(filled)) && good;
good = (await benchNews(filled, address)) && good;
await closeDatabase();
process.exitCode = good ? 0 : 1;
