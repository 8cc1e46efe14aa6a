import { useMemo } from 'react';
import { bearsOfPlan, type PlanBears } from '@/core/exercise/plan/bears-of-plan';
import { usePlanning } from './planning-context';
import { useSheet } from './use-sheet';

/** What the plan asks of tool, lathe and part on the lathe looked at; null while it has no passes. */
export function useBears(): PlanBears | null {
  const { read, lathe } = usePlanning();
  const wait = useSheet()?.dial.waitSeconds ?? null;
  return useMemo(() => bearsOfPlan(read, lathe, wait), [read, lathe, wait]);
}
