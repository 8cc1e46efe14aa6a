import { Admission, type Share } from './admission';

/** What is recorded, everything else that is worked on, and files: each has places of its own. */
export type RoomName = 'entries' | 'pages' | 'files';

/** What is sent from the bench and the record: it must go on when all else is busy. */
const ENTRIES = /^\/api\/(outbox(\/standing)?|attempts\/[^/]+\/entries)$/;

export function roomOf(method: string, path: string, isFile: (path: string) => boolean): RoomName {
  if (method === 'POST' && ENTRIES.test(path)) return 'entries';
  return isFile(path) ? 'files' : 'pages';
}

/** An address may be a whole class that nobody has recognised yet: right after a start, or on its first day. */
const share =
  (person: Share, address: Share) =>
  (asker: string): Share =>
    asker.startsWith('person ') ? person : address;

/**
 * The places of the application. One core works on them; each request waits a little for the database. More at once gain
 * nothing, and make every turn of the event loop longer, by which all others learn later whether there is room (found by
 * `./oyakata soak`). So many may wait as the slowest records let through in a second and a half: a class of forty that
 * opens a page.
 *
 * @param mostInside how many are worked on at once, entries and pages together
 */
export function roomsFor(mostInside: number): Record<RoomName, Admission> {
  const entries = Math.max(1, Math.ceil((mostInside * 2) / 3));
  const pages = Math.max(1, mostInside - entries + 1);
  const half = (most: number) => Math.max(1, Math.ceil(most / 2));
  const recorded = new Admission({
    mostInside: entries,
    mostWaiting: 60,
    longestWaitMs: 2000,
    share: share({ inside: half(entries), waiting: 8 }, { inside: half(entries), waiting: 40 }),
  });
  return {
    entries: recorded,
    pages: new Admission({
      mostInside: pages,
      mostWaiting: 48,
      longestWaitMs: 2000,
      // A page is drawn in one go, in which no entry gets on: while entries wait, each has one page at a time.
      share: (asker) => {
        const inside = recorded.pressed ? 1 : half(pages);
        return share({ inside, waiting: 8 }, { inside, waiting: 40 })(asker);
      },
    }),
    // A page has some twenty files, and a browser asks for six at once.
    files: new Admission({
      mostInside: 16,
      mostWaiting: 200,
      longestWaitMs: 5000,
      share: share({ inside: 6, waiting: 40 }, { inside: 8, waiting: 150 }),
    }),
  };
}
