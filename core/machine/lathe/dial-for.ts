import type { Advance } from '../gearing/advance';
import { closesBetween, gearToMesh, wrongSeats, type WrongSeat } from '../thread-dial/between-marks';
import { groupsOfMarks } from '../thread-dial/safe-marks';
import { turnsToRepeat } from '../thread-dial/repeat';
import { dialGearsOf, type DialGear } from './dial-of';
import type { Lathe } from './lathe';
import { screwOf } from './screw-of';

/** Why the half nut can not be opened and closed by the dial of a lathe. */
export type NoDial = 'no-dial' | 'unusable' | 'not-known' | 'no-safe-mark';

/** What a lathe's thread dial does for a lead. */
export type DialFor =
  | { usable: false; why: NoDial }
  | {
      usable: true;
      gear: DialGear;
      /** Which of the lathe's dial gears is to be meshed. */
      gearIndex: number;
      /** Marks that are safe together, by their index; each mark belongs to one group. */
      groups: number[][];
      /** Turns of the lead screw until the half nut finds the same groove again. */
      turnsToRepeat: number;
      /** Whether the half nut also closes between the marks, and what it would do there after the first mark. */
      closesBetween: boolean;
      wrong: WrongSeat[];
    };

/** The dial of a lathe for a lead, by exact arithmetic; what is not known is said and not guessed. */
export function dialFor(lathe: Lathe, lead: Advance): DialFor {
  const { threadDial } = lathe;
  if (threadDial?.state === 'none') return { usable: false, why: 'no-dial' };
  if (threadDial?.state === 'unusable') return { usable: false, why: 'unusable' };
  const screw = screwOf(lathe);
  const gears = dialGearsOf(lathe).filter(({ marks }) => marks.length > 0);
  if (screw === null || gears.length === 0) return { usable: false, why: 'not-known' };
  const found = gearToMesh(gears, { screw, lead });
  if (found === null) return { usable: false, why: 'no-safe-mark' };
  const { gear } = found;
  const gearing = { screw, lead, gearTeeth: gear.teeth };
  return {
    usable: true,
    gear,
    gearIndex: dialGearsOf(lathe).findIndex(({ teeth }) => teeth === gear.teeth),
    groups: groupsOfMarks(gear.marks, gearing),
    turnsToRepeat: turnsToRepeat(gearing),
    closesBetween: closesBetween(gear.marks, gear.teeth),
    wrong: wrongSeats(0, gear.marks, gearing),
  };
}
