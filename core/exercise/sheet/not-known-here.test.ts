import { proposeMark } from '../marking/propose-mark';
import { nextAtBench } from '../record/shown/next-at-bench';
import { predict } from '../record/state/predict';
import { readEntry } from '../record/entry/read-entry';
import { sheetForStudent } from '../record/shown/shown-to-student';
import type { EntryContent } from '../record/entry/kinds';
import { openNames, withAt } from '@/core/test/open-names';
import { contextOf, goodSteps, HANDED_IN, plannedCuts, recordOf, SCHEME, sheetOf } from '@/core/test/record';
import { notKnownHere } from './not-known-here';
import { readSheet, sheetSchema, type Sheet } from './sheet';

/** Two starts, so that order and finding of the next start count too. */
const sheet = sheetOf({ 'thread.designation': '3/4-16 UNF-2A (2 starts)' });
const ready = recordOf(goodSteps(sheet));
const pass = { kind: 'pass', plannedPass: '1' };

/** As a later release stores it, read by this one. */
const later = (...path: string[]): Sheet => readSheet(withAt<unknown>(sheet, path, 'later'));

test('a sheet of this release has nothing that it does not know', () => {
  expect(notKnownHere(sheet)).toEqual([]);
  expect(nextAtBench(sheet, ready).kind).toBe('pass');
});

test('there are open names in each part of a sheet', () => {
  const places = openNames(sheetSchema).map((path) => path.join('.'));
  expect(places).toEqual(expect.arrayContaining(['way.drive', 'way.end', 'passes.0.kind', 'steps.0.shows']));
  expect(places.length).toBeGreaterThanOrEqual(18);
});

test.each(openNames(sheetSchema).map((path) => [path.join('.'), path] as const))(
  'a name of a later release opens, is told, and changes no figure: %s',
  (_, path) => {
    const read = later(...path);
    const [place] = notKnownHere(read);
    expect(notKnownHere(read)).toHaveLength(1);
    expect(withAt<unknown>(read, path, 'later')).toEqual(withAt<unknown>(sheet, path, 'later'));

    const contents: EntryContent[] = [...goodSteps(sheet), ...plannedCuts(sheet).slice(0, 2)];
    const [now, known] = [read, sheet].map((each) => predict(each, recordOf(contents)));
    expect(now?.cuts.map(({ reading }) => reading)).toEqual(known?.cuts.map(({ reading }) => reading));
    expect(now?.size).toEqual(known?.size);
    expect(now?.blocks.map(({ id }) => id)).toEqual(place?.cut === true ? [place.id] : []);

    const proposal = proposeMark(read, SCHEME, recordOf([...contents, HANDED_IN]));
    if (place?.mark === true) expect(proposal.blocked).toContain('Update the program');
    else expect(proposal).toEqual(proposeMark(sheet, SCHEME, recordOf([...contents, HANDED_IN])));
  },
);

test.each([
  ['way', 'drive'],
  ['way', 'end'],
  ['thread', 'startsOrder'],
  ['passes', '0', 'kind'],
])('the bench advises no cut that it does not understand: %s %s', (...path) => {
  const read = later(...path);
  const next = nextAtBench(read, ready);
  expect(next.kind).toBe('blocked');
  expect(next.figure).toBeNull();
  expect(next.says).toContain('instructor');
});

test('who cuts all the same by what the instructor says is not noted as cutting against the sheet', () => {
  const read = later('way', 'drive');
  expect(readEntry(pass, contextOf(read, ready))).toMatchObject({ ok: false });
  const cut = readEntry({ ...pass, allTheSame: 'yes' }, contextOf(read, ready));
  // Driven as planned, whatever that is: no drive is made up.
  expect(cut).toMatchObject({ ok: true, value: { kind: 'pass', allTheSame: false, drive: null } });
  const open = readEntry({ ...pass, allTheSame: 'yes' }, contextOf(read, []));
  expect(open).toMatchObject({ ok: true, value: { kind: 'pass', allTheSame: true } });
});

test('a step of which it is not known when its value shows keeps it from the student', () => {
  const step = sheet.steps.findIndex(({ expected, shows }) => expected !== null && shows === 'shown');
  const read = later('steps', String(step), 'shows');
  expect(sheetForStudent(sheet, [], false)?.steps[step]?.heldBack).toBeUndefined();
  expect(sheetForStudent(read, [], false)?.steps[step]?.heldBack).toBe(true);
});
