import { fastestWithin, slowest, type SettableSpeed } from '../lathe/speeds-of';
import type { Lathe } from '../lathe/lathe';
import { maxRpm, type SpeedLimit } from './speed-limit';

/**
 * The speed of a lathe that is set: the fastest that is not above `allowed` and leaves the reaction time with its own
 * run-down; its slowest where none does; null where nobody has written its speeds down.
 * @param reactionSeconds null: the hand's limit is set aside, and only `allowed` counts
 * @param limitWith what limits the technique, for turns of run-down
 */
export function speedOnLathe(
  lathe: Lathe,
  allowed: number,
  lead: number,
  reactionSeconds: number | null,
  limitWith: (runDownTurns: number | null) => SpeedLimit,
): SettableSpeed | null {
  // Each speed has its own run-down, so the fastest is sought from the top.
  let most = allowed;
  for (let guard = 0; guard < 60; guard += 1) {
    const speed = fastestWithin(lathe, most);
    if (speed === undefined) return null;
    if (speed === null) return slowest(lathe);
    const leaves =
      reactionSeconds === null ? null : maxRpm(limitWith(speed.runDownTurns), lead, reactionSeconds);
    if (leaves === null || speed.rpm <= leaves + 1e-9) return speed;
    most = Math.min(leaves, speed.rpm - 1e-6);
  }
  return slowest(lathe);
}
