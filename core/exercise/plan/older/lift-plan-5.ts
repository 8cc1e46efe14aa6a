import type { StoredObject } from '@/core/base/documents/document';

/** Version 6 of a plan out of version 5, whose hold points were the instructor's alone. Frozen. */
export function liftPlan5(older: StoredObject): StoredObject {
  const { schedule, steps } = older as unknown as { schedule: { rows: object[] }; steps: object[] };
  return {
    ...older,
    version: 6,
    schedule: { ...schedule, rows: schedule.rows.map((row) => ({ ...row, helper: false })) },
    steps: steps.map((step) => ({ ...step, helper: false })),
  };
}
