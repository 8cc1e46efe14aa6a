import { EMPTY_LATHE_FORM, type LatheForm } from './form/lathe-form';
import { graduationsIn, shownFor, travelOf } from './dial-count';
import { latheFormOf } from './form/lathe-form-of';
import { latheRows, readLatheRows } from './form/lathe-rows';
import { readLathe } from './lathe';
import { readLatheForm } from './form/read-lathe-form';
import { usualLathe } from './usual-lathe';

const form = (change: Partial<LatheForm> = {}) => ({ ...EMPTY_LATHE_FORM, name: 'Lathe 3', ...change });

test('a name alone makes a lathe with the usual dial; what is not known is null', () => {
  const read = readLatheForm(form());
  if (!read.ok) throw new Error('refused');
  expect(read.value).toEqual({
    ...usualLathe('in', 'Lathe 3'),
    compound: {
      ...usualLathe('in').compound,
      swivel: { zeroAlong: 'cross-slide', counts: null, graduationDeg: null, rangeDeg: null },
    },
  });
  expect(readLathe(JSON.parse(JSON.stringify(read.value)))).toEqual(read.value);
});

test('form and document say the same, there and back', () => {
  const full = form({
    dialUnit: 'mm',
    graduation: '0.05',
    perTurn: '3',
    zeroAlong: 'bed',
    crossUnit: 'mm',
    crossGraduation: '0.05',
    crossPerTurn: '5',
    crossReads: 'diameter',
    nose: 'screwed',
    runDownTurns: '2.5',
    leadScrew: '6 mm',
    threadDial: 'in-use',
    dialGears: [
      ['32', '1 - 2 - 3 - 4 -'],
      ['14', '2'],
      ['16', 'A@0 B@1/8 A@1/2'],
    ],
    plate: [['11½ TPI', '1 3']],
    levers: [['Reverse', 'feed-reverse', 'L, N, R', 'R', 'L']],
    quickChange: [
      ['TPI', 'Letter', 'Number'],
      ['8', 'A', '1'],
    ],
    changeGears: [
      ['Pitch, mm', 'Driver', 'Idler', 'Driven'],
      ['1.5', '60', '', '80'],
    ],
    stock: '20, 127',
    fixedRatio: '1/2',
    placards: [['Letter', 'A', '300']],
    speeds: [
      ['45', 'back-gear', 'Pin out', '48', '200', '', '1'],
      ['60-600', 'inverter', 'Knob', '', '4', '60', ''],
    ],
    trip: 'no',
    readoutUnit: 'mm',
    readoutResolution: '0.005',
  });
  const read = readLatheForm(full);
  if (!read.ok) throw new Error(read.issues[0]?.message);
  expect(read.value).toMatchObject({
    leadScrew: { advance: '6 mm' },
    trip: { fitted: false },
    threadDial: {
      gears: [{ teeth: 32 }, { teeth: 14 }, { teeth: 16, marks: [{}, { label: 'B', at: '1/8' }, {}] }],
    },
    spindle: {
      speeds: [
        { rpm: 45, real: 48 },
        { rpm: 60, upTo: 600 },
      ],
    },
    gearing: { changeGears: { rows: [{ thread: '1.5 mm', teeth: [60, null, 80] }] } },
  });
  const again = readLatheForm(latheFormOf(read.value));
  expect(again).toEqual(read);
});

test.each([
  ['no name', { name: ' ' }, 'name'],
  ['a graduation with a comma', { graduation: '0,02' }, 'graduation'],
  ['a turn of no whole graduations', { perTurn: '0.0995' }, 'perTurn'],
  ['a scale that reads 0 nowhere', { zeroAlong: 'north' }, 'zeroAlong'],
  ['a lead screw of nothing', { leadScrew: 'coarse' }, 'leadScrew'],
  ['half a mark', { dialGears: [['32', '0.5.1@x']] }, 'dialGears.0.1'],
  ['two marks at one place', { dialGears: [['32', 'A@1/8 B@2/16']] }, 'dialGears.0.1'],
  ['speeds out of order', { speeds: [['100'], ['60']] }, 'speeds.1.0'],
  ['a speed twice', { speeds: [['100'], ['100']] }, 'speeds.1.0'],
  ['a range from fast to slow', { speeds: [['600-60']] }, 'speeds.0.0'],
  ['a stock of 0 teeth', { stock: '20, 0' }, 'stock'],
  ['a stock of absurd teeth', { stock: '20, 4000' }, 'stock'],
  [
    'a chart with a column too many',
    {
      quickChange: [
        ['TPI', 'A'],
        ['8', '1'],
        ['9', '1', '2'],
      ],
    },
    'quickChange.2.0',
  ],
  [
    'a chart with a position left out',
    {
      quickChange: [
        ['TPI', 'A', 'B'],
        ['8', '1'],
      ],
    },
    'quickChange.1.2',
  ],
  [
    'a chart of words',
    {
      quickChange: [
        ['TPI', 'A'],
        ['coarse', '1'],
      ],
    },
    'quickChange.1.0',
  ],
  [
    'a thread twice in a chart',
    {
      quickChange: [
        ['TPI', 'A'],
        ['8', '1'],
        ['8 TPI', '2'],
      ],
    },
    'quickChange.2.0',
  ],
  [
    'a column without a role',
    {
      changeGears: [
        ['TPI', 'Gear A'],
        ['8', '40'],
      ],
    },
    'changeGears.0.1',
  ],
  [
    'absurd teeth in a chart',
    {
      changeGears: [
        ['TPI', 'Driver A', 'Driven B'],
        ['8', '40', '9999'],
      ],
    },
    'changeGears.1.2',
  ],
  ['a placard of no lever', { placards: [['Letter', 'A', '300']] }, 'placards.0.0'],
  ['a lever without positions', { levers: [['Reverse', 'feed-reverse', '']] }, 'levers.0.2'],
  ['a position that the lever has not', { levers: [['Reverse', '', 'L, R', 'N']] }, 'levers.0.3'],
  ['a plate without labels', { plate: [['13 TPI', '']] }, 'plate.0.1'],
  ['an unknown nose', { nose: 'glued' }, 'nose'],
] as [string, Partial<LatheForm>, string][])('%s is refused at its field', (_, change, field) => {
  const read = readLatheForm(form(change));
  expect(read.ok ? [] : read.issues.map((issue) => issue.field)).toContain(field);
});

test('a dial that reads the diameter shows twice the slide’s travel', () => {
  const dial = { graduation: { value: 0.001, unit: 'in' }, reads: 'diameter' } as const;
  expect(graduationsIn({ value: 0.01, unit: 'in' }, dial)).toBeCloseTo(20, 9);
  expect(travelOf(20, dial)).toEqual({ value: 0.01, unit: 'in' });
  expect(shownFor(20, dial)).toEqual({ value: 0.02, unit: 'in' });
});

test('a document of another format or a later version is refused by name', () => {
  expect(() => readLathe({ format: 'oyakata-plan', version: 1 })).toThrow('not oyakata-lathe');
  expect(() => readLathe({ ...usualLathe('in'), version: 3 })).toThrow('made by a later release');
  expect(() => readLathe({ ...usualLathe('in'), colour: 'green' })).toThrow('colour');
});

/** As version 1 was stored. */
const STORED_1 = {
  format: 'oyakata-lathe',
  version: 1,
  name: 'Lathe 9',
  compound: {
    dial: usualLathe('in').compound.dial,
    swivel: { zeroAlong: 'bed', graduationDeg: 1, rangeDeg: 90 },
  },
  crossSlide: { dial: null },
  spindle: { nose: 'screwed', runDownTurns: 1.5 },
  leadScrew: { threadsPerInch: 8, pitch: null },
  threadDial: { gearTeeth: 32, marks: 8 },
  trip: false,
  readout: { resolution: { value: 0.0002, unit: 'in' }, reads: 'diameter' },
};

test('a lathe of version 1 is read, and nothing that it said is lost or made up', () => {
  expect(readLathe(STORED_1)).toMatchObject({
    version: 2,
    leadScrew: { advance: '8 TPI', hand: null },
    threadDial: { state: 'in-use', gears: [{ teeth: 32, marks: { length: 8 } }], plate: [] },
    trip: { fitted: false, findsBy: null },
    spindle: { nose: 'screwed', runDownTurns: 1.5, speeds: [] },
    readout: { axes: ['cross-slide'] },
  });
  expect(
    readLathe({ ...STORED_1, leadScrew: { threadsPerInch: null, pitch: { value: 6, unit: 'mm' } } }),
  ).toMatchObject({
    leadScrew: { advance: '6 mm' },
  });
  expect(readLathe({ ...STORED_1, leadScrew: null, threadDial: null })).toMatchObject({
    leadScrew: null,
    threadDial: null,
  });
});

test('lathes go out as rows and come in again; a file with wrong columns names the row', () => {
  const lathe = { ...usualLathe('mm', 'Lathe 7'), note: 'By the door' };
  expect(readLatheRows(latheRows([lathe]))).toEqual({ ok: true, value: [lathe] });
  const issues = (rows: string[][]) => {
    const read = readLatheRows(rows);
    return read.ok ? [] : read.issues.map(({ field }) => field);
  };
  expect(issues([['name', 'colour']])).toEqual(['row 1']);
  expect(issues([['note']])).toEqual(['row 1']);
  expect(
    issues([
      ['name', 'nose'],
      ['A', 'camlock'],
      ['B', 'glued'],
      ['C', '', 'x'],
    ]),
  ).toEqual(['row 3, nose', 'row 4']);
});
