import { pause, type Machine } from '../test/machine';

/** Kills server, database or both at random moments and starts them again, as long as it shall; answers how often. */
export async function killAtRandom(machine: Machine, goesOn: () => boolean): Promise<number> {
  for (let kills = 0; ; kills += 1) {
    await pause(1000 + Math.random() * 4000);
    if (!goesOn()) return kills;
    const what = Math.random();
    if (what < 0.7) machine.kill('node');
    if (what > 0.5) machine.kill('mariadbd');
    const started = await machine.run('start');
    if (started.code !== 0) throw new Error(`start after a kill: ${started.said}`);
  }
}
