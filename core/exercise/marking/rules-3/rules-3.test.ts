import { Told } from '@/core/test/told';
import { cutOf, goodSteps, recordOf, SCHEME, sheetOf } from '@/core/test/record';
import type { EntryContent } from '../../record/entry/kinds';
import { overWires } from '@/core/measuring/gauging/three-wires';
import { sheetWires } from '../../sheet/sheet-geometry';
import { proposeMark } from '../propose-mark';

const marked = (told: Told, rules = 3) => proposeMark(told.sheet, { ...SCHEME, rules }, told.record.entries);
const line = (told: Told, id: string, rules = 3) => marked(told, rules).lines.find((each) => each.id === id);
const measured = (told: Told, size: number, final: boolean) => {
  const over = Number(overWires(sheetWires(told.sheet), size).toFixed(5));
  const places = { start: over, middle: over, end: over };
  return told.then({ do: 'measure', places, ...(final ? { crest: 0.7438 } : {}), final });
};
/** To the end as it is told: measured at the target, cleaned up, handed in. */
const proved = (told: Told) =>
  measured(told, 0.7054, true).then({ do: 'after' }, { do: 'end', as: 'accepted' });

test('all as planned: full points by both', () => {
  const told = new Told().begun();
  measured(told.toPhase('measure'), 0.70715, false);
  told.until(({ advice }) => advice.phase === 'measure' || advice.phase === 'prove');
  // The row is used up: measured again, and the spring passes are left by what it says.
  if (told.advice.phase === 'measure') measured(told, 0.7054, false);
  expect(marked(proved(told)).total).toBe(100);
});

describe('whoever stopped because it was enough has kept what was left', () => {
  const stopped = () => proved(measured(new Told().begun().toPhase('measure'), 0.7054, false));
  test('rows and spring passes that were left cost nothing', () => {
    expect(marked(stopped()).total).toBe(100);
    expect(line(stopped(), 'passes:spring')).toMatchObject({
      reason: expect.stringContaining('Size was reached') as string,
    });
  });
  test('rules 2 stay as they were', () =>
    expect(line(stopped(), 'passes:spring', 2)).toMatchObject({
      reason: '0 taken, 2 planned.',
      proposed: 0,
    }));
  test('spring passes left out after all rows were cut are still missing', () => {
    const told = new Told().begun();
    measured(told.toPhase('measure'), 0.709, false);
    told.until(({ advice }) => advice.because[0] === 'spring-row' || advice.phase !== 'cut');
    const { because } = told.advice;
    expect(because[0]).toBe('spring-row');
    expect(line(proved(told), 'passes:spring')).toMatchObject({ proposed: 0 });
  });
});

test('new zeros in the groove carry the plan on: its rows are kept from there', () => {
  const told = new Told().begun().toRow(6).then({ do: 'zero', by: 'metal', value: 0.001 });
  measured(told.toPhase('measure'), 0.7054, false);
  proved(told);
  expect(line(told, 'passes:schedule')).toMatchObject({
    reason: expect.stringMatching(/^10 of 10 /) as string,
  });
  expect(marked(told).total).toBe(100);
  expect(line(told, 'passes:schedule', 2)?.proposed).toBeLessThan(
    line(told, 'passes:schedule')?.proposed ?? 0,
  );
});

test('a nut that runs free at its stop: the rest was not to be cut', () => {
  const told = new Told({ starter: 'until-nut', plan: { 'proof.evidence.0.nut': '2B' } }).begun();
  told.toPhase('try').then({ do: 'try', answer: 'free', final: false });
  told.then({ do: 'try', answer: 'free', final: true }, { do: 'after' }, { do: 'end', as: 'accepted' });
  const [, kept, asked] = /^(\d+) of (\d+) /.exec(line(told, 'passes:schedule')?.reason ?? '') ?? [];
  expect(Number(kept)).toBeGreaterThan(5);
  expect(kept).toBe(asked);
});

describe('however the zero was taken, whoever does as is told has kept the plan', () => {
  const begun = (by: string, value?: number) =>
    new Told().then(
      { do: 'set-up' },
      { do: 'zero', by, ...(value !== undefined && { value }) },
      { do: 'cut' },
      { do: 'set-up' },
    );
  test.each([
    ['paper', 0.003],
    ['scratch', 0.001],
    ['metal', undefined],
  ] as const)('%s', (by, value) => {
    const told = begun(by, value);
    measured(told.toPhase('measure'), 0.7054, false);
    proved(told);
    expect(line(told, 'passes:schedule')?.reason).toMatch(/^(\d+) of \1 /);
    expect(marked(told).total).toBe(100);
  });
  test('short of touching, and told by the first chip', () => {
    const told = new Told().then(
      { do: 'set-up' },
      { do: 'zero', by: 'short' },
      { do: 'cut' },
      { do: 'set-up' },
    );
    told.then({ do: 'event', id: 'first-chip', reading: 0.003 });
    measured(told.toPhase('measure'), 0.7054, false);
    proved(told);
    expect(marked(told).total).toBeGreaterThan(95);
  });
});

test('a cut that came late counts in its place: no large infeed is made of it', () => {
  const sheet = sheetOf();
  const rows = sheet.passes.slice(0, 6).map((row) => cutOf(row));
  const [first, second] = ['device-1', 'device-2'];
  const LEAD = { kind: 'lead' } as const;
  const made = (...parts: [string, EntryContent[]][]) =>
    recordOf(parts.flatMap(([, contents]) => contents)).map((entry, index) => ({
      ...entry,
      device: parts.flatMap(([device, contents]) => contents.map(() => device))[index] ?? null,
    }));
  const before: [string, EntryContent[]] = [first, [LEAD, ...goodSteps(sheet), ...rows.slice(0, 3)]];
  const late = made(before, [second, [LEAD, ...rows.slice(4)]], [first, rows.slice(3, 4)]);
  const inOrder = made(before, [first, rows.slice(3, 4)], [second, [LEAD, ...rows.slice(4)]]);
  const passes = (entries: typeof late) =>
    proposeMark(sheet, { ...SCHEME, rules: 3 }, entries)
      .lines.filter(({ id }) => id.startsWith('passes:'))
      .map(({ id, proposed, reason }) => [id, proposed, reason]);
  expect(passes(late)).toEqual(passes(inOrder));
});
