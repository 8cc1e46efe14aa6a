import type { Band } from '@/core/thread/standards/thread-limits';
import type { Sheet } from '../../sheet/sheet';
import type { Entry } from '../entry/entry';
import type { Prediction } from '../state/predict';
import type { AdvisedCut, Advice, Expects, Phase, Reason } from './advice';
import { lastAnswer } from './proof-state';
import { deepestSafe, sizeAfter, sizeNow } from './size-now';

/** What an advice is made from: sheet and record, and what follows from both. */
export interface WorkAt {
  sheet: Sheet;
  live: readonly Entry[];
  prediction: Prediction;
  /** What was last found of the size. */
  answer: ReturnType<typeof lastAnswer>;
  size: Band | null;
  deepest: number | null;
}

export function workAt(live: readonly Entry[], prediction: Prediction): WorkAt {
  const sheet = prediction.asSet;
  const size = sizeNow(sheet, prediction);
  return {
    sheet,
    live,
    prediction,
    answer: lastAnswer(sheet, live),
    size,
    deepest:
      prediction.cuts.length === 0 || isNestedUnknown(prediction)
        ? null
        : deepestSafe(sheet, size, prediction.deepest),
  };
}

/** Zeros were taken anew and nobody knows how deep: what the next figure of the dial takes off is not known either. */
export function isNestedUnknown({ segment, cuts }: Prediction): boolean {
  const { zero, depthAtZero, anchor } = segment;
  const nested = zero !== 'touch-off' && depthAtZero === null && anchor === null;
  return nested && cuts.at(-1)?.entry.content.zero !== zero;
}

/** What is decided: the rest of an advice follows from the work. */
export interface Decision {
  phase: Phase;
  because: Reason[];
  cut?: AdvisedCut;
  expects?: Expects | null;
  warnings?: string[];
}

/** A cut to a figure of the dial. */
export function cutTo(
  { prediction }: WorkAt,
  reading: number,
  because: Reason[],
  { start = prediction.start, row = null as AdvisedCut['row'], from = prediction.reading.value } = {},
): Decision {
  return {
    phase: 'cut',
    because,
    cut: {
      row,
      start,
      reading,
      infeed: Math.round((reading - from) * 1e7) / 1e7,
      planned: row === null ? null : row.dialReading.value,
      drive: prediction.drive,
    },
  };
}

export function asAdvice(work: WorkAt, decision: Decision, open: string[]): Advice {
  const { prediction, sheet, size } = work;
  const { phase, because, cut = null, expects = null, warnings = [] } = decision;
  const foretold =
    cut === null || isNestedUnknown(prediction)
      ? null
      : (sizeAfter(sheet, size, cutFrom(prediction, cut), cut.reading) ?? byRow(work, cut));
  return {
    phase,
    because,
    cut,
    expects,
    blockedBy: phase === 'blocked' || phase === 'set-up' ? prediction.blocks : [],
    size,
    foretold,
    deepest: work.deepest,
    open,
    warnings: [...new Set([...prediction.warnings, ...warnings])],
  };
}

/** From where a cut takes metal: not before the deepest figure of its start is passed again. */
const cutFrom = ({ start, deepest }: Prediction, cut: AdvisedCut) =>
  cut.start === start ? Math.max(deepest, cut.reading - cut.infeed) : cut.reading - cut.infeed;

/** What the row foretells before the groove has a size of its own; nothing where the zero does not tell the depth. */
function byRow(
  { prediction: { segment, tipKnown } }: WorkAt,
  { row, reading, planned }: AdvisedCut,
): Band | null {
  if (row === null || reading !== planned || segment.zero !== 'touch-off') return null;
  if (segment.depthAtZero !== 0 || segment.uncertainty > 0 || !segment.foretells) return null;
  if (!tipKnown) return row.pitchDiameterBand;
  return row.pitchDiameter === null ? null : { min: row.pitchDiameter, max: row.pitchDiameter };
}
