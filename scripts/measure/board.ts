import { classBoard } from '@/data/class-board';
import { passOn } from '@/data/outcome';
import type { FilledClass } from './filled-class';
import { BUDGETS } from './budgets';
import { kept, percentile } from './figures';
import { sessionOf } from './session';

/** The class board of a full class: the queries alone, then the page as the application sends it. */
export async function measureBoard({ instructor }: FilledClass, address: string): Promise<boolean> {
  const query: number[] = [];
  for (let round = 0; round < 30; round += 1) {
    const begin = performance.now();
    passOn(await classBoard(instructor));
    query.push(performance.now() - begin);
  }
  const cookie = await sessionOf(instructor, address);
  const page: number[] = [];
  let bytes = 0;
  for (let round = 0; round < 30; round += 1) {
    const begin = performance.now();
    const answer = await fetch(`${address}/`, { headers: { cookie, 'accept-encoding': 'identity' } });
    bytes = (await answer.arrayBuffer()).byteLength;
    if (answer.status !== 200) throw new Error(`The board answered ${answer.status}`);
    page.push(performance.now() - begin);
  }
  return [
    kept('class board, its queries, median', percentile(query, 0.5), BUDGETS.board.queriesMs, 'ms'),
    kept(
      'class board, the whole page from the server, median',
      percentile(page, 0.5),
      BUDGETS.board.pageMs,
      'ms',
    ),
    kept('class board, the page as sent', bytes / 1000, BUDGETS.board.pageKb, 'KB'),
  ].every(Boolean);
}
