import { readFileSync } from 'node:fs';
import { showCode } from '@/core/people/spoken-code';
import { SUMMARY_DERIVER } from '@/core/exercise/record/shown/summary-deriver';
import {
  anybodyCanSignIn,
  codesForInstructor,
  firstInstructor,
  type CodeGiven,
} from '@/data/first-instructor';
import { clearOver } from '@/data/clear-over';
import { grantApplication } from '@/data/grants';
import { closeDatabase, database } from '@/data/database';
import { demoAccounts, REMOVED } from '@/data/people';
import { migrate, pendingMigrations } from '@/data/migrate';
import type { Counted } from '@/data/replace-book';
import { rowsOf } from '@/data/query';
import { UnfitDatabase } from '@/data/unfit-database';

/**
 * Run by the commands as the owner of the tables (OYAKATA_DATABASE_URL).
 * `pending` prints the migrations that wait; `ready` does so too, or, where none waits, what `up` does; `up` runs them, refuses known passwords on a network, loads the demo shop into an empty database (or, with
 * OYAKATA_DEMO=small, a part of it; with OYAKATA_DEMO=no, makes one instructor), and gives the application's user (of OYAKATA_APPLICATION_URL) what it may do. `summaries` makes them all anew; `forget NAME` takes a
 * person out; `account NAME` gives an instructor a one-time code; `replace SCHEMA COUNTS` puts the book of another schema in
 * the place of this one.
 */
async function pending(): Promise<void> {
  for (const name of await pendingMigrations()) console.log(name);
}

/** Ends with 3 where migrations wait: first a backup is made. */
async function ready(): Promise<void> {
  const names = await pendingMigrations();
  if (names.length === 0) return up();
  names.forEach((name) => console.log(name));
  process.exitCode = 3;
}

async function up(): Promise<void> {
  // A migration is a list of steps; their names begin with its own.
  const done = [...new Set((await migrate()).map((step) => step.replace(/:.*/, '')))];
  console.log(
    done.length === 0 ? 'The tables are up to date' : `Tables brought up to date: ${done.join(', ')}`,
  );
  const empty = !(await holdsAny('people'));
  if (empty && process.env.OYAKATA_HAD_BOOK === 'yes')
    throw new UnfitDatabase(
      'There was a book here, and now it is empty: nothing is put in its place. Restore a backup (./oyakata restore FILE), or begin anew with another OYAKATA_STATE.',
    );
  if (process.env.OYAKATA_DEMO === 'no') tell(await firstInstructor(instructorName(), 'First class'));
  else if (empty) await demoShop();
  if (await holdsAny('attempt_summaries WHERE deriver <> ?', SUMMARY_DERIVER)) {
    const rebuilt = await remake('outdated');
    console.log(`Summaries of ${rebuilt} attempts made anew`);
  }
  await clearOver();
  await grant();
  await doors();
}

// What most starts do not need is fetched only when it is: a start is waited for.
async function demoShop(): Promise<void> {
  const { loadDemoShop } = await import('@/demo/load-demo-shop');
  if (await loadDemoShop(new Date(), process.env.OYAKATA_DEMO === 'small')) console.log('Demo shop loaded');
}

async function remake(which: 'all' | 'outdated'): Promise<number> {
  const { rebuildSummaries } = await import('@/data/summaries');
  return rebuildSummaries(which, (work) => database().sequelize.transaction(work));
}

const holdsAny = async (from: string, ...values: unknown[]): Promise<boolean> =>
  (await rowsOf(`SELECT 1 FROM ${from} LIMIT 1`, values)).length > 0;

async function grant(): Promise<void> {
  const granted = await grantApplication(process.env.OYAKATA_APPLICATION_URL ?? '');
  if (granted.done) return;
  if (granted.why === 'one-user') {
    console.log(
      'One user for everything: give OYAKATA_DATABASE_OWNER_URL too, and the application may do less',
    );
    return;
  }
  console.log('The owner may not grant; let an administrator run this once:');
  granted.statements.forEach((statement) => console.log(`${statement};`));
}

const instructorName = () => process.env.OYAKATA_INSTRUCTOR || 'Instructor';

function tell(given: CodeGiven | null): void {
  if (given !== null)
    console.log(
      `One-time code of “${given.name}”, for 48 hours: ${showCode(given.code)} (sign-in page, “I have a one-time code”)`,
    );
}

/** Says what keeps people out, or lets the wrong ones in. */
async function doors(): Promise<void> {
  if ((process.env.OYAKATA_ORIGIN ?? '') !== '' && (await demoAccounts()).length > 0)
    throw new UnfitDatabase(
      'The demo shop’s passwords are known to everybody: it is not put on a network. Begin a book of your own: OYAKATA_DEMO=no with another OYAKATA_STATE.',
    );
  if (!(await anybodyCanSignIn()))
    console.log('Nobody has a password yet. An instructor gets a code by: ./oyakata account "NAME"');
}

async function account(): Promise<void> {
  const name = process.argv[3] ?? '';
  const given = await codesForInstructor(name);
  if (given.length === 0)
    throw new UnfitDatabase(
      `No instructor or helper is named “${name}”. Students get a slip in the class’s page.`,
    );
  given.forEach(tell);
}

async function summaries(): Promise<void> {
  const made = await remake('all');
  console.log(`Summaries of ${made} attempts made anew from their records`);
}

async function forgetPerson(): Promise<void> {
  const name = process.argv[3] ?? '';
  const { forget } = await import('@/data/forget');
  const forgotten = await forget(name);
  if (forgotten.length === 0) throw new UnfitDatabase(`There is nobody named “${name}”.`);
  for (const { texts } of forgotten)
    console.log(
      `“${name}” is now “${REMOVED}”; ${texts} ${texts === 1 ? 'text' : 'texts'} taken out; records and marks stay whole`,
    );
}

/** Lines of a backup: a table, its rows before it was made, and after. */
function countsOf(file: string): Counted {
  const lines = file === '' ? [] : readFileSync(file, 'utf8').split('\n');
  return new Map(
    lines.flatMap((line) => {
      const [, table = '', before, after] = /^(\w+) (\d+) (\d+)$/.exec(line) ?? [];
      return table === '' ? [] : [[table, { before: Number(before), after: Number(after) }]];
    }),
  );
}

/** Is the book that lies in another schema of a release that is known here? @throws UnfitDatabase */
async function lookAt(schema: string): Promise<void> {
  const own = process.env.OYAKATA_DATABASE_URL ?? '';
  process.env.OYAKATA_DATABASE_URL = own.replace(/[^/]*$/, schema);
  await pendingMigrations();
  await closeDatabase();
  process.env.OYAKATA_DATABASE_URL = own;
}

async function replace(): Promise<void> {
  const from = process.argv[3] ?? '';
  await lookAt(from);
  const { replaceBook } = await import('@/data/replace-book');
  const rows = await replaceBook(from, countsOf(process.argv[4] ?? ''));
  for (const [table, count] of rows) console.log(`${table} ${count} rows`);
}

const STEPS: Record<string, () => Promise<void>> = {
  pending,
  ready,
  up,
  account,
  summaries,
  forget: forgetPerson,
  replace,
};

try {
  await (STEPS[process.argv[2] ?? ''] ?? up)();
} catch (error) {
  const message = error instanceof Error ? error.message : String(error);
  console.log(error instanceof UnfitDatabase ? message : `The database refused: ${message}`);
  console.error(error);
  process.exitCode = 1;
}
await closeDatabase();
