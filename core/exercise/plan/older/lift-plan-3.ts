import type { StoredObject } from '@/core/base/documents/document';

/** Version 4 of a plan out of version 3, which had the reaction time of its level and no other. Frozen. */
export function liftPlan3(older: StoredObject): StoredObject {
  const { technique } = older as unknown as { technique: object };
  return { ...older, version: 4, technique: { ...technique, reactionSeconds: null } };
}
