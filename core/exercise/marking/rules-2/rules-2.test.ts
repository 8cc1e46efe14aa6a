import { OLDER_RULES as RULES } from '../older/older-scheme';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { predict } from '../../record/state/predict';
import type { Entry } from '../../record/entry/entry';
import type { EntryContent } from '../../record/entry/kinds';
import {
  cutOf,
  goodSteps,
  HANDED_IN,
  measuredAt,
  plannedWork,
  recordOf,
  SCHEME,
  sheetOf,
} from '@/core/test/record';
import { newerProposal, proposeMark } from '../propose-mark';
import { conductOf } from './facts/conduct-of';

const sheet = sheetOf();

/** Frozen is what reads only what does not change: shapes of entries and sheets, and the trade below them. */
test('rules 1 and 2 read nothing of what the bench advises', () => {
  const allowed = ['isKind', 'strikeOf', 'PLACES', 'GAUGE_WORDS'];
  const files = [__dirname, path.join(__dirname, 'facts')].flatMap((folder) =>
    readdirSync(folder)
      .filter((name) => /(?<!\.test)\.ts$/.test(name))
      .map((name) => path.join(folder, name)),
  );
  expect(files.length).toBeGreaterThan(12);
  const read = files.flatMap((file) => {
    const imports = [
      ...readFileSync(file, 'utf8').matchAll(/import (type )?\{([^}]*)\} from '[^']*\/record\/[^']+'/g),
    ];
    const named = imports.flatMap(([, types, names = '']) =>
      types === undefined ? names.split(',').map((name) => name.trim()) : [],
    );
    return named.filter((name) => name !== '' && !name.startsWith('type '));
  });
  expect([...new Set(read)].sort()).toEqual(allowed.sort());
});

const [first, second] = sheet.passes;
const event = (id: string): EntryContent =>
  ({
    kind: 'event',
    event: id,
    stepId: null,
    touched: null,
    value: null,
    uncertainty: null,
    along: null,
    said: '',
  }) as EntryContent;

test.each<[string, EntryContent[]]>([
  ['as planned', plannedWork(sheet)],
  [
    'measured on the way',
    [...plannedWork(sheet).slice(0, 5), measuredAt(sheet, 0.77, 'mid'), cutOf(sheet.passes[5]!)],
  ],
  ['with zeros taken anew', [cutOf(first!), cutOf(second!), event('zero-lost'), cutOf(first!, 0.002)]],
  ['one by the cross slide', [cutOf(first!), { ...cutOf(second!, 0.01), crossSlide: 0.003 }]],
])('what is read of the conduct is what the record says today: %s', (_, work) => {
  const entries = recordOf([...goodSteps(sheet), ...work, HANDED_IN]);
  const today = predict(sheet, entries);
  const { cuts, stops, passes, measured } = conductOf(sheet, entries);
  const facts = (of: typeof cuts | typeof today.cuts) =>
    of.map(({ reading, infeed, usesRow, stopReading, triedReading, readingTaken }) => [
      ...[reading, infeed, usesRow, stopReading, triedReading, readingTaken],
    ]);
  expect(facts(cuts)).toEqual(facts(today.cuts));
  expect(passes).toEqual(today.passes);
  expect(stops.map(({ state, saysEnough }) => [state, saysEnough])).toEqual(
    today.stops.map(({ state, saysEnough }) => [state, saysEnough]),
  );
  expect(measured?.mean).toBe(today.remaining?.measured.mean);
});

test('a reading that was not taken stays for these rules the last one known, as it was when they were made', () => {
  const work = [cutOf(first!), { ...cutOf(second!), reading: null, asPlanned: false }, cutOf(second!)];
  const { cuts } = conductOf(sheet, recordOf([...goodSteps(sheet), ...work, HANDED_IN]));
  expect(cuts.map(({ reading, infeed }) => [reading, infeed])).toEqual([
    [0.002, 0.002],
    [0.002, 0],
    [0.012, 0.01],
  ]);
});

describe('newer rules beside those of the scheme', () => {
  const entries: Entry[] = recordOf([
    ...goodSteps(sheet),
    ...plannedWork(sheet),
    event('gearing-changed'),
    HANDED_IN,
  ]);
  const old = { ...SCHEME, rules: 1 };

  test('are not there where the scheme names the newest', () => {
    expect(newerProposal(sheet, SCHEME, entries)).toBeNull();
  });
  test('tell each line that differs, with its reason, and change nothing of what counts', () => {
    const counts = proposeMark(sheet, old, entries);
    const newer = newerProposal(sheet, old, entries)!;
    expect(newer.rules).toBe(RULES);
    expect(newer.total).toBe(proposeMark(sheet, SCHEME, entries).total);
    expect(newer.total).not.toBe(counts.total);
    expect(newer.differences.find(({ id }) => id === 'passes:events')).toEqual({
      id: 'passes:events',
      title: 'What happened',
      proposed: null,
      newer: 0,
      reason: 'Gearing changed in mid-thread.',
    });
    expect(newer.differences.some(({ id }) => id === 'step:blank')).toBe(false);
    expect(proposeMark(sheet, old, entries)).toEqual(counts);
  });
});
