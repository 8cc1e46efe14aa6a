import fc from 'fast-check';
import { allFinite } from '@/core/base/json/all-finite';
import { anySpoiling, spoilt } from '@/core/test/spoil';
import { calc, CALC_KINDS } from './calc';

const tip = { flat: 0.0125 };
const cut = { thread: '3/4-10 UNC-2A', workDiameter: 0.748, tip, compoundAngle: 29.5, pitchDiameter: 0.6803 };
const machine = { leadScrew: { tpi: 8 }, thread: { tpi: '11 1/2' } };

/** A good request of each kind. */
const GOOD: Record<string, object> = {
  limits: { thread: '3/4-10 UNC-2A' },
  wires: { thread: '3/4-10 UNC-2A', wire: 0.0577, measured: 0.7665 },
  depth: cut,
  bore: { thread: '3/4-10 UNC-2B', percent: 75, basis: 'full' },
  identify: { major: 0.49, tpi: 13, unit: 'in', side: 'external', uncertainty: 0.002 },
  nut: {
    thread: '3/4-16 UNF-2A',
    nut: { pitchDiameter: 0.712, uncertainty: 0.0002 },
    answers: ['will-not-start', 'tight'],
    crest: 0.7438,
    compoundAngle: 29.5,
    graduation: 0.001,
  },
  dial: { ...machine, gearTeeth: 32, marks: 8, starts: 1 },
  gears: { ...machine, stock: [20, 24, 28, 46, 64], fixedRatio: '1/2', most: 5 },
  compound: { angle: 29.5, zeroAlong: 'bed' },
  speed: { lead: 2.5, unit: 'mm', runOut: 4, reaction: 1.2, speeds: [45, 70], toolWidth: 1, drift: 0.1 },
  schedule: {
    ...cut,
    method: 'constant-area',
    passes: 14,
    graduation: 0.001,
    scratch: 0.002,
    finishing: [0.001, 0.001],
    spring: 2,
  },
  groove: {
    side: 'external',
    unit: 'in',
    pitch: 0.1,
    workDiameter: 0.75,
    tip,
    compoundAngle: 30,
    feeds: [0.002, 0.01, 0.01, 0.02],
  },
  rescue: {
    side: 'external',
    unit: 'in',
    pitch: 0.1,
    workDiameter: 0.75,
    tip,
    compoundAngle: 60,
    feeds: [0.002, 0.01, 0.01],
    pitchDiameter: 0.6803,
  },
  next: {
    thread: '3/4-16 UNF-2A',
    starter: 'usual',
    plan: { 'tool.tip.flat': '0.0078' },
    lathe: { graduation: '0.001' },
    role: 'student',
    answer: 'last',
    story: [
      { do: 'set-up' },
      { do: 'cut', counted: 0.002, mark: '1' },
      { do: 'event', id: 'zero-lost', uncertainty: 0.001 },
      { do: 'measure', places: { start: 0.7694 }, final: false },
      { do: 'strike', item: 1 },
    ],
  },
  slip: {
    ...cut,
    zeroAlong: 'bed',
    wire: 0.0577,
    quantity: 'compoundFeed',
    answer: 0.0911,
    tolerance: 0.0005,
  },
};

/** Sizes no one believes, in the place of a number: what `anySpoiling` has few of. */
const anySize = fc.record({
  place: fc.nat(10_000),
  by: fc.oneof(
    fc.constantFrom<unknown>(1e-300, 1e-9, 1e-6, 1e-3, 1e3, 1e6, 1e15, 1e300),
    fc.constantFrom<unknown>(Array(500).fill(0.05), Array(500).fill(1e-9), Array(60_000).fill(1)),
    fc.double({ min: 1e-4, max: 1e4, noNaN: true }),
  ),
});

const SPOILT = 250;
/** What a call may take on a slow machine; on a usual one the longest takes a tenth of it. */
const LONGEST_MS = 5000;

test('a good request of every kind is known here', () => {
  expect(Object.keys(GOOD).sort()).toEqual(Object.keys(CALC_KINDS).sort());
});

test.each(Object.entries(GOOD))(
  'calc %s: a good request spoilt in one place is answered soon, with finite figures or an error at its field',
  (kind, good) => {
    const whole = { id: 7, ...good };
    expect(calc(kind, JSON.stringify(whole))).toMatchObject({ ok: true });
    let answered = 0;
    let longest = 0;
    fc.assert(
      fc.property(fc.oneof(anySpoiling, anySize), (spoiling) => {
        const request = JSON.stringify(spoilt(whole, spoiling)) ?? '';
        const begin = performance.now();
        const { ok, answer } = calc(kind, request);
        longest = Math.max(longest, performance.now() - begin);
        if (ok) answered += 1;
        const { error } = answer as { error?: { code: string; field: string; message: string } };
        const refused = error !== undefined && error.message !== '' && error.code !== 'failed';
        return allFinite(answer) && (ok || (refused && error.field !== ''));
      }),
      { numRuns: SPOILT, seed: 20261130 },
    );
    process.stdout.write(
      `${kind}: ${answered} of ${SPOILT} answered, the others refused; longest ${longest.toFixed(0)} ms\n`,
    );
    // Past every check: a request that only ever fails at the first one tests nothing.
    expect(answered).toBeGreaterThan(SPOILT / 20);
    expect(longest).toBeLessThan(LONGEST_MS);
  },
  120_000,
);

test.each([
  [{ pitch: 1e-9 }, 'pitch'],
  [{ pitch: 1e-300 }, 'pitch'],
  [{ pitch: 9 }, 'pitch'],
  [{ workDiameter: 1e-6 }, 'workDiameter'],
  [{ workDiameter: 1e9 }, 'workDiameter'],
  [{ tip: { flat: 0.31 } }, 'tip'],
  [{ tip: { radius: 0.16 } }, 'tip'],
  [{ feeds: Array(500).fill(0.001) }, 'feeds'],
] as const)('groove: %j is beyond belief, and refused before it is computed', (change, field) => {
  const begin = performance.now();
  expect(calc('groove', JSON.stringify({ ...GOOD.groove, ...change })).answer).toMatchObject({
    error: { code: 'out-of-range', field },
  });
  expect(performance.now() - begin).toBeLessThan(LONGEST_MS);
});
