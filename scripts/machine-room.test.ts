import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import {
  appendFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { sendRaw } from '../e2e/hostile/raw-request';
import { noteBody } from './test/note-body';
import { Machine, pause, until, WELL } from './test/machine';

/** `./oyakata start`, `stop`, `backup` and `restore` through cuts, kills, stale files, full disks and two at once. */
jest.setTimeout(1_200_000);

const machines: Machine[] = [];
async function machine(state?: string): Promise<Machine> {
  const made = await Machine.make(process.cwd(), state);
  made.settings.OYAKATA_DEMO = 'small';
  machines.push(made);
  return made;
}
afterEach(async () => {
  await Promise.all(machines.splice(0).map((each) => each.remove()));
});

/** What a whole demo shop holds. */
let whole: { people: number; entries: number } = { people: 0, entries: 0 };

test('a first start, in a folder whose path holds a space; a second one finds it running', async () => {
  const own = await machine();
  expect(await own.run('start')).toMatchObject({
    code: 0,
    said: expect.stringContaining(`Oyakata is at http://127.0.0.1:${own.port}`) as string,
  });
  const { health, people, entries, servers } = await own.look();
  expect({ health, servers }).toEqual({ health: WELL, servers: 1 });
  expect(people).toBeGreaterThan(10);
  whole = { people, entries };
  expect((await own.run('start')).said).toContain('runs already');
  // Its passwords are known: it does not come to the network.
  own.settings.OYAKATA_ORIGIN = 'https://threads.school.example';
  expect((await own.run('start')).said).toContain('passwords are known to everybody');
  const relative = await machine();
  const said = execFileSync(join(process.cwd(), 'oyakata'), ['start'], {
    env: { ...relative.env, OYAKATA_STATE: './a state' },
    cwd: relative.folder,
    encoding: 'utf8',
  });
  expect(said).toContain('Oyakata is at');
  expect(readdirSync(join(relative.folder, 'a state'))).toContain('secrets.env');
  execFileSync(join(process.cwd(), 'oyakata'), ['stop'], {
    env: { ...relative.env, OYAKATA_STATE: './a state' },
    cwd: relative.folder,
  });
});

test('on a network it answers over TLS only, without the demo shop, and the first instructor chooses a password', async () => {
  const own = await machine();
  const host = 'threads.school.example';
  for (const [setting, says] of [
    [{ OYAKATA_LISTEN: '0.0.0.0' }, 'only behind a proxy with TLS'],
    [{ OYAKATA_ORIGIN: `http://${host}` }, 'no address over TLS'],
  ] as const) {
    Object.assign(own.settings, setting);
    const { code, said } = await own.run('start');
    expect({ code, said }).toEqual({ code: 1, said: expect.stringContaining(says) as string });
    for (const name of Object.keys(setting)) delete own.settings[name];
  }
  Object.assign(own.settings, {
    OYAKATA_ORIGIN: `https://${host}`,
    OYAKATA_LISTEN: '0.0.0.0',
    OYAKATA_DEMO: 'no',
  });
  const { code, said } = await own.run('start');
  expect({ code, said }).toMatchObject({ code: 0 });
  const given = /for 48 hours: ([A-Z0-9]{4} [A-Z0-9]{4})/.exec(said)?.[1] ?? '';
  const secret = { code: given, secret: 'paper, board and cloth' };
  const choose = (over: 'http' | 'https') =>
    sendRaw(own.port, {
      method: 'POST',
      path: '/api/session/secret',
      headers: {
        host,
        'x-forwarded-proto': over,
        'content-type': 'application/json',
        origin: `https://${host}`,
      },
      body: JSON.stringify(secret),
    });
  expect((await choose('http')).status).toBe(403);
  const { status, headers } = await choose('https');
  expect(status).toBe(200);
  expect(headers['strict-transport-security']).toContain('max-age');
  expect(String(headers['set-cookie'])).toMatch(/^__Host-oyakata-[0-9a-f]{12}=.*HttpOnly/i);
  expect(String(headers['set-cookie'])).toMatch(/; Secure/);
  // Another code for who has forgotten; nobody else gets one.
  expect((await own.run('account', 'Instructor')).said).toMatch(/One-time code of “Instructor”/);
  expect(await own.run('account', 'Nobody')).toMatchObject({ code: 1 });
});

/** How far a first start has come, in its order, and what then lies in its state. */
const STAGES = [
  ['it begins', 'log'],
  ['the directory of the database is being made', 'mariadb.making/ibdata1'],
  ['the directory is in its place', 'mariadb/mysql'],
  ['the database answers', 'mariadb.pid'],
  ['our schema is there', 'mariadb/oyakata'],
  ['the first tables are there', 'mariadb/oyakata/people.ibd'],
  ['the late tables are there', 'mariadb/oyakata/device_grants.ibd'],
  ['the application begins', 'log/boot.log'],
] as const;

test('a first start that is cut at any of its stages is made good by the next', async () => {
  const cut = async (index: number): Promise<void> => {
    const [stage, file] = STAGES[index]!;
    const own = await machine();
    const start = own.begin('start');
    // A process of its own cuts: this one waits for others meanwhile. Into the stage, not always at its very beginning.
    const cutter = spawn('bash', [
      '-c',
      'until [ -e "$1" ]; do sleep 0.02; done; sleep "$2"; kill -KILL -- "-$3"',
      'cut',
      join(own.state, file),
      String(0.06 * (index % 4)),
      String(start.pid),
    ]);
    await start.ended;
    cutter.kill();
    expect({ stage, endedBy: start.signalCode }).toEqual({ stage, endedBy: 'SIGKILL' });
    // Half of them as a power cut, which takes what was started with it.
    if (index % 2 === 0) (['node', 'mariadbd'] as const).forEach((program) => own.kill(program));
    const { code, said } = await own.run('start');
    if (code !== 0) throw new Error(`Cut when ${stage}, the next start fails: ${said}`);
    expect({ stage, ...(await own.look()) }).toEqual({ stage, health: WELL, ...whole, servers: 1 });
    await own.remove();
  };
  const left = [...STAGES.keys()];
  const worker = async () => {
    for (let index = left.shift(); index !== undefined; index = left.shift()) await cut(index);
  };
  await Promise.all([worker(), worker(), worker()]);
});

test('two starts at one moment: the second waits and says for what, one server runs', async () => {
  const own = await machine();
  const [one, two] = await Promise.all([own.run('start'), own.run('start')]);
  expect([one.code, two.code]).toEqual([0, 0]);
  expect(one.said + two.said).toMatch(/Another \.\/oyakata is at work here \(.+\): waiting for it/);
  expect(one.said + two.said).toContain('runs already');
  expect(await own.look()).toEqual({ health: WELL, ...whole, servers: 1 });
});

test('files with numbers in them kill nobody; a dead server is no server, nor is a zombie', async () => {
  const own = await machine();
  expect((await own.run('start')).code).toBe(0);
  const foreign = spawn('sleep', ['600']);
  for (const file of ['app.pid', 'mariadb.pid']) writeFileSync(join(own.state, file), String(foreign.pid));
  own.kill('node');
  await until(() => own.pid('node') === null);
  expect((await own.run('start')).code).toBe(0);
  expect(await own.look()).toMatchObject({ health: WELL, servers: 1 });
  for (const file of ['app.pid', 'mariadb.pid']) writeFileSync(join(own.state, file), String(foreign.pid));
  expect((await own.run('stop')).code).toBe(0);
  expect([own.pid('node'), own.pid('mariadbd')]).toEqual([null, null]);
  expect(foreign.exitCode).toBeNull();
  expect(() => process.kill(foreign.pid ?? 0, 0)).not.toThrow();
  foreign.kill('SIGKILL');

  const zombie = spawn('perl', [
    '-e',
    `$| = 1; my $child = fork // die; exec "node", "-e", "0", "--", "--state=${own.state}" unless $child; print $child; sleep 30`,
  ]);
  const child = await new Promise<string>((resolve) => zombie.stdout.once('data', resolve));
  await until(() => readFileSync(`/proc/${child}/stat`, 'utf8').includes(') Z '));
  expect(own.pid('node')).toBeNull();
  zombie.kill('SIGKILL');
  // A program of that name with that argument is ours only under its real name.
  const namesake = spawn('perl', ['-e', 'sleep 30', '--', `--state=${own.state}`], { argv0: 'node' });
  await until(() => readFileSync(`/proc/${namesake.pid}/cmdline`, 'utf8').startsWith('node\0'));
  expect(own.pid('node')).toBeNull();
  namesake.kill('SIGKILL');
});

test('what can not be is said at its setting, and nothing is touched', async () => {
  const own = await machine();
  for (const [name, value] of [
    ['OYAKATA_PORT', 'abc'],
    ['OYAKATA_PORT', '70000'],
    ['OYAKATA_PORT', '0'],
    ['OYAKATA_DB_PORT', '33x'],
    ['OYAKATA_MOST_AT_ONCE', '-1'],
  ] as const) {
    const ended = spawnSync(join(process.cwd(), 'oyakata'), ['start'], {
      env: { ...own.env, [name]: value },
      encoding: 'utf8',
    });
    expect([name, value, ended.status]).toEqual([name, value, 1]);
    expect(ended.stderr).toContain(`${name} is “${value}”, which is no number from 1 to 65535.`);
  }
  expect(readdirSync(own.folder)).toEqual([]);
});

test('empty secrets, a half-made database directory and grown logs, as an earlier release left them, are made good', async () => {
  const own = await machine();
  mkdirSync(join(own.state, 'mariadb', 'mysql'), { recursive: true });
  writeFileSync(join(own.state, 'secrets.env'), '');
  mkdirSync(join(own.state, 'log'));
  const logs = ['mariadb.log', 'app.log'].map((file) => join(own.state, 'log', file));
  for (const log of logs) appendFileSync(log, 'y'.repeat(6_000_000));
  const started = await own.run('start');
  expect(started).toMatchObject({ code: 0 });
  expect(started.said).toContain('never finished: making it again');
  expect(readFileSync(join(own.state, 'secrets.env'), 'utf8')).toMatch(
    /^DB_PASSWORD=[0-9a-f]{48}\nOWNER_PASSWORD=[0-9a-f]{48}\nINSTANCE=[0-9a-f]{48}\n$/,
  );
  expect(await own.look()).toEqual({ health: WELL, ...whole, servers: 1 });
  for (const log of logs) {
    expect(statSync(`${log}.1`).size).toBe(6_000_000);
    expect(statSync(log, { throwIfNoEntry: false })?.size ?? 0).toBeLessThan(100_000);
  }
});

test('a backup made while it is written to is consistent, and a restore proves itself', async () => {
  const own = await machine();
  expect((await own.run('start')).code).toBe(0);
  const cookie = await own.workAs(1);
  const attempt = Number(own.sql('SELECT MAX(id) FROM attempts'));
  const note = (text: string) =>
    own.ask(`/api/attempts/${attempt}/entries`, {
      method: 'POST',
      headers: { cookie, 'content-type': 'application/json' },
      body: noteBody(randomUUID(), text),
    });
  let writing = true;
  let written = 0;
  const writer = (async () => {
    while (writing) {
      expect((await note(`entry ${written}`)).status).toBe(201);
      written += 1;
    }
  })();
  await pause(300);
  const file = join(own.folder, 'a backup.tar.gz');
  const made = await own.run('backup', './a backup.tar.gz');
  writing = false;
  await writer;
  expect(made).toMatchObject({ code: 0, said: expect.stringContaining('a backup.tar.gz') as string });
  expect(written).toBeGreaterThan(3);

  for (let more = 0; more < 5; more += 1) await note('after the backup');
  const before = Number(own.sql('SELECT COUNT(*) FROM entries'));
  const damaged = join(own.folder, 'damaged.tar.gz');
  const bytes = readFileSync(file);
  writeFileSync(damaged, bytes.subarray(0, bytes.length - 2000));
  for (const bad of [damaged, join(own.folder, 'absent.tar.gz')]) {
    const refused = await own.run('restore', bad);
    expect(refused.code).toBe(1);
    expect(refused.said).toContain(bad);
  }
  expect(Number(own.sql('SELECT COUNT(*) FROM entries'))).toBe(before);
  expect((await own.ask('/api/health')).status).toBe(200);

  const restored = await own.run('restore', file);
  expect(restored).toMatchObject({ code: 0 });
  const kept = Number(/entries (\d+) rows/.exec(restored.said)?.[1]);
  expect(kept).toBeGreaterThanOrEqual(whole.entries);
  expect(kept).toBeLessThanOrEqual(whole.entries + written);
  expect(Number(own.sql("SELECT COUNT(*) FROM entries WHERE content LIKE '%after the backup%'"))).toBe(0);
  // Every entry before the moment of the backup, and none behind it: no hole.
  const numbers =
    own.sql("SELECT content FROM entries WHERE content LIKE '%entry %' ORDER BY seq").match(/entry \d+/g) ??
    [];
  expect(numbers).toEqual(numbers.map((_, index) => `entry ${index}`));
  expect((await own.run('start')).code).toBe(0);
  expect(await own.look()).toMatchObject({ health: WELL, people: whole.people, entries: kept });
  expect(
    readdirSync(join(own.state, 'backups')).filter((name) => name.includes('before-restore')),
  ).toHaveLength(1);

  // A backup of a later release is refused by name.
  own.sql("INSERT INTO migrations VALUES ('0042-later')");
  const later = join(own.folder, 'later.tar.gz');
  expect((await own.run('backup', later)).code).toBe(0);
  own.sql("DELETE FROM migrations WHERE name = '0042-later'");
  const refused = await own.run('restore', later);
  expect(refused.code).toBe(1);
  expect(refused.said).toContain('newer than this release: it holds “0042-later”');
  expect((await own.ask('/api/health')).status).toBe(200);

  // So is a book of version 1, of before plans were handed out with their sheets: with the release that lifts it.
  const first = backupOf(
    own,
    `CREATE TABLE migrations (name VARCHAR(255) PRIMARY KEY); INSERT INTO migrations VALUES ('0001-first-tables');
     CREATE TABLE exercises (id INT PRIMARY KEY); CREATE TABLE revisions (id INT PRIMARY KEY, exercise_id INT);
     INSERT INTO exercises VALUES (1); INSERT INTO revisions VALUES (1, 1);`,
  );
  const old = await own.run('restore', first);
  expect(old.code).toBe(1);
  expect(old.said).toContain('Start it once with release 0.1');
  expect((await own.ask('/api/health')).status).toBe(200);
  own.kill('node');
  own.sql("INSERT INTO migrations VALUES ('0042-later')");
  expect((await own.run('start')).said).toContain('newer than this release: it holds “0042-later”');
});

test('a backup is data: nothing in it is run, and what is no book of a release changes nothing', async () => {
  const own = await machine();
  expect((await own.run('start')).code).toBe(0);
  const seen = watchArguments(own);
  const trace = join(own.folder, 'run by a backup');
  const users = () => own.sql('SELECT COUNT(*) FROM mysql.user');
  const dump = own.shell('as_owner mariadb-dump --skip-dump-date "$(database_name)"');
  const before = { people: own.sql('SELECT COUNT(*) FROM people'), users: users() };
  const entries = dump.indexOf('DROP TABLE IF EXISTS `entries`');
  const bad: Record<string, string> = {
    'a command of the client': `\\! touch '${trace}'\nsystem touch '${trace}'\n${dump}`,
    'a file of this machine': `source /etc/hostname\n${dump}`,
    'an account': `CREATE USER 'intruder'@'localhost' IDENTIFIED BY 'x';\nGRANT ALL ON *.* TO 'intruder'@'localhost';\n${dump}`,
    'another schema': `USE oyakata;\nDROP TABLE IF EXISTS bench_devices;\n${dump}`,
    'a file to be written': `SELECT 1 INTO OUTFILE '${trace}';\n${dump}`,
    'no tables': '-- Dump completed\n',
    'a table less': dump.slice(0, entries) + dump.slice(dump.indexOf('DROP TABLE', entries + 20)),
    'a table more': `${dump}\nCREATE TABLE more (id INT);\n`,
    'migrations that nobody made': `${dump}\nDELETE FROM migrations WHERE name LIKE '0004%';\n`,
  };
  for (const [what, sql] of Object.entries(bad)) {
    const refused = await own.run('restore', backupOf(own, sql));
    expect([what, refused.code]).toEqual([what, 1]);
    expect(refused.said).toMatch(/[Nn]othing was changed/);
    expect(existsSync(trace)).toBe(false);
    expect({ people: own.sql('SELECT COUNT(*) FROM people'), users: users() }).toEqual(before);
    expect(own.sql('SELECT COUNT(*) FROM bench_devices')).toBe('0');
  }
  expect(own.sql("SHOW DATABASES LIKE 'oyakata%'")).toBe('oyakata');
  expect(readdirSync(own.state).filter((name) => name.includes('.making.'))).toEqual([]);
  expect((await own.ask('/api/health')).status).toBe(200);

  // What a trigger of a backup would do, it does not do here: rows alone are taken over.
  const trigger = `CREATE TRIGGER planted BEFORE INSERT ON entries FOR EACH ROW SET NEW.late = 1;\n`;
  expect(await own.run('restore', backupOf(own, `${dump}\n${trigger}`))).toMatchObject({ code: 0 });
  expect(own.sql("SELECT COUNT(*) FROM information_schema.triggers WHERE trigger_name = 'planted'")).toBe(
    '0',
  );
  expect(
    own.sql("SELECT COUNT(*) FROM information_schema.triggers WHERE trigger_schema = 'oyakata'"),
  ).not.toBe('0');
  expect((await own.run('start')).code).toBe(0);
  expect(await own.look()).toMatchObject({ health: WELL, people: Number(before.people) });
  expect(seen.stop()).toEqual([]);
});

test('a restore ends sessions, grants and codes, and one that was cut off is finished, or replaced by another', async () => {
  const own = await machine();
  expect(await own.run('start')).toMatchObject({ code: 0 });
  const { people } = await own.look();
  const student = Number(own.sql("SELECT MIN(person_id) FROM credentials WHERE kind = 'pin'"));
  const cookie = await own.workAs(1);
  await own.grantOf(student, randomUUID());
  const file = join(own.folder, 'book.tar.gz');
  expect(await own.run('backup', file)).toMatchObject({ code: 0 });
  expect(execFileSync('tar', ['-tzf', file], { encoding: 'utf8' })).not.toContain('secrets');
  expect(await own.run('restore', file)).toMatchObject({ code: 0 });
  for (const table of ['sessions', 'device_grants', 'one_time_codes'])
    expect([table, own.sql(`SELECT COUNT(*) FROM ${table}`)]).toEqual([table, '0']);
  expect(await own.run('start')).toMatchObject({ code: 0 });
  expect((await own.ask('/api/bench', { headers: { cookie } })).status).toBe(401);

  // Cut off while the tables of the book are made anew.
  const cut = async () => {
    const restoring = own.begin('restore', file);
    for (let times = 0; times < 6000 && !existsSync(join(own.state, 'restoring')); times += 1)
      await pause(50);
    if (restoring.pid !== undefined) process.kill(-restoring.pid, 'SIGKILL');
    await restoring.ended;
    expect(existsSync(join(own.state, 'restoring'))).toBe(true);
  };
  await cut();
  const finished = await own.run('start');
  expect(finished).toMatchObject({ code: 0, said: expect.stringContaining('finishing it') as string });
  expect(await own.look()).toMatchObject({ health: WELL, people });
  // One that can not be finished is said so, and another restore is the way out.
  await cut();
  const [from = ''] = /oyakata_scratch_\d+/.exec(readFileSync(join(own.state, 'restoring'), 'utf8')) ?? [];
  own.sql(`DROP DATABASE ${from}`);
  const stuck = await own.run('start');
  expect([stuck.code, stuck.said]).toEqual([1, expect.stringContaining('./oyakata restore FILE')]);
  expect(await own.run('restore', file)).toMatchObject({ code: 0 });
  expect(await own.run('start')).toMatchObject({ code: 0 });
  expect(await own.look()).toMatchObject({ health: WELL, people });
  expect(own.sql("SHOW DATABASES LIKE 'oyakata%'")).toBe('oyakata');
  expect(readdirSync(own.state).filter((name) => name.includes('.making.'))).toEqual([]);

  // Emptied by whatever: no start puts the demo shop, with its known passwords, in the place of a book.
  own.kill('node');
  own.sql('DROP DATABASE oyakata; CREATE DATABASE oyakata');
  const lost = await own.run('start');
  expect([lost.code, lost.said]).toEqual([1, expect.stringContaining('There was a book here')]);
  expect(await own.run('restore', file)).toMatchObject({ code: 0 });
  expect(await own.run('start')).toMatchObject({ code: 0 });
  expect(await own.look()).toMatchObject({ health: WELL, people });
});

/** Looks at the arguments of all processes, which everybody on the machine can read, for the words that are kept secret. */
function watchArguments(own: Machine): { stop: () => string[] } {
  const words = readFileSync(join(own.state, 'secrets.env'), 'utf8').match(/(?<=PASSWORD=)\w+/g) ?? [];
  const found = new Set<string>();
  const timer = setInterval(() => {
    for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
      try {
        const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
        if (words.some((word) => line.includes(word))) found.add(line.replaceAll('\0', ' '));
      } catch {
        // It has ended.
      }
    }
  }, 50);
  return {
    stop: () => {
      clearInterval(timer);
      return [...found];
    },
  };
}

test('a full disk: everything answers and says so, nothing acknowledged is lost, and it goes on when there is room', async () => {
  const own = await machine();
  const place = join(own.folder, 'small');
  mkdirSync(place);
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=450m', 'tmpfs', place]);
  if (mounted.status !== 0) {
    console.warn('A small disk can not be made here (mount needs root): the full disk was not tried.');
    return;
  }
  const small = await machine(join(place, 'state'));
  try {
    expect((await small.run('start')).code).toBe(0);
    const cookie = await small.workAs(1);
    const attempt = Number(small.sql('SELECT MAX(id) FROM attempts'));
    const stored = () => Number(small.sql('SELECT COUNT(*) FROM entries'));
    const before = stored();
    const send = () =>
      small.ask(`/api/attempts/${attempt}/entries`, {
        method: 'POST',
        headers: { cookie, 'content-type': 'application/json' },
        body: noteBody(randomUUID(), 'x'.repeat(400)),
      });
    spawnSync('dd', ['if=/dev/zero', `of=${join(place, 'filler')}`, 'bs=1M', 'count=1000']);
    expect((await small.run('start')).said).toMatch(/Disk full: \d MB are free/);
    for (let round = 0; round < 40; round += 1) {
      const { status } = await send();
      expect(status).toBe(503);
      const page = await small.ask(`/attempts/${attempt}`, { headers: { cookie } });
      expect(page.status).toBe(200);
    }
    const health = await small.ask('/api/health');
    expect([health.status, await health.json()]).toEqual([
      503,
      { status: 'failing', database: 'ok', disk: 'full' },
    ]);
    rmSync(join(place, 'filler'));
    // How it is, is found once a second.
    const begin = Date.now();
    while ((await small.ask('/api/health')).status !== 200 && Date.now() - begin < 20_000) await pause(200);
    expect((await small.ask('/api/health')).status).toBe(200);
    expect((await send()).status).toBe(201);
    expect(stored() - before).toBe(1);
    small.kill('node');
    small.kill('mariadbd');
    expect((await small.run('start')).code).toBe(0);
    expect(stored() - before).toBe(1);
  } finally {
    await small.remove();
    spawnSync('umount', ['-l', place]);
  }
});

/** For tests: a backup with right sums that holds other tables. */
function backupOf(own: Machine, sql: string): string {
  const folder = join(own.folder, 'made up');
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, 'database.sql'), sql);
  writeFileSync(join(folder, 'secrets.env'), '');
  writeFileSync(join(folder, 'contents'), 'oyakata-backup-1\n');
  const file = join(own.folder, 'made up.tar.gz');
  execFileSync('bash', [
    '-c',
    'cd -- "$1" && sha256sum database.sql secrets.env >sums && tar -czf "$2" contents sums secrets.env database.sql',
    'make',
    folder,
    file,
  ]);
  return file;
}
