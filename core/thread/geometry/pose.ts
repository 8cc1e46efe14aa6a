import { radians } from '@/core/base/units/angle';

/** Where the tool stands in the frame: along the axis, into the material, and in which start of the thread. */
export interface Pose {
  x: number;
  y: number;
  /** From 0. */
  start: number;
}

/** The slides that moved since touch-off. Lengths in one unit. */
export interface Slides {
  /** Feed of the compound along its own way, at an angle counted from the cross-slide axis. */
  compound: number;
  compoundAngleDeg: number;
  /** Way along x that the compound feeds, from the frame. */
  fed: 1 | -1;
  /** Feed of the cross slide from its zero, into the material. */
  crossSlide?: number;
  /** Shift of the carriage along x against the lead: an error of the thread dial, or the next start. */
  carriage?: number;
  start?: number;
}

/** The pose that slides make. @example at 60 degrees a compound feed of 1 goes 0.5 deep and 0.866 sideways */
export function poseOf({
  compound,
  compoundAngleDeg,
  fed,
  crossSlide = 0,
  carriage = 0,
  start = 0,
}: Slides): Pose {
  const angle = radians(compoundAngleDeg);
  return {
    x: fed * compound * Math.sin(angle) + carriage,
    y: compound * Math.cos(angle) + crossSlide,
    start,
  };
}
