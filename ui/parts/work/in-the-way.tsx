import type { Advice } from '@/core/exercise/record/advice/advice';
import { dueNow } from '@/core/exercise/record/advice/advise';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { BlocksPanel } from './blocks-panel';
import { StopPanel } from './stop-panel';
import type { AttemptRecord } from './use-record';

/** Whether something comes before the next cut: what blocks it, or a stop that is due. */
export const isInTheWay = (prediction: Prediction, advice: Advice): boolean =>
  prediction.blocks.length > 0 || dueNow(prediction, advice) !== null;

/** What comes before the next cut, and the ways on from it: for desk and bench alike. */
export function InTheWay({
  sheet,
  prediction,
  advice,
  canRecord,
  add,
  onStep,
  onMeasure,
  onAllTheSame,
}: {
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  canRecord: boolean;
  add: AttemptRecord['add'];
  onStep: (stepId: string) => void;
  /** To where it is measured; null where that stands beside it. */
  onMeasure: (() => void) | null;
  /** Cut although something stands in the way: by the row that is next, or without a reading. */
  onAllTheSame: (fields: { allTheSame: 'yes'; notTaken?: 'yes' }) => void;
}) {
  const { blocks, next } = prediction;
  const due = dueNow(prediction, advice);
  if (blocks.length > 0)
    return (
      <BlocksPanel
        blocks={blocks}
        canRecord={canRecord}
        onGo={onStep}
        onAllTheSame={() => onAllTheSame({ allTheSame: 'yes', ...(next === null && { notTaken: 'yes' }) })}
      />
    );
  return due === null ? null : (
    <StopPanel
      sheet={sheet}
      prediction={prediction}
      due={due}
      canRecord={canRecord}
      add={add}
      onMeasure={onMeasure}
    />
  );
}
