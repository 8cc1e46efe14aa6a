import type { WorkEnd } from '../technique/choices';
import type { Side } from '@/core/thread/standards/thread';

/** The part before the thread is cut: lengths along the axis from its free end, all in one unit. */
export interface PartShape {
  side: Side;
  /** Crest diameter: the blank, or the bore. */
  diameter: number;
  root: number;
  relief: number;
  end: WorkEnd;
  endLength: number;
  threadLength: number;
  /** False where the plan does not say it: it is drawn at a length and a half of the diameter. */
  threadLengthKnown: boolean;
  chamfer: { length: number; diameter: number };
  register: { diameter: number; length: number } | null;
}

/** Axial distance from the free end, and radius. */
export type Point = readonly [z: number, r: number];

/** Half of the outline, from the free end to the last shoulder; of a bore its wall. */
export function outline(part: PartShape): { points: Point[]; length: number } {
  const { diameter, relief, end, endLength, threadLength, chamfer, register } = part;
  const r = diameter / 2;
  const points: Point[] = [
    [0, chamfer.diameter / 2],
    [Math.min(chamfer.length, threadLength / 2), r],
    [threadLength, r],
  ];
  let z = threadLength;
  const to = (length: number, radius: number) => {
    points.push([z, radius], [z + length, radius]);
    z += length;
  };
  if (end === 'groove' || end === 'recess') to(endLength, relief / 2);
  if (end === 'boss') to(endLength, part.root / 2 - 0.02 * diameter);
  if (end === 'mark') to(endLength, r);
  if (register !== null) to(register.length, register.diameter / 2);
  if (end === 'through' && part.side === 'internal') return { points, length: z };
  const beyond = part.side === 'external' ? 1.3 * r : 0;
  if (end !== 'through') to(0.35 * diameter, end === 'mark' && part.side === 'external' ? r : beyond);
  return { points, length: z };
}
