import type { WireCase } from '../gauging';
import { overWires } from '../gauging';
import { groundHeight, pitchDiameterAt, type DepthCase } from '../depth';
import type { ScheduledPass } from '../schedule';
import { roundTo, type Length } from '../units';

/** A pass of the schedule with what the student reads and what the thread has become. */
export interface PlannedPass extends ScheduledPass {
  /** In the dial's own unit. */
  dialInfeed: Length;
  dialReading: Length;
  /** In the thread's unit; null while the groove is too shallow to have a pitch diameter. */
  pitchDiameter: number | null;
  overWires: number | null;
}

export function plannedPass(
  pass: ScheduledPass,
  graduation: Length,
  depthCase: DepthCase,
  wireCase: WireCase,
): PlannedPass {
  const shallow = pass.radialDepth <= groundHeight(depthCase);
  const pitchDiameter = shallow ? null : pitchDiameterAt(depthCase, pass.radialDepth);
  const onDial = (graduations: number): Length => ({
    value: roundTo(graduations * graduation.value, 6),
    unit: graduation.unit,
  });
  return {
    ...pass,
    dialInfeed: onDial(pass.infeedGraduations),
    dialReading: onDial(pass.readingGraduations),
    pitchDiameter,
    overWires: pitchDiameter === null ? null : overWires(wireCase, pitchDiameter),
  };
}
