import fc from 'fast-check';
import { sampledCut } from '@/core/test/sampled-cut';
import type { Tip } from '@/core/thread/tool/tip';
import type { CutCase } from './cut-case';
import { rescueOf } from './rescue';
import { toolShape } from './tool-shape';

const caseOf = (tip: Tip): CutCase => ({
  side: 'external',
  workDiameter: 12,
  pitch: 1,
  starts: 1,
  shape: toolShape(tip, 30),
  flankAngleDeg: 30,
  fed: 1,
  offCentre: 0,
});
const TIPS: Tip[] = [{ kind: 'sharp' }, { kind: 'flat', flat: 0.125 }, { kind: 'radius', radius: 0.1 }];
const pose = (x: number, y: number) => ({ x, y, start: 0 });
const SLOPE = Math.tan(Math.PI / 6);

/** Whether the groove as cut lies inside the wanted one at a shift, place by place: the second route. */
function lies(
  tip: Tip,
  poses: readonly { x: number; y: number; start: number }[],
  at: number,
  wanted: number,
): boolean {
  const cut = sampledCut(caseOf(tip), poses);
  const asked = sampledCut(caseOf(tip), [pose(at, wanted)]);
  for (let index = 0; index < 1500; index += 1) {
    const x = at - 0.5 + index / 1500;
    if (cut(x) > asked(x) + 1e-9) return false;
  }
  return true;
}

test.each(TIPS)(
  'what is called saveable lies inside the wanted groove at that shift, and no further off than said: %j',
  (tip) =>
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            x: fc.double({ min: -0.08, max: 0.08, noNaN: true }),
            y: fc.double({ min: 0.05, max: 0.5, noNaN: true }),
          }),
          { minLength: 1, maxLength: 5 },
        ),
        fc.double({ min: 0.3, max: 0.62, noNaN: true }),
        (places, wanted) => {
          const poses = places.map(({ x, y }) => pose(x, y));
          const { saveable, shift, mayBeOff } = rescueOf(poses, wanted, 30);
          const deepest = poses.reduce((most, each) => (each.y > most.y ? each : most));
          const at = deepest.x + shift;
          expect(lies(tip, poses, at, wanted)).toBe(saveable);
          if (!saveable || mayBeOff < 0.01) return;
          expect(lies(tip, poses, at + 0.95 * mayBeOff, wanted)).toBe(true);
          expect(lies(tip, poses, at + mayBeOff + 0.005, wanted)).toBe(false);
          expect(lies(tip, poses, at - mayBeOff - 0.005, wanted)).toBe(false);
        },
      ),
      { numRuns: 60 },
    ),
);

test('a plunge is saved where it stands, with the metal of the rest on both flanks: d tan a, cos a of it', () => {
  const { saveable, shift, infeed, toHeadstock, toTailstock } = rescueOf([pose(0.2, 0.4)], 0.5, 30);
  expect([saveable, shift]).toEqual([true, 0]);
  expect(infeed).toBeCloseTo(0.1, 12);
  // (Y - y) tan 30 along the axis, times cos 30 across the flank: half of the infeed (common practice).
  expect(toHeadstock).toBeCloseTo(0.05, 12);
  expect(toTailstock).toBeCloseTo(0.05, 12);
});

/** Set at 60 from the cross-slide axis in place of 30: each feed goes half as deep and far beside (common practice). */
const wrongAxis = (feeds: number) =>
  Array.from({ length: feeds }, (_, index) => {
    const feed = 0.02 * (index + 1);
    return pose(feed * Math.sin(Math.PI / 3), feed * Math.cos(Math.PI / 3));
  });

test('a compound set from the wrong axis is saveable for most of the depth, and at last no more', () => {
  const wanted = 0.6;
  const saveable = Array.from(
    { length: 60 },
    (_, index) => rescueOf(wrongAxis(index + 1), wanted, 30).saveable,
  );
  const last = saveable.lastIndexOf(true);
  expect(saveable.slice(0, last + 1)).not.toContain(false);
  // The first cut lies 1.732 times its depth behind the last: both fit while x - x1 <= (2 Y - y - y1) tan 30.
  const [first] = wrongAxis(1);
  const fits = (n: number) => {
    const deep = wrongAxis(n).at(-1)!;
    return deep.x - first!.x <= (2 * wanted - deep.y - first!.y) * SLOPE;
  };
  expect([fits(last + 1), fits(last + 2)]).toEqual([true, false]);
});

test('too deep is not saveable, whatever the shift; nothing cut leaves all', () => {
  expect(rescueOf([pose(0, 0.5)], 0.45, 30)).toMatchObject({
    saveable: false,
    infeed: expect.closeTo(-0.05, 12) as number,
  });
  expect(rescueOf([], 0.5, 30)).toMatchObject({ saveable: true, shift: 0, infeed: 0.5 });
});
