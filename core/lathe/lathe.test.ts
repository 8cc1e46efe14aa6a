import {
  EMPTY_LATHE_FORM,
  graduationsIn,
  latheFormOf,
  readLathe,
  readLatheForm,
  shownFor,
  travelOf,
  usualLathe,
  type LatheForm,
} from './index';

const form = (change: Partial<LatheForm> = {}) => ({ ...EMPTY_LATHE_FORM, name: 'Lathe 3', ...change });

test('a name alone makes a lathe with the usual dial; what is not known is null', () => {
  const read = readLatheForm(form());
  if (!read.ok) throw new Error('refused');
  expect(read.value).toEqual({
    ...usualLathe('in', 'Lathe 3'),
    compound: {
      ...usualLathe('in').compound,
      swivel: { zeroAlong: 'cross-slide', graduationDeg: null, rangeDeg: null },
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
    dialTeeth: '32',
    dialMarks: '8',
    trip: 'no',
    readoutUnit: 'mm',
    readoutResolution: '0.005',
  });
  const read = readLatheForm(full);
  if (!read.ok) throw new Error(read.issues[0]?.message);
  expect(read.value).toMatchObject({
    leadScrew: { threadsPerInch: null, pitch: { value: 6, unit: 'mm' } },
    trip: false,
    threadDial: { gearTeeth: 32, marks: 8 },
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
  ['half a mark', { dialMarks: '0.5' }, 'dialMarks'],
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
  expect(() => readLathe({ ...usualLathe('in'), version: 2 })).toThrow('made by a later release');
  expect(() => readLathe({ ...usualLathe('in'), colour: 'green' })).toThrow('colour');
});
