import { depthOf } from '@/core/thread/geometry/frame';
import type { Piece } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';
import type { Side } from '@/core/thread/standards/thread';
import type { ThreadForm } from '@/core/thread/standards/thread-form';
import { radians } from '@/core/base/units/angle';

/** The thread as its standard draws it, on a blank or bore. Lengths in one unit. */
export interface IdealCase {
  form: ThreadForm;
  pitch: number;
  /** Basic major diameter. */
  nominalDiameter: number;
  side: Side;
  /** Real blank or bore, from whose surface depths count. */
  workDiameter: number;
}

/**
 * The basic profile of a form over one pitch, its groove in the middle at 0: crest and root where the standard has them
 * (60 degrees: P/8 at the major, P/4 at the minor diameter; ISO 68-1, ASME B1.1), flanks straight, roundings left out.
 */
export function idealForm({ form, pitch, nominalDiameter, side, workDiameter }: IdealCase): Profile {
  const depth = (diameter: number) => depthOf(side, workDiameter, diameter);
  const major = nominalDiameter;
  const pitchLine = depth(major - form.majorToPitch * pitch);
  const minor = major - form.majorToMinor * pitch;
  const [crest, root] = side === 'external' ? [depth(major), depth(minor)] : [depth(minor), depth(major)];
  const slope = Math.tan(radians(form.flankAngleDeg));
  const half = (level: number) => pitch / 4 + (pitchLine - level) * slope;
  const [top, bottom] = [half(crest), half(root)];
  const line = (x0: number, y0: number, x1: number, y1: number): Piece => ({ kind: 'line', x0, x1, y0, y1 });
  return [
    line(-pitch / 2, crest, -top, crest),
    line(-top, crest, -bottom, root),
    line(-bottom, root, bottom, root),
    line(bottom, root, top, crest),
    line(top, crest, pitch / 2, crest),
  ].filter(({ x0, x1 }) => x1 - x0 > 1e-12);
}
