'use client';

import { useMemo } from 'react';
import { explainPlan } from '@/core/plan';
import { usePlanning } from './planning-context';

/** The reasons behind the plan's figures. */
export function usePlanWhys() {
  const { read } = usePlanning();
  return useMemo(() => explainPlan(read.evaluation, read.inputs), [read]);
}
