import { pause, type Machine } from '../test/machine';
import { none, told, type Finding } from './finding';
import { newNote, openAttempts, recorded, sendNote, studentOf } from './write-note';

const A_SECOND = 150;
const SECONDS = 20;
/** All that is offered must be through in the end. */
const MOST_TRIES = 30;
/** Nobody may wait longer for an answer, whatever it is. */
const LONGEST_MS = 5000;

/**
 * More entries are offered than the server can take. It must take what it can, and turn the others away early with the
 * time after which to come again. A request that is turned away comes again, as the browser does by itself.
 */
export async function soakOverload(machine: Machine): Promise<Finding[]> {
  const attempts = openAttempts(machine, 12);
  // Each by the student whose it is: of one person no more is taken than a share.
  const cookies = await Promise.all(attempts.map((id) => machine.workAs(studentOf(machine, id))));
  const times: number[] = [];
  const acknowledged: [number, string][] = [];
  let turnedAway = 0;
  let takenMeanwhile = 0;
  let started = 0;
  let withoutTime = 0;
  const other = new Map<string, number>();
  let never = 0;

  async function offer(place: number): Promise<void> {
    const attemptId = attempts[place % attempts.length] ?? 0;
    const cookie = cookies[place % attempts.length] ?? '';
    const note = newNote(`offered ${place}`);
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const begin = performance.now();
      const { status, retryAfter, why } = await sendNote(machine, attemptId, cookie, note);
      times.push(performance.now() - begin);
      if (status === 201) {
        if (Date.now() - started < SECONDS * 1000) takenMeanwhile += 1;
        return void acknowledged.push([attemptId, note.id]);
      }
      if (status !== 503) {
        other.set(why, (other.get(why) ?? 0) + 1);
        return;
      }
      turnedAway += 1;
      if (retryAfter === null) withoutTime += 1;
      await pause(1000 * Number(retryAfter ?? 1) * (0.5 + Math.random()) * Math.min(tries + 1, 6));
    }
    never += 1;
  }

  const offers: Promise<void>[] = [];
  const begin = (started = Date.now());
  for (let place = 0; place < A_SECOND * SECONDS; place += 1) {
    const due = begin + (1000 * place) / A_SECOND;
    if (due > Date.now()) await pause(due - Date.now());
    offers.push(offer(place));
  }
  await Promise.all(offers);
  const seconds = (Date.now() - begin) / 1000;
  const stored = new Map(attempts.map((id) => [id, new Set(recorded(machine, id))]));
  times.sort((a, b) => a - b);
  const at = (share: number) => Math.round(times[Math.floor((times.length - 1) * share)] ?? 0);
  return [
    told('offered a second, for seconds', `${A_SECOND}, ${SECONDS}`),
    told('taken a second, while it was offered', (takenMeanwhile / SECONDS).toFixed(0)),
    told('taken a second, until all were through', (acknowledged.length / seconds).toFixed(0)),
    told('turned away with 503', String(turnedAway)),
    told('answer in ms: half of them, 95 in 100, longest', `${at(0.5)}, ${at(0.95)}, ${at(1)}`),
    none(`answers after more than ${LONGEST_MS} ms`, times.filter((ms) => ms > LONGEST_MS).length),
    none('turned away without a time to come again', withoutTime),
    none(
      'answers that are neither 201 nor 503',
      [...other.values()].reduce((sum, count) => sum + count, 0),
    ),
    ...[...other].map(([why, count]) => told(`of them: ${why}`, String(count))),
    none(`never taken in ${MOST_TRIES} tries`, never),
    none(
      'acknowledged and not stored',
      acknowledged.filter(([id, note]) => stored.get(id)?.has(note) !== true).length,
    ),
  ];
}
