import type { ReactNode } from 'react';
import { useMemo } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { EMPTY_PLAN_FORM, readPlan, type PlanForm } from '@/core/plan';
import { PlanningProvider } from '../planning/planning-context';

/** For tests: parts of planning around a form, as the planning view gives it to them. */
export function Planned({ form: draft, children }: { form: Partial<PlanForm>; children: ReactNode }) {
  const form = useForm<PlanForm>({ defaultValues: { ...EMPTY_PLAN_FORM, title: 'Test piece', ...draft } });
  const values = useWatch({ control: form.control }) as PlanForm;
  const read = useMemo(() => readPlan(values), [values]);
  return <PlanningProvider value={{ form, values, read, touched: () => true }}>{children}</PlanningProvider>;
}
