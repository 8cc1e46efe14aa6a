import { useState, type ReactNode } from 'react';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { useKept } from '@/ui/shell/kept';
import { CompoundAngle, FedBy, otherFed, otherFedFields, type FedBySlide } from './fed-by';
import { startFields, WhichStart } from './which-start';
import { slideWord } from '../sheet/slide-word';

/**
 * A cut at another reading than the planned one, or fed by the other slide than the plan’s. What is
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
  const [angle, setAngle] = useKept('compound-angle', '');
  const [start, setStart] = useState('');
  const [fed, setFed] = useState<FedBySlide>('planned');
  const other = otherFed(fed, sheet);
  return (
    <form
      className="grid grid-cols-[1fr_auto] items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void onRecord({
          ...(other === null ? { reading: own } : otherFedFields(fed, beyond, angle)),
          ...startFields(start),
        }).then((recorded) => {
          if (!recorded) return;
          setStart('');
          (other === null ? setOwn : setBeyond)('');
        });
      }}
    >
      <div className="col-span-2 flex flex-wrap items-center justify-end gap-2">
        <FedBy sheet={sheet} chosen={fed} onChoose={setFed} />
        <WhichStart sheet={sheet} chosen={start} onChoose={setStart} />
        <span className="flex-1" />
        {children}
      </div>
      <div className="grid gap-2">
        <Field
          size="bench"
          label={
            other ??
            (sheet.feed.as === 'figure'
              ? 'Own figure of the readout'
              : `Own reading of the ${slideWord(sheet)}`)
          }
          unit={unit}
          inputMode="decimal"
          value={other === null ? own : beyond}
          onChange={(event) => (other === null ? setOwn : setBeyond)(event.target.value)}
        />
        <CompoundAngle fed={fed} value={angle} onChange={setAngle} />
      </div>
      <Button size="bench" type="submit" className="min-h-14">
        {other === null ? 'Record own reading' : 'Record this cut'}
      </Button>
    </form>
  );
}
