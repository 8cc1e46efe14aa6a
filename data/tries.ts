import 'server-only';
import { subDays } from 'date-fns/subDays';
import { refuse } from './outcome';
import { change, insertRow, rowOf, rowsOf } from './query';
import { hashOf } from './secrets';

/** Wrong tries count for so long; a right one makes the own wrong ones before it good. */
const WINDOW_DAYS = 7;

/** How many wrong tries are free, how long the next one has to wait then, and at most. Each wait is twice the one before. */
interface Pace {
  free: number;
  first: number;
  most: number;
}
const MINUTE = 60_000;

/**
 * What is tried. A PIN of four figures bears some 97 tries a week from browsers that its student has never used: a chance
 * of one in a hundred a week, and of the instructor's being told at the fifth. All that is told apart is slowed apart: nobody's
 * tries keep a browser out that has signed in before, and those at benches keep no instructor out.
 */
const PACES = {
  /** One person's password or PIN, from one known browser, or from all strangers together. */
  secret: { free: 5, first: 15_000, most: 120 * MINUTE },
  /** All PINs of a class, by strangers. */
  class: { free: 40, first: 30_000, most: 60 * MINUTE },
  /** Codes of classes and slips, from one browser, or of strangers from one address. */
  code: { free: 20, first: 5000, most: MINUTE },
  /** Everything that strangers try from one address, which may be a whole school. */
  address: { free: 60, first: 5000, most: 10_000 },
} as const satisfies Record<string, Pace>;

/** Something at which somebody tries. */
export interface TriedAt {
  what: keyof typeof PACES;
  /** The person with the browser, the class, the address. */
  which: string;
  /** Whose secret it is, so that it can be said. */
  personId?: number;
  /** Tried by a browser that has not signed in as that person before. */
  stranger?: boolean;
}

const keyOf = ({ what, which }: TriedAt) => hashOf(`${what} ${which.toLowerCase()}`);

/** How long after the last of so many wrong tries the next one may come. */
export function waitAfter(what: TriedAt['what'], wrong: number): number {
  const { free, first, most } = PACES[what];
  return wrong < free ? 0 : Math.min(most, first * 2 ** Math.min(wrong - free, 30));
}

/**
 * Tries something that may be wrong. Each try is written down before it is looked at, so that a hundred at one moment
 * are a hundred; where one comes too soon after those before it, it is refused unseen and does not count.
 * @param look what is tried; null: it was wrong
 */
export async function tryAt<T>(
  tried: readonly TriedAt[],
  otherwise: string,
  look: () => Promise<T | null>,
): Promise<T | null> {
  const since = subDays(new Date(), WINDOW_DAYS);
  const noted: number[] = [];
  let waits = 0;
  for (const each of tried) {
    const now = new Date();
    const id = await insertRow(
      'INSERT INTO failed_tries (at_what, tried_at, person_id, stranger) VALUES (?, ?, ?, ?)',
      [keyOf(each), now, each.personId ?? null, each.stranger === true ? 1 : 0],
    );
    noted.push(id);
    const before = await rowOf<{ count: number; last: Date | null }>(
      'SELECT COUNT(*) AS count, MAX(tried_at) AS last FROM failed_tries WHERE at_what = ? AND tried_at > ? AND id < ?',
      [keyOf(each), since, id],
    );
    const wait = before === null ? 0 : waitAfter(each.what, before.count);
    // Of tries at one moment the one before may bear a later time: that alone is no wait.
    if (before?.last == null || wait === 0) continue;
    waits = Math.max(waits, before.last.getTime() + wait - now.getTime());
  }
  const forget = () =>
    change(`DELETE FROM failed_tries WHERE id IN (${noted.map(() => '?').join(', ')})`, noted);
  if (waits > 0) {
    await forget();
    return refuse(
      'too-often',
      `Wrong too often. The next try is possible in ${inWords(waits)}. ${otherwise}`.trim(),
      null,
      'too-often',
      {
        seconds: Math.ceil(waits / 1000),
      },
    );
  }
  const found = await look().catch(async (error: unknown) => {
    // What was tried was right, and something else is not: a PIN that is too plain, a database that is away.
    await forget().catch(() => undefined);
    throw error;
  });
  if (found === null) {
    await change('DELETE FROM failed_tries WHERE tried_at < ? LIMIT 200', [since]);
    return null;
  }
  await forget();
  const [own] = tried;
  if (own?.what === 'secret') await change('DELETE FROM failed_tries WHERE at_what = ?', [keyOf(own)]);
  return found;
}

function inWords(ms: number): string {
  const seconds = Math.ceil(ms / 1000);
  if (seconds < 90) return seconds === 1 ? 'a second' : `${seconds} seconds`;
  return `${Math.ceil(seconds / 60)} minutes`;
}

/** A person's secret is another one: the tries at the one before say nothing any more. */
export function forgetTriesOf(personId: number): Promise<void> {
  return change('DELETE FROM failed_tries WHERE person_id = ?', [personId]);
}

/** From so many on an instructor is told. */
const TOLD_FROM = 5;

/** Wrong tries at the secrets of people, from browsers that are not theirs. */
export async function strangersTries(
  personIds: readonly number[],
): Promise<{ personId: number; count: number; since: string }[]> {
  if (personIds.length === 0) return [];
  const rows = await rowsOf<{ personId: number; count: number; since: Date }>(
    `SELECT person_id AS personId, COUNT(*) AS count, MIN(tried_at) AS since FROM failed_tries
      WHERE stranger = 1 AND tried_at > ? AND person_id IN (${personIds.map(() => '?').join(', ')})
      GROUP BY person_id HAVING COUNT(*) >= ${TOLD_FROM}`,
    [subDays(new Date(), WINDOW_DAYS), ...personIds],
  );
  return rows.map(({ personId, count, since }) => ({ personId, count, since: since.toISOString() }));
}

/** Whether somebody has signed in from a browser before; of nobody in particular: whether anybody has. */
export async function isKnownBrowser(browser: string, personId?: number): Promise<boolean> {
  if (browser === '') return false;
  const row = await rowOf(
    `SELECT person_id AS id FROM known_browsers WHERE browser_hash = ? ${personId === undefined ? '' : 'AND person_id = ?'} LIMIT 1`,
    personId === undefined ? [hashOf(browser)] : [hashOf(browser), personId],
  );
  return row !== null;
}

export function noteKnownBrowser(browser: string, personId: number): Promise<void> {
  return change('INSERT IGNORE INTO known_browsers (browser_hash, person_id, known_at) VALUES (?, ?, ?)', [
    hashOf(browser),
    personId,
    new Date(),
  ]);
}
