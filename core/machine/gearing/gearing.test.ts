import fc from 'fast-check';
import Fraction from 'fraction.js';
import { advanceOfMm, advanceOfTpi, advanceText, parseAdvance } from './advance';
import { errorPpm, ratioWanted, trainRatio } from './train';
import { findTrains } from './find-trains';
import { mounted, NO_LIMITS } from './mounting';
import { readStock } from './read-stock';

const mm = (pitch: string | number) => advanceOfMm(new Fraction(pitch));
const tpi = (perInch: string | number) => advanceOfTpi(new Fraction(perInch));
const one = new Fraction(1);

/** A usual set of change gears of a small lathe, with one translating gear; common practice. */
const STOCK = [20, 24, 28, 30, 32, 36, 40, 44, 48, 52, 56, 60, 65, 70, 80, 127];

test.each([
  ['13 TPI', 'inch', '13 TPI', new Fraction(127, 65)],
  ['11 1/2', 'inch', '11 1/2 TPI', new Fraction(254, 115)],
  ['11½ tpi', 'inch', '11 1/2 TPI', new Fraction(254, 115)],
  ['1.5 mm', 'metric', '1.5 mm', new Fraction(3, 2)],
  ['.75mm', 'metric', '0.75 mm', new Fraction(3, 4)],
])('%s is read exactly', (text, system, said, exact) => {
  const read = parseAdvance('thread', text);
  expect(read.ok).toBe(true);
  if (!read.ok) return;
  expect(read.value.system).toBe(system);
  expect(read.value.mm.equals(exact)).toBe(true);
  expect(advanceText(read.value)).toBe(said);
});

test.each([
  ['1,5 mm', 'decimal-comma'],
  ['0 TPI', 'unreadable'],
  ['1/0', 'unreadable'],
  ['', 'unreadable'],
  ['M12', 'unreadable'],
  ['900 TPI', 'out-of-range'],
  ['0.01 mm', 'out-of-range'],
])('“%s” is refused at its field', (text, code) => {
  expect(parseAdvance('chart.3', text)).toMatchObject({ ok: false, issues: [{ field: 'chart.3', code }] });
});

/** Common practice (gears on small lathes): 28/48 on a 3 mm screw gives 1.75 mm, 60/80 on 2 mm gives 1.5 mm. */
test.each([
  [{ drivers: [28], driven: [48] }, '3', '1.75'],
  [{ drivers: [60], driven: [80] }, '2', '1.5'],
])('a train of practice is exact', (train, screw, pitch) => {
  expect(errorPpm(train, ratioWanted(mm(pitch), mm(screw), one))).toBe(0);
});

/** An inch is 25.4 mm by definition: 127 teeth translate exactly. */
test('a metric thread on an inch screw is exact with 127 teeth, and without it carries an error that is told', () => {
  const wanted = ratioWanted(mm('1.5'), tpi(8), one);
  expect(wanted.equals(new Fraction(60, 127))).toBe(true);
  expect(findTrains({ stock: STOCK, wanted, most: 1 })[0]).toMatchObject({
    drivers: [60],
    driven: [127],
    errorPpm: 0,
  });
  const without = findTrains({ stock: STOCK.filter((teeth) => teeth !== 127), wanted, most: 3 });
  expect(without[0]?.errorPpm).not.toBe(0);
  for (const train of without)
    expect(train.errorPpm).toBeCloseTo(1e6 * (trainRatio(train).div(wanted).valueOf() - 1), 6);
});

test('one gear of the stock is used once', () => {
  const found = findTrains({ stock: [20, 40], wanted: one, most: 5 });
  expect(found.map(({ drivers, driven }) => [drivers, driven])).toEqual([
    [[20], [40]],
    [[40], [20]],
  ]);
  expect(findTrains({ stock: [40, 40], wanted: one, most: 1 })[0]).toMatchObject({ errorPpm: 0 });
});

test('the search finds as little error as trying every choice of gears', () => {
  const gears = fc.array(fc.integer({ min: 15, max: 130 }), { minLength: 2, maxLength: 7 });
  const wantedRatio = fc.tuple(fc.integer({ min: 1, max: 60 }), fc.integer({ min: 1, max: 127 }));
  fc.assert(
    fc.property(gears, wantedRatio, (stock, [over, under]) => {
      const wanted = new Fraction(over, under);
      const [best] = findTrains({ stock, wanted, most: 5 });
      expect(Math.abs(best?.errorPpm ?? Infinity)).toBeCloseTo(leastError(stock, wanted), 6);
    }),
    { numRuns: 60 },
  );
});

/** Every ordered choice of two or four places of the stock. */
function leastError(stock: readonly number[], wanted: Fraction): number {
  let least = Infinity;
  const places = [...stock.keys()];
  const gear = (place: number) => stock[place] ?? 0;
  const take = (value: Fraction) => {
    least = Math.min(least, Math.abs(value.div(wanted).sub(1).valueOf()) * 1e6);
  };
  for (const a of places)
    for (const b of places) {
      if (a === b) continue;
      take(new Fraction(gear(a), gear(b)));
      for (const c of places)
        for (const d of places)
          if (new Set([a, b, c, d]).size === 4) take(new Fraction(gear(a) * gear(c), gear(b) * gear(d)));
    }
  return least;
}

test('mounting limits order the gears of a compound train, or refuse it', () => {
  const limits = { ...NO_LIMITS, clearance: 15 };
  expect(mounted({ drivers: [20, 80], driven: [60, 30] }, limits)).toEqual({
    drivers: [80, 20],
    driven: [30, 60],
  });
  expect(mounted({ drivers: [20, 80], driven: [60, 30] }, { ...limits, mostOnStud: 70 })).toBeNull();
  expect(mounted({ drivers: [20, 30], driven: [60, 40] }, { ...NO_LIMITS, mostPair: 60 })).toBeNull();
});

test('a search can be stopped and keeps what it found', () => {
  const shares: number[] = [];
  const found = findTrains({
    stock: STOCK,
    wanted: new Fraction(1, 2),
    most: 3,
    progress: (share) => shares.push(share) > 2,
  });
  expect(shares).toHaveLength(3);
  expect(found[0]?.errorPpm).toBe(0);
});

test.each([
  ['0', 'out-of-range'],
  ['20, 5000', 'out-of-range'],
  ['20, x', 'not-a-number'],
  [Array.from({ length: 81 }, () => 20).join(' '), 'too-long'],
])('a stock of absurd gears is refused', (text, code) => {
  expect(readStock('stock', text)).toMatchObject({ ok: false, issues: [{ field: 'stock', code }] });
});

test('a stock is read with commas or spaces, doubles kept', () => {
  expect(readStock('stock', '40; 20,24 24')).toEqual({ ok: true, value: [20, 24, 24, 40] });
});
