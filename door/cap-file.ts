import { promises as files } from 'node:fs';

/**
 * Keeps a file that another process appends to (the database's log) under a size: what it holds is copied to `.1`, and
 * it begins anew. Nothing happens while the disk is full or the file is absent.
 */
export async function capFile(path: string, mostBytes: number): Promise<boolean> {
  try {
    const { size } = await files.stat(path);
    if (size <= mostBytes) return false;
    await files.copyFile(path, `${path}.1`);
    await files.truncate(path, 0);
    return true;
  } catch {
    return false;
  }
}
