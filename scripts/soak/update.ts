import { execFileSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { Machine, pause } from '../test/machine';
import { none, told, type Finding } from './finding';

/** The switch from one release to the next may take so long. */
const LONGEST_GAP_MS = 15_000;

/**
 * An update while the application is used: the new release is built beside, then switched to; files of the old one stay
 * served. Then an update that can not be built: what runs goes on.
 */
export async function soakUpdate(): Promise<Finding[]> {
  const root = mkdtempSync(join(tmpdir(), 'oyakata-update-'));
  for (const file of execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { encoding: 'utf8' })
    .trim()
    .split('\n')) {
    mkdirSync(dirname(join(root, file)), { recursive: true });
    cpSync(file, join(root, file));
  }
  // The same modules under a second name where the disk is the same, a copy elsewhere.
  execFileSync('sh', ['-c', `cp -al node_modules "${root}/" 2>/dev/null || cp -a node_modules "${root}/"`]);
  const machine = await Machine.make(root);
  const page = join(root, 'app/not-found.tsx');
  const original = readFileSync(page, 'utf8');
  try {
    const started = await machine.run('start');
    if (started.code !== 0) throw new Error(started.said);
    const html = await (await machine.ask('/sign-in')).text();
    const files = [...html.matchAll(/\/_next\/static\/[^"\\]+\.(?:js|css)/g)].map(([file]) => file);

    writeFileSync(page, original.replace('There is no such page', 'No such page in the new release'));
    const update = await watched(machine, () => machine.run('start'));
    const shown = await (await machine.ask('/nowhere')).text();
    let gone = 0;
    for (const file of new Set(files)) if ((await machine.ask(file)).status !== 200) gone += 1;

    writeFileSync(page, `${original}\nthis is no program {`);
    const failed = await watched(machine, () => machine.run('start'));
    return [
      none('updates that failed', update.ended.code === 0 ? 0 : 1),
      none(
        'updates after which the old release is shown',
        shown.includes('No such page in the new release') ? 0 : 1,
      ),
      {
        what: 'longest time without an answer during the update, ms',
        found: String(update.gapMs),
        wanted: `under ${LONGEST_GAP_MS}`,
        good: update.gapMs < LONGEST_GAP_MS,
      },
      told('files of the page open before the update', String(new Set(files).size)),
      none('of them no longer served', gone),
      none(
        'failed builds that were called good',
        failed.ended.code === 1 && failed.ended.said.includes('goes on') ? 0 : 1,
      ),
      none('looks without an answer during the failed build', failed.missed),
    ];
  } finally {
    await machine.remove();
    rmSync(root, { recursive: true, force: true });
  }
}

/** Looks every 100 ms whether the application answers while something is done. */
async function watched<T>(
  machine: Machine,
  run: () => Promise<T>,
): Promise<{ ended: T; missed: number; gapMs: number }> {
  let watching = true;
  let missed = 0;
  let gapMs = 0;
  const look = (async () => {
    let last = Date.now();
    while (watching) {
      const well = await machine.ask('/api/health').then(
        ({ ok }) => ok,
        () => false,
      );
      if (well) {
        gapMs = Math.max(gapMs, Date.now() - last);
        last = Date.now();
      } else missed += 1;
      await pause(100);
    }
  })();
  const ended = await run();
  watching = false;
  await look;
  return { ended, missed, gapMs };
}
