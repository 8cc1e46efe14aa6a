import { randomUUID } from 'node:crypto';
import { EMPTY_PLAN_FORM, withLeaf } from '../../core/exercise/plan/draft';
import { reachOf, sendHostile } from '../../e2e/hostile/send-hostile';
import type { Machine } from '../test/machine';
import { none, told, type Finding } from './finding';
import { openAttempts } from './write-note';

/** Requests that mean ill, with another seed each time; `./oyakata test` sends the same kind with a fixed one. */
export async function soakHostile(machine: Machine, count: number, seed: number): Promise<Finding[]> {
  const number = (sql: string) => Number(machine.sql(sql));
  const attemptIds = openAttempts(machine, 3);
  const studentId = number(`SELECT student_id FROM attempts WHERE id = ${attemptIds[0] ?? 0}`);
  const cookies = { instructor: await machine.workAs(1), student: await machine.workAs(studentId) };
  const { token, bound } = await machine.grantOf(studentId, randomUUID());
  const ground = {
    exerciseId: 1,
    attemptIds,
    latheId: number("SELECT MIN(id) FROM shop_items WHERE kind = 'lathe'"),
    classId: 1,
    form: withLeaf({ ...EMPTY_PLAN_FORM, title: 'Soak' }, 'thread.designation', 'M16x2-6g'),
    token,
    bound,
  };
  const run = await sendHostile(machine.port, ground, cookies, { count, seed });
  run.faults.slice(0, 3).forEach((fault) => console.log(`  ${fault}`));
  const { share, lines } = reachOf(run);
  const [fewest = ''] = lines;
  return [
    told('requests', String(run.sent)),
    none('errors of the server', run.faults.length),
    told('past the envelope, per cent', (100 * share).toFixed(0)),
    told('fewest past it', fewest.trim()),
    told('longest answer in ms', run.longestMs.toFixed(0)),
  ];
}
