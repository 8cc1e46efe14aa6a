import { Told } from '@/core/test/told';
import { EMPTY_PLAN_FORM, leavesOf } from '@/core/exercise/plan/draft';
import { STARTERS } from '@/core/exercise/plan/starters';
import { PHASES, REASONS } from '@/core/exercise/record/advice/advice';
import { calc } from './calc';

type Answer = { sheet: Record<string, unknown>; says: Record<string, unknown>[] };
const ask = (request: object) => calc('next', JSON.stringify(request));
const good = (request: object) => {
  const { ok, answer } = ask({ thread: '3/4-16 UNF-2A', ...request });
  expect([ok, ok ? null : answer]).toEqual([true, null]);
  return answer as Answer;
};
const refusal = (request: object) => {
  const { ok, answer } = ask({ thread: '3/4-16 UNF-2A', story: [], ...request });
  expect(ok).toBe(false);
  return (answer as { error: { code: string; field: string } }).error;
};

test('one answer before the story and one after each item; only the last where that is asked for', () => {
  const story = [{ do: 'set-up' }, { do: 'cut' }, { do: 'set-up' }, { do: 'cut' }];
  const all = good({ story });
  expect(all.says).toHaveLength(5);
  expect(all.says.map(({ phase }) => phase)).toEqual(['set-up', 'cut', 'set-up', 'cut', 'cut']);
  const last = good({ story, answer: 'last' });
  expect(last.says).toEqual(all.says.slice(-1));
  expect(last.sheet).toEqual(all.sheet);
  expect(good({ story: [], answer: 'last' }).says).toHaveLength(1);
});

test('what can not be done then is refused on its item and changes nothing', () => {
  const { says } = good({
    story: [
      { do: 'cut' },
      { do: 'set-up' },
      { do: 'stop', stop: 'form', answer: 'yes' },
      { do: 'cut', counted: 9 },
    ],
  });
  expect(says.map(({ refused }) => (refused as { code: string } | undefined)?.code)).toEqual([
    undefined,
    'blocked',
    undefined,
    'not-asked',
    'out-of-range',
  ]);
  expect(says[1]).toMatchObject({ phase: 'set-up', counted: 0 });
  expect(says[4]).toMatchObject({ phase: 'cut', row: 1 });
  const ended = good({
    story: [{ do: 'set-up' }, { do: 'end', as: 'given-up' }, { do: 'cut' }],
    answer: 'last',
  });
  expect(ended.says[0]).toMatchObject({ phase: 'ended', refused: { code: 'ended' } });
});

test.each<[object, string, string]>([
  [{ story: [{ do: 'nap' }] }, 'story[0].do', 'unreadable'],
  [{ story: [{}] }, 'story[0].do', 'required'],
  [{ story: [{ do: 'cut' }, { do: 'stop', stop: 'form' }] }, 'story[1].answer', 'required'],
  [{ story: [{ do: 'late', items: [{ do: 'try' }] }] }, 'story[0].items[0].answer', 'required'],
  [{ story: Array.from({ length: 2001 }, () => ({ do: 'note' })) }, 'story', 'out-of-range'],
  [{ starter: 'nobody' }, 'starter', 'unreadable'],
  [{ plan: { 'tool.tip.colour': 'red' } }, 'plan.tool.tip.colour', 'unreadable'],
  [{ plan: { 'schedule.rows.3.kind': 'rough' } }, 'plan.schedule.rows.3.kind', 'unreadable'],
  [{ plan: { 'tool.tip.flat': 'wide' } }, 'plan.tool.tip.flat', 'not-a-number'],
  [{ plan: { 'proof.target': '0.8' } }, 'plan.proof.target', 'out-of-range'],
  [{ lathe: { colour: 'green' } }, 'lathe.colour', 'unreadable'],
  [{ lathe: { graduation: 'fine' } }, 'lathe.graduation', 'not-a-number'],
  [{ thread: 'round' }, 'thread', 'unreadable'],
  [{ storey: [] }, 'storey', 'out-of-range'],
])('a request that can not be meant names its field: %j', (request, field, code) => {
  expect(refusal(request)).toMatchObject({ field, code });
});

test('a row one past the end of a list is added, and [] empties it', () => {
  const leaves = {
    'schedule.school': 'own',
    'schedule.rows': [],
    'schedule.rows.0.kind': 'scratch',
    'schedule.rows.0.infeed': '0.002',
    'schedule.rows.1.kind': 'rough',
    'schedule.rows.1.infeed': '0.010',
  };
  const { sheet } = good({ plan: leaves, story: [] });
  expect(sheet.rows).toMatchObject([
    { n: 1, counted: 0.002 },
    { n: 2, counted: 0.012 },
  ]);
});

describe('figures as they stand on the dial', () => {
  const after = (lathe: object, starter = 'usual') =>
    good({ starter, lathe, story: [{ do: 'set-up' }, { do: 'cut' }, { do: 'set-up' }], answer: 'last' })
      .says[0];
  test('up, down, on the diameter, and on a readout', () => {
    expect(after({})).toMatchObject({ counted: 0.012, reading: '0.012', turns: 0, infeed: 0.01 });
    expect(after({ counts: 'down' })).toMatchObject({ counted: 0.012, reading: '0.088', infeed: 0.01 });
    expect(after({ reads: 'diameter' })).toMatchObject({ counted: 0.023, reading: '0.023', infeed: 0.019 });
    const readout = after({ readoutUnit: 'in', readoutResolution: '0.0005' }, 'trip-readout') as Record<
      string,
      number
    >;
    // A readout is set to the diameter that was touched, and runs down to that of the tip.
    expect(Number(readout.reading)).toBeCloseTo(0.744 - (readout.counted ?? NaN), 3);
  });
  test('what is told as it stands there is read back', () => {
    const told = new Told({ lathe: { counts: 'down' } }).begun();
    told.then({ do: 'cut', reading: '0.088' });
    expect(told.record.prediction.reading.value).toBe(0.012);
    expect(told.try({ do: 'cut', reading: 0.4 })?.code).toBe('out-of-range');
  });
});

test('every starter is planned on the usual lathe of its thread, inside and outside', () => {
  for (const { id } of STARTERS)
    for (const thread of id === 'through-bore' ? ['M20x1.5-6H', '1-8 UNC-2B'] : ['M16x2-6g', '3/4-16 UNF-2A'])
      expect(good({ thread, starter: id, story: [] }).says[0]).toMatchObject({ phase: 'set-up' });
});

test('the names that a program goes by are documented, each once', () => {
  expect(new Set(PHASES).size).toBe(PHASES.length);
  expect(new Set(REASONS).size).toBe(REASONS.length);
  expect(leavesOf(EMPTY_PLAN_FORM).length).toBeGreaterThan(60);
});
