import { partOfTurn } from '../thread-dial/part-of-turn';
import type { DialMark } from '../thread-dial/safe-marks';
import type { Lathe } from './lathe';

/** A gear of a thread dial with its marks, exact. */
export interface DialGear {
  teeth: number;
  marks: DialMark[];
}

/** The gears of a lathe's thread dial; empty where it has none, or nobody has looked. */
export function dialGearsOf({ threadDial }: Lathe): DialGear[] {
  return (threadDial?.gears ?? []).map(({ teeth, marks }) => ({
    teeth,
    marks: marks.flatMap(({ label, at }) => {
      const place = partOfTurn(at);
      return place === null ? [] : [{ label, at: place }];
    }),
  }));
}
