import type { StoredObject } from '@/core/base/documents/document';

/**
 * Version 6 of a sheet out of version 5, whose records were reckoned as if every set-up were the planned one, and which
 * did not tell a drive that was left to the student. Frozen.
 */
export function liftSheet5(older: StoredObject): StoredObject {
  const { way } = older as unknown as { way: object };
  return { ...older, version: 6, way: { ...way, driveFree: false }, reckoned: 'as-planned' };
}
