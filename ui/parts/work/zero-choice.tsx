'use client';

import { ZERO_WAYS } from '@/core/machine/technique/choices';
import { ZERO_TEXTS } from '@/core/machine/technique/zero-texts';
import { USUAL_PAPER, USUAL_SCRATCH } from '@/core/exercise/record/state/zero-gap';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';
import { Select } from '@/ui/kit/select';

/** How the zero was taken, and the thickness or depth that belongs to it as it is typed. */
export interface ZeroTaken {
  choice: string;
  value: string;
}

/** What is chosen before anybody chooses: what the plan says; where it says nothing, just touched. */
export const plannedZero = ({ way: { zeroBy } }: Pick<Sheet, 'way'>): ZeroTaken => ({
  choice: zeroBy === null || zeroBy === 'unknown' ? '' : zeroBy,
  value: '',
});

/** What the predicted size and the rows on the dial hang on. Folded: in one line, for the whole set-up on one page. */
export function ZeroChoice({
  unit,
  value,
  folded = false,
  onChoose,
}: {
  unit: 'in' | 'mm';
  value: ZeroTaken;
  folded?: boolean;
  onChoose: (value: ZeroTaken) => void;
}) {
  const { choice } = value;
  const label = 'How the zero was taken';
  const options = ZERO_WAYS.map((way) => ({ value: way, text: ZERO_TEXTS[way] }));
  const note =
    choice === 'short'
      ? 'The gap is not known: record the reading of the first chip when you see it.'
      : undefined;
  const onChange = (chosen: string) => onChoose({ choice: chosen, value: '' });
  const thickness = choice === 'paper' || choice === 'scratch';
  return (
    <div className="grid gap-2">
      {folded ? (
        <Select
          label={label}
          labelHidden
          value={choice}
          options={[{ value: '', text: 'Touched' }, ...options]}
          note={note}
          onChange={onChange}
        />
      ) : (
        <Choice label={label} columns={2} value={choice} options={options} note={note} onChange={onChange} />
      )}
      {thickness && (
        <Field
          label={choice === 'paper' ? 'Thickness of the paper' : 'Depth of the scratch'}
          unit={unit}
          placeholder={String((choice === 'paper' ? USUAL_PAPER : USUAL_SCRATCH)[unit])}
          value={value.value}
          onChange={(event) => onChoose({ choice, value: event.target.value })}
        />
      )}
    </div>
  );
}
