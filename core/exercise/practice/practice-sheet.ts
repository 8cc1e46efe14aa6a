import { randomFrom } from '@/core/base/chance/random';
import { planDefaults } from '../plan/plan-defaults';
import { SLIP_QUANTITIES, type SlipCase } from '@/core/learning/slip/slip-case';
import { crestLimits } from '@/core/thread/standards/thread-limits';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { seriesThreads, type PracticeSeries } from '@/core/thread/standards/series-threads';
import { threadLimits } from '@/core/thread/standards/limits';
import type { Side } from '@/core/thread/standards/thread';
import { LENGTH_DECIMALS } from '@/core/base/units/format-length';
import { roundTo } from '@/core/base/units/round';
import { figureQuestion } from '@/core/learning/worksheet/figure-questions';
import type { WorksheetQuestion } from '@/core/learning/worksheet/question';

/** A practice sheet: questions about one thread with numbers of its own, and what they follow from. */
export interface PracticeSheet {
  designation: string;
  slipCase: SlipCase;
  questions: WorksheetQuestion[];
}

/** Angles that are taught (common practice). */
const ANGLES = [29, 29.5, 30] as const;

/**
 * A practice sheet for a thread of a series: other numbers for each seed, the same ones for the same seed. Blank, tip and
 * wire lie about the usual ones, so that no answer can be learnt by heart.
 * @param seed a whole number
 */
export function practiceSheet(series: PracticeSeries, side: Side, seed: number): PracticeSheet {
  const random = randomFrom(seed);
  const pick = <T>(from: readonly T[]): T => from[Math.floor(random() * from.length)]!;
  const designation = pick(seriesThreads(series, side));
  const read = parseDesignation(designation);
  // Every designation of the series is one; `series-threads.test.ts` reads them all.
  if (!read.ok) throw new Error(`${designation} can not be read.`);
  const { thread } = read.value;
  const { unit } = thread;
  const limits = threadLimits(thread);
  const usual = planDefaults(thread, limits);
  const crest = crestLimits(limits);
  const decimals = LENGTH_DECIMALS[unit];
  const about = (value: number, share: number, places = decimals) =>
    roundTo(value * (1 - share + 2 * share * random()), places);
  const slipCase: SlipCase = {
    thread,
    workDiameter: roundTo(crest.min + (crest.max - crest.min) * (0.1 + 0.8 * random()), decimals),
    tip: { kind: 'flat', flat: about(usual.tipFlat.value, 0.2) },
    compoundAngleDeg: pick(ANGLES),
    zeroAlong: pick(['cross-slide', 'bed'] as const),
    pitchDiameter: usual.targetPitchDiameter.value,
    wire: about(usual.wireDiameter.value, 0.03, decimals + 1),
  };
  return {
    designation,
    slipCase,
    questions: SLIP_QUANTITIES.flatMap((quantity) => figureQuestion(slipCase, quantity) ?? []),
  };
}
