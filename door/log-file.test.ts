import { execFileSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { capFile } from './cap-file';
import { LogFile } from './log-file';

let folder = '';
beforeEach(() => (folder = mkdtempSync(join(tmpdir(), 'log-'))));
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const path = () => join(folder, 'app.log');

test('lines are written in their order, a long one is cut', async () => {
  const log = new LogFile(path());
  for (let line = 0; line < 500; line += 1) log.write(`line ${line}`);
  log.write('x'.repeat(10_000));
  await log.settled();
  const lines = readFileSync(path(), 'utf8').trimEnd().split('\n');
  expect(lines.slice(0, 500)).toEqual(Array.from({ length: 500 }, (_, line) => `line ${line}`));
  expect(lines[500]).toHaveLength(4000);
});

test('it is rotated by size, and the oldest goes', async () => {
  const log = new LogFile(path(), { mostBytes: 1000, kept: 2 });
  for (let line = 0; line < 100; line += 1) {
    log.write(`${line}: ${'x'.repeat(90)}`);
    await log.settled();
  }
  const found = readdirSync(folder).sort();
  expect(found).toEqual(['app.log', 'app.log.1', 'app.log.2']);
  for (const file of found) expect(statSync(join(folder, file)).size).toBeLessThanOrEqual(1000);
  expect(readFileSync(path(), 'utf8')).toContain('99: ');
});

test('beyond what may wait lines are dropped and counted', async () => {
  const log = new LogFile(path(), { mostWaiting: 500 });
  for (let line = 0; line < 100; line += 1) log.write('y'.repeat(99));
  await log.settled();
  log.write('later');
  await log.settled();
  const text = readFileSync(path(), 'utf8');
  expect(text.match(/^y+$/gm)?.length).toBeLessThan(100);
  expect(text).toMatch(/"msg":"log lines lost","lines":9\d/);
});

test('a place that can not be written takes nothing and holds up nothing', async () => {
  mkdirSync(path());
  const log = new LogFile(path(), { afterErrorMs: 50 });
  const begin = performance.now();
  for (let line = 0; line < 1000; line += 1) log.write('lost');
  expect(performance.now() - begin).toBeLessThan(10_000);
  await log.settled();
  rmSync(path(), { recursive: true });
  log.write('found again');
  await log.settled();
  expect(readFileSync(path(), 'utf8')).toContain('found again');
  expect(readFileSync(path(), 'utf8')).toContain('log lines lost');
});

test('the log of another process is begun anew in its place when it has grown', async () => {
  writeFileSync(path(), 'z'.repeat(2000));
  const inode = statSync(path()).ino;
  expect(await capFile(path(), 3000)).toBe(false);
  expect(await capFile(path(), 1000)).toBe(true);
  expect(statSync(path())).toMatchObject({ ino: inode, size: 0 });
  expect(statSync(`${path()}.1`).size).toBe(2000);
  execFileSync('sh', ['-c', `echo more >> ${path()}`]);
  expect(readFileSync(path(), 'utf8')).toBe('more\n');
});
