import type { Advance } from '../gearing/advance';
import { halfNutBy } from '../lathe/half-nut-by';
import type { Lathe } from '../lathe/lathe';
import { feedsByCompound, feedsByReadout, type InfeedWay, type WorkEnd } from './choices';
import { frameOfWay } from './cut-way';
import { DRIVE_DATA, SURE_DRIVE, USUAL_DRIVE, type Drive, type RealDrive } from './drives';
import type { DriveLack } from './drives/drive-data';
import { HOLDING_DATA, hasTailstock, type Holding } from './holdings';
import type { Way } from './way';

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

/** Why a lathe can not do what a way asks; `unknown` ones only warn, for nobody has looked it up. */
export type LatheConflict =
  | { code: 'screwed-chuck-in-reverse' | 'no-readout'; severity: 'refuse' | 'warn' }
  | DriveLack;

/** What a lathe forbids a way of cutting a lead. */
export function forbiddenOn(way: Way, drive: Drive, lathe: Lathe, lead: Advance): LatheConflict[] {
  const conflicts: LatheConflict[] = [];
  const { returnsUnderPower } = DRIVE_DATA[driveOn(drive, lathe, lead)];
  const backward = returnsUnderPower || frameOfWay(way).spindleReversed;
  if (backward && HOLDING_DATA[way.holding].unscrews && lathe.spindle.nose === 'screwed')
    conflicts.push({ code: 'screwed-chuck-in-reverse', severity: 'refuse' });
  const lack = drive === 'free' ? null : DRIVE_DATA[drive].lacks(lathe, halfNutBy(lathe, lead));
  if (lack?.of === 'lathe') conflicts.push(lack);
  if (feedsByReadout(way.infeed) && lathe.readout === null)
    conflicts.push({ code: 'no-readout', severity: 'refuse' });
  if (lack?.of === 'dial') conflicts.push(lack);
  return conflicts;
}

/**
 * The drive that is preset on a lathe: the plan's own; where the plan leaves it free, or the half nut can not find the
 * thread again, what this lathe can do.
 */
export function driveOn(drive: Drive, lathe: Lathe, lead: Advance): RealDrive {
  const asked = drive === 'free' ? USUAL_DRIVE : drive;
  return DRIVE_DATA[asked].catchesMarks && !halfNutBy(lathe, lead).can ? SURE_DRIVE : asked;
}
