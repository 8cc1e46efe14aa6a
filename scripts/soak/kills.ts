import { pause, type Machine } from '../test/machine';
import { killAtRandom } from './kill-at-random';
import { none, told, type Finding } from './finding';
import { newNote, openAttempts, recorded, sendNote } from './write-note';

const WRITERS = 6;
const MOST_ENTRIES = 20_000;

/**
 * Six write without a pause, each sending again with the same id until it is acknowledged, while server and database are
 * killed at random moments and started again. Then the record is compared with what was acknowledged.
 */
export async function soakKills(machine: Machine, forMs: number): Promise<Finding[]> {
  const cookie = await machine.workAs(1);
  const attempts = openAttempts(machine, WRITERS);
  const end = Date.now() + forMs;
  let total = 0;
  const odd = new Map<number, number>();

  const writers = attempts.map(async (attemptId) => {
    const acknowledged: string[] = [];
    while (Date.now() < end && total < MOST_ENTRIES) {
      const note = newNote(`soak ${acknowledged.length}`);
      for (;;) {
        const { status } = await sendNote(machine, attemptId, cookie, note);
        if (status === 201) break;
        if (status !== 0 && status !== 503) odd.set(status, (odd.get(status) ?? 0) + 1);
        await pause(100);
      }
      acknowledged.push(note.id);
      total += 1;
    }
    return { attemptId, acknowledged };
  });
  const killer = killAtRandom(machine, () => Date.now() < end - 5000);

  const [written, kills] = await Promise.all([Promise.all(writers), killer]);
  let lost = 0;
  let doubled = 0;
  let disordered = 0;
  for (const { attemptId, acknowledged } of written) {
    const all = recorded(machine, attemptId);
    const places = acknowledged.map((id) => all.indexOf(id));
    lost += places.filter((place) => place < 0).length;
    doubled += all.length - new Set(all).size;
    disordered += places.filter((place, index) => index > 0 && place < (places[index - 1] ?? 0)).length;
  }
  return [
    told('kills', String(kills)),
    told('entries acknowledged', String(total)),
    none('acknowledged and lost', lost),
    none('doubled', doubled),
    none('out of order', disordered),
    none(
      'answers that are neither 201 nor 503',
      [...odd.values()].reduce((sum, count) => sum + count, 0),
    ),
  ];
}
