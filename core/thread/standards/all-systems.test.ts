import fc from 'fast-check';
import { limitsOf, threadOf } from '@/core/test/thread';
import { fitOf } from './fit';
import { formOf } from './systems';
import { printDesignation } from './print-designation';
import { suggestThreads } from './suggest';
import { threadLimits } from './limits';

/** Every thread of every series with its usual classes. */
const ALL = [
  ...['#', '1', '2', '3', '4', '5', '7', '9', 'M', 'Tr', 'G'].flatMap((start) => suggestThreads(start, 2000)),
];
const anyThread = fc.constantFrom(...ALL);

test('there are threads of every system', () => {
  expect(ALL.length).toBeGreaterThan(900);
  const systems = new Set(ALL.map((text) => threadOf(text).system));
  expect([...systems].sort()).toEqual(['acme', 'metric', 'pipe', 'trapezoidal', 'unified', 'whitworth']);
});

test('every designation prints and reads back as itself, in either hand', () => {
  fc.assert(
    fc.property(anyThread, fc.boolean(), (text, left) => {
      const thread = threadOf(text);
      const printed = printDesignation({ ...thread, hand: left ? 'left' : 'right' });
      expect(printDesignation(threadOf(printed))).toBe(printed);
      expect(threadOf(printed).hand).toBe(left ? 'left' : 'right');
      expect(threadOf(printed).side).toBe(thread.side);
    }),
    { numRuns: 400 },
  );
});

test('limits keep their order, and no member passes the other', () => {
  fc.assert(
    fc.property(anyThread, (text) => {
      const { external, internal, clearance } = fitOf(threadOf(text));
      for (const { major, pitchDiameter, minor } of [external.limits, internal.limits]) {
        for (const { min, max } of [major, pitchDiameter, minor])
          expect(min ?? -Infinity).toBeLessThan(max ?? Infinity);
        expect(major.min).toBeGreaterThan(pitchDiameter.max);
        expect(pitchDiameter.min).toBeGreaterThan(minor.max);
      }
      expect(clearance.min).toBeGreaterThanOrEqual(-1e-9);
      expect(internal.limits.major.min).toBeGreaterThanOrEqual(external.limits.major.max - 1e-9);
      // The internal minor limits of ASME B1.1 are printed to three places.
      expect(internal.limits.minor.min).toBeGreaterThanOrEqual(external.limits.minor.max - 0.00051);
    }),
    { numRuns: 400 },
  );
});

test('the basic profile lies between the members, whatever the form', () => {
  fc.assert(
    fc.property(anyThread, (text) => {
      const { external, internal } = fitOf(threadOf(text));
      const { thread } = external;
      const basic = thread.nominalDiameter - formOf(thread).majorToPitch * thread.pitch.valueOf();
      expect(external.limits.pitchDiameter.max).toBeLessThanOrEqual(basic + 0.0006);
      expect(internal.limits.pitchDiameter.min).toBeGreaterThanOrEqual(basic - 0.0006);
    }),
    { numRuns: 400 },
  );
});

test('hand and starts change no limit', () => {
  for (const text of ['3/4-16 UNF-2A', 'M20x2.5-6H', '1-5 Acme-2G', 'Tr40x7-7e', '7/8 BSW', 'G 3/4 A']) {
    const thread = threadOf(text);
    expect(threadLimits({ ...thread, hand: 'left', starts: 3 })).toEqual(limitsOf(text));
  }
});
