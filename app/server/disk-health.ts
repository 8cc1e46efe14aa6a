import 'server-only';
import { statfs } from 'node:fs/promises';

export type DiskHealth = 'ok' | 'full' | 'unknown';

/**
 * Under this the disk counts as full, and nothing more is stored: a table grows by up to 4 MB at once, and a database that
 * finds no room in the middle of that may end itself. A class's term needs some 50 MB.
 */
const LEAST_FREE_BYTES = 20_000_000;

/** Free space where the database lies; unknown when the state is on another machine. */
export async function diskHealth(): Promise<DiskHealth> {
  const folder = process.env.OYAKATA_STATE;
  if (folder === undefined) return 'unknown';
  try {
    const { bavail, bsize } = await statfs(folder);
    return bavail * bsize < LEAST_FREE_BYTES ? 'full' : 'ok';
  } catch {
    return 'unknown';
  }
}
