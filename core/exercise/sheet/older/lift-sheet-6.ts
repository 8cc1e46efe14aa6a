import type { StoredObject } from '@/core/base/documents/document';

/** Version 7 of a sheet out of version 6, whose registers lay behind the thread and were made before it. Frozen. */
export function liftSheet6(older: StoredObject): StoredObject {
  const blank = older.blank as { register: object | null } | null;
  const register = blank?.register ?? null;
  return {
    ...older,
    version: 7,
    blank:
      blank === null || register === null
        ? blank
        : { ...blank, register: { ...register, at: 'behind', made: 'before' } },
  };
}
