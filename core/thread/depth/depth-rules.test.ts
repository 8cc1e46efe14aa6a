import { threadOf } from '@/core/test/thread';
import { depthRuleLandings } from './depth-rules';

const M10X1 = threadOf('M10x1-6g');

/** Each rule lands on the basic pitch diameter for exactly the tip and blank that it assumes (trade, section 4). */
test.each([
  ['basic', { kind: 'flat', flat: 0.25 }],
  ['rounded', { kind: 'radius', radius: 0.866025404 / 6 }],
  ['compound-075', { kind: 'flat', flat: 0.125 }],
  ['p8', { kind: 'flat', flat: 0.125 }],
  ['sharp', { kind: 'sharp' }],
] as const)('%s is right for its own tip', (id, tip) => {
  const landing = depthRuleLandings(M10X1, 10, tip, 30, { min: 9.34, max: 9.36 }).find(
    ({ rule }) => rule.id === id,
  );
  expect(landing?.pitchDiameter).toBeCloseTo(10 - 0.64952, 4);
  expect(landing?.verdict).toBe('inside');
});

test('with a sharp tip the P/8 rule leaves the thread oversize, and it can still be cut', () => {
  const landing = depthRuleLandings(M10X1, 10, { kind: 'sharp' }, 30, { min: 9.3, max: 9.35 }).find(
    ({ rule }) => rule.id === 'p8',
  );
  expect(landing).toMatchObject({ verdict: 'over', canStillBeCut: true });
});

test('a full V is scrap for a flat tip', () => {
  const landing = depthRuleLandings(M10X1, 10, { kind: 'flat', flat: 0.125 }, 30, {
    min: 9.3,
    max: 9.35,
  }).find(({ rule }) => rule.id === 'full-v');
  expect(landing).toMatchObject({ verdict: 'under', canStillBeCut: false });
});

test('inside, 0.75 P on the compound is right for a sharp tool in the basic bore', () => {
  const landings = depthRuleLandings(threadOf('M10x1-6H'), 10 - 1.08253, { kind: 'sharp' }, 30, {
    min: 9.35,
    max: 9.45,
  });
  expect(landings.map(({ rule }) => rule.id)).toEqual(['basic', 'compound-075', 'crest-point']);
  expect(landings[1]?.pitchDiameter).toBeCloseTo(10 - 0.64952, 4);
});

/** Common practice, computed: 1/2-13 from a blank of 0.490, flat P/8: 0.4400 at 30 degrees, 0.4395 at 29.5. */
test.each([
  [30, 0.44],
  [29.5, 0.4395],
])('0.75 P on a compound at %s degrees lands where that angle takes it', (angle, lands) => {
  const half = threadOf('1/2-13 UNC-2A');
  const landing = depthRuleLandings(half, 0.49, { kind: 'flat', flat: 1 / 13 / 8 }, angle, {
    min: 0,
    max: 1,
  }).find(({ rule }) => rule.id === 'compound-075');
  expect(landing?.pitchDiameter).toBeCloseTo(lands, 4);
});

/** ISO 68-1: H = 0.866025 P. The flanks meet half of H above and below the pitch line, whatever is cut at the root. */
test.each([
  ['M10x1-6g', 10, { kind: 'flat', flat: 0.125 }, 10 - 0.866025],
  ['M10x1-6g', 9.95, { kind: 'sharp' }, 9.95 - 0.866025],
  ['M10x1-6H', 8.92, { kind: 'radius', radius: 0.05 }, 8.92 + 0.866025],
] as const)('%s: the crest is a point at 0.866 P from the real surface', (thread, work, tip, lands) => {
  const landing = depthRuleLandings(threadOf(thread), work, tip, 30, { min: 9.2, max: 9.4 }).find(
    ({ rule }) => rule.id === 'crest-point',
  );
  expect(landing?.pitchDiameter).toBeCloseTo(lands, 5);
});

/** Published tool widths: 0.3707 P - 0.259 clearance (ASME B1.5), 0.366 P - 0.536 a_c (ISO 2901), root radius 0.1373 P (BS 84). */
test.each([
  ['3/4-6 Acme-2G', 'acme-clearance', 0.75, { kind: 'flat', flat: 0.3707 / 6 - 0.2586 * 0.02 }, 0.6667],
  ['Tr30x6-7e', 'trapezoidal-clearance', 30, { kind: 'flat', flat: 0.36603 * 6 - 0.5359 * 0.5 }, 27],
  ['7/8-9 BSW medium bolt', 'whitworth-rounded', 0.875, { kind: 'radius', radius: 0.137329 / 9 }, 0.8039],
] as const)(
  '%s by %s with its own tool lands on the basic pitch diameter',
  (thread, id, work, tip, lands) => {
    const landing = depthRuleLandings(threadOf(thread), work, tip, 14, { min: 0, max: 100 }).find(
      ({ rule }) => rule.id === id,
    );
    expect(landing?.pitchDiameter).toBeCloseTo(lands, 3);
  },
);

test('a form sees its own rules only', () => {
  const rules = depthRuleLandings(threadOf('Tr30x6-7e'), 30, { kind: 'sharp' }, 0, { min: 26, max: 27 });
  expect(rules.map(({ rule }) => rule.form)).toEqual(['trapezoidal', 'trapezoidal']);
});
