'use client';

import type { ReactNode } from 'react';
import { Fold } from '@/ui/kit/fold';
import { usePlanning } from './planning-context';

/** Fields that are seldom changed, folded away; what is wrong in one of them is never out of sight. */
export function PlanFold({
  title,
  result,
  holds,
  children,
}: {
  title: string;
  result?: string | undefined;
  /** Its fields, or the parts of the form that it shows. */
  holds: readonly string[];
  children: ReactNode;
}) {
  const { read } = usePlanning();
  const attend = [...read.issues, ...read.warnings].some(({ field }) =>
    holds.some((held) => field === held || field.startsWith(`${held}.`)),
  );
  return (
    <Fold title={title} result={result} attend={attend}>
      {children}
    </Fold>
  );
}
