import { Machine } from '../test/machine';
import { soakHostile } from './hostile';
import { soakKills } from './kills';
import { soakObeyed } from './obeyed';
import { soakOutbox } from './outbox';
import { soakOverload } from './overload';
import { soakShares } from './shares';
import { soakUpdate } from './update';
import type { Finding } from './finding';

const minutes = Number(process.argv[2] ?? '6');
/** Part of a title, such as `overload`, to run only that. */
const only = (process.argv[3] ?? '').toLowerCase();
const seed = Date.now() % 2 ** 31;
console.log(`Soak of ${minutes} minutes, seed ${seed}, Node.js ${process.version}`);
const machine = await Machine.make();
const findings: Finding[] = [];
try {
  const started = await machine.run('start');
  if (started.code !== 0) throw new Error(started.said);
  const parts: [string, () => Finding[] | Promise<Finding[]>][] = [
    ['Obeyed: a hand that does what the bench says', () => soakObeyed(minutes * 60_000, seed)],
    ['Kills in mid-write', () => soakKills(machine, minutes * 30_000)],
    ['Outbox: ten thousand entries of ten benches', () => soakOutbox(machine)],
    ['Overload', () => soakOverload(machine)],
    ['Shares: attacks against a shop at work', () => soakShares(machine)],
    ['Hostile requests', () => soakHostile(machine, Math.max(3000, minutes * 1500), seed)],
    ['Update under use', () => soakUpdate()],
  ];
  for (const [title, run] of parts.filter(([title]) => title.toLowerCase().includes(only))) {
    console.log(`· ${title}`);
    const found = await run();
    findings.push(...found);
    for (const { what, found: count, wanted, good } of found)
      console.log(
        `  ${good ? '●' : '⊘'} ${what.padEnd(58)} ${count}${wanted === '' ? '' : ` (wanted ${wanted})`}`,
      );
  }
} finally {
  await machine.remove();
}
const bad = findings.filter(({ good }) => !good);
console.log(`${findings.length - bad.length} passed, ${bad.length} failed`);
process.exit(bad.length === 0 ? 0 : 1);
