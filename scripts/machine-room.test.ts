import { execFileSync, spawn, spawnSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import {
  appendFileSync,
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
import { pause, until, WELL } from './test/machine';
import { testMachines } from './test/test-machines';

/** `./oyakata start` and `stop` through cuts, kills, stale files, full disks and two at once. */
jest.setTimeout(1_200_000);

const machine = testMachines();

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
  await Promise.all([worker(), worker()]);
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
