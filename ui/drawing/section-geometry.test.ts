import { sectionDxf } from './section-dxf';
import { scaleBarFor, sectionAt, sectionLayout, WHOLE, zoomedAt, type SectionCase } from './section-geometry';

const section: SectionCase = {
  groove: {
    pitch: 2,
    starts: 1,
    fed: 1,
    tip: { kind: 'flat', flat: 0.25 },
    flankAngleDeg: 30,
    compoundAngleDeg: 29.5,
  },
  side: 'external',
  workDiameter: 16,
  feeds: [0.05, 0.5, 1, 1.4].map((reading) => ({ reading, start: 0 })),
};
const layout = sectionLayout(section, 720, 420);

function points(path: string): [number, number][] {
  return [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)(?=[A-Z]|$)/g)].map((match) => [
    Number(match[1]),
    Number(match[2]),
  ]);
}

test('the drawing is true to scale: one unit is as many pixels down as across', () => {
  const { x, y, pixelsPerUnit } = layout;
  expect(y(1) - y(0)).toBeCloseTo(pixelsPerUnit, 9);
  expect(x(0) - x(1)).toBeCloseTo(pixelsPerUnit, 9);
});

test('a diameter lies half its difference below the surface', () => {
  const { y, yOf } = layout;
  expect(yOf(16)).toBeCloseTo(y(0), 9);
  expect(yOf(14)).toBeCloseTo(y(1), 9);
});

test('the surface comes down to the tip, and the tip lies at the feed times the cosine', () => {
  const { surface, tip } = sectionAt(layout, 4);
  expect(tip.y).toBeCloseTo(1.4 * Math.cos((29.5 * Math.PI) / 180), 9);
  expect(Math.max(...points(surface).map(([, down]) => down))).toBeCloseTo(layout.y(tip.y), 2);
});

test('before the first pass the work is plain, there is no chip, and the tool touches', () => {
  const { surface, chip, tool } = sectionAt(layout, 0);
  expect(chip).toBeNull();
  points(surface).forEach(([, down]) => expect(down).toBeCloseTo(layout.y(0), 2));
  expect(Math.max(...points(tool).map(([, down]) => down))).toBeCloseTo(layout.y(0), 2);
});

test('the headstock is to the left: deeper passes move toward it, or away in the other direction', () => {
  expect(layout.x(0.5)).toBeLessThan(layout.x(0));
  const away = sectionLayout({ ...section, groove: { ...section.groove, fed: -1 } }, 720, 420);
  expect(away.x(sectionAt(away, 4).tip.x)).toBeGreaterThan(away.x(sectionAt(away, 1).tip.x));
});

test('a radius is drawn as the arc that it is, bulging into the work on either side', () => {
  const groove = { ...section.groove, tip: { kind: 'radius', radius: 0.28 } as const };
  for (const side of ['external', 'internal'] as const) {
    const round = sectionLayout({ ...section, side, groove }, 720, 420);
    const { surface, tip } = sectionAt(round, 4);
    const radius = (0.28 * round.pixelsPerUnit).toFixed(3);
    expect(surface).toContain(`A${Number(radius)} ${Number(radius)} 0 0 ${side === 'external' ? 1 : 0} `);
    // The arc's ends lie r (1 - sin 30) over its deepest point.
    const ends = points(surface).map(([, down]) => Math.abs(down - round.y(tip.y - 0.14)));
    expect(Math.min(...ends)).toBeLessThan(0.01);
  }
});

test.each([
  [240, 720, 'mm', '0.2 mm'],
  [120, 720, 'mm', '0.5 mm'],
  [3000, 720, 'in', '0.02 in'],
] as const)('the scale bar for %d px a unit is a round length', (pixels, width, unit, text) => {
  const bar = scaleBarFor(pixels, width, unit);
  expect(bar.text).toBe(text);
  expect(bar.length).toBeCloseTo(parseFloat(text) * pixels, 9);
});

test('inside, the work lies above the tool and diameters grow upward', () => {
  const inside = sectionLayout({ ...section, side: 'internal' }, 720, 420);
  const { work, surface, tool } = sectionAt(inside, 4);
  expect(inside.y(1)).toBeLessThan(inside.y(0));
  expect(inside.yOf(18)).toBeCloseTo(inside.y(1), 9);
  const highest = Math.min(...points(surface).map(([, down]) => down));
  expect(highest).toBeCloseTo(inside.y(1.4 * Math.cos((29.5 * Math.PI) / 180)), 2);
  expect(Math.min(...points(work.replace('Z', '')).map(([, down]) => down))).toBe(0);
  expect(Math.max(...points(tool).map(([, down]) => down))).toBeGreaterThan(inside.y(0));
});

test('the flat on the crest is that between the groove just cut and a like one, also with several starts', () => {
  const groove = { ...section.groove, starts: 4 };
  const feeds = [0, 1, 2].map((start) => ({ reading: 0.9, start }));
  const several = sectionLayout({ ...section, groove, feeds }, 720, 420);
  const one = sectionAt(sectionLayout({ ...section, feeds: [{ reading: 0.9, start: 0 }] }, 720, 420), 1);
  expect(sectionAt(several, 3).crestFlat).toBeCloseTo(one.crestFlat, 12);
  expect(Math.max(...points(sectionAt(several, 3).surface).map(([across]) => across))).toBeLessThanOrEqual(
    720,
  );
});

test('zooming keeps what lies under the pointer, and never goes under the whole', () => {
  const at = { x: 500, y: 130 };
  const place = {
    axial: (layout.x(0) - at.x) / layout.pixelsPerUnit,
    depth: (at.y - layout.y(0)) / layout.pixelsPerUnit,
  };
  const look = zoomedAt(WHOLE, 2.5, at, layout.still);
  const closer = sectionLayout(section, 720, 420, look);
  expect(closer.pixelsPerUnit).toBeCloseTo(2.5 * layout.pixelsPerUnit, 9);
  expect([closer.x(place.axial), closer.y(place.depth)]).toEqual([
    expect.closeTo(at.x, 6) as number,
    expect.closeTo(at.y, 6) as number,
  ]);
  const again = sectionLayout(section, 720, 420, zoomedAt(look, 1.6, at, closer.still));
  expect(again.x(place.axial)).toBeCloseTo(at.x, 6);
  expect(zoomedAt(look, 0.01, at, closer.still)).toBe(WHOLE);
});

test('on its way the tool stands between two passes', () => {
  const [from, to] = [sectionAt(layout, 1).tip, sectionAt(layout, 2).tip];
  const { tip } = sectionAt(layout, 1, 0.25);
  expect(tip.y).toBeCloseTo(from.y + 0.25 * (to.y - from.y), 12);
  expect(sectionAt(layout, 4, 0.5).tip).toEqual(sectionAt(layout, 4).tip);
});

test('as DXF: a layer for each pass and the tool, full size, arcs as arcs', () => {
  const groove = { ...section.groove, tip: { kind: 'radius', radius: 0.28 } as const };
  const round = sectionLayout({ ...section, groove }, 720, 420);
  const lines = sectionDxf(round).split('\n');
  for (const name of ['BLANK', 'PASS_01', 'PASS_04', 'TOOL']) expect(lines).toContain(name);
  const arcs = lines.flatMap((line, index) => (line === 'ARC' ? [index] : []));
  expect(arcs.length).toBeGreaterThan(4);
  // Code 40 is the radius, 50 and 51 are the ends: the deep half lies below, around 270 degrees.
  const valueOf = (from: number, code: string) => {
    const at = lines.findIndex((line, index) => index > from && line === code && (index - from) % 2 === 1);
    return Number(lines[at + 1]);
  };
  expect(valueOf(arcs[0] ?? 0, '40')).toBeCloseTo(0.28, 9);
  expect(valueOf(arcs[0] ?? 0, '50')).toBeLessThan(-90);
  expect(valueOf(arcs[0] ?? 0, '51')).toBeGreaterThan(-90);
});
