import { threadLimits } from '@/core/thread/standards/limits';
import { threadOf } from '@/core/test/thread';
import { nutLimits, reckonNut, type NutTrial } from './reckon-nut';
import { nutOfClass, nutOfSize } from './nut-size';
import type { NutAnswer } from './nut-answer';

/** ASME B1.1 limits table, from memory: 3/4-16 UNF-2A 0.7029 to 0.7079, its 2B nut 0.7094 to 0.7159. */
const SCREW = threadOf('3/4-16 UNF-2A');
const LIMITS = nutLimits(threadLimits(SCREW));
const NUT_2B = { min: 0.7094, max: 0.7159 };

const ask = (
  answers: (NutAnswer | NutTrial)[],
  { nut = NUT_2B, crest = 0.7438 }: { nut?: typeof NUT_2B | null; crest?: number | null } = {},
) =>
  reckonNut(
    {
      limits: LIMITS,
      nut,
      trials: answers.map((answer) => (typeof answer === 'string' ? { answer, crest } : answer)),
      feedAngleDeg: 29.5,
      graduation: 0.001,
    },
    'in',
  );

test('a nut has the limits of its class, whatever side the thread is on', () => {
  expect(nutOfClass(SCREW, '2B')).toEqual({ ok: true, value: NUT_2B });
  expect(nutOfClass(SCREW)).toEqual({ ok: true, value: NUT_2B });
  expect(nutOfClass(SCREW, '2A')).toMatchObject({ ok: false, issues: [{ field: 'nut' }] });
  expect(nutOfClass(threadOf('M16x2-6H'), '6g')).toEqual({
    ok: true,
    value: threadLimits(threadOf('M16x2-6g')).pitchDiameter,
  });
  expect(nutOfClass(threadOf('7/8-9 BSW medium bolt'))).toMatchObject({ ok: true });
});

/** The bracket of each answer and the infeeds after it: common practice. */
test.each<[NutAnswer, number | null, number | null, string, number | null]>([
  ['will-not-start', 0.7094, null, 'over', 0.002],
  ['starts', 0.7094, null, 'over', 0.002],
  ['tight', 0.7094, 0.7159, 'over', 0.002],
  ['free', null, 0.7159, 'unknown', null],
  ['little-play', null, 0.7159, 'unknown', null],
  ['wobbles', null, 0.7159, 'unknown', null],
])('a 2B nut that says %s', (answer, min, max, place, infeed) => {
  const reckoned = ask([answer]);
  expect(reckoned.pitchDiameter).toEqual({ min, max });
  expect([reckoned.againstLimits, reckoned.nextInfeed]).toEqual([place, infeed]);
});

test('the next infeed never leads under the band, even where the thread is as small as it may be', () => {
  const nut = nutOfSize(0.7034, 0.0002);
  const { nextInfeed, pitchDiameter, says } = ask(['tight'], { nut });
  expect(pitchDiameter.min).toBeCloseTo(0.7032, 9);
  // One graduation more would end at 0.7032 - 2 x 0.001 x cos 29.5 = 0.7015, under 0.7029.
  expect([nextInfeed, says]).toEqual([null, 'stop']);
});

test('a crest that was not measured, or is over its limit, may be what holds the nut', () => {
  expect(ask(['will-not-start'], { crest: null })).toMatchObject({
    pitchDiameter: { min: null, max: null },
    nextInfeed: null,
    says: 'measure-crest-first',
  });
  expect(ask(['starts'], { crest: 0.7495 })).toMatchObject({
    pitchDiameter: { min: null },
    says: 'crest-in-the-way',
  });
  // It went on: the crest was not in the way.
  expect(ask(['tight'], { crest: null }).pitchDiameter).toEqual(NUT_2B);
});

test('an upper bound stays, a lower one holds until the next cut', () => {
  expect(ask(['will-not-start', 'tight', 'free']).pitchDiameter).toEqual({ min: null, max: 0.7159 });
  expect(ask(['will-not-start', 'tight', 'free']).contradiction).toBeNull();
  const atOneDepth = ask([
    { answer: 'starts', reading: 0.05, crest: 0.7438 },
    { answer: 'starts', reading: 0.05, crest: null },
  ]);
  expect(atOneDepth.pitchDiameter).toEqual({ min: 0.7094, max: null });
});

test('contradictions are named', () => {
  expect(ask(['free', 'tight'])).toMatchObject({ contradiction: 'looser-before-tighter', nextInfeed: null });
  const unlike = ask([
    { answer: 'tight', reading: 0.04 },
    { answer: 'free', reading: 0.04 },
  ]);
  expect(unlike.contradiction).toBe('unlike-at-one-depth');
});

test('a nut of unknown size gives no bracket, and the infeeds of common practice', () => {
  expect(ask(['tight'], { nut: null })).toMatchObject({
    pitchDiameter: { min: null, max: null },
    againstLimits: 'unknown',
    nextInfeed: 0.001,
  });
  expect(ask(['will-not-start'], { nut: null }).nextInfeed).toBe(0.003);
});

test('a known nut narrows the bracket to its own size', () => {
  const nut = nutOfSize(0.7065, 0.0002);
  expect(ask(['free'], { nut })).toMatchObject({ againstLimits: 'may-be-under' });
  expect(ask(['tight'], { nut })).toMatchObject({ againstLimits: 'inside', nextInfeed: 0.001 });
});

/** ISO 965-2 table, from memory: M16x2-6g 14.503 to 14.663, 6H 14.701 to 14.913. */
test('in a bore a plug reckons turned about, and the next infeed goes outward', () => {
  const bore = (answer: NutAnswer, crest: number | null = 14) =>
    reckonNut(
      {
        limits: nutLimits(threadLimits(threadOf('M16x2-6H'))),
        nut: { min: 14.503, max: 14.663 },
        trials: [{ answer, crest }],
        feedAngleDeg: 0,
        graduation: 0.02,
      },
      'mm',
    );
  expect(bore('free')).toMatchObject({ pitchDiameter: { min: 14.503, max: null }, nextInfeed: null });
  expect(bore('will-not-start')).toMatchObject({
    pitchDiameter: { min: null, max: 14.663 },
    againstLimits: 'under',
    nextInfeed: 0.06,
  });
  // A bore under its minor limit holds the plug by its crests.
  expect(bore('will-not-start', 13.8).says).toBe('crest-in-the-way');
});
