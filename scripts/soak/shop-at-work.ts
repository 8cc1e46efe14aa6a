import { randomUUID } from 'node:crypto';
import { EMPTY_PLAN_FORM, withLeaf } from '../../core/exercise/plan/draft';
import { sendRaw, type RawAnswer } from '../../e2e/hostile/raw-request';
import { noteBody } from '../test/note-body';
import { pause, type Machine } from '../test/machine';

const BENCHES = 30;
/** A hand needs its time between two entries. */
const EVERY_MS = 2000;
/** Whoever waits longer looks whether something is wrong. */
const SOON_MS = 2000;

/** A bench with its student, who records. */
export interface Bench {
  personId: number;
  attemptId: number;
  device: string;
  token: string;
  cookie: string;
  sequence: number;
}

/** How entries of a while fared. */
export interface Fared {
  sent: number;
  soon: number;
  longestMs: number;
}

/** A class of thirty at thirty benches, one more who means ill, the floor and the class page open beside: what an attack must not disturb. */
export class ShopAtWork {
  private constructor(
    readonly machine: Machine,
    readonly benches: readonly Bench[],
    readonly instructor: string,
    /** Further browsers of the last bench's student. */
    readonly more: readonly Pick<Bench, 'device' | 'token' | 'cookie'>[],
  ) {}

  static async open(machine: Machine): Promise<ShopAtWork> {
    const instructor = await machine.workAs(1);
    const post = async <T>(path: string, body: object, cookie = instructor): Promise<T> => {
      const response = await machine.ask(path, {
        method: 'POST',
        headers: { cookie, 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
      if (!response.ok) throw new Error(`${path}: ${response.status} ${await response.text()}`);
      return (await response.json()) as T;
    };
    const names = Array.from(
      { length: BENCHES + 1 },
      (_, index) => `Bench ${index + 1} ${randomUUID().slice(0, 4)}`,
    );
    await post('/api/classes/1/members', { names, role: 'student' });
    const list = names.map((name) => `'${name}'`).join(', ');
    const ids = machine
      .sql(`SELECT id FROM people WHERE name IN (${list}) ORDER BY id`)
      .split('\n')
      .map(Number);
    const { slips } = await post<{ slips: { personId: number; code: string }[] }>('/api/classes/1/slips', {
      personIds: ids,
    });
    const classCode = machine.sql('SELECT code FROM classes WHERE id = 1');
    const lathe = Number(machine.sql("SELECT MIN(id) FROM shop_items WHERE kind = 'lathe'"));
    const { id } = await post<{ id: number }>('/api/exercises', {});
    const form = withLeaf({ ...EMPTY_PLAN_FORM, title: 'Under attack' }, 'thread.designation', 'M16x2-6g');
    const { attempts } = await post<{ attempts: { id: number; studentId?: number }[] }>(
      `/api/exercises/${id}/hand-out`,
      { form, draftVersion: 0, studentIds: ids, latheIds: [lathe] },
    );
    if (attempts.length !== names.length) throw new Error(`${attempts.length} attempts were made.`);
    const benches: Bench[] = [];
    for (const { personId, code } of slips) {
      const signedIn = await machine.ask('/api/session/secret', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ code, secret: '2580', student: { classCode, personId } }),
      });
      if (signedIn.status !== 200) throw new Error(`PIN: ${signedIn.status} ${await signedIn.text()}`);
      const session = cookiesOf(signedIn);
      const attemptId = Number(
        machine.sql(
          `SELECT attempt_id FROM attempt_summaries WHERE exercise_id = ${id} AND student_id = ${personId}`,
        ),
      );
      benches.push({ personId, attemptId, ...(await grantedAt(machine, session)), sequence: 0 });
    }
    const session = sessionOf(benches.at(-1)?.cookie ?? '');
    const more = await Promise.all(Array.from({ length: 6 }, () => grantedAt(machine, session)));
    return new ShopAtWork(machine, benches, instructor, more);
  }

  /**
   * The class works for so long: each bench sends what it records, again until it is taken, and the class page is looked
   * at. An entry is soon when it was taken within two seconds of being made.
   */
  async work(forMs: number): Promise<Fared> {
    const end = Date.now() + forMs;
    const fared: Fared = { sent: 0, soon: 0, longestMs: 0 };
    const page = (async () => {
      while (Date.now() < end) {
        await this.ask('GET', '/', this.instructor).catch(() => null);
        await pause(3000);
      }
    })();
    await Promise.all([
      page,
      ...this.benches.slice(0, BENCHES).map((bench) => this.#record(bench, end, fared)),
    ]);
    return fared;
  }

  async #record(bench: Bench, end: number, fared: Fared): Promise<void> {
    await pause(Math.random() * EVERY_MS);
    while (Date.now() < end) {
      bench.sequence += 1;
      const made = performance.now();
      const entry = {
        ...(JSON.parse(noteBody(randomUUID(), `note ${bench.sequence}`)) as object),
        attemptId: bench.attemptId,
        device: bench.device,
        sequence: bench.sequence,
      };
      for (let tries = 1; ; tries += 1) {
        const why = await this.#notTaken(bench, entry);
        if (why === null) break;
        if (tries === 40) throw new Error(`An entry was never taken: ${why}`);
        await pause(Math.min(2000, 250 * tries) * (0.5 + Math.random()));
      }
      const ms = performance.now() - made;
      fared.sent += 1;
      fared.longestMs = Math.max(fared.longestMs, ms);
      if (ms <= SOON_MS) fared.soon += 1;
      await pause(EVERY_MS * (0.5 + Math.random()));
    }
  }

  /** Why an entry was not taken; null when it was. */
  async #notTaken({ token, cookie }: Bench, entry: object): Promise<string | null> {
    const body = JSON.stringify({ entries: [entry] });
    try {
      const more = { authorization: `Bearer ${token}` };
      const { status, text } = await this.ask('POST', '/api/outbox', cookie, body, more);
      return status === 200 && text.includes('"taken"') ? null : `${status} ${text.slice(0, 300)}`;
    } catch (error) {
      return String(error);
    }
  }

  ask(
    method: string,
    path: string,
    cookie: string,
    body: string | null = null,
    more: Record<string, string> = {},
  ): Promise<RawAnswer> {
    const headers = {
      host: `127.0.0.1:${this.machine.port}`,
      cookie,
      'content-type': 'application/json',
      ...more,
    };
    return sendRaw(this.machine.port, { method, path, headers, body });
  }
}

/** A grant for whoever has this session, in a browser of its own. */
async function grantedAt(
  machine: Machine,
  session: string,
): Promise<Pick<Bench, 'device' | 'token' | 'cookie'>> {
  const device = randomUUID();
  const granted = await machine.ask('/api/outbox/grant', {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie: session },
    body: JSON.stringify({ device }),
  });
  if (granted.status !== 201) throw new Error(`grant: ${granted.status} ${await granted.text()}`);
  const { token } = (await granted.json()) as { token: string };
  return { device, token, cookie: `${sessionOf(session)}; ${cookiesOf(granted)}` };
}

/** The session's cookie alone, without the browser's. */
const sessionOf = (cookies: string) =>
  cookies
    .split('; ')
    .filter((each) => !each.includes('oyakata-bench-'))
    .join('; ');

function cookiesOf(response: Response): string {
  return response.headers
    .getSetCookie()
    .map((each) => each.split(';')[0])
    .join('; ');
}
