import { bestWire } from '@/core/measuring/gauging/three-wires';
import { formOf } from '@/core/thread/standards/systems';
import { matingThread } from '@/core/thread/standards/fit';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { threadLimits } from '@/core/thread/standards/limits';
import { radians } from '@/core/base/units/angle';
import { roundTo } from '@/core/base/units/round';
import { neighbours, otherClasses } from './other-threads';
import { rulesOfThumb } from './rule-of-thumb';
import type { SlipQuantity } from './slip-case';
import { overWiresByHand, resultOf, type Workings } from './workings';

/** What a slip makes of a quantity: every value it may give; none where it can not be made. */
interface Slip {
  /** How often it is made, against the others (common practice, from memory). */
  weight: number;
  gives: (quantity: SlipQuantity, right: Workings) => readonly number[];
}

const DEPTHS: readonly SlipQuantity[] = ['radialDepth', 'compoundFeed'];
const LIMITS: readonly SlipQuantity[] = ['majorMin', 'majorMax', 'pitchDiameterMin', 'pitchDiameterMax'];
const LENGTHS = (quantity: SlipQuantity) => quantity !== 'markToSet';

/** The calculation with something else in the place of what is right. */
const instead =
  (change: (right: Workings, quantity: SlipQuantity) => readonly Partial<Workings>[]) =>
  (quantity: SlipQuantity, right: Workings): number[] =>
    change(right, quantity).map((each) => resultOf(quantity, { ...right, ...each }));

/** The same for some quantities only. */
const only =
  (quantities: readonly SlipQuantity[], gives: Slip['gives']): Slip['gives'] =>
  (quantity, right) =>
    quantities.includes(quantity) ? gives(quantity, right) : [];

/** The result, times something. */
const times =
  (...factors: number[]): Slip['gives'] =>
  (quantity, right) =>
    factors.map((factor) => factor * resultOf(quantity, right));

const withThread = (thread: Thread): Partial<Workings> => ({ thread, pitch: pitchOf(thread) });

const OTHER_LIMIT: Partial<Record<SlipQuantity, SlipQuantity>> = {
  majorMin: 'majorMax',
  majorMax: 'majorMin',
  pitchDiameterMin: 'pitchDiameterMax',
  pitchDiameterMax: 'pitchDiameterMin',
};

/** The wanted size at its basic or limit value in the place of the one aimed at. */
const sizeInstead = (sizes: (thread: Thread, right: Workings) => readonly number[]) =>
  only([...DEPTHS, 'overWires'], (quantity, right) =>
    sizes(right.thread, right)
      .filter((pitchDiameter) => Math.abs(pitchDiameter - right.pitchDiameter) > 1e-9)
      .map((pitchDiameter) => resultOf(quantity, { ...right, pitchDiameter })),
  );

const basicPitchDiameter = (thread: Thread) =>
  thread.nominalDiameter - formOf(thread).majorToPitch * pitchOf(thread);

/** Every slip that is known, each with what it gives: the only place that lists them. */
export const SLIPS = {
  'cosine-left-out': {
    weight: 10,
    gives: only(['compoundFeed'], (_, right) => [resultOf('radialDepth', right)]),
  },
  complement: { weight: 10, gives: only(['markToSet'], (_, { markDeg }) => [90 - markDeg]) },
  'double-depth': { weight: 9, gives: only(DEPTHS, times(2)) },
  'wires-left-out': { weight: 6, gives: only(['overWires'], (_, { pitchDiameter }) => [pitchDiameter]) },
  'other-wire': {
    weight: 8,
    gives: only(
      ['overWires'],
      instead(({ pitch, flankAngleDeg }) => [{ wire: bestWire(pitch, flankAngleDeg) }]),
    ),
  },
  'pitch-term-left-out': {
    weight: 8,
    gives: only(['overWires'], (_, right) => [overWiresByHand(right, wiresOf(right), 0)]),
  },
  'one-wire': { weight: 7, gives: only(['overWires'], (_, right) => [overWiresByHand(right, 1)]) },
  'tip-as-sharp': {
    weight: 8,
    gives: only(
      DEPTHS,
      instead(() => [{ tip: { kind: 'sharp' } }]),
    ),
  },
  'nominal-for-real': {
    weight: 8,
    gives: only(
      DEPTHS,
      instead(({ thread }) => nominalSizes(thread).map((workDiameter) => ({ workDiameter }))),
    ),
  },
  'rule-of-thumb': {
    weight: 8,
    gives: only(DEPTHS, (quantity, right) => rulesOfThumb(quantity, right).map(({ gives }) => gives)),
  },
  'cosine-multiplied': {
    weight: 7,
    gives: only(['compoundFeed'], (_, right) => [
      resultOf('radialDepth', right) * Math.cos(radians(right.compoundAngleDeg)),
    ]),
  },
  'sine-for-cosine': {
    weight: 6,
    gives: (quantity, right) => {
      if (quantity === 'compoundFeed')
        return [resultOf('radialDepth', right) / Math.sin(radians(right.compoundAngleDeg))];
      return quantity === 'bestWire' ? [right.pitch / (2 * Math.sin(radians(right.flankAngleDeg)))] : [];
    },
  },
  'included-for-half': {
    weight: 5,
    gives: only(
      [...DEPTHS, 'bestWire', 'overWires'],
      instead(({ flankAngleDeg }) => [{ flankAngleDeg: 2 * flankAngleDeg }]),
    ),
  },
  'degrees-as-radians': {
    weight: 5,
    gives: (quantity, right) => {
      // The flanks' share of a depth is a figure of the handbook: the compound's angle alone goes through the calculator.
      if (quantity === 'compoundFeed') {
        const feed = resultOf('radialDepth', right) / Math.cos(right.compoundAngleDeg);
        return [feed, Math.abs(feed)];
      }
      return only(
        ['bestWire', 'overWires'],
        instead(() => [{ angle: (degrees: number) => degrees }]),
      )(quantity, right);
    },
  },
  'basic-for-limit': {
    weight: 8,
    gives: (quantity, right) => {
      const { thread } = right;
      const { allowance, side } = threadLimits(thread);
      const off = side === 'external' ? allowance : -allowance;
      if (allowance === 0) return [];
      if (LIMITS.includes(quantity)) return [resultOf(quantity, right) + off];
      return sizeInstead(() => [right.pitchDiameter + off, basicPitchDiameter(thread)])(quantity, right);
    },
  },
  'other-limit': {
    weight: 7,
    gives: (quantity, right) => {
      const other = OTHER_LIMIT[quantity];
      if (other !== undefined) return [resultOf(other, right)];
      const { pitchDiameter } = threadLimits(right.thread);
      return sizeInstead(() => [pitchDiameter.min, pitchDiameter.max])(quantity, right);
    },
  },
  'other-class': {
    weight: 6,
    gives: only(
      LIMITS,
      instead(({ thread }) => otherClasses(thread).map(withThread)),
    ),
  },
  'other-member': {
    weight: 6,
    gives: only(
      LIMITS,
      instead(({ thread }) => [withThread(matingThread(thread))]),
    ),
  },
  'next-pitch': {
    weight: 5,
    gives: (quantity, right) =>
      quantity === 'markToSet'
        ? []
        : instead(({ thread }) => neighbours(thread).map(withThread))(quantity, right),
  },
  halved: { weight: 5, gives: only(['pitch', ...DEPTHS, 'bestWire', 'markToSet'], times(0.5)) },
  reciprocal: {
    weight: 6,
    gives: (quantity, { pitch, thread, flankAngleDeg }) => {
      const counts = [1 / pitch, ...(thread.unit === 'mm' ? [25.4 / pitch] : [])];
      if (quantity === 'pitch') return counts;
      return quantity === 'bestWire' ? counts.map((count) => bestWire(count, flankAngleDeg)) : [];
    },
  },
  'inch-mm': {
    weight: 5,
    gives: (quantity, right) => (LENGTHS(quantity) ? times(25.4, 1 / 25.4)(quantity, right) : []),
  },
  'rounded-too-far': { weight: 4, gives: () => [] },
  'decimal-shift': { weight: 4, gives: times(10, 0.1, 100, 0.01) },
  'digits-swapped': {
    weight: 3,
    gives: (quantity, right) => swapped(resultOf(quantity, right), right.thread.unit),
  },
} as const satisfies Record<string, Slip>;

export type SlipId = keyof typeof SLIPS;

const wiresOf = ({ flankAngleDeg }: Workings) => 1 + 1 / Math.sin(radians(flankAngleDeg));

/** What stands in the place of the real blank or bore: the nominal diameter; of a bore the basic minor, or its limit. */
function nominalSizes(thread: Thread): number[] {
  if (thread.side === 'external') return [thread.nominalDiameter];
  const basic = thread.nominalDiameter - formOf(thread).majorToMinor * pitchOf(thread);
  const { minor } = threadLimits(thread);
  return [basic, ...(minor.min === null ? [] : [minor.min]), thread.nominalDiameter];
}

/** The value with two neighbouring figures changed about, at every usual number of decimals. */
function swapped(value: number, unit: 'in' | 'mm'): number[] {
  const decimals = unit === 'in' ? [3, 4, 5] : [1, 2, 3, 4];
  return decimals.flatMap((places) => {
    const figures = [...roundTo(value, places).toFixed(places)];
    return figures.flatMap((figure, index) => {
      const next = figures[index + 1] === '.' ? index + 2 : index + 1;
      const other = figures[next];
      if (figure === '.' || other === undefined || other === figure) return [];
      return [Number(figures.with(index, other).with(next, figure).join(''))];
    });
  });
}
