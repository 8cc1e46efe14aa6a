import type { StoredObject } from '@/core/base/documents/document';

/** Version 8 of a plan out of version 7, which named no records of the shop's book. Frozen. */
export function liftPlan7(older: StoredObject): StoredObject {
  const proof = older.proof as { evidence: object[] };
  return {
    ...older,
    version: 8,
    tool: { ...(older.tool as object), record: null },
    proof: { ...proof, evidence: proof.evidence.map((each) => ({ ...each, record: null })) },
  };
}
