import { useState, type ReactNode } from 'react';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { useKept } from '@/ui/shell/kept';
import { FedBy, type FedBySlide } from './fed-by';
import { slideWord } from '../sheet/slide-word';

/**
 * A cut at another reading than the planned one, or fed by the cross slide where the plan feeds by the compound. What is
 * typed stays until it is recorded.
 */
export function OwnCut({
  sheet,
  unit,
  onRecord,
  children,
}: {
  sheet: Sheet;
  unit: string;
  onRecord: (fields: Record<string, string>) => Promise<boolean>;
  /** What else may be said of a cut. */
  children: ReactNode;
}) {
  const [own, setOwn] = useKept('own-reading', '');
  const [beyond, setBeyond] = useKept('cross-slide-beyond', '');
  const [fed, setFed] = useState<FedBySlide>('planned');
  const { crossSlide } = sheet.words;
  const byCross = fed === 'cross-slide';
  return (
    <form
      className="grid grid-cols-[1fr_auto] items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void onRecord(byCross ? { crossSlide: beyond } : { reading: own }).then((recorded) => {
          if (recorded) (byCross ? setBeyond : setOwn)('');
        });
      }}
    >
      <div className="col-span-2 flex flex-wrap items-center justify-end gap-2">
        <FedBy sheet={sheet} chosen={fed} onChoose={setFed} />
        <span className="flex-1" />
        {children}
      </div>
      <Field
        size="bench"
        label={
          byCross
            ? `The ${crossSlide} beyond its zero, on the radius`
            : sheet.feed.as === 'figure'
              ? 'Own figure of the readout'
              : `Own reading of the ${slideWord(sheet)}`
        }
        unit={unit}
        inputMode="decimal"
        value={byCross ? beyond : own}
        onChange={(event) => (byCross ? setBeyond : setOwn)(event.target.value)}
      />
      <Button size="bench" type="submit" className="min-h-14">
        {byCross ? 'Record this cut' : 'Record own reading'}
      </Button>
    </form>
  );
}
