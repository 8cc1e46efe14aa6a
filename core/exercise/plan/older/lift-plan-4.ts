import type { StoredObject } from '@/core/base/documents/document';

/** Version 5 of a plan out of version 4, which knew no boring bar and no limits but the largest infeed. Frozen. */
export function liftPlan4(older: StoredObject): StoredObject {
  const { tool, schedule } = older as unknown as { tool: object; schedule: object };
  return {
    ...older,
    version: 5,
    tool: { ...tool, bar: null },
    schedule: {
      ...schedule,
      limits: { chipArea: null, leastChip: null, mostBeforeTip: null, mostBending: null },
    },
  };
}
