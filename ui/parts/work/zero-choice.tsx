'use client';

import { USUAL_PAPER } from '@/core/exercise/record/state/zero-gap';
import { Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';

/** How the zero was taken: what it means, the predicted size hangs on. Nothing chosen: touched on dye or metal. */
export function ZeroChoice({
  unit,
  value,
  onChoose,
}: {
  unit: 'in' | 'mm';
  value: { choice: string; value: string } | null;
  onChoose: (value: { choice: string; value: string }) => void;
}) {
  const chosen = value?.choice ?? '';
  return (
    <div className="grid gap-2">
      <Choice
        label="How the zero was taken"
        columns={2}
        value={chosen}
        options={[
          { value: 'dye', text: 'On dye' },
          { value: 'metal', text: 'On metal' },
          { value: 'paper', text: 'Paper between' },
          { value: 'short', text: 'Short of touching' },
        ]}
        note={
          chosen === 'short'
            ? 'The gap is not known: record the reading of the first chip when you see it.'
            : undefined
        }
        onChange={(choice) => onChoose({ choice, value: value?.value ?? '' })}
      />
      {chosen === 'paper' && (
        <Field
          label="Thickness of the paper"
          unit={unit}
          placeholder={String(USUAL_PAPER[unit])}
          value={value?.value ?? ''}
          onChange={(event) => onChoose({ choice: 'paper', value: event.target.value })}
        />
      )}
    </div>
  );
}
