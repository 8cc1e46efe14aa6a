import Fraction from 'fraction.js';
import { advanceOfMm, advanceOfTpi } from '../gearing/advance';
import { checkChangeGears, checkQuickChange } from './chart-check';
import { checkPlate } from './plate-check';
import { dialFor } from './dial-for';
import { EMPTY_LATHE_FORM, type LatheForm } from './form/lathe-form';
import { fastestWithin, slowest, speedCap } from './speeds-of';
import { gearingFor, idlersFor } from './gearing-for';
import { halfNutBy } from './half-nut-by';
import { markNames, marksText } from './mark-names';
import { readLatheForm } from './form/read-lathe-form';
import { swivelGraduationOn } from './swivel-graduation';
import type { Lathe } from './lathe';

const tpi = (perInch: string | number) => advanceOfTpi(new Fraction(perInch));
const mm = (pitch: string | number) => advanceOfMm(new Fraction(pitch));

function lathe(typed: Partial<LatheForm>): Lathe {
  const read = readLatheForm({ ...EMPTY_LATHE_FORM, name: 'Lathe 9', ...typed });
  if (!read.ok) throw new Error(`${read.issues[0]?.field}: ${read.issues[0]?.message}`);
  return read.value;
}

const inch = { leadScrew: '8 TPI', threadDial: 'in-use', dialGears: [['32', '1 - 2 - 3 - 4 -']] };

describe('thread dial', () => {
  test('the groups of marks are said with the labels of the machine', () => {
    const dial = dialFor(lathe(inch), tpi(13));
    if (!dial.usable) throw new Error(dial.why);
    const { marks } = dial.gear;
    expect(dial.groups.map((group) => marksText(group, marks))).toEqual(['1, 2, 3, 4', 'the plain marks']);
    expect(dial.closesBetween).toBe(true);
    expect(markNames(marks)[1]).toBe('plain after 1');
    expect(markNames([{ label: '' }, { label: '' }])).toEqual(['mark 1', 'mark 2']);
  });

  test('why there is none is told apart', () => {
    expect(dialFor(lathe({ ...inch, threadDial: 'unusable' }), tpi(13))).toEqual({
      usable: false,
      why: 'unusable',
    });
    expect(dialFor(lathe({ leadScrew: '8 TPI', threadDial: 'none' }), tpi(13))).toEqual({
      usable: false,
      why: 'no-dial',
    });
    expect(dialFor(lathe(inch), mm('1.5'))).toEqual({ usable: false, why: 'no-safe-mark' });
    expect(dialFor(lathe({}), tpi(13))).toEqual({ usable: false, why: 'not-known' });
  });

  /** A dial of three gears on a screw of 3 mm; common practice. */
  test('of several gears one is named to be meshed', () => {
    const metric = lathe({
      leadScrew: '3 mm',
      dialGears: [
        ['14', '2'],
        ['15', '3'],
        ['16', '4'],
      ],
    });
    const of = (pitch: string) => {
      const dial = dialFor(metric, mm(pitch));
      return dial.usable ? [dial.gear.teeth, dial.groups[0]?.length] : dial.why;
    };
    expect(of('1.25')).toEqual([15, 3]);
    expect(of('1.75')).toEqual([14, 2]);
    expect(of('2')).toEqual([16, 4]);
    expect(of('1.1')).toBe('no-safe-mark');
  });

  test('a half nut that finds the thread anywhere needs no dial', () => {
    expect(halfNutBy(lathe({ leadScrew: '8 TPI', threadDial: 'none' }), tpi(16))).toEqual({
      can: true,
      by: 'any-place',
    });
    expect(halfNutBy(lathe({ leadScrew: '8 TPI', threadDial: 'none' }), tpi(13))).toEqual({
      can: false,
      why: 'no-dial',
    });
    expect(halfNutBy(lathe({ leadScrew: '8 TPI' }), mm(2))).toEqual({ can: false, why: 'no-safe-mark' });
    expect(halfNutBy(lathe({}), mm(2))).toEqual({ can: true, by: 'not-known' });
    expect(halfNutBy(lathe(inch), tpi(13))).toEqual({ can: true, by: 'dial' });
  });

  test('the plate is checked, and what it errs in is said', () => {
    const plate = [
      ['8 TPI', 'all'],
      ['13 TPI', '1 2 3 4'],
      ['11 1/2 TPI', '1 2 3 4'],
      ['12 TPI', '1 2 3 4'],
      ['5 3/4 TPI', '7'],
    ];
    expect(
      checkPlate(lathe({ ...inch, plate })).map(({ verdict, safe }) => [verdict, safe.join(' ')]),
    ).toEqual([
      ['agrees', '1 2 3 4'],
      ['agrees', '1 2 3 4'],
      ['unsafe', '1 3'],
      ['leaves-out', '1 2 3 4'],
      ['no-such-label', ''],
    ]);
    expect(checkPlate(lathe({ plate }))[0]?.verdict).toBe('not-checked');
  });

  test('a letter that stands twice means both of its marks', () => {
    const dialGears = [['32', 'A B A B A B A B']];
    const checked = checkPlate(
      lathe({
        ...inch,
        dialGears,
        plate: [
          ['13 TPI', 'A'],
          ['11 1/2 TPI', 'A'],
        ],
      }),
    );
    expect(checked.map(({ verdict }) => verdict)).toEqual(['agrees', 'unsafe']);
  });
});

describe('charts', () => {
  test('a change-gear chart is held against the arithmetic', () => {
    const changeGears = [
      ['TPI', 'Driver, stud', 'Idler', 'Driven, screw'],
      ['16', '40', '65', '80'],
      ['13', '40', '', '65'],
      ['1.5 mm', '60', '', '127'],
      ['1.75 mm', '56', '', '100'],
      ['20', '40', '', '80'],
    ];
    expect(checkChangeGears(lathe({ ...inch, changeGears })).map(({ verdict }) => verdict)).toEqual([
      'exact',
      'exact',
      'exact',
      'wrong',
      'wrong',
    ]);
    // 63/80 of the inch's 127/160, common practice: a pitch of 2 mm comes out 0.08 % too coarse.
    const near = checkChangeGears(
      lathe({
        ...inch,
        changeGears: [
          ['mm', 'Driver', 'Driven'],
          ['2', '63', '100'],
        ],
      }),
    )[0];
    expect(near?.verdict).toBe('near');
    expect(near?.errorPpm).toBeCloseTo((0.63 / (80 / 127) - 1) * 1e6, 6);
  });

  test('a quick-change chart is held against itself', () => {
    const good = ['A', 'B', 'C'].flatMap((letter, power) =>
      [8, 9, 10, 12].map((base, step) => [String(base * 2 ** power), letter, String(step + 1)]),
    );
    const head = ['TPI', 'Letter', 'Number'];
    expect(checkQuickChange(lathe({ quickChange: [head, ...good] }))).toEqual([]);
    const wrong = good.map((row, index) => (index === 6 ? ['21', 'B', '3'] : row));
    expect(checkQuickChange(lathe({ quickChange: [head, ...wrong] }))).toMatchObject([
      { thread: '21 TPI', why: 'other-step' },
    ]);
    expect(checkQuickChange(lathe({ quickChange: [head, ['8', 'A', '1'], ['9', 'A', '1']] }))).toMatchObject([
      { thread: '9 TPI', why: 'same-levers' },
    ]);
  });
});

describe('gearing', () => {
  const levers = [['Reverse', 'feed-reverse', 'L, N, R', 'R', 'L']];
  const box = {
    ...inch,
    levers,
    quickChange: [
      ['TPI', 'Letter'],
      ['16', 'B'],
    ],
    stock: '20, 24, 40, 60, 127',
  };

  test('the machine’s chart comes first, its levers by name, the reverse for the hand', () => {
    expect(gearingFor(lathe(box), tpi(16), 'left')).toMatchObject({
      from: 'quick-change',
      levers: [
        { lever: 'Letter', position: 'B' },
        { lever: 'Reverse', position: 'L' },
      ],
      turns: 'against-spindle',
    });
  });

  test('only where the chart has no line the stock is searched', () => {
    const geared = gearingFor(lathe(box), mm('1.5'), 'right');
    // The box goes on turning: with its line of 16 TPI the train makes 1.5 mm out of 127/80 mm.
    expect(geared).toMatchObject({ from: 'stock', errorPpm: 0 });
    expect(geared.levers[0]).toEqual({ lever: 'Letter', position: 'B' });
    const of = (role: string) =>
      geared.gears.filter((gear) => gear.role === role).reduce((all, { teeth }) => all * teeth, 1);
    expect(of('driver') / of('driven')).toBeCloseTo(1.5 / (25.4 / 16), 12);
    expect(gearingFor(lathe({ ...box, stock: '' }), mm('1.5'), 'right')).toMatchObject({
      from: 'nothing',
      missing: ['stock'],
    });
    expect(gearingFor(lathe({}), tpi(16), 'right')).toMatchObject({
      from: 'nothing',
      missing: ['lead-screw'],
    });
  });

  test('what is not exact is said with its error', () => {
    const gearing = gearingFor(lathe({ ...inch, stock: '40, 63, 70, 80' }), mm('2'), 'right');
    expect(gearing.missing).toEqual(['exact-train']);
    expect(Math.abs(gearing.errorPpm ?? 0)).toBeGreaterThan(0);
  });

  test('a chart’s gears keep their places, idlers included', () => {
    const changeGears = [
      ['TPI', 'Driver, stud', 'Idler', 'Driven, screw'],
      ['16', '40', '65', '80'],
    ];
    expect(gearingFor(lathe({ ...inch, changeGears }), tpi(16), 'right')).toMatchObject({
      from: 'change-gears',
      gears: [{ teeth: 40 }, { role: 'idler', teeth: 65 }, { place: 'Driven, screw', teeth: 80 }],
      errorPpm: 0,
    });
  });

  /** Hand rule (common practice), with every mesh turning the direction. */
  test('idlers for the hand', () => {
    expect([idlersFor(1, 'with-spindle'), idlersFor(1, 'against-spindle')]).toEqual([1, 2]);
    expect([idlersFor(2, 'with-spindle'), idlersFor(2, 'against-spindle')]).toEqual([0, 1]);
    expect(gearingFor(lathe({ ...inch, screwHand: 'left' }), tpi(16), 'right').turns).toBe('against-spindle');
  });
});

describe('speeds', () => {
  const box = {
    ...inch,
    levers: [['Range', 'other', 'I, II', '']],
    placards: [['Range', 'II', '300']],
    runDownTurns: '2',
    speeds: [
      ['45', 'back-gear', 'Pin out', '', '', '', '1'],
      ['100', 'lever', 'Lever 2', '123', '', '', ''],
      ['200-600', 'inverter', 'Knob', '', '', '', ''],
    ],
  };
  /** Common practice: a lathe set for about 100 rpm turned 123; what it gives counts. */
  test('what the lathe gives counts, not what is marked', () => {
    expect(fastestWithin(lathe(box), 110)).toMatchObject({ rpm: 45, runDownTurns: 1 });
    expect(fastestWithin(lathe(box), 123)).toMatchObject({
      rpm: 123,
      marked: 100,
      set: 'Lever 2',
      runDownTurns: 2,
    });
    expect(fastestWithin(lathe(box), 250)).toMatchObject({ rpm: 250 });
    expect(fastestWithin(lathe(box), 40)).toBeNull();
    expect(fastestWithin(lathe({}), 100)).toBeUndefined();
    expect(slowest(lathe(box))?.rpm).toBe(45);
  });
  test('a placard and the lead screw forbid higher speeds', () => {
    const set = [{ lever: 'Range', position: 'II' }];
    expect(speedCap(lathe(box), set, tpi(16))).toMatchObject({
      rpm: 300,
      by: { placard: { lever: 'Range' } },
    });
    expect(speedCap(lathe({ ...box, screwMostRpm: '100' }), set, tpi(16))).toEqual({
      rpm: 200,
      by: 'lead-screw',
    });
    expect(speedCap(lathe(box), [], tpi(16))).toBeNull();
  });
});

describe('the graduation on this lathe’s own scale', () => {
  const scale = { zeroAlong: 'cross-slide', counts: 'both-ways', rangeDeg: 60 } as const;
  test.each([
    ['from the cross slide', scale, 29.5, false],
    ['from the bed', { ...scale, zeroAlong: 'bed', rangeDeg: 90 }, 60.5, false],
    ['from the bed, beyond the scale', { ...scale, zeroAlong: 'bed' }, 60.5, true],
    ['one way, with it', { ...scale, counts: 'counter-clockwise' }, 29.5, false],
    ['one way, against it, all round', { ...scale, counts: 'clockwise', rangeDeg: 360 }, 330.5, false],
    ['one way, against it, no scale there', { ...scale, counts: 'clockwise' }, 330.5, true],
    [
      'from the bed it turns the other way',
      { zeroAlong: 'bed', counts: 'clockwise', rangeDeg: 360 },
      60.5,
      false,
    ],
  ] as const)('%s', (_, swivel, markDeg, offScale) => {
    expect(swivelGraduationOn(swivel, 29.5, 'counter-clockwise')).toEqual({ markDeg, offScale });
  });
});
