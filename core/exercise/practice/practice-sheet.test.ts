import { judgeAnswer } from '@/core/learning/worksheet/judge-answer';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { PRACTICE_SERIES, seriesThreads } from '@/core/thread/standards/series-threads';
import type { Side } from '@/core/thread/standards/thread';
import { practiceSheet } from './practice-sheet';

const SIDES: Side[] = ['external', 'internal'];
const every = PRACTICE_SERIES.flatMap(({ id }) => SIDES.map((side) => [id, side] as const));

test.each(every)('every thread of %s, %s, is one, and large enough to be cut with a tool', (series, side) => {
  const threads = seriesThreads(series, side);
  expect(threads.length).toBeGreaterThan(10);
  for (const designation of threads) {
    const read = parseDesignation(designation);
    if (!read.ok) throw new Error(designation);
    const { thread } = read.value;
    expect(thread.side).toBe(side);
    expect(thread.nominalDiameter).toBeGreaterThanOrEqual(thread.unit === 'mm' ? 6 : 0.25);
  }
});

test.each(every)(
  'practice of %s, %s: each answer that is right is taken, and no two sheets are alike',
  (series, side) => {
    const seen = new Set<string>();
    for (let seed = 1; seed <= 40; seed += 1) {
      const { questions, slipCase, designation } = practiceSheet(series, side, seed);
      expect(questions.length).toBeGreaterThanOrEqual(9);
      for (const question of questions) {
        const right = question.expected!.toFixed(question.decimals + 2);
        expect([designation, question.id, judgeAnswer(question, slipCase, right).right]).toEqual([
          designation,
          question.id,
          true,
        ]);
      }
      seen.add(`${designation} ${slipCase.workDiameter} ${slipCase.wire}`);
    }
    expect(seen.size).toBeGreaterThan(35);
  },
);

test('the same seed gives the same sheet', () => {
  expect(practiceSheet('unf', 'external', 7)).toEqual(practiceSheet('unf', 'external', 7));
  expect(practiceSheet('unf', 'external', 8)).not.toEqual(practiceSheet('unf', 'external', 7));
});
