import { BUDGETS } from './budgets';
import { appendEntry } from '@/data/append-entry';
import { passOn } from '@/data/outcome';
import { sentEntry } from '@/data/test/fresh-database';
import type { FilledClass } from './filled-class';
import { kept, percentile } from './figures';
import { sessionOf } from './session';

const ROUNDS = 20;

/** How long after an entry was recorded, by another process, the stream of who may see it tells of it. */
export async function measureNews(
  { instructor, attemptIds }: FilledClass,
  address: string,
): Promise<boolean> {
  const cookie = await sessionOf(instructor, address);
  const end = new AbortController();
  const { body } = await fetch(`${address}/api/events`, { headers: { cookie }, signal: end.signal });
  if (body === null) throw new Error('The stream of news has no body.');
  const stream = body.pipeThrough(new TextDecoderStream()).getReader();
  const told = async (what: string): Promise<void> => {
    for (let text = ''; !text.includes(what);) {
      const { value, done } = await stream.read();
      if (done) throw new Error('The stream of news ended.');
      text += value;
    }
  };
  await told('event: hello');
  const waits: number[] = [];
  for (const attemptId of attemptIds.slice(0, ROUNDS)) {
    passOn(await appendEntry(instructor, attemptId, sentEntry({ kind: 'sign-off', stepId: 'safety' })));
    const begin = performance.now();
    await told(`"id":${attemptId},`);
    waits.push(performance.now() - begin);
  }
  end.abort();
  return kept(
    'whoever watches is told of an entry, the longest wait',
    percentile(waits, 1),
    BUDGETS.newsMs,
    'ms',
  );
}
