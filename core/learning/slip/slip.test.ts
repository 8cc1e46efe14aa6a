import fc from 'fast-check';
import { recogniseSlip } from './recognise-slip';
import { hintOf } from './slip-hints';
import { SLIP_NEEDS, SLIP_QUANTITIES, usualTolerance, type SlipCase, type SlipQuantity } from './slip-case';
import { SLIPS, type SlipId } from './slips';
import { compoundFeedFor } from '@/core/thread/compound/compound';
import { depthCaseOf, radialDepthFor } from '@/core/thread/depth/radial-depth';
import { overWires, wireCaseOf } from '@/core/measuring/gauging/three-wires';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import type { Thread } from '@/core/thread/standards/thread';

function threadOf(designation: string): Thread {
  const read = parseDesignation(designation);
  if (!read.ok) throw new Error(designation);
  return read.value.thread;
}

/** 3/4-10 UNC-2A from a blank of 0.748, flat 0.0125, the compound at 29.5 degrees on a scale that counts from the bed. */
const CASE: SlipCase = {
  thread: threadOf('3/4-10 UNC-2A'),
  workDiameter: 0.748,
  tip: { kind: 'flat', flat: 0.0125 },
  compoundAngleDeg: 29.5,
  zeroAlong: 'bed',
  pitchDiameter: 0.6803,
  wire: 0.06,
};
const find = (quantity: SlipQuantity, answer: number, change: Partial<SlipCase> = {}, tolerance?: number) => {
  const slipCase = { ...CASE, ...change };
  return recogniseSlip(
    slipCase,
    quantity,
    answer,
    tolerance ?? usualTolerance(quantity, slipCase.thread.unit),
  )!;
};
const first = (...asked: Parameters<typeof find>) => find(...asked).slips[0]?.id;

describe('what is right', () => {
  test('is what the core works out by its own functions', () => {
    const depth = radialDepthFor(depthCaseOf(CASE.thread, 0.748, CASE.tip!), 0.6803);
    expect(find('radialDepth', 0).expected).toBeCloseTo(depth, 12);
    expect(find('compoundFeed', 0).expected).toBeCloseTo(compoundFeedFor(depth, 29.5), 12);
    expect(find('markToSet', 0).expected).toBe(60.5);
    // ASME B1.1 limits table, from memory: 3/4-10 UNC-2A.
    expect(find('majorMax', 0).expected).toBe(0.7482);
    expect(find('pitchDiameterMin', 0).expected).toBe(0.6773);
    // P / (2 cos 30), ASME B1.2.
    expect(find('bestWire', 0).expected).toBeCloseTo(0.0577350269, 9);
  });

  test('over wires is the plane d2 + 3 w - 0.866025 P (ASME B1.2) unless the lead angle adds more than the tolerance', () => {
    const plane = 0.6803 + 3 * 0.06 - 0.0866025;
    expect(find('overWires', 0).expected).toBeCloseTo(plane, 6);
    const exact = overWires(wireCaseOf(CASE.thread, 0.06), 0.6803);
    expect(exact - plane).toBeGreaterThan(0.00005);
    expect(find('overWires', 0, {}, 0.00005).expected).toBeCloseTo(exact, 12);
  });

  test('an answer at the tolerance is right and has no slip; just beyond it is wrong', () => {
    const { expected } = find('compoundFeed', 0);
    expect(find('compoundFeed', expected + 0.0005)).toMatchObject({ right: true, slips: [] });
    expect(find('compoundFeed', expected + 0.00051)).toMatchObject({
      right: false,
      slips: [{ id: 'rounded-too-far', gives: expected + 0.00051 }],
    });
    expect(find('compoundFeed', expected + 0.0016).slips.map(({ id }) => id)).not.toContain(
      'rounded-too-far',
    );
  });

  test('is nothing where the standard leaves it open', () => {
    const nut = { thread: threadOf('3/4-10 UNC-2B') };
    expect(recogniseSlip({ ...CASE, ...nut }, 'majorMax', 0.76, 0.0001)).toBeNull();
  });
});

describe('each slip, by a value that was worked out by hand', () => {
  // h = (0.748 - 0.6803) / 2 + (0.05 - 0.0125) 0.866025 = 0.066326; c = h / cos 29.5 = 0.076206.
  test.each<[string, SlipQuantity, number, Partial<SlipCase>?]>([
    ['cosine-left-out', 'compoundFeed', 0.0663],
    ['cosine-multiplied', 'compoundFeed', 0.0577],
    ['sine-for-cosine', 'compoundFeed', 0.1347],
    ['double-depth', 'compoundFeed', 0.1524],
    ['double-depth', 'radialDepth', 0.1327],
    ['halved', 'compoundFeed', 0.0381],
    // Sharp: 0.03385 + 0.0433 = 0.07715; / cos 29.5.
    ['tip-as-sharp', 'compoundFeed', 0.0886],
    ['tip-as-sharp', 'radialDepth', 0.0772],
    // From 0.750: 0.0010 deeper.
    ['nominal-for-real', 'radialDepth', 0.0673],
    // (0.05 - 0.0125) / (2 tan 60) = 0.010825 in the place of 0.032476.
    ['included-for-half', 'radialDepth', 0.0447],
    // cos(29.5 rad) = -0.3386.
    ['degrees-as-radians', 'compoundFeed', 0.1959],
    ['complement', 'markToSet', 29.5],
    ['basic-for-limit', 'pitchDiameterMax', 0.685],
    ['basic-for-limit', 'majorMax', 0.75],
    ['other-limit', 'pitchDiameterMax', 0.6773],
    // ASME B1.1, from memory: 3/4-10 UNC-3A is 0.6806 to 0.6850, -2B 0.6850 to 0.6927.
    ['other-class', 'pitchDiameterMin', 0.6806],
    ['other-member', 'pitchDiameterMax', 0.6927],
    ['reciprocal', 'pitch', 10],
    ['inch-mm', 'pitch', 2.54],
    ['decimal-shift', 'pitch', 0.01],
    // The finer neighbours of 3/4-10: 3/4-12 UN, and 3/4-16 UNF of the named series.
    ['next-pitch', 'pitch', 1 / 12],
    ['next-pitch', 'pitch', 0.0625],
    ['pitch-term-left-out', 'overWires', 0.8603],
    ['one-wire', 'overWires', 0.6537],
    ['other-wire', 'overWires', 0.7669],
    ['wires-left-out', 'overWires', 0.6803],
    ['sine-for-cosine', 'bestWire', 0.1],
    // 0.7737 with its second and third figure changed about.
    ['digits-swapped', 'pitchDiameterMin', 0.6737],
  ])('%s: %s %d', (id, quantity, answer, change = {}) => {
    const { slips, right } = find(quantity, answer, change);
    expect(right).toBe(false);
    expect(slips.map((slip) => slip.id)).toContain(id);
    expect(slips[0]?.id === id || slips.length > 1).toBe(true);
  });

  test.each<[string, SlipQuantity, number, Partial<SlipCase>?]>([
    ['cosine-left-out', 'compoundFeed', 0.0663],
    ['complement', 'markToSet', 29.5],
    ['other-wire', 'overWires', 0.7669],
    ['double-depth', 'compoundFeed', 0.1524],
  ])('%s is the likeliest: %s %d', (id, quantity, answer) => {
    expect(first(quantity, answer)).toBe(id);
  });

  test('inside, a bore: depths go outward, balls the other way round, the nominal bore is the basic minor', () => {
    const thread = threadOf('7/8-9 UNC-2B');
    const inside = { thread, workDiameter: 0.77, pitchDiameter: 0.8065, tip: { kind: 'sharp' } as const };
    const depth = radialDepthFor(depthCaseOf(thread, 0.77, inside.tip), 0.8065);
    expect(find('radialDepth', 0, inside).expected).toBeCloseTo(depth, 12);
    // Basic minor 0.875 - 1.082532 / 9 = 0.75472: the bore is 0.0076 on the radius further out.
    expect(first('radialDepth', depth + 0.0076, inside)).toBe('nominal-for-real');
    const over = overWires(wireCaseOf(thread, 0.06), 0.8065);
    expect(find('overWires', 0, { ...inside, wire: 0.06 }).expected).toBeCloseTo(over, 3);
  });

  test('metric: millimetres for threads, threads per inch for a pitch', () => {
    const metric = { thread: threadOf('M16x2-6g') };
    expect(first('pitch', 12.7, metric)).toBe('reciprocal');
    expect(first('pitch', 1.5, metric)).toBe('next-pitch');
    // ISO 965-2, from memory: M16x2-6g pitch diameter 14.503 to 14.663, basic 14.701.
    expect(first('pitchDiameterMax', 14.701, metric)).toBe('basic-for-limit');
    expect(first('pitchDiameterMin', 14.663, metric)).toBe('other-limit');
  });
});

test('what a slip gives is never what is right, and lies within the tolerance of the answer', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...SLIP_QUANTITIES),
      fc.double({ min: 0, max: 2, noNaN: true }),
      (quantity, answer) => {
        const found = find(quantity, answer);
        for (const { gives } of found.slips) {
          expect(Math.abs(gives - answer)).toBeLessThanOrEqual(found.tolerance + 1e-8);
          expect(Math.abs(gives - found.expected)).toBeGreaterThan(found.tolerance / 2);
        }
        if (found.right) expect(found.slips).toEqual([]);
      },
    ),
  );
});

describe('a rule of thumb', () => {
  // 0.75 P: common practice; of 3/4-10 it is 0.075, and the blank of 0.748 with its flat of P/8 asks for 0.0762.
  test('given where blank and tip ask for another figure is called so, and not rounded too far', () => {
    const { slips } = find('compoundFeed', 0.075);
    expect(slips[0]).toMatchObject({ id: 'rule-of-thumb', rule: 'compound 0.75 P', lands: 'inside' });
    expect(slips[0]?.gives).toBeCloseTo(0.075, 9);
    expect(slips.map(({ id }) => id)).toContain('rounded-too-far');
  });

  // 1/2-13 from a blank of 0.490: 0.4395 at 29.5 degrees, the smallest 2A is 0.4435 (common practice, computed).
  test('that takes too much says so', () => {
    const half = { thread: threadOf('1/2-13 UNC-2A'), workDiameter: 0.49, pitchDiameter: 0.446 };
    const change = { ...half, tip: { kind: 'flat', flat: 1 / 13 / 8 } as const };
    const [slip] = find('compoundFeed', 0.0577, change).slips;
    expect(slip).toMatchObject({ id: 'rule-of-thumb', rule: 'compound 0.75 P', lands: 'under' });
    expect(hintOf(slip!)).toContain('compound 0.75 P');
    expect(hintOf(slip!)).toContain('under the smallest size allowed');
  });

  // Plunge of a metric thread: 0.6495 P, 0.6134 P radial. A keen tip has further to go and ends over.
  test.each([
    ['radial 0.6495 P', 1.299, 'over'],
    ['radial 0.6134 P', 1.2269, 'over'],
    ['half the pitch, then try the nut', 1, 'over'],
  ])('%s of M16x2 with a tip of 0.05', (rule, answer, lands) => {
    const metric = {
      thread: threadOf('M16x2-6g'),
      workDiameter: 15.9,
      pitchDiameter: 14.58,
      tip: { kind: 'flat', flat: 0.05 } as const,
    };
    const named = find('radialDepth', answer, metric).slips.find(({ id }) => id === 'rule-of-thumb');
    expect(named).toMatchObject({ rule, lands });
  });

  test('in a bore, 0.75 P assumes a sharp tool: with a flat it ends over, metal gone', () => {
    const bore = { thread: threadOf('7/8-9 UNC-2B'), workDiameter: 0.77, pitchDiameter: 0.8065 };
    const change = { ...bore, tip: { kind: 'flat', flat: 0.014 } as const };
    const named = find('compoundFeed', 0.75 / 9, change).slips.find(({ id }) => id === 'rule-of-thumb');
    expect(named).toMatchObject({ rule: 'compound 0.75 P', lands: 'over' });
  });

  test('of other forms is their own: half the pitch of an Acme thread', () => {
    const acme = {
      thread: threadOf('3/4-6 Acme-2G'),
      workDiameter: 0.745,
      pitchDiameter: 0.65,
      tip: { kind: 'flat', flat: 0.0566 } as const,
    };
    expect(first('radialDepth', 1 / 12, acme)).toBe('rule-of-thumb');
  });
});

test('a hint can be given for every slip that is known', () => {
  for (const id of Object.keys(SLIPS) as SlipId[]) {
    // A hint names the slip, never a figure of the answer.
    expect(hintOf({ id, gives: 0 })).not.toMatch(/\d\.\d/);
    expect(hintOf({ id, gives: 0 })).toMatch(/\.$/);
  }
  expect(Object.keys(SLIP_NEEDS)).toEqual([...SLIP_QUANTITIES]);
});
