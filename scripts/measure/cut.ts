import { BUDGETS } from './budgets';
import polygonClipping, { type MultiPolygon, type Polygon } from 'polygon-clipping';
import { cutCaseOf } from '@/core/cutting/cut/cut-feeds';
import { cutThread } from '@/core/cutting/cut/cut-thread';
import { measureThread } from '@/core/cutting/cut/measure-thread';
import { toolShape } from '@/core/cutting/cut/tool-shape';
import type { CutCase } from '@/core/cutting/cut/cut-case';
import { fairness } from '@/core/cutting/fair/fairness';
import type { FairCase } from '@/core/cutting/fair/fair-case';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import { TRUE_GROOVE } from '@/core/test/groove';
import { sampledAreas } from '@/core/test/sampled-cut';
import { kept } from './figures';

const groove = TRUE_GROOVE;
const cutCase: CutCase = {
  ...cutCaseOf(groove, { side: 'external', workDiameter: 16 }),
  shape: toolShape(groove.tip, 30),
};
const PASSES = 25;
const poses: Pose[] = Array.from({ length: PASSES }, (_, k) =>
  poseOf({ compound: (1.46 * (k + 1)) / PASSES, compoundAngleDeg: 29.5, fed: 1 }),
);

/** The groove of 25 passes by its envelope, by a general polygon clipper and by a field of heights: the same areas, and how long each takes. */
export function measureCut(): boolean {
  const own = each(2000, () => cutThread(cutCase, poses));
  const sized = each(500, () => measureThread(cutThread(cutCase, poses)));
  const clipped = each(20, clippedAreas);
  const sampled = each(2, () => sampledAreas(cutCase, poses));
  const areas = cutThread(cutCase, poses).passes.map(({ removed }) => removed);
  const off = (others: readonly number[]) =>
    Math.max(...areas.map((area, index) => Math.abs(area - (others[index] ?? NaN))));
  const tries = 20_000;
  const begun = performance.now();
  const { tries: done } = fairness(FAIR, { tries, seed: 1 });
  const perSecond = Math.round(tries / ((performance.now() - begun) / 1000));
  console.log(`  25 passes cut                               ${own.toFixed(4)} ms`);
  console.log(`  the same and measured                       ${sized.toFixed(4)} ms`);
  console.log(
    `  the same by a general polygon clipper       ${clipped.toFixed(2)} ms, ${Math.round(clipped / own)} times`,
  );
  console.log(
    `  the same by a field of 20,000 heights       ${sampled.toFixed(1)} ms, ${Math.round(sampled / own)} times`,
  );
  console.log(
    `  tries of an exercise                        ${perSecond} a second (${done} sizes of ${tries} cuts)`,
  );
  return [
    kept('25 passes cut', own, BUDGETS.cutMs, 'ms'),
    kept('areas against the polygon clipper, share of the pitch squared', off(clippedAreas()) / 4, 1e-9, ''),
    kept(
      'areas against the field of heights, share of the pitch squared',
      off(sampledAreas(cutCase, poses)) / 4,
      1e-6,
      '',
    ),
  ].every(Boolean);
}

function each(rounds: number, run: () => unknown): number {
  run();
  const begun = performance.now();
  for (let round = 0; round < rounds; round += 1) run();
  return (performance.now() - begun) / rounds;
}

/** Area that each pass adds to the union of all tool positions, three turns of them, in the strip of one pitch. */
function clippedAreas(): number[] {
  const last = poses.at(-1)?.x ?? 0;
  const strip: Polygon = [box(last - 1, 0, last + 1, 3)];
  let ground: MultiPolygon = [];
  let before = 0;
  return poses.map(({ x, y }) => {
    const tools = [-2, 0, 2].map((turn): Polygon => [toolAt(x + turn, y)]);
    ground = polygonClipping.intersection(strip, polygonClipping.union(ground, ...tools));
    const area = ground.reduce(
      (sum, rings) => sum + rings.reduce((all, ring, k) => all + (k === 0 ? 1 : -1) * shoelace(ring), 0),
      0,
    );
    const added = area - before;
    before = area;
    return added;
  });
}

type Ring = [number, number][];

function toolAt(x: number, y: number): Ring {
  const half = 0.125 + (y + 0.1) * Math.tan(Math.PI / 6);
  return [
    [x - half, -0.1],
    [x - 0.125, y],
    [x + 0.125, y],
    [x + half, -0.1],
    [x - half, -0.1],
  ];
}

const box = (x0: number, y0: number, x1: number, y1: number): Ring => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
  [x0, y0],
];

function shoelace(ring: readonly (readonly [number, number])[]): number {
  let sum = 0;
  for (let k = 1; k < ring.length; k += 1) {
    const [[x0, y0], [x1, y1]] = [ring[k - 1] ?? [0, 0], ring[k] ?? [0, 0]];
    sum += x0 * y1 - x1 * y0;
  }
  return Math.abs(sum) / 2;
}

const FAIR: FairCase = {
  groove,
  side: 'external',
  workDiameter: 15.9,
  readings: Array.from({ length: 16 }, (_, k) => (1.5 * (k + 1)) / 16),
  limits: { min: 14.503, max: 14.663 },
  target: 14.583,
  graduation: 0.02,
  finishingInfeed: 0.02,
  proof: 'wires',
  nut: 14.807,
  spreads: {
    blank: 0.07,
    tip: 0.03,
    angle: 0.3,
    dial: 0.006,
    zero: 0.02,
    bending: 0.005,
    wire: 0.001,
    micrometer: 0.007,
    nut: 0.1,
  },
};
