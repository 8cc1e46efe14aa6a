import type { StoredObject } from '@/core/base/documents/document';

/** Version 7 of a plan out of version 6, which asked for no worksheet. Frozen. */
export function liftPlan6(older: StoredObject): StoredObject {
  return { ...older, version: 7, worksheet: { asks: [] } };
}
