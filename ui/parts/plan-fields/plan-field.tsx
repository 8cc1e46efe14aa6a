'use client';

import { useCallback, useMemo, type ReactNode } from 'react';
import { leafOf, type PlanField } from '@/core/exercise/plan/draft';
import { type ChoiceOption, Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';
import { Select } from '@/ui/kit/select';
import { Tick } from '@/ui/kit/tick';
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

interface ChoiceFieldProps {
  field: PlanField;
  label: string;
  options: readonly ChoiceOption[];
  /** What an empty field takes; the first option where it is not said. */
  proposed?: string;
  note?: string;
}

/** What a choice of the form says now, and how it is changed. */
function useChoiceField({ field, options, proposed, note }: ChoiceFieldProps) {
  const { form, values } = usePlanning();
  const message = useFieldMessage(field);
  const onChange = useCallback(
    (value: string) => form.setValue(field, value, { shouldDirty: true, shouldTouch: true }),
    [form, field],
  );
  return {
    value: leafOf(values, field) || (proposed ?? options[0]?.value ?? ''),
    error: message.error,
    note,
    warning: message.warning,
    onChange,
  };
}

export function PlanChoice({
  stacked,
  columns,
  ...props
}: ChoiceFieldProps & { stacked?: boolean; columns?: number }) {
  const { warning, ...state } = useChoiceField(props);
  return (
    <Choice
      label={props.label}
      options={props.options}
      stacked={stacked}
      columns={columns}
      warning={warning}
      {...state}
    />
  );
}

/** The same for a list of many. */
export function PlanSelect(props: ChoiceFieldProps) {
  const state = useChoiceField(props);
  return <Select label={props.label} options={props.options} {...state} />;
}

/** A yes or no of the form; an empty field is no. */
export function PlanCheck({ field, label }: { field: PlanField; label: string }) {
  const { form, values } = usePlanning();
  return (
    <Tick
      label={label}
      on={leafOf(values, field) === 'yes'}
      onSet={(on) => form.setValue(field, on ? 'yes' : '', { shouldDirty: true, shouldTouch: true })}
    />
  );
}
