import type { PartShape } from '@/core/machine/blank/part-shape';
import type { Sheet } from './sheet';

/** The blank as it can be drawn; null in sheets that were made before it was kept, and where its end is not known here. */
export function drawnBlank({ blank }: Sheet): PartShape | null {
  if (blank === null) return null;
  const { end } = blank;
  return end === 'unknown' ? null : { ...blank, end };
}
