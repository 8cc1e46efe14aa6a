import fc from 'fast-check';
import { EMPTY_PLAN_FORM, withLeaf } from '../../core/plan';
import { anyRequest } from '../../e2e/hostile/any-request';
import { sendRaw } from '../../e2e/hostile/raw-request';
import type { Machine } from '../test/machine';
import { none, told, type Finding } from './soak';
import { openAttempts } from './write-note';

/** Requests that mean ill, with another seed each time; `./oyakata test` sends the same kind with a fixed one. */
export async function soakHostile(machine: Machine, count: number, seed: number): Promise<Finding[]> {
  const cookies = [await machine.workAs(1), await machine.workAs(4), ''];
  const form = withLeaf({ ...EMPTY_PLAN_FORM, title: 'Soak' }, 'thread.designation', 'M16x2-6g');
  const [attemptId = 0] = openAttempts(machine, 1);
  const requests = fc.sample(anyRequest({ cookies, exerciseId: 1, attemptId, form }), {
    numRuns: count,
    seed,
  });
  const faults: string[] = [];
  let longest = 0;
  for (const request of requests) {
    const sent = { ...request, headers: { host: `127.0.0.1:${machine.port}`, ...request.headers } };
    const answer = await sendRaw(machine.port, sent).catch((error: unknown) => ({
      status: 599,
      ms: 0,
      text: String(error),
    }));
    longest = Math.max(longest, answer.ms);
    if (answer.status >= 500)
      faults.push(`${answer.status} ${JSON.stringify(sent)} ${answer.text.slice(0, 200)}`);
  }
  faults.slice(0, 3).forEach((fault) => console.log(`  ${fault}`));
  return [
    told('requests', String(count)),
    none('errors of the server', faults.length),
    told('longest answer in ms', longest.toFixed(0)),
  ];
}
