import { safeMarks } from '@/core/exercise/record/advice/safe-marks';
import { adviceSentence } from '@/core/exercise/record/advice/advice-sentence';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { StoryRecord } from './story-record';

/** What the bench advises at this place of a story. */
export function saidNow(record: StoryRecord): object {
  const { sheet, prediction, advice } = record;
  const { cut } = advice;
  const { unit } = sheet.lathe.dial.graduation;
  const turn = lengthIn(sheet.lathe.dial.perTurn, unit);
  const shown = (value: number) => shownOnSheet({ value, unit }, sheet);
  const stands = cut?.reading ?? prediction.reading.value;
  const { marks, closeAnywhere } = safeMarks(sheet, prediction);
  const { remaining } = prediction;
  return {
    phase: advice.phase,
    because: advice.because,
    row: cut?.row?.n ?? null,
    of: prediction.passes.length,
    start: cut?.start ?? prediction.start,
    startMove: sheet.thread.starts > 1 ? sheet.thread.startsBy : null,
    drive: cut?.drive ?? prediction.drive,
    marks,
    closeAnywhere,
    counted: stands,
    reading: shown(stands),
    turns: sheet.feed.as === 'turns' ? Math.floor(roundTo(stands / turn, 9)) : null,
    infeed: cut === null ? null : roundTo(cut.infeed, 6),
    slides: null,
    planned: cut?.planned ?? null,
    until: cut?.row?.until ?? null,
    expects: advice.expects,
    blockedBy: advice.blockedBy.map(({ kind, id }) => ({ kind, id })),
    deepest: advice.deepest,
    foretold: advice.foretold,
    remaining: remaining === null ? null : remaining.compound,
    size: advice.size,
    open: advice.open,
    warnings: advice.warnings,
    sentence: adviceSentence(sheet, prediction, advice),
  };
}
