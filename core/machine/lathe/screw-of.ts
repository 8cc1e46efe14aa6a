import { parseAdvance, type Advance } from '../gearing/advance';
import type { Lathe } from './lathe';

/** The lead screw of a lathe, exact; null where it is not known. */
export function screwOf({ leadScrew }: Lathe): Advance | null {
  return leadScrew === null ? null : advanceStored(leadScrew.advance);
}

/** An advance as a document holds it; null where no release can read it. */
export function advanceStored(text: string): Advance | null {
  const read = parseAdvance('advance', text);
  return read.ok ? read.value : null;
}
