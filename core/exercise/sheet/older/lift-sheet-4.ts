import type { StoredObject } from '@/core/base/documents/document';

/** Version 5 of a sheet out of version 4, which asked for no worksheet. Frozen. */
export function liftSheet4(older: StoredObject): StoredObject {
  return { ...older, version: 5, worksheet: [] };
}
