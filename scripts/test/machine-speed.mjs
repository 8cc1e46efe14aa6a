import { appendFileSync, existsSync, readFileSync } from 'node:fs';

/**
 * How fast the machine was while something ran on it. A shared machine is at times half as fast as at others, and then
 * everything takes twice as long: this tells it apart from tests that have grown.
 *
 * `watch FILE` does a fixed piece of work every ten seconds and notes the processor time that it took, in milliseconds.
 * `tell FILE` says how fast that was beside a quiet machine. The tests slow the work down too, so it is no measure of them.
 */
const [word, file = ''] = process.argv.slice(2);

/** What the work took on the machine of the developers with nothing beside it. */
const QUIET_MS = 12;

function work() {
  const before = process.cpuUsage();
  const rows = Array.from({ length: 9000 }, (_, index) => ({ name: `row ${(index * 7919) % 9000}`, index }));
  rows.sort((a, b) => (a.name < b.name ? -1 : 1));
  JSON.parse(JSON.stringify(rows));
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1000;
}

if (word === 'watch') {
  // The first rounds are slower: the work is still being compiled.
  for (let round = 0; round < 10; round += 1) work();
  for (;;) {
    appendFileSync(file, `${work()}\n`);
    await new Promise((resolve) => setTimeout(resolve, 10_000));
  }
}
const took = existsSync(file) ? readFileSync(file, 'utf8').trim().split('\n').map(Number) : [];
if (took.length > 0) {
  const share = took.reduce((sum, ms) => sum + QUIET_MS / ms, 0) / took.length;
  console.log(
    `A fixed piece of work beside it ran at ${Math.round(100 * share)} % of its speed on a quiet machine.`,
  );
}
