import { appendFileSync, existsSync, readFileSync } from 'node:fs';

/**
 * How fast the machine was while something ran on it. A shared machine is at times half as fast as at others, and then
 * everything takes twice as long: this tells it apart from tests that have grown.
 *
 * `watch FILE` does a fixed piece of work every ten seconds and notes the processor time that it took, in milliseconds.
 * `tell FILE SECONDS` says how long SECONDS would have been on a machine on which that work always takes WORK_MS.
 */
const [word, file = '', seconds = '0'] = process.argv.slice(2);

const WORK_MS = 12;

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
  const share = took.reduce((sum, ms) => sum + WORK_MS / ms, 0) / took.length;
  const whole = Math.round(Number(seconds) * share);
  console.log(
    `At ${Math.round(100 * share)} % of the speed for which times are promised; at that speed: ${Math.floor(whole / 60)} min ${whole % 60} s.`,
  );
}
