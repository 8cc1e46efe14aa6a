import fc from 'fast-check';
import Fraction from 'fraction.js';
import { advanceOfMm, advanceOfTpi, type Advance } from '../gearing/advance';
import { closesBetween, dialTurnSeconds, gearToMesh, longestWaitSeconds, wrongSeats } from './between-marks';
import { evenMarks, groupsOfMarks, safeMarksFrom } from './safe-marks';

const tpi = (perInch: string | number) => advanceOfTpi(new Fraction(perInch));
const mm = (pitch: string | number) => advanceOfMm(new Fraction(pitch));
/** Eight marks, 32 teeth on a screw of 8 TPI, as on most inch lathes (common practice). */
const inch = (lead: Advance) => ({ screw: tpi(8), gearTeeth: 32, lead });

/** The taught rules for an inch lead screw; common practice. */
test.each([
  ['even TPI: any mark', tpi(16), [0, 1, 2, 3, 4, 5, 6, 7]],
  ['odd TPI: the numbered ones', tpi(13), [0, 2, 4, 6]],
  ['halves: opposite ones', tpi('11 1/2'), [0, 4]],
  ['quarters: the same number', tpi('5 3/4'), [0]],
  ['metric on an inch screw: none', mm('1.5'), []],
])('%s', (_, lead, safe) => {
  expect(safeMarksFrom(0, evenMarks(8), inch(lead))).toEqual(safe);
});

test('odd TPI: only the numbered, or only the plain ones', () => {
  expect(groupsOfMarks(evenMarks(8), inch(tpi(13)))).toEqual([
    [0, 2, 4, 6],
    [1, 3, 5, 7],
  ]);
});

/** Common practice: a dial of 24 teeth with eight numbers and a plate; of all screws of 1 to 40 TPI only 4 and 12 agree with it. */
test('a plate tells the lead screw', () => {
  const plate = [
    [8, [0, 1, 2, 3, 4, 5, 6, 7]],
    [9, [0, 4]],
    [11, [0, 4]],
    [10, [0, 2, 4, 6]],
  ] as const;
  const agrees = (screwTpi: number) =>
    plate.every(
      ([threadTpi, marks]) =>
        safeMarksFrom(0, evenMarks(8), {
          screw: tpi(screwTpi),
          gearTeeth: 24,
          lead: tpi(threadTpi),
        }).join() === marks.join(),
    );
  expect(Array.from({ length: 40 }, (_, index) => index + 1).filter(agrees)).toEqual([4, 12]);
});

/** By brute force: the dial goes round six times, every seat of the half nut is looked at. */
test('safe marks agree with walking along the screw', () => {
  const advance = fc.oneof(
    fc.integer({ min: 1, max: 40 }).map(tpi),
    fc
      .tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 4 }))
      .map(([over, under]) => mm(`${over}/${under}`)),
  );
  fc.assert(
    fc.property(
      advance,
      advance,
      fc.integer({ min: 1, max: 48 }),
      fc.integer({ min: 1, max: 12 }),
      (screw, lead, gearTeeth, marks) => {
        const safe = safeMarksFrom(0, evenMarks(marks), { screw, lead, gearTeeth });
        const walked = Array.from({ length: marks }, (_, mark) => mark).filter((mark) =>
          [0, 1, 2, 3, 4, 5].every((round) => {
            const turns = new Fraction(mark, marks).add(round).mul(gearTeeth);
            return turns.d === 1n && turns.mul(screw.mm).div(lead.mm).d === 1n;
          }),
        );
        expect(safe).toEqual(walked);
      },
    ),
    { numRuns: 400 },
  );
});

test('several starts ask for whole leads', () => {
  // 16 TPI with 2 starts is a lead of 1/8 in: one turn of the screw. With 3 starts a lead of 3/16: three turns hold two.
  expect(safeMarksFrom(0, evenMarks(8), inch(tpi(8)))).toHaveLength(8);
  expect(safeMarksFrom(0, evenMarks(8), inch(tpi('16/3')))).toEqual([]);
  expect(safeMarksFrom(0, evenMarks(8), { screw: tpi(8), gearTeeth: 24, lead: tpi('16/3') })).toHaveLength(8);
});

test('marks that stand unevenly, and from another first mark', () => {
  const marks = ['0', '1/8', '1/2', '11/16'].map((at) => ({ label: '', at: new Fraction(at) }));
  expect(safeMarksFrom(0, marks, inch(tpi(13)))).toEqual([0, 2]);
  expect(safeMarksFrom(1, marks, inch(tpi(13)))).toEqual([1]);
  expect(safeMarksFrom(3, marks, inch(tpi(16)))).toEqual([0, 1, 2, 3]);
});

/** A metric screw of 3 mm with gears of 14, 15 and 16 teeth on its dial (common practice). */
test('of several gears the one with most safe marks is meshed', () => {
  const gears = [14, 15, 16].map((teeth) => ({ teeth, marks: evenMarks(teeth) }));
  const screw = mm(3);
  expect(gearToMesh(gears, { screw, lead: mm('1.25') })?.gear.teeth).toBe(15);
  expect(gearToMesh(gears, { screw, lead: mm('1.75') })?.gear.teeth).toBe(14);
  expect(gearToMesh(gears, { screw, lead: mm('2') })?.gear.teeth).toBe(16);
  expect(gearToMesh(gears, { screw, lead: tpi(20) })).toBeNull();
});

test('between marks the half nut closes on another groove', () => {
  expect(closesBetween(evenMarks(8), 32)).toBe(true);
  expect(closesBetween(evenMarks(16), 16)).toBe(false);
  const seats = wrongSeats(0, evenMarks(8), inch(tpi(12)));
  // 12 TPI on 8 TPI: every odd turn of the screw comes in half a pitch beside.
  expect(seats.map(({ screwTurns }) => screwTurns)).toEqual(
    Array.from({ length: 16 }, (_, index) => 2 * index + 1),
  );
  expect(seats.every(({ beside, mark }) => beside.equals(0.5) && mark === null)).toBe(true);
});

test('time between safe marks at a speed', () => {
  // 16 TPI on 8 TPI: the screw makes half of the spindle's turns; the dial one turn in 64 turns of the spindle.
  expect(dialTurnSeconds(inch(tpi(16)), 60)).toBeCloseTo(64, 9);
  expect(longestWaitSeconds([0, 1, 2, 3, 4, 5, 6, 7], evenMarks(8), inch(tpi(16)), 60)).toBeCloseTo(8, 9);
  expect(longestWaitSeconds([0], evenMarks(8), inch(tpi('5 3/4')), 115)).toBeCloseTo(
    (60 * 32) / (115 * (8 / 5.75)),
    9,
  );
  expect(longestWaitSeconds([], evenMarks(8), inch(mm(1)), 60)).toBeNull();
});
