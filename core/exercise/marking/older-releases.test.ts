import { NO_BOOK } from '../plan/plan-book';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { readLathe } from '@/core/machine/lathe/lathe';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { formFrom } from '../plan/draft';
import { formOfPlan } from '../plan/form-of-plan';
import { readPlan } from '../plan/read/read-plan';
import { readStoredPlan, type Plan } from '../plan/plan';
import { predict } from '../record/state/predict';
import { readStoredEntry } from '../record/entry/read-stored-entry';
import type { Entry } from '../record/entry/entry';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { readSheet } from '../sheet/sheet';
import { sheetFor } from '../sheet/sheet-for';
import { proposeMark } from './propose-mark';
import { readAnyScheme } from './scheme';

interface Stored {
  draft: { title: string };
  plan: { title: string };
  lathe?: object;
  sheet: object;
  scheme: object;
  attempts: {
    entries: (Entry & { format: number })[];
    proposal: object;
    sizes: (number | null)[];
    state: string;
  }[];
}

/**
 * What releases before stored, and what they made of it: plans of version 2, sheets of version 1 and records of format 2
 * (`version-2`), plans of version 3, sheets of version 2 and lathes of version 1 (`version-3`),
 * plans of version 4 (`version-4`), plans of version 5 and sheets of version 3 (`version-5`),
 * plans of version 6 and sheets of version 4 (`version-6`), plans of version 7 and sheets of version 5 (`version-7`),
 * plans of version 8 and schemes of version 2 (`version-8`), sheets of version 6 and rules 3 (`version-9`).
 */
const of = (release: string) =>
  JSON.parse(
    readFileSync(path.join(__dirname, '../../../data/test', release, 'demo.json'), 'utf8'),
  ) as Stored[];
const stored = [
  ...of('version-2'),
  ...of('version-3'),
  ...of('version-4'),
  ...of('version-5'),
  ...of('version-6'),
  ...of('version-7'),
  ...of('version-8'),
  ...of('version-9'),
  ...of('version-10'),
];

/** A line as those releases knew it. */
function withoutNeeded<L extends { needed: unknown }>(line: L): Omit<L, 'needed'> {
  const { needed, ...rest } = line;
  expect(needed).toBeNull();
  return rest;
}

const toTheBit = (size: number | null) => (size === null ? null : Number(size.toPrecision(13)));

const attempts = stored.flatMap((each) =>
  each.attempts.map((attempt, index) => [`${each.plan.title}, ${index + 1}`, each, attempt] as const),
);

test.each(attempts)('no number and no proposed point changes: %s', (_, { sheet, scheme }, attempt) => {
  const entries = attempt.entries.map((entry) => ({
    ...entry,
    content: readStoredEntry(entry.format, entry.content),
  }));
  const read = readSheet(sheet);
  const prediction = predict(read, entries);
  expect(prediction.state).toBe(attempt.state);
  // Sizes come from the simulated groove now, by another order of the same arithmetic: all but its last bit is the same.
  expect(prediction.cuts.map(({ pitchDiameter }) => toTheBit(pitchDiameter))).toEqual(
    attempt.sizes.map(toTheBit),
  );
  expect(prediction.unknown).toEqual([]);
  const { factor, scale, lines, ...proposal } = proposeMark(read, readAnyScheme(scheme), entries);
  // What those releases did not know yet: by their schemes there is none of it.
  expect({ factor, scale }).toEqual({ factor: null, scale: null });
  expect({ ...proposal, lines: lines.map((line) => withoutNeeded(line)) }).toEqual(attempt.proposal);
});

test.each(stored.map((each) => [each.plan.title, each] as const))(
  'an older plan opens, and its copy makes a plan: %s',
  (_, { plan, draft }) => {
    const read = readStoredPlan(plan);
    expect(read.version).toBe(9);
    const again = readPlan(formOfPlan(read));
    expect(again.issues).toEqual([]);
    const { designation, hand, starts } = read.thread;
    expect(again.plan?.thread).toMatchObject({ designation, hand, starts });
    expect(again.plan?.work).toEqual(read.work);
    const sheet = sheetFor({
      plan: read as Plan,
      lathe: usualLathe('in'),
      book: NO_BOOK,
      words: USUAL_WORDS,
    });
    expect(sheet.passes.length).toBeGreaterThan(4);
    expect(formFrom(draft).title).toBe(draft.title);
  },
);

test('the lathes of those days are read, and a sheet made on one anew tells the same readings', () => {
  for (const { plan, lathe, sheet } of [
    ...of('version-3'),
    ...of('version-4'),
    ...of('version-5'),
    ...of('version-6'),
    ...of('version-7'),
    ...of('version-8'),
    ...of('version-9'),
    ...of('version-10'),
  ]) {
    const read = readSheet(sheet);
    const again = sheetFor({
      plan: readStoredPlan(plan) as Plan,
      lathe: readLathe(lathe),
      book: NO_BOOK,
      words: USUAL_WORDS,
    });
    const readings = ({ passes, compound, feed }: typeof read) => [
      passes.map(({ dialReading }) => dialReading),
      compound.markDeg,
      feed,
    ];
    expect(readings(again)).toEqual(readings(read));
  }
});
