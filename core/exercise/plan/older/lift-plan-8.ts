import type { StoredObject } from '@/core/base/documents/document';

/**
 * Version 9 of a plan out of version 8, whose registers lay behind the thread and were made before it, and whose speed
 * always gave way to the hand. Frozen.
 */
export function liftPlan8(older: StoredObject): StoredObject {
  const work = older.work as { register: object | null };
  return {
    ...older,
    version: 9,
    work: {
      ...work,
      register: work.register === null ? null : { ...work.register, at: 'behind', made: 'before' },
    },
    technique: { ...(older.technique as object), handLimit: 'keeps' },
  };
}
