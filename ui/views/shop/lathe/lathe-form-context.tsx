'use client';

import { createContext, useContext, type ReactNode } from 'react';
import type { Lathe } from '@/core/machine/lathe/lathe';
import type { LatheField, LatheForm, LatheTable } from '@/core/machine/lathe/form/lathe-form';
import { Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';
import { TypedTable, type TypedTableProps } from '@/ui/kit/typed-table';
import { useSay } from '@/ui/kit/shop-words';

/** The form of a lathe as its parts see it. */
export interface LatheFormState {
  form: LatheForm;
  change: (part: Partial<LatheForm>) => void;
  /** The message at a field, or at a cell such as `speeds.2.0`. */
  errorAt: (field: string) => string | undefined;
  /** The lathe as far as it can be read; for the checks of plates and charts. */
  lathe: Lathe | null;
}

const State = createContext<LatheFormState | null>(null);

export const LatheFormProvider = State.Provider;

export function useLatheForm(): LatheFormState {
  const state = useContext(State);
  if (state === null) throw new Error('There is no form of a lathe around this.');
  return state;
}

export function LatheText({
  name,
  label,
  unit,
  proposed,
  note,
}: {
  name: LatheField;
  label: string;
  unit?: string;
  proposed?: string;
  note?: string;
}) {
  const { form, change, errorAt } = useLatheForm();
  return (
    <Field
      label={label}
      unit={unit}
      placeholder={proposed}
      note={note}
      value={form[name]}
      error={errorAt(name)}
      onChange={(event) => change({ [name]: event.target.value })}
    />
  );
}

export function LatheChoice({
  name,
  label,
  options,
  stacked = false,
}: {
  name: LatheField;
  label: string;
  options: { value: string; text: string }[];
  stacked?: boolean;
}) {
  const { form, change, errorAt } = useLatheForm();
  return (
    <Choice
      label={label}
      value={form[name]}
      options={options}
      stacked={stacked}
      error={errorAt(name)}
      onChange={(value) => change({ [name]: value })}
    />
  );
}

export function LatheTableField({
  name,
  ...props
}: { name: LatheTable } & Pick<
  TypedTableProps,
  'label' | 'columns' | 'begin' | 'note' | 'choices' | 'saidOf'
>) {
  const { form, change, errorAt } = useLatheForm();
  return (
    <TypedTable
      {...props}
      rows={form[name]}
      onChange={(rows) => change({ [name]: rows })}
      errorAt={(row, column) => errorAt(`${name}.${row}.${column}`)}
    />
  );
}

export function LathePart({ title, children }: { title: string; children: ReactNode }) {
  const say = useSay();
  return (
    <fieldset className="grid min-w-0 content-start gap-3">
      <legend className="mb-2 w-full border-b border-rule-strong text-xl">{say(title)}</legend>
      {children}
    </fieldset>
  );
}
