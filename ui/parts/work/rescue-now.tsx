import type { Advice } from '@/core/exercise/record/advice/advice';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { fetchedPart } from '@/ui/kit/fetched-part';

const RescuePanel = fetchedPart(() => import('./rescue-panel'), 'Looking whether it can be saved.');

/** Whether the piece can still be saved, where that is the question: before it is called past saving, and after a wrong set-up. */
export function RescueNow({
  sheet,
  entries,
  prediction,
  advice,
}: {
  sheet: Sheet;
  entries: readonly Entry[];
  prediction: Prediction;
  advice: Advice;
}) {
  const { cuts, asSet, segment, cutOtherwise } = prediction;
  // The compound was swung to its right mark since the cuts.
  const swungSince = advice.phase === 'zero' && entries.some(({ id }) => id === segment.wantsZero);
  const asked =
    advice.phase === 'stop' ||
    advice.phase === 'past-saving' ||
    (cutOtherwise && (asSet !== sheet || swungSince));
  return cuts.length === 0 || !asked ? null : (
    <RescuePanel sheet={sheet} entries={entries} prediction={prediction} />
  );
}
