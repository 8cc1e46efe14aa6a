'use client';

import { useMemo } from 'react';
import { explainPlan } from '@/core/exercise/plan/explain-plan';
import { usePlanning } from './planning-context';

/** The reasons behind the plan's figures. */
export function usePlanWhys() {
  const { read, lathe } = usePlanning();
  return useMemo(
    () => explainPlan(read.evaluation, read.inputs, lathe.compound.swivel.zeroAlong),
    [read, lathe],
  );
}
