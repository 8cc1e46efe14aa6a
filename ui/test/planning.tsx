import { NO_BOOK, type PlanBook } from '@/core/exercise/plan/plan-book';
import { type ReactNode, useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { EMPTY_PLAN_FORM, withLeaf, type PlanForm } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { PlanningProvider } from '@/ui/parts/plan-fields/planning-context';

/** For tests: a form with texts at some fields. */
function formWith(leaves: Record<string, string>): PlanForm {
  const empty: PlanForm = { ...EMPTY_PLAN_FORM, title: 'Test piece' };
  return Object.entries(leaves).reduce((form, [field, text]) => withLeaf(form, field, text), empty);
}

/** For tests: parts of planning around a form, as the planning view gives it to them. */
export function Planned({
  form: leaves,
  lathe = usualLathe('in'),
  book = NO_BOOK,
  children,
}: {
  form: Record<string, string>;
  lathe?: Lathe;
  book?: PlanBook;
  children: ReactNode;
}) {
  const form = useForm<PlanForm>({ defaultValues: formWith(leaves) });
  const values = useWatch({ control: form.control }) as PlanForm;
  const read = useMemo(() => readPlan(values, lathe), [values, lathe]);
  return (
    <PlanningProvider
      value={{
        exerciseId: 1,
        form,
        values,
        read,
        lathe,
        lathes: [{ id: 1, lathe }],
        book,
        touched: () => true,
      }}
    >
      {children}
    </PlanningProvider>
  );
}
