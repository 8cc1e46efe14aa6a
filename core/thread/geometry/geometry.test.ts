import { crossings, depthAt, type Piece } from './piece';
import { depthOf, diameterAt, frameOf, type FrameCase } from './frame';
import { areaOf, profileDepth } from '@/core/test/profile';
import { partOf, type Profile } from './profile';
import { poseOf } from './pose';

const usual: FrameCase = {
  side: 'external',
  hand: 'right',
  direction: 'toward-headstock',
  toolSide: 'front',
  compoundSide: 'usual',
};

/** Common practice: the hand rule, and which way each slide takes the tool. */
test.each([
  ['outside, right-hand, toward the headstock', {}, [-2, 1, 1, false, false, false]],
  [
    'a left-hand thread away from the headstock: spindle forward, lead screw reversed',
    { hand: 'left', direction: 'away-from-headstock' },
    [-2, -1, -1, true, false, false],
  ],
  [
    'a right-hand thread away from the headstock: spindle reversed',
    { direction: 'away-from-headstock' },
    [-2, -1, -1, false, true, false],
  ],
  ['a left-hand thread toward the headstock: both reversed', { hand: 'left' }, [-2, 1, 1, true, true, false]],
  ['a bore: outward is deeper, toward the operator', { side: 'internal' }, [2, 1, 1, false, false, true]],
  ['a bore on its far side', { side: 'internal', toolSide: 'back' }, [2, 1, 1, false, false, false]],
  [
    'the compound kept at the other side feeds the trailing flank',
    { compoundSide: 'other' },
    [-2, 1, -1, false, false, false],
  ],
] as [string, Partial<FrameCase>, unknown[]][])('frame: %s', (_, change, expected) => {
  const frame = frameOf({ ...usual, ...change });
  expect([
    frame.diameterPerDepth,
    frame.leading,
    frame.fed,
    frame.leadScrewReversed,
    frame.spindleReversed,
    frame.deeperTowardOperator,
  ]).toEqual(expected);
});

test('depth and diameter are each other’s inverse on both sides', () => {
  expect(diameterAt('external', 16, 1.2)).toBeCloseTo(13.6, 12);
  expect(diameterAt('internal', 14, 1.2)).toBeCloseTo(16.4, 12);
  for (const side of ['external', 'internal'] as const)
    expect(depthOf(side, 15, diameterAt(side, 15, 0.7))).toBeCloseTo(0.7, 12);
});

test('a pose: c cos deep and c sin sideways, in the frame’s way; starts shift along the axis', () => {
  const slides = { compound: 1, compoundAngleDeg: 60, fed: 1 as const };
  expect(poseOf(slides)).toMatchObject({
    x: expect.closeTo(0.8660254, 6) as number,
    y: expect.closeTo(0.5, 12) as number,
  });
  expect(poseOf({ ...slides, fed: -1, carriage: 2, start: 1, crossSlide: 0.1 })).toMatchObject({
    x: expect.closeTo(2 - 0.8660254, 6) as number,
    y: expect.closeTo(0.6, 12) as number,
    start: 1,
  });
});

const arc: Piece = { kind: 'arc', x0: -1, x1: 1, cx: 0, cy: 2, r: 1.5 };
const line: Piece = { kind: 'line', x0: -1, x1: 1, y0: 3, y1: 3.4 };

test('areas: a trapezium, and a circle’s segment by its closed form', () => {
  expect(areaOf([line])).toBeCloseTo(6.4, 12);
  // Half a disc of radius 1 under y = 0: pi / 2.
  expect(areaOf([{ kind: 'arc', x0: -1, x1: 1, cx: 0, cy: 0, r: 1 }])).toBeCloseTo(Math.PI / 2, 12);
});

test('crossings lie on both pieces; pieces that coincide have none', () => {
  const other: Piece = { kind: 'arc', x0: -1, x1: 1, cx: 0.4, cy: 2.1, r: 1.4 };
  for (const [a, b] of [
    [line, arc],
    [arc, other],
    [line, { ...line, y0: 3.4, y1: 3 }],
  ] as [Piece, Piece][]) {
    const found = crossings(a, b, -1, 1);
    expect(found.length).toBeGreaterThan(0);
    found.forEach((x) => expect(depthAt(a, x)).toBeCloseTo(depthAt(b, x), 10));
  }
  expect(crossings(arc, arc, -1, 1)).toEqual([]);
  expect(crossings(line, line, -1, 1)).toEqual([]);
});

test('a part of a profile is as deep as the whole, keeps its whole pieces and leaves the rest', () => {
  const dip: Profile = [
    { kind: 'line', x0: 0, x1: 1, y0: 0, y1: 0 },
    { kind: 'line', x0: 1, x1: 2, y0: 0, y1: 1 },
    { kind: 'arc', x0: 2, x1: 3, cx: 2, cy: 0, r: 1 },
    { kind: 'line', x0: 3, x1: 4, y0: 0, y1: 0 },
  ];
  const part = partOf(dip, 1.5, 3.5);
  expect([part[0]?.x0, part.at(-1)?.x1]).toEqual([1.5, 3.5]);
  for (const x of [1.5, 1.75, 2.5, 3.25]) expect(profileDepth(part, x)).toBeCloseTo(profileDepth(dip, x), 14);
  expect(part).toContain(dip.find(({ kind }) => kind === 'arc'));
  expect(partOf(dip, 5, 6)).toEqual([]);
});
