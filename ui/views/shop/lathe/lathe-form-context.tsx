'use client';

import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { isAsked } from '@/core/machine/lathe/form/is-asked';
import {
  optionsOf,
  type LatheFieldData,
  type LathePart as LathePartOf,
} from '@/core/machine/lathe/form/lathe-field';
import { LATHE_FIELDS, latheField } from '@/core/machine/lathe/form/lathe-fields';
import { createContext, useContext, type ReactNode } from 'react';
import type { Lathe } from '@/core/machine/lathe/lathe';
import type { LatheField } from '@/core/machine/lathe/form/lathe-fields';
import type { LatheForm, LatheTable } from '@/core/machine/lathe/form/lathe-form';
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

/** One field, as its descriptor says; nothing where it is not asked for. */
export function LatheFieldAt({ name }: { name: LatheField }) {
  const { form, change, errorAt } = useLatheForm();
  const field = latheField(name);
  if (!isAsked(form, field)) return null;
  const set = (text: string) => change({ [name]: text });
  const options = optionsOf(field);
  const error = errorAt(name);
  if (options !== null)
    return (
      <Choice
        label={field.label}
        value={form[name]}
        options={options}
        stacked={field.stacked ?? false}
        error={error}
        onChange={set}
      />
    );
  return (
    <Field
      label={field.label}
      unit={field.unit ?? (field.unitOf === undefined ? undefined : form[field.unitOf as LatheField])}
      placeholder={field.proposed ?? proposedBy(form, field.proposedAt)}
      note={field.note}
      value={form[name]}
      error={error}
      onChange={(event) => set(event.target.value)}
    />
  );
}

/** A figure of the usual dial in the unit of this one. */
function proposedBy({ dialUnit }: LatheForm, at: string | undefined): string | undefined {
  if (at !== 'graduation' && at !== 'perTurn') return undefined;
  return String(usualLathe(dialUnit === 'mm' ? 'mm' : 'in').compound.dial[at].value);
}

/** The fields of a part, in their order; those that belong in one row side by side. */
export function LatheFieldsOf({ part }: { part: LathePartOf }) {
  const { form } = useLatheForm();
  const asked = LATHE_FIELDS.map((name) => latheField(name)).filter(
    (field) => field.part === part && isAsked(form, field),
  );
  const rows: LatheFieldData[][] = [];
  for (const field of asked) {
    const last = rows.at(-1);
    if (field.inRow !== undefined && last?.[0]?.inRow === field.inRow) last.push(field);
    else rows.push([field]);
  }
  return rows.map((row) => {
    const fields = row.map(({ name }) => <LatheFieldAt key={name} name={name as LatheField} />);
    const first = row[0];
    return first?.inRow === undefined ? (
      fields
    ) : (
      <div key={first.name} className={`grid gap-2 ${first.inRow === 3 ? 'grid-cols-3' : 'grid-cols-2'}`}>
        {fields}
      </div>
    );
  });
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
