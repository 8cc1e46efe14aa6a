import { scaleBarFor, sectionGeometry, type SectionCase } from './section-geometry';

const section: SectionCase = {
  groove: { pitch: 2, tip: { kind: 'flat', flat: 0.25 }, flankAngleDeg: 30, compoundAngleDeg: 29.5 },
  side: 'external',
  workDiameter: 16,
  readings: [0.05, 0.5, 1, 1.4],
  chosen: 4,
};

function points(path: string): [number, number][] {
  return [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map((match) => [Number(match[1]), Number(match[2])]);
}

test('the drawing is true to scale: one unit is as many pixels down as across', () => {
  const { x, y, pixelsPerUnit } = sectionGeometry(section, 720, 420);
  expect(y(1) - y(0)).toBeCloseTo(pixelsPerUnit, 9);
  expect(x(0) - x(1)).toBeCloseTo(pixelsPerUnit, 9);
});

test('a diameter lies half its difference below the surface', () => {
  const { y, yOf } = sectionGeometry(section, 720, 420);
  expect(yOf(16)).toBeCloseTo(y(0), 9);
  expect(yOf(14)).toBeCloseTo(y(1), 9);
});

test('the surface comes down to the tip, and the tip lies at the feed times the cosine', () => {
  const { surface, y, tip } = sectionGeometry(section, 720, 420);
  expect(tip.depth).toBeCloseTo(1.4 * Math.cos((29.5 * Math.PI) / 180), 9);
  const lowest = Math.max(...points(surface).map(([, down]) => down));
  expect(lowest).toBeCloseTo(y(tip.depth), 1);
});

test('before the first pass the work is plain, there is no chip, and the tool touches', () => {
  const { surface, chip, tool, y } = sectionGeometry({ ...section, chosen: 0 }, 720, 420);
  expect(chip).toBeNull();
  points(surface).forEach(([, down]) => expect(down).toBeCloseTo(y(0), 2));
  expect(Math.max(...points(tool).map(([, down]) => down))).toBeCloseTo(y(0), 2);
});

test('the leading flank and the headstock are to the left: deeper passes move left', () => {
  const { x } = sectionGeometry(section, 720, 420);
  expect(x(0.5)).toBeLessThan(x(0));
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
  const { y, yOf, work, surface, tool } = sectionGeometry({ ...section, side: 'internal' }, 720, 420);
  expect(y(1)).toBeLessThan(y(0));
  expect(yOf(18)).toBeCloseTo(y(1), 9);
  const highest = Math.min(...points(surface).map(([, down]) => down));
  expect(highest).toBeCloseTo(y(1.4 * Math.cos((29.5 * Math.PI) / 180)), 1);
  expect(Math.min(...points(work).map(([, down]) => down))).toBe(0);
  expect(Math.max(...points(tool).map(([, down]) => down))).toBeGreaterThan(y(0));
});
