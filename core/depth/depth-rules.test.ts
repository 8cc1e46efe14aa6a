import { depthRuleLandings, DEPTH_RULES } from './index';

/** Each rule lands on the basic pitch diameter for exactly the tip and blank that it assumes (trade, section 4). */
test.each([
  ['basic', { kind: 'flat', flat: 0.25 }],
  ['rounded', { kind: 'radius', radius: 0.866025404 / 6 }],
  ['compound-075', { kind: 'flat', flat: 0.125 }],
  ['p8', { kind: 'flat', flat: 0.125 }],
  ['sharp', { kind: 'sharp' }],
] as const)('%s is right for its own tip', (id, tip) => {
  const landing = depthRuleLandings({ workDiameter: 10, pitch: 1, tip }, { min: 9.34, max: 9.36 }).find(
    ({ rule }) => rule.id === id,
  );
  expect(landing?.pitchDiameter).toBeCloseTo(10 - 0.64952, 4);
  expect(landing?.verdict).toBe('inside');
});

test('with a sharp tip the P/8 rule leaves the thread oversize, and it can still be cut', () => {
  const landing = depthRuleLandings(
    { workDiameter: 10, pitch: 1, tip: { kind: 'sharp' } },
    { min: 9.3, max: 9.35 },
  ).find(({ rule }) => rule.id === 'p8');
  expect(landing).toMatchObject({ verdict: 'over', canStillBeCut: true });
});

test('a full V is scrap for a flat tip', () => {
  const landing = depthRuleLandings(
    { workDiameter: 10, pitch: 1, tip: { kind: 'flat', flat: 0.125 } },
    { min: 9.3, max: 9.35 },
  ).find(({ rule }) => rule.id === 'full-v');
  expect(landing).toMatchObject({ verdict: 'under', canStillBeCut: false });
});

test('inside, 0.75 P on the compound is right for a sharp tool in the basic bore', () => {
  const landings = depthRuleLandings(
    { workDiameter: 10 - 1.08253, pitch: 1, tip: { kind: 'sharp' }, side: 'internal' },
    { min: 9.35, max: 9.45 },
  );
  expect(landings.map(({ rule }) => rule.id)).toEqual(['basic', 'compound-075']);
  expect(landings[1]?.pitchDiameter).toBeCloseTo(10 - 0.64952, 4);
});

test('every rule says what it assumes', () => {
  DEPTH_RULES.forEach(({ assumes }) => expect(assumes.length).toBeGreaterThan(10));
});
