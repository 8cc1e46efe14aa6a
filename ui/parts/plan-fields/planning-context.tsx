'use client';

import { createContext, useContext } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { Lathe } from '@/core/machine/lathe/lathe';
import type { PlanField, PlanForm } from '@/core/exercise/plan/draft';
import type { PlanBook } from '@/core/exercise/plan/plan-book';
import { useShownField } from './shown-fields';
import type { ReadPlan } from '@/core/exercise/plan/read/read-plan';

/** What the parts of the planning view share: the form, and all that follows from it. */
export interface Planning {
  /** Null where a plan is only looked at, as in the tables. */
  exerciseId: number | null;
  form: UseFormReturn<PlanForm>;
  values: PlanForm;
  read: ReadPlan;
  /** The lathe looked at: the view's choice, no part of the plan. */
  lathe: Lathe;
  /** All lathes of the shop that are offered. */
  lathes: readonly { id: number; lathe: Lathe }[];
  /** Tools and gauges of the shop's book; none where a plan is only looked at. */
  book: PlanBook;
  /** A required field that was never touched is asked for, not scolded. */
  touched: (field: string) => boolean;
}

const Context = createContext<Planning | null>(null);
export const PlanningProvider = Context.Provider;

export function usePlanning(): Planning {
  const planning = useContext(Context);
  if (planning === null) throw new Error('usePlanning outside of the planning view');
  return planning;
}

/** The pass that is shown, apart from the plan: stepping through the passes changes nothing else. */
export interface PassShown {
  chosen: number;
  onChoose: (pass: number) => void;
}

const PassContext = createContext<PassShown>({ chosen: 0, onChoose: () => undefined });
export const PassShownProvider = PassContext.Provider;
export const usePassShown = () => useContext(PassContext);

/** The step that is chosen in the list of steps. */
export interface StepChosen {
  chosen: string | null;
  onChoose: (id: string) => void;
}

const StepContext = createContext<StepChosen>({ chosen: null, onChoose: () => undefined });
export const StepChosenProvider = StepContext.Provider;
export const useStepChosen = () => useContext(StepContext);

/** The message of a field: an error, else a warning, else how it was read. */
export function useFieldMessage(field: PlanField): { error?: string; warning?: string; note?: string } {
  const { read, touched } = usePlanning();
  useShownField(field);
  const issue = read.issues.find((candidate) => candidate.field === field);
  if (issue !== undefined) {
    return issue.code === 'required' && !touched(field) ? { note: issue.message } : { error: issue.message };
  }
  const warnings = read.warnings.filter((candidate) => candidate.field === field);
  if (warnings.length > 0) return { warning: warnings.map(({ message: says }) => says).join(' ') };
  const note = read.notes[field];
  return note === undefined ? {} : { note };
}
