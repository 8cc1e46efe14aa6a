import type { WorkEnd } from '../technique/choices';
import type { Side } from '@/core/thread/standards/thread';
import { radians } from '@/core/base/units/angle';

/** Where a register lies: at the free end before the thread (the mouth of a bore), or behind thread and run-out. */
export const REGISTER_PLACES = ['mouth', 'behind'] as const;
/** Whether it is made with the blank, or when the thread is done. */
export const REGISTER_MADE = ['before', 'after'] as const;

/** What locates the part beside its thread. */
export interface RegisterShape {
  diameter: number;
  length: number;
  at: (typeof REGISTER_PLACES)[number];
  made: (typeof REGISTER_MADE)[number];
}

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
  register: RegisterShape | null;
}

/** What a plan says of the part; null: it says nothing. Lengths in one unit. */
export interface PartSaid {
  side: Side;
  nominalDiameter: number;
  diameter: number;
  root: number;
  relief: number;
  end: WorkEnd;
  endLength: number;
  threadLength: number | null;
  chamfer: { angleDeg: number | null; diameter: number | null };
  register: { diameter: number | null; length: number | null } & Pick<RegisterShape, 'at' | 'made'>;
}

/** A length and a half of the diameter, where the plan does not say how long the thread is; common practice. */
const USUAL_LENGTHS = 1.5;

/** The part with what is usual where nothing is said. */
export function partOf(said: PartSaid): PartShape {
  const { side, diameter, root, relief, end, endLength, chamfer, register } = said;
  const threadLength = said.threadLength ?? USUAL_LENGTHS * said.nominalDiameter;
  const chamferTo = Math.max(0, chamfer.diameter ?? root);
  return {
    side,
    diameter,
    root,
    relief: Math.max(0, relief),
    end,
    endLength,
    threadLength,
    threadLengthKnown: said.threadLength !== null,
    chamfer: {
      length: Math.abs(diameter - chamferTo) / 2 / Math.tan(radians(chamfer.angleDeg ?? 45)),
      diameter: chamferTo,
    },
    register:
      register.diameter === null
        ? null
        : {
            ...register,
            diameter: register.diameter,
            length: register.length ?? threadLength / 4,
          },
  };
}

/** Radius of what is drawn: of a bore the block around it, which is not the plan's. */
export function outerRadius(part: PartShape, points: readonly Point[]): number {
  if (part.side === 'external') return Math.max(...points.map(([, r]) => r));
  return Math.max(0.85 * part.diameter, 0.65 * (part.register?.diameter ?? 0));
}

/** Axial distance from the free end, and radius. */
export type Point = readonly [z: number, r: number];

export interface Outline {
  /** Half of the outline, from the free end to the last shoulder; of a bore its wall. */
  points: Point[];
  length: number;
  /** Where the usable thread begins: behind a register at the mouth. */
  threadFrom: number;
  /** A register that is made when the thread is done: it is not there yet. */
  registerLater: Point[];
}

/** Half of the part before the thread. */
export function outline(part: PartShape): Outline {
  const { diameter, relief, end, endLength, threadLength, chamfer, register } = part;
  const r = diameter / 2;
  const atMouth = register?.at === 'mouth' ? register : null;
  // A device may still keep a sheet that does not say it: then it lies behind, and is there already.
  const behind = register?.at === 'mouth' ? null : register;
  const threadFrom = atMouth?.length ?? 0;
  const points: Point[] = [];
  const registerLater: Point[] = [];
  let z = 0;
  const to = (length: number, radius: number) => {
    points.push([z, radius], [z + length, radius]);
    z += length;
  };
  const setOut = ({ made, length, diameter: wide }: RegisterShape) => {
    if (made !== 'after') to(length, wide / 2);
    else registerLater.push([z, r], [z, wide / 2], [z + length, wide / 2], [z + length, r]);
  };
  if (atMouth !== null) setOut(atMouth);
  points.push(
    [z, chamfer.diameter / 2],
    [z + Math.min(chamfer.length, threadLength / 2), r],
    [threadFrom + threadLength, r],
  );
  z = threadFrom + threadLength;
  if (end === 'groove' || end === 'recess') to(endLength, relief / 2);
  if (end === 'boss') to(endLength, part.root / 2 - 0.02 * diameter);
  if (end === 'mark') to(endLength, r);
  if (behind !== null) {
    setOut(behind);
    if (behind.made === 'after') to(behind.length, r);
  }
  const made = { points, threadFrom, registerLater };
  if (end === 'through' && part.side === 'internal') return { ...made, length: z };
  const beyond = part.side === 'external' ? 1.3 * r : 0;
  if (end !== 'through') to(0.35 * diameter, end === 'mark' && part.side === 'external' ? r : beyond);
  return { ...made, length: z };
}
