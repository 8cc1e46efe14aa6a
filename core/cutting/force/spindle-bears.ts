import type { Lathe } from '@/core/machine/lathe/lathe';

/** What the spindle of a lathe can give at a speed. */
export interface SpindleBears {
  /** N m; null where nobody has written it down. */
  torque: number | null;
  /** W; null where nobody has written it down. */
  power: number | null;
}

/**
 * What a lathe has at a speed: of the setting that makes it, by what it really gives. In a range the torque of its slow end
 * holds (an inverter's motor is weak below its own speed, and above it the power is what stays). Unknown stays unknown.
 */
export function spindleBears({ spindle }: Lathe, rpm: number): SpindleBears {
  const setting = spindle.speeds
    .filter(
      ({ rpm: marked, real, upTo }) =>
        rpm >= (real ?? marked) - 1e-6 && rpm <= (upTo ?? real ?? marked) + 1e-6,
    )
    .at(-1);
  if (setting === undefined) return { torque: null, power: null };
  const { torqueNm, powerW } = setting;
  const byPower = powerW === null ? null : (powerW * 60) / (2 * Math.PI * rpm);
  const torque = torqueNm === null ? byPower : byPower === null ? torqueNm : Math.min(torqueNm, byPower);
  return { torque, power: powerW ?? (torqueNm === null ? null : (torqueNm * 2 * Math.PI * rpm) / 60) };
}
