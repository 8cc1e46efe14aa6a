import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { noteBody } from './test/note-body';
import { pause, until, WELL, type Machine } from './test/machine';
import { testMachines } from './test/test-machines';

/** `./oyakata backup` and `restore`: while it is written to, with files that mean harm, cut off at work. */
jest.setTimeout(1_200_000);

const machine = testMachines();

test('a backup made while it is written to is consistent, and a restore proves itself', async () => {
  const own = await machine();
  expect((await own.run('start')).code).toBe(0);
  const whole = await own.look();
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
  // What was cut off is gone, but its last statement may still be at work in the server.
  const left = own.beginShell(
    `load_secrets; exec mariadb --no-defaults --host=127.0.0.1 --port=${own.databasePort} --user=oyakata_owner \
      --password="$OWNER_PASSWORD" oyakata -e 'DO SLEEP(3600)'`,
  );
  await until(
    () => own.sql("SELECT COUNT(*) FROM information_schema.processlist WHERE info LIKE 'DO SLEEP%'") === '1',
  );
  const finished = await own.run('start');
  expect([finished.code, finished.said]).toEqual([0, expect.stringContaining('finishing it')]);
  expect((await left.ended).code).not.toBe(0);
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
