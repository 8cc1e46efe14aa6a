import type { Advance } from '../gearing/advance';
import type { Lathe, SpindleSpeed } from './lathe';
import { screwOf } from './screw-of';

/** A speed that a lathe can be set to. */
export interface SettableSpeed {
  /** What the spindle really makes, as far as it is known. */
  rpm: number;
  /** As marked at the machine. */
  marked: number;
  /** How it is set, in the shop's words; empty where that is not kept. */
  set: string;
  by: SpindleSpeed['by'];
  runDownTurns: number | null;
}

/** Fastest spindle speed that placards and lead screw allow, and which of them says so; null where nothing does. */
export interface SpeedCap {
  rpm: number;
  by: { placard: { lever: string; position: string } } | 'lead-screw';
}

/** What forbids higher speeds for a lead with the levers that are set. */
export function speedCap(
  lathe: Lathe,
  levers: readonly { lever: string; position: string }[],
  lead: Advance,
): SpeedCap | null {
  const caps: SpeedCap[] = lathe.placards
    .filter(({ lever, position }) => levers.some((set) => set.lever === lever && set.position === position))
    .map(({ lever, position, mostRpm }) => ({ rpm: mostRpm, by: { placard: { lever, position } } }));
  const screw = screwOf(lathe);
  const most = lathe.leadScrew?.mostRpm ?? null;
  if (screw !== null && most !== null)
    caps.push({ rpm: screw.mm.div(lead.mm).valueOf() * most, by: 'lead-screw' });
  return caps.reduce<SpeedCap | null>(
    (least, cap) => (least === null || cap.rpm < least.rpm ? cap : least),
    null,
  );
}

/**
 * The fastest speed of a lathe that is not above a limit, by what it really gives; a range gives the limit itself. Null:
 * its slowest is faster. Undefined: nobody has written its speeds down.
 */
export function fastestWithin(lathe: Lathe, mostRpm: number): SettableSpeed | null | undefined {
  const { speeds } = lathe.spindle;
  if (speeds.length === 0) return undefined;
  const within = speeds.flatMap((speed) => settable(lathe, speed, mostRpm));
  return within.reduce<SettableSpeed | null>(
    (best, each) => (best === null || each.rpm > best.rpm ? each : best),
    null,
  );
}

/** The slowest speed of a lathe. */
export function slowest(lathe: Lathe): SettableSpeed | null {
  const [first] = lathe.spindle.speeds;
  return first === undefined ? null : (settable(lathe, first, Infinity, 'slow')[0] ?? null);
}

/** Slack for binary noise: a speed that just leaves the time is allowed. */
const SLACK = 1 + 1e-9;

function settable(
  lathe: Lathe,
  speed: SpindleSpeed,
  mostRpm: number,
  end: 'slow' | 'fast' = 'fast',
): SettableSpeed[] {
  const { rpm: marked, upTo, real, set, by } = speed;
  const runDownTurns = speed.runDownTurns ?? lathe.spindle.runDownTurns;
  const slow = real ?? marked;
  if (slow > mostRpm * SLACK) return [];
  const rpm =
    upTo === null || end === 'slow' ? slow : Math.max(slow, Math.min(upTo, Math.floor(mostRpm * SLACK)));
  return [{ rpm, marked: upTo === null ? marked : rpm, set, by, runDownTurns }];
}
