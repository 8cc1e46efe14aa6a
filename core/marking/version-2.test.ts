import { readFileSync } from 'node:fs';
import path from 'node:path';
import { usualLathe } from '../lathe';
import { formFrom, formOfPlan, readPlan, readStoredPlan } from '../plan';
import { predict, readStoredEntry, type Entry } from '../record';
import { USUAL_WORDS } from '../shop';
import { readSheet, sheetFor } from '../sheet';
import { proposeMark, readScheme } from './index';

interface Stored {
  draft: { title: string };
  plan: { title: string };
  sheet: object;
  scheme: object;
  attempts: {
    entries: (Entry & { format: number })[];
    proposal: object;
    sizes: (number | null)[];
    state: string;
  }[];
}

/** Plans of version 2, sheets of version 1 and records of format 2 as the release before stored them, and what it made of them. */
const stored = JSON.parse(
  readFileSync(path.join(__dirname, '../../data/test/version-2/demo.json'), 'utf8'),
) as Stored[];

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
  expect(prediction.cuts.map(({ pitchDiameter }) => pitchDiameter)).toEqual(attempt.sizes);
  expect(prediction.unknown).toEqual([]);
  expect(proposeMark(read, readScheme(scheme), entries)).toEqual(attempt.proposal);
});

test.each(stored.map((each) => [each.plan.title, each] as const))(
  'a plan of version 2 opens, and its copy makes a plan: %s',
  (_, { plan, draft }) => {
    const read = readStoredPlan(plan);
    expect(read.version).toBe(3);
    const again = readPlan(formOfPlan(read));
    expect(again.issues).toEqual([]);
    const { designation, hand, starts } = read.thread;
    expect(again.plan?.thread).toMatchObject({ designation, hand, starts });
    expect(again.plan?.work).toEqual(read.work);
    const sheet = sheetFor({
      plan: read,
      lathe: usualLathe('in'),
      tool: null,
      gauges: [],
      words: USUAL_WORDS,
    });
    expect(sheet.passes.length).toBeGreaterThan(4);
    expect(formFrom(draft).title).toBe(draft.title);
  },
);
