import { cutOf, goodSteps, happened, planFor, recordOf, sheetOf, type Leaves } from '@/core/test/record';
import type { EntryContent } from '../record/entry/kinds';
import { proposeMark } from './propose-mark';
import { olderScheme } from '@/core/test/older-scheme';

const NUT: Leaves = {
  'schedule.school': 'own',
  'schedule.rows.0.kind': 'scratch',
  'schedule.rows.0.infeed': '0.002',
  'schedule.rows.1.kind': 'rough',
  'schedule.rows.1.infeed': '0.020',
  'schedule.rows.2.what': 'stop',
  'schedule.rows.2.check': 'form',
  'schedule.rows.3.kind': 'rough',
  'schedule.rows.3.infeed': '0.020',
  'schedule.rows.4.kind': 'finish',
  'schedule.rows.4.infeed': '0.003',
  'proof.evidence.0.kind': 'nut',
  'proof.evidence.0.nut': '2B',
  'proof.evidence.0.bothEnds': 'yes',
};

function judged(leaves: Leaves, contents: (sheet: ReturnType<typeof sheetOf>) => EntryContent[]) {
  const sheet = sheetOf(leaves);
  const plan = planFor(leaves);
  const record = recordOf([...goodSteps(sheet), ...contents(sheet)]);
  const proposal = proposeMark(
    sheet,
    olderScheme({ setUp: 30, passes: 30, result: 40 }, plan, [sheet]),
    record,
  );
  return (id: string) => proposal.lines.find((line) => line.id === id);
}

type TrialContent = Extract<EntryContent, { kind: 'trial' }>;
const trial = (answer: TrialContent['answer'], change: Partial<TrialContent> = {}): TrialContent => ({
  kind: 'trial',
  purpose: 'final',
  evidenceId: 'nut',
  stopId: null,
  answer,
  end: 'both',
  toShoulder: null,
  crest: null,
  reading: null,
  ...change,
});
const cutAll = (sheet: ReturnType<typeof sheetOf>): EntryContent[] => sheet.passes.map((pass) => cutOf(pass));

describe('proved by a nut', () => {
  const share = (answer: TrialContent['answer'], change: Partial<TrialContent> = {}) => {
    const line = judged(NUT, (sheet) => [...cutAll(sheet), trial(answer, change)])('result:nut');
    return (line?.proposed ?? NaN) / (line?.max ?? NaN);
  };
  test('free is right, and its strength is said', () => {
    expect(share('free')).toBe(1);
    const line = judged(NUT, (sheet) => [...cutAll(sheet), trial('free')])('result:nut');
    expect(line?.reason).toContain('weak');
  });
  test('tried from one end only lacks a quarter', () =>
    // In steps of half a point of the line's 60.
    expect(Math.abs(share('free', { end: 'one' }) - 0.75)).toBeLessThanOrEqual(0.25 / 20));
  test('wobbles is past what is wanted, will not start could still be cut', () => {
    expect(share('wobbles')).toBe(0);
    expect(share('tight')).toBeGreaterThan(share('will-not-start'));
    expect(share('will-not-start')).toBeGreaterThan(0);
  });
  test('what the plan wants counts: tight may be the right answer', () => {
    const wanted = { ...NUT, 'proof.evidence.0.wanted': 'tight' };
    const line = judged(wanted, (sheet) => [...cutAll(sheet), trial('tight')])('result:nut');
    expect(line?.proposed).toBe(line?.max);
  });
  test('a trial on the way is no proof at the end', () => {
    const line = judged(NUT, (sheet) => [...cutAll(sheet), trial('free', { purpose: 'mid' })])('result:nut');
    expect(line).toMatchObject({
      proposed: 0,
      seen: false,
      reason: 'Not seen: nothing is recorded of it at the end.',
    });
  });
  test('nothing is asked of wires', () => {
    const line = judged(NUT, cutAll);
    expect(line('result:pitch-diameter')).toBeUndefined();
    expect(line('step:over-wires')).toBeUndefined();
  });
});

test('a crest flat is held against the limits by the size that it says', () => {
  const leaves = { ...NUT, 'proof.evidence.0.kind': 'crest-flat' };
  const line = (value: number) =>
    judged(leaves, (sheet) => [
      ...cutAll(sheet),
      { kind: 'finding', purpose: 'final', evidenceId: 'crest-flat', answer: null, value },
    ])('result:crest-flat');
  // F = P/2 - (Dm - d2) tan 30 on a blank of 0.7438: 0.0076 at 0.7029, 0.0105 at 0.7079, the limits of 2A (ASME B1.1).
  expect(line(0.0078)).toMatchObject({ proposed: line(0.0078)?.max });
  expect(line(0.0078)?.reason).toBe('0.0078 in; 0.0076 to 0.0105.');
  expect(line(0.02)?.proposed).toBe(0);
});

describe('conduct', () => {
  const lost = (id: string, contents: (sheet: ReturnType<typeof sheetOf>) => EntryContent[]) => {
    const line = judged(NUT, contents)(id);
    return (line?.max ?? NaN) - (line?.proposed ?? NaN);
  };
  const kept: EntryContent = { kind: 'stop', stopId: 'form-2', answer: 'yes', reading: null };
  test('a stop that was kept, and one that was cut over', () => {
    const sheet = sheetOf(NUT);
    const stop = { ...kept, stopId: sheet.stops[0]?.id ?? '' };
    const [one, two, ...rest] = cutAll(sheet);
    expect(lost('passes:stops', () => [one!, two!, stop, ...rest])).toBe(0);
    expect(lost('passes:stops', cutAll)).toBeGreaterThan(0);
  });
  test('a slip that is told before it touched costs nothing, one that touched does', () => {
    expect(
      lost('passes:events', (sheet) => [...cutAll(sheet), happened('off-mark', { touched: false })]),
    ).toBe(0);
    expect(lost('passes:events', (sheet) => [...cutAll(sheet), happened('missed-mark')])).toBe(0);
    expect(lost('passes:events', (sheet) => [...cutAll(sheet), happened('taken-out')])).toBe(0);
    expect(
      lost('passes:events', (sheet) => [...cutAll(sheet), happened('reversed-uncleared', { touched: true })]),
    ).toBeGreaterThan(0);
    expect(lost('passes:events', (sheet) => [...cutAll(sheet), happened('gearing-changed')])).toBeGreaterThan(
      lost('passes:events', (sheet) => [...cutAll(sheet), happened('off-mark', { touched: true })]),
    );
  });
  test('a cut against a wrong value is told and judged', () =>
    expect(
      lost('passes:all-the-same', (sheet) =>
        cutAll(sheet).map((cut, index) => (index === 0 ? { ...cut, allTheSame: true } : cut)),
      ),
    ).toBeGreaterThan(0));
  test('less than the row is right by what the nut let take, and off the plan without its answer', () => {
    const cutting = (tried: boolean) => (sheet: ReturnType<typeof sheetOf>) => {
      const [last, ...before] = cutAll(sheet).reverse();
      const answer = trial('will-not-start', { purpose: 'mid', reading: 0.042, crest: sheet.workDiameter });
      return [
        ...before.reverse(),
        ...(tried ? [answer] : []),
        { ...last!, reading: 0.043, asPlanned: false } as EntryContent,
      ];
    };
    expect(lost('passes:schedule', cutting(false))).toBeGreaterThan(0);
    expect(lost('passes:schedule', cutting(true))).toBe(0);
  });
  test('a reading that was not taken is out of the sum, neither kept nor missed', () =>
    expect(
      lost('passes:schedule', (sheet) =>
        cutAll(sheet).map((cut, index) => (index === 1 ? { ...cut, reading: null } : cut)),
      ),
    ).toBe(0));
  test('the drive may change from one cut to the next and costs nothing', () =>
    expect(
      lost('passes:events', (sheet) =>
        cutAll(sheet).map((cut, index) => ({ ...cut, drive: index < 2 ? 'reversing' : 'half-nut' })),
      ),
    ).toBe(0));
});

describe('always the mark caught first', () => {
  const same = { ...NUT, 'technique.markRule': 'same' };
  const line = (marks: (string | null)[]) =>
    judged(same, (sheet) => cutAll(sheet).map((cut, index) => ({ ...cut, mark: marks[index] ?? null })))(
      'passes:mark',
    );
  test('the same mark earns it all, another one loses its share', () => {
    expect(line(['1', '1', '1', '1'])?.proposed).toBe(line(['1', '1', '1', '1'])?.max);
    expect(line(['1', '3', '1', '1'])?.proposed).toBeLessThan(line(['1', '3', '1', '1'])?.max ?? 0);
  });
  test('not noted is not seen; where any mark will do, nothing is asked', () => {
    expect(line([])?.reason).toContain('Not seen');
    expect(judged(NUT, cutAll)('passes:mark')).toBeUndefined();
  });
});
