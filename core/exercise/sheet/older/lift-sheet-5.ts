import type { StoredObject } from '@/core/base/documents/document';

/** Version 6 of a sheet out of version 5, whose records were reckoned as if every set-up were the planned one. Frozen. */
export function liftSheet5(older: StoredObject): StoredObject {
  return { ...older, version: 6, reckoned: 'as-planned' };
}
