import { cutOf, happened, recordOf, sheetOf } from '@/core/test/record';
import { liveEntries } from '../entry/entry';
import { predict } from './predict';
import type { EntryContent } from '../entry/kinds';
import { NO_TRIES, withEntry } from './tries-so-far';

const sheet = sheetOf({
  'work.diameter': '0.7440',
  'schedule.school': 'own',
  'schedule.rows.0.kind': 'rough',
  'schedule.rows.0.infeed': '0.040',
  'schedule.rows.1.what': 'stop',
  'schedule.rows.1.check': 'file',
  'schedule.rows.2.kind': 'finish',
  'schedule.rows.2.infeed': '0.003',
  'proof.evidence.0.kind': 'nut',
  'proof.evidence.0.nut': '2B',
});
const [deep, deeper] = sheet.passes as [(typeof sheet.passes)[number], (typeof sheet.passes)[number]];
type TrialContent = Extract<EntryContent, { kind: 'trial' }>;
const tried = (answer: TrialContent['answer'], crest: number | null = null): TrialContent => ({
  kind: 'trial',
  purpose: 'mid',
  evidenceId: sheet.proof[0]!.id,
  stopId: null,
  answer,
  end: 'one',
  toShoulder: null,
  crest,
  reading: deep.dialReading.value,
});
const filed: EntryContent = { kind: 'stop', stopId: sheet.stops[0]!.id, answer: 'done', reading: null };
const nutAfter = (...contents: EntryContent[]) => predict(sheet, recordOf(contents)).nut?.reckoning;
const trials = (...contents: EntryContent[]) =>
  liveEntries(recordOf(contents))
    .reduce((tries, entry) => withEntry(sheet, tries, entry), NO_TRIES)
    .of.get(sheet.proof[0]!.id)
    ?.all() ?? [];

/** What a nut's answers mean at the lathe: common practice throughout. */
describe('the answers of a nut', () => {
  test('unlike at one depth are a contradiction', () =>
    expect(nutAfter(cutOf(deep), tried('will-not-start', 0.744), tried('tight'))?.contradiction).toBe(
      'unlike-at-one-depth',
    ));

  test('are asked anew once the crests are filed: that was what held it', () => {
    for (const between of [happened('crests-filed', { value: 0.743 }), filed])
      expect(nutAfter(cutOf(deep), tried('will-not-start'), between, tried('tight'))).toMatchObject({
        contradiction: null,
        says: 'go-on',
      });
  });

  test('may change after a pass at no infeed, which still cuts', () =>
    expect(
      nutAfter(cutOf(deep), tried('will-not-start', 0.744), cutOf(deep), tried('tight'))?.contradiction,
    ).toBeNull());

  test('at the same figure of the dial from another zero were given at another depth', () =>
    expect(
      nutAfter(
        cutOf(deep),
        tried('will-not-start', 0.744),
        happened('picked-up'),
        cutOf(deep, deep.dialReading.value),
        tried('tight'),
      )?.contradiction,
    ).toBeNull());

  test('a looser one before a tighter one stays a contradiction, whatever was cut between', () =>
    expect(nutAfter(cutOf(deep), tried('free'), cutOf(deeper), tried('tight'))?.contradiction).toBe(
      'looser-before-tighter',
    ));

  test('that nothing is known of narrow nothing', () => {
    const bin = { ...sheet, proof: [{ ...sheet.proof[0]!, nut: null }] };
    const { segment, implied, nut } = predict(bin, recordOf([cutOf(deep), tried('tight')]));
    expect([segment.anchor, implied]).toEqual([null, null]);
    expect(nut?.reckoning).toMatchObject({ againstLimits: 'unknown', nextInfeed: 0.001 });
  });
});

describe('a crest that was measured', () => {
  test('stands for the next answer at that depth, and no longer', () => {
    const [first, second, third] = trials(
      cutOf(deep),
      tried('will-not-start', 0.7438),
      tried('will-not-start'),
      cutOf(deeper),
      tried('will-not-start'),
    );
    expect([first?.crest, second?.crest, third?.crest]).toEqual([0.7438, 0.7438, null]);
  });

  test('after filing it is the one that was measured then', () =>
    expect(
      trials(
        cutOf(deep),
        tried('will-not-start', 0.7439),
        happened('crests-filed', { value: 0.7436 }),
        tried('starts'),
      ),
    ).toEqual([{ answer: 'starts', reading: 1, crest: 0.7436 }]));

  test('flanks worked by hand make another depth', () =>
    expect(
      trials(cutOf(deep), tried('tight', 0.744), happened('flanks-worked'), tried('free')).map(
        ({ reading }) => reading,
      ),
    ).toEqual([1, 2]));
});
