import { appendFileSync, existsSync, readFileSync } from 'node:fs';

/**
 * How fast the machine was while something ran on it. A shared machine is at times half as fast as at others, and then
 * everything takes twice as long: this tells it apart from tests that have grown.
 *
 * `watch FILE` does a fixed piece of work every ten seconds and notes the processor time that it took, in milliseconds.
 * `tell FILE [TOOK PROMISED]` says how fast that was beside a quiet machine, and whether the seconds that the tests took are
 * those promised there, longer by as much as the machine was slower.
 */
const [word, file = '', took = '', promised = ''] = process.argv.slice(2);

/**
 * What the work takes on the machine of the developers in a quiet hour beside the tests. With nothing beside it, it takes
 * 12; that a fifth more goes to what the tests take from it was seen in a noisy hour (19.5 ms alone, 24 beside the tests).
 */
const QUIET_MS = 14.4;

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
const rounds = existsSync(file) ? readFileSync(file, 'utf8').trim().split('\n').map(Number) : [];
if (rounds.length > 0) {
  const share = rounds.reduce((sum, ms) => sum + QUIET_MS / ms, 0) / rounds.length;
  console.log(
    `A fixed piece of work beside it ran at ${Math.round(100 * share)} % of its speed in a quiet hour.`,
  );
  if (promised !== '') {
    const allowed = Number(promised) / share;
    const kept = Number(took) <= allowed ? 'kept' : 'NOT kept';
    console.log(
      `${spoken(promised)} are promised for a quiet hour, ${spoken(allowed)} for this one: ${kept}.`,
    );
  }
}

function spoken(seconds) {
  const whole = Math.round(Number(seconds));
  return `${Math.floor(whole / 60)} min ${whole % 60} s`;
}
