import type { StoredObject } from '@/core/base/documents/document';

/** Version 4 of a sheet out of version 3, whose hold points were the instructor's alone. Frozen. */
export function liftSheet3(older: StoredObject): StoredObject {
  const { steps, stops } = older as unknown as { steps: object[]; stops: object[] };
  return {
    ...older,
    version: 4,
    steps: steps.map((step) => ({ ...step, helper: false })),
    stops: stops.map((stop) => ({ ...stop, helper: false })),
  };
}
