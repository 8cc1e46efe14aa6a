import { bitesOf, type Bites } from '../cut/bites';
import { cutFeeds } from '../cut/cut-feeds';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { TRUE_GROOVE } from '@/core/test/groove';
import { compliance, supportOf, type Beam } from './bending';
import { cuttingForce, powerOf, specificForce, torqueOf } from './cutting-force';
import { cutSprung } from './spring-back';
import { expectedTaper } from './expected-taper';
import { spindleBears } from './spindle-bears';
import { WORK_MATERIALS, workMaterial } from './work-material';

const mild = workMaterial('mild steel');
if (mild === null) throw new Error('mild steel is known');

/**
 * Kienzle, kc = kc1.1 · h^-mc, Fc = b · h · kc, with the printed values of E335 (2110 N/mm², 0.17) and C45 (2220, 0.14) from
 * memory of the handbooks; worked by hand.
 */
test.each([
  [2110, 0.17, 0.2, 2774],
  [2110, 0.17, 1, 2110],
  [2220, 0.14, 0.4, 2524],
  [1990, 0.26, 0.1, 3621],
])('specific force of %d and %d at %d mm is %d N/mm²', (kc11, mc, h, expected) => {
  expect(Math.abs(specificForce({ kc11, mc }, h) - expected)).toBeLessThan(1);
});

const bite = (width: number, thickness: number) => ({ edge: width, thickness, area: width * thickness });
const NONE = bite(0, 0);

test('force of a single edge is Kienzle times rake and wear, and splits as its parts face', () => {
  const flank: Bites = { fed: bite(1.2, 0.15), tip: NONE, other: NONE, crest: NONE };
  const { cutting, radial, axial, specific } = cuttingForce(flank, mild, 30);
  const plain = 1.2 * 0.15 ** (1 - mild.mc) * mild.kc11;
  expect(cutting).toBeCloseTo(plain * 1.09 * 1.2, 8);
  expect(radial).toBeCloseTo(cutting * 0.5 * Math.sin(Math.PI / 6), 8);
  expect(axial).toBeCloseTo(cutting * 0.5 * Math.cos(Math.PI / 6), 8);
  expect(specific).toBeCloseTo(cutting / (1.2 * 0.15), 8);
  // Both flanks alike push to no side.
  const both: Bites = { ...flank, other: flank.fed };
  expect(cuttingForce(both, mild, 30).axial).toBeCloseTo(0, 9);
  expect(cuttingForce({ fed: NONE, tip: NONE, other: NONE, crest: NONE }, mild, 30)).toEqual({
    cutting: 0,
    radial: 0,
    axial: 0,
    specific: 0,
  });
});

/** Definition: 1000 N on a diameter of 20 mm is 10 N m; at 60 rpm that is 62.8 W. */
test('torque and power', () => {
  expect(torqueOf(1000, 20)).toBe(10);
  expect(powerOf(10, 60)).toBeCloseTo(62.83, 2);
});

/** Beam formulas as printed (Machinery's Handbook, beams): F L³ / 3EI, F L³ / 48EI, 7 F L³ / 768EI. */
test('compliance of the beams at their plain places', () => {
  const beam = (support: Beam['support']): Beam => ({
    support,
    length: 100,
    diameter: 16,
    elasticity: 210_000,
  });
  const unit = 100 ** 3 / (210_000 * ((Math.PI * 16 ** 4) / 64));
  expect(compliance(beam('cantilever'), 100)).toBeCloseTo(unit / 3, 15);
  expect(compliance(beam('between-centres'), 50)).toBeCloseTo(unit / 48, 15);
  expect(compliance(beam('propped'), 50)).toBeCloseTo((7 * unit) / 768, 15);
  for (const support of ['between-centres', 'propped'] as const)
    expect(compliance(beam(support), 100)).toBeCloseTo(0, 15);
  expect(compliance(beam('cantilever'), 0)).toBe(0);
});

/** The second route: the curvature M / EI of the propped beam, summed up numerically with the reaction that keeps its end. */
test('the propped beam agrees with its curvature integrated', () => {
  const [length, at, stiffness] = [80, 55, 210_000 * ((Math.PI * 12 ** 4) / 64)];
  const b = length - at;
  const reaction = (at ** 2 * (3 * length - at)) / (2 * length ** 3);
  const steps = 20_000;
  const step = length / steps;
  let [slope, y, there] = [0, 0, 0];
  for (let k = 0; k < steps; k += 1) {
    const x = (k + 0.5) * step;
    const moment = reaction * (length - x) - (x < at ? at - x : 0);
    slope += (moment / stiffness) * step;
    y += slope * step;
    if (Math.abs((k + 1) * step - at) < step / 2) there = -y;
  }
  expect(Math.abs(y)).toBeLessThan(1e-8);
  const formula = compliance({ support: 'propped', length, diameter: 12, elasticity: 210_000 }, at);
  expect(there / formula).toBeCloseTo(1, 3);
  expect(b).toBe(25);
});

test('how a holding carries the part', () => {
  expect(supportOf('chuck')).toBe('cantilever');
  expect(supportOf('collet')).toBe('cantilever');
  expect(supportOf('chuck-and-centre')).toBe('propped');
  expect(supportOf('between-centres')).toBe('between-centres');
});

test.each([
  ['Mild steel', 'mild'],
  ['stainless steel 303', 'stainless'],
  ['1018', 'mild'],
  ['4140 bar', 'alloy'],
  ['12L14', 'free'],
  ['Bronze', 'bronze'],
  ['grey cast iron', 'cast-iron'],
  ['aluminium 6061', 'aluminium'],
])('%s is read as %s', (words, id) => {
  expect(workMaterial(words)?.id).toBe(id);
});

test('a material that is not known is not guessed', () => {
  expect(workMaterial('unobtainium')).toBeNull();
  expect(workMaterial(null)).toBeNull();
  expect(new Set(WORK_MATERIALS.map(({ id }) => id)).size).toBe(WORK_MATERIALS.length);
});

test('what a spindle has at a speed: the least of torque and power, unknown where nothing is written', () => {
  const speed = { upTo: null, real: null, by: null, set: '', runDownTurns: null };
  const lathe = (speeds: object[]): Lathe => {
    const usual = usualLathe('mm');
    return { ...usual, spindle: { ...usual.spindle, speeds: speeds as Lathe['spindle']['speeds'] } };
  };
  const belt = lathe([{ ...speed, rpm: 70, torqueNm: 60, powerW: 400 }]);
  expect(spindleBears(belt, 70).torque).toBeCloseTo((400 * 60) / (2 * Math.PI * 70), 9);
  expect(spindleBears(belt, 100)).toEqual({ torque: null, power: null });
  const inverter = lathe([{ ...speed, rpm: 40, upTo: 400, torqueNm: 25, powerW: null }]);
  expect(spindleBears(inverter, 120).torque).toBe(25);
  expect(spindleBears(lathe([]), 70)).toEqual({ torque: null, power: null });
});

const rigid = cutFeeds(
  TRUE_GROOVE,
  { side: 'external', workDiameter: 15.9 },
  [0.2, 0.4, 0.6, 0.8, 1, 1.15, 1.3, 1.4, 1.44, 1.46, 1.46, 1.46].map((reading) => ({ reading, start: 0 })),
);

/** Common practice: spring passes still cut, each less than the one before; what is left is a share of what was. */
test('a part that gives is cut less deep, and spring passes take it down', () => {
  const { thread, gave } = cutSprung(rigid.cutCase, rigid.poses, mild, 1e-4);
  const last = gave.slice(-3);
  expect(last[0]).toBeGreaterThan(last[1] ?? 0);
  expect(last[1]).toBeGreaterThan(last[2] ?? 0);
  expect(thread.passes.at(-1)?.removed).toBeGreaterThan(0);
  // What it gives is what its force bends, in every pass, to the 24 halvings of the depth.
  gave.forEach((given, index) => {
    const { radial } = cuttingForce(bitesOf(thread, index), mild, 30);
    expect(given).toBeCloseTo(radial * 1e-4, 6);
  });
  expect(cutSprung(rigid.cutCase, rigid.poses, mild, 0).gave).toEqual(rigid.poses.map(() => 0));
});

/** Common practice: the free end of a part in the chuck comes out large; with a centre it is largest between. */
test('where the pitch diameter is largest', () => {
  const beam = (support: Beam['support']): Beam => ({
    support,
    length: 80,
    diameter: 13.4,
    elasticity: 210_000,
  });
  const size = (support: Beam['support']) =>
    expectedTaper(rigid.cutCase, rigid.poses, mild, beam(support), [10, 45, 78]).map(
      ({ pitchDiameter }) => pitchDiameter ?? 0,
    );
  const [near = 0, middle = 0, free = 0] = size('cantilever');
  expect(free).toBeGreaterThan(middle);
  expect(middle).toBeGreaterThan(near);
  const [, between = 0, atCentre = 0] = size('propped');
  expect(between).toBeGreaterThan(atCentre);
});
