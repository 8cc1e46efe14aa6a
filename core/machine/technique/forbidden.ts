import type { Advance } from '../gearing/advance';
import { halfNutBy } from '../lathe/half-nut-by';
import type { Lathe } from '../lathe/lathe';
import {
  HOLDINGS,
  hasTailstock,
  feedsByCompound,
  type Drive,
  type InfeedWay,
  type WorkEnd,
  type Holding,
  type RealDrive,
} from './choices';
import { frameOfWay, type Way } from './way';

/** What one choice of a way has against another, at the choice that can be mended. */
export type WayConflict =
  | { choice: 'end'; code: 'end-not-of-side'; value: WorkEnd }
  | { choice: 'end'; code: 'away-needs-start'; value: WorkEnd }
  | { choice: 'holding'; code: 'no-centre-in-bore'; value: Holding }
  | { choice: 'clearing'; code: 'compound-does-not-feed'; value: InfeedWay }
  | { choice: 'startsBy'; code: 'compound-not-along-bed'; value: InfeedWay };

/** Contradictions within a way, whatever the lathe. `startsBy` null: one start. */
export function wayConflicts(way: Way, startsBy: string | null): WayConflict[] {
  const conflicts: WayConflict[] = [];
  const { side, end, direction, holding, clearing, infeed } = way;
  if (!endsOf(side).includes(end)) conflicts.push({ choice: 'end', code: 'end-not-of-side', value: end });
  else if (direction === 'away-from-headstock' && end === 'mark')
    conflicts.push({ choice: 'end', code: 'away-needs-start', value: end });
  if (side === 'internal' && hasTailstock(holding))
    conflicts.push({ choice: 'holding', code: 'no-centre-in-bore', value: holding });
  if (clearing === 'compound' && !feedsByCompound(infeed))
    conflicts.push({ choice: 'clearing', code: 'compound-does-not-feed', value: infeed });
  if (startsBy === 'compound' && feedsByCompound(infeed))
    conflicts.push({ choice: 'startsBy', code: 'compound-not-along-bed', value: infeed });
  return conflicts;
}

/** Ends of a thread that a side may have: a groove is turned outside, a recess inside. */
export function endsOf(side: Way['side']): WorkEnd[] {
  return side === 'external' ? ['groove', 'mark', 'through', 'boss'] : ['recess', 'through', 'mark'];
}

/** Holdings that a side may have: no centre stands in a bore. */
export function holdingsOf(side: Way['side']): Holding[] {
  return HOLDINGS.filter((holding) =>
    side === 'external' ? holding !== 'parallels' : !hasTailstock(holding),
  );
}

/** Why a lathe can not do what a way asks; `unknown` ones only warn, for nobody has looked it up. */
export interface LatheConflict {
  code: 'screwed-chuck-in-reverse' | 'no-trip' | 'no-readout' | 'no-safe-mark' | 'no-dial';
  severity: 'refuse' | 'warn';
}

/** Holdings that put nothing on the spindle nose which could unscrew: the drawbar holds a collet. */
const NOTHING_SCREWED_ON: readonly Holding[] = ['between-centres', 'collet'];

/** What a lathe forbids a way of cutting a lead. */
export function forbiddenOn(way: Way, drive: Drive, lathe: Lathe, lead: Advance): LatheConflict[] {
  const conflicts: LatheConflict[] = [];
  const backward = driveOn(drive, lathe, lead) === 'reversing' || frameOfWay(way).spindleReversed;
  const chucked = !NOTHING_SCREWED_ON.includes(way.holding);
  if (backward && chucked && lathe.spindle.nose === 'screwed')
    conflicts.push({ code: 'screwed-chuck-in-reverse', severity: 'refuse' });
  if (drive === 'trip' && lathe.trip.fitted !== true)
    conflicts.push({ code: 'no-trip', severity: lathe.trip.fitted === false ? 'refuse' : 'warn' });
  if (way.infeed === 'readout' && lathe.readout === null)
    conflicts.push({ code: 'no-readout', severity: 'refuse' });
  const nut = halfNutBy(lathe, lead);
  if (drive === 'half-nut' && !nut.can)
    conflicts.push({ code: nut.why === 'no-safe-mark' ? 'no-safe-mark' : 'no-dial', severity: 'warn' });
  return conflicts;
}

/**
 * The drive that is preset on a lathe: the plan's own; where the plan leaves it free, or the half nut can not find the
 * thread again, what this lathe can do.
 */
export function driveOn(drive: Drive, lathe: Lathe, lead: Advance): RealDrive {
  const opens = halfNutBy(lathe, lead).can;
  if (drive === 'free') return opens ? 'half-nut' : 'reversing';
  return drive === 'half-nut' && !opens ? 'reversing' : drive;
}
