import { execFileSync, spawn, type ChildProcessWithoutNullStreams } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demoSignIn } from './demo-sign-in';

/** What the shop has set does not count for an installation of its own: by the one list of settings. */
const NONE_OF_THE_SHOP = Object.fromEntries(
  readFileSync('scripts/lib/settings.list', 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('OYAKATA_'))
    .map((line) => line.split('|').map((part) => part.trim()))
    .filter(([, , , own]) => own === 'empty')
    .map(([name = '']) => [name, undefined]),
);

/** How a command ended and what it said. */
export interface Ended {
  code: number | null;
  said: string;
}

/** A command that was begun. */
type Begun = ChildProcessWithoutNullStreams & { ended: Promise<Ended> };

function begun(child: ChildProcessWithoutNullStreams): Begun {
  let said = '';
  child.stdout.on('data', (part: Buffer) => (said += part.toString()));
  child.stderr.on('data', (part: Buffer) => (said += part.toString()));
  const ended = new Promise<Ended>((resolve) => {
    child.on('error', (error) => resolve({ code: null, said: String(error) }));
    // "exit" and not "close": what the command has started may hold its output open.
    child.on('exit', (code) =>
      setTimeout(() => {
        child.stdout.destroy();
        child.stderr.destroy();
        resolve({ code, said });
      }, 50),
    );
  });
  return Object.assign(child, { ended });
}

const withHelpers = (line: string) =>
  `. scripts/lib/common.sh; . scripts/lib/secrets.sh; . scripts/lib/database.sh; . scripts/lib/packages.sh; . scripts/lib/backup.sh; OWNER_URL=mariadb://owner@127.0.0.1/oyakata; ${line}`;

/** For tests: an installation of its own, with a state folder whose path holds a space, and ports of its own. */
export class Machine {
  private constructor(
    readonly folder: string,
    readonly state: string,
    readonly port: number,
    readonly databasePort: number,
    readonly root: string,
  ) {}

  static async make(root = process.cwd(), state?: string): Promise<Machine> {
    const folder = mkdtempSync(join(tmpdir(), 'oyakata '));
    return new Machine(folder, state ?? join(folder, 'state'), await freePort(), await freePort(), root);
  }

  /** Further settings of this installation. */
  readonly settings: Record<string, string> = {};

  get env(): NodeJS.ProcessEnv {
    return {
      ...process.env,
      ...NONE_OF_THE_SHOP,
      ...this.settings,
      OYAKATA_STATE: this.state,
      OYAKATA_PORT: String(this.port),
      OYAKATA_DB_PORT: String(this.databasePort),
      OYAKATA_LOG_LEVEL: 'warn',
    };
  }

  /** Begins a command in a process group of its own, as a terminal does. */
  begin(...command: string[]): Begun {
    const options = { env: this.env, cwd: this.folder, detached: true };
    return begun(spawn(join(this.root, 'oyakata'), command, options));
  }

  run(...command: string[]): Promise<Ended> {
    return this.begin(...command).ended;
  }

  /** The process that runs a program on this state, or null. */
  pid(program: 'node' | 'mariadbd'): number | null {
    const argument = program === 'node' ? `--state=${this.state}` : `--datadir=${this.state}/mariadb`;
    const text = this.shell(`own_pid ${program} '${argument}' || true`).trim();
    return text === '' ? null : Number(text);
  }

  /** Runs a line with the helpers of scripts/lib. */
  shell(line: string): string {
    const { env, cwd } = this.#helpers;
    return execFileSync('bash', ['-c', withHelpers(line)], { env, cwd, encoding: 'utf8' });
  }

  /** Begins such a line, and does not wait for its end. */
  beginShell(line: string): Begun {
    return begun(spawn('bash', ['-c', withHelpers(line)], this.#helpers));
  }

  get #helpers() {
    return { env: { ...this.env, OYAKATA_ROOT: this.root }, cwd: this.root };
  }

  sql(text: string): string {
    return this.shell(`admin_sql oyakata -e "${text}"`).trim();
  }

  kill(program: 'node' | 'mariadbd'): void {
    const pid = this.pid(program);
    if (pid !== null) process.kill(pid, 'SIGKILL');
  }

  ask(path: string, init: RequestInit = {}): Promise<Response> {
    return fetch(`http://127.0.0.1:${this.port}${path}`, {
      redirect: 'manual',
      signal: AbortSignal.timeout(60_000),
      ...init,
    });
  }

  /** The cookie of somebody at work. */
  async workAs(personId: number): Promise<string> {
    const [classCode = '', signInName = ''] = this.sql(
      `SELECT k.code, COALESCE(c.sign_in_name, '') FROM credentials c JOIN memberships m ON m.person_id = c.person_id
        JOIN classes k ON k.id = m.class_id WHERE c.person_id = ${personId} LIMIT 1`,
    ).split('\t');
    const { path, body } = demoSignIn({
      id: personId,
      signInName: signInName === '' ? null : signInName,
      classCode,
    });
    const response = await this.ask(path, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (response.status !== 200) throw new Error(`session: ${response.status} ${await response.text()}`);
    return response.headers.getSetCookie()[0]?.split(';')[0] ?? '';
  }

  /** The grant of a student's bench, and the cookie of the browser in which it is good. */
  async grantOf(studentId: number, device: string): Promise<{ token: string; bound: string }> {
    const response = await this.ask('/api/outbox/grant', {
      method: 'POST',
      headers: { 'content-type': 'application/json', cookie: await this.workAs(studentId) },
      body: JSON.stringify({ device }),
    });
    if (response.status !== 201) throw new Error(`grant: ${response.status} ${await response.text()}`);
    const { token } = (await response.json()) as { token: string };
    return { token, bound: response.headers.getSetCookie()[0]?.split(';')[0] ?? '' };
  }

  /** What is right after a start: well, and the demo shop whole. */
  async look(): Promise<{ health: unknown; people: number; entries: number; servers: number }> {
    const count = (table: string) => Number(this.sql(`SELECT COUNT(*) FROM ${table}`));
    const health = (await (await this.ask('/api/health')).json()) as unknown;
    const processes = this.shell(
      `for f in $(grep -lzxF -- '--state=${this.state}' /proc/[0-9]*/cmdline 2>/dev/null || true); do
         readlink "\${f%cmdline}exe" 2>/dev/null || true; done | grep -c '/node$' || true`,
    );
    return { health, people: count('people'), entries: count('entries'), servers: Number(processes) };
  }

  #removed = false;

  async remove(): Promise<void> {
    if (this.#removed) return;
    this.#removed = true;
    await this.run('stop').catch(() => undefined);
    this.kill('node');
    this.kill('mariadbd');
    rmSync(this.folder, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 });
  }
}

/**
 * Below those that the system gives to connections: one of them would be taken while its server is down. Two workers of
 * the tests have a range each: a port that was found free is taken only when its server has started.
 */
let nextPort = 20_000 + Number(process.env.JEST_WORKER_ID ?? '0') * 2000 + (process.pid % 100) * 10;

async function freePort(): Promise<number> {
  for (;;) {
    const port = (nextPort += 1);
    const server = createServer();
    const free = await new Promise<boolean>((resolve) => {
      server.once('error', () => resolve(false));
      server.listen(port, '127.0.0.1', () => resolve(true));
    });
    if (!free) continue;
    await new Promise((resolve) => server.close(resolve));
    return port;
  }
}

export const WELL = { status: 'ok', database: 'ok', disk: 'ok' };
export const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Waits for what a busy machine does later than others; a minute, and it has failed. */
export async function until(right: () => boolean): Promise<void> {
  const end = Date.now() + 60_000;
  while (!right()) {
    if (Date.now() > end) throw new Error(`It has not come: ${right.toString()}`);
    await pause(50);
  }
}
