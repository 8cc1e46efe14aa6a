import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { NutSays } from './nut-says';

/** All rows are cut, or none holds any more: what is left goes by what is measured or tried. */
export function AllCut({ sheet, prediction }: { sheet: Sheet; prediction: Prediction }) {
  const anew = prediction.segment.zero !== 'touch-off';
  return (
    <div className="grid gap-2">
      <h2 className="text-4xl">
        {anew ? 'Zeros taken anew: cut on by checks' : 'All planned passes are cut'}
      </h2>
      <p className="text-xl">
        {anew
          ? 'The readings of the plan no longer hold. Cut, try or measure, and record your own readings from the new zero.'
          : sheet.words.allCut}
      </p>
      {prediction.nut !== null && <NutSays sheet={sheet} nut={prediction.nut} />}
    </div>
  );
}
