'use client';

import { useMemo, type ReactNode } from 'react';
import { leafOf, type PlanField } from '@/core/plan';
import type { ChoiceOption } from '../kit/choice';
import { Choice } from '../kit/choice';
import { Field } from '../kit/field';
import { useFieldMessage, usePlanning } from './planning-context';

/** A field of the planning form with its message. `proposed` shows what an empty field takes. */
export function PlanTextField({
  field,
  label,
  unit,
  proposed,
  hint,
  suggestions,
  autoFocus,
}: {
  field: PlanField;
  label: string;
  unit?: ReactNode;
  proposed?: string;
  hint?: string;
  suggestions?: readonly string[];
  autoFocus?: boolean;
}) {
  const { form } = usePlanning();
  const message = useFieldMessage(field);
  // The form gives another function at each call; the field is left alone while its own text does not change.
  const registered = useMemo(() => form.register(field), [form, field]);
  const listId = suggestions === undefined ? undefined : `suggestions-${field}`;
  return (
    <>
      <Field
        label={label}
        unit={unit}
        placeholder={proposed}
        list={listId}
        autoFocus={autoFocus}
        {...message}
        note={message.note ?? hint}
        {...registered}
      />
      {suggestions !== undefined && (
        <datalist id={listId}>
          {suggestions.map((text) => (
            <option key={text} value={text} />
          ))}
        </datalist>
      )}
    </>
  );
}

export function PlanChoice({
  field,
  label,
  options,
  stacked,
  columns,
  note,
}: {
  field: PlanField;
  label: string;
  options: readonly ChoiceOption[];
  stacked?: boolean;
  columns?: number;
  note?: string;
}) {
  const { form, values } = usePlanning();
  const message = useFieldMessage(field);
  return (
    <Choice
      label={label}
      value={leafOf(values, field) || (options[0]?.value ?? '')}
      options={options}
      stacked={stacked}
      columns={columns}
      error={message.error}
      note={note}
      onChange={(value) => form.setValue(field, value, { shouldDirty: true, shouldTouch: true })}
    />
  );
}
