import type { Plan } from '../plan/plan';
import type { AskedRow } from '@/core/cutting/schedule/passes-on-dial';
import { REAL_DRIVES, type RealDrive } from '@/core/machine/technique/drives';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';

/** A cut of the plan as a feed of the slide. */
interface PlanCut extends AskedRow {
  /** The check that ends its repeat. */
  until: string | null;
  drive: RealDrive | null;
}

/** A stop after so many rows. */
export interface PlanStop {
  what: 'check' | 'work';
  check: string;
  after: number;
  onward: boolean;
  hold: boolean;
  helper: boolean;
}

export interface PlanRows {
  cuts: PlanCut[];
  stops: PlanStop[];
  /** Whether they are made to end at the target, or end where the instructor's table ends. */
  aimed: boolean;
}

const BY_HAND: readonly string[] = ['chart', 'until', 'own'];

/** The rows of a plan, cuts as feeds and stops between them; null where it has none. */
export function rowsOfPlan({ schedule }: Plan, unit: LengthUnit): PlanRows | null {
  const cuts: PlanCut[] = [];
  const stops: PlanStop[] = [];
  for (const row of schedule.rows) {
    const { what, kind, infeed, reading, measure } = row;
    if (what === 'check' || what === 'work') {
      stops.push({
        what,
        check: row.check ?? 'look',
        after: cuts.length,
        onward: row.onward,
        hold: row.hold,
        helper: row.helper,
      });
      continue;
    }
    if (kind === null || infeed === null || reading === null) continue;
    const share = measure === 'diameter' ? 0.5 : 1;
    const feed = (length: Length): Length => ({ value: share * lengthIn(length, unit), unit });
    cuts.push({
      kind,
      infeed: feed(infeed),
      reading: feed(reading),
      until: what === 'repeat' ? row.check : null,
      drive: REAL_DRIVES.find((drive) => drive === row.drive) ?? null,
    });
  }
  return cuts.length === 0 ? null : { cuts, stops, aimed: !BY_HAND.includes(schedule.school) };
}
