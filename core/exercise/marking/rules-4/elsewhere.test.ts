import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { LengthUnit } from '@/core/base/units/length';
import {
  cutOf,
  happened,
  HANDED_IN,
  planFor,
  recordOf,
  sheetOf,
  stepDone,
  type Leaves,
} from '@/core/test/record';
import { Work } from '@/core/test/work';
import type { EntryContent } from '../../record/entry/kinds';
import { proposeMark } from '../propose-mark';
import { olderScheme } from '@/core/test/older-scheme';

/** Sides, hands, forms, units, slides and starts. */
const THREADS: [name: string, unit: LengthUnit, plan: Leaves][] = [
  ['outside, inch', 'in', {}],
  ['outside, metric', 'mm', { 'thread.designation': 'M14x2-6g' }],
  ['metric on an inch dial', 'in', { 'thread.designation': 'M14x2-6g' }],
  ['left-hand', 'mm', { 'thread.designation': 'M20x1.5-6g-LH' }],
  ['inside, inch', 'in', { 'thread.designation': '3/4-16 UNF-2B', 'proof.evidence.0.kind': 'wires' }],
  ['inside, metric', 'mm', { 'thread.designation': 'M24x2-6H', 'proof.evidence.0.kind': 'wires' }],
  ['trapezoidal, plunged', 'mm', { 'thread.designation': 'Tr30x6-7e', 'infeed.way': 'plunge' }],
  ['Acme', 'in', { 'thread.designation': '3/4-6 Acme-2G' }],
  ['Whitworth', 'in', { 'thread.designation': '7/8-9 BSW' }],
  ['two starts', 'mm', { 'thread.designation': 'M20xPh5P2.5-6g' }],
];

/** What is done, the share that is left of each line that loses something, and the cap (common practice). */
const CONDUCTS: [
  does: string,
  story: (work: Work) => EntryContent[],
  loses: Record<string, number>,
  cap?: number,
][] = [
  ['all as planned', (w) => [...w.setUp(), ...w.toEnd()], {}],
  [
    'stops at the first measurement that says target',
    (w) => [
      ...w.setUp(),
      ...w.begun(w.sheet.stops.find(({ check }) => check === 'wires')!.after, (check) =>
        check === 'wires' ? [w.measured(w.target, 'mid')] : null,
      ),
      ...w.proof(),
    ],
    {},
  ],
  [
    'cuts too deep',
    (w) => [...w.setUp(), ...w.begun(999), w.measured(beyond(w, 1.4), 'final'), ...w.cleanUp, HANDED_IN],
    { 'result:pitch-diameter': 0, 'result:target': 0.1 },
    49.5,
  ],
  [
    'does not cut deep enough',
    (w) => [...w.setUp(), ...w.begun(999), w.measured(beyond(w, -1.4), 'final'), ...w.cleanUp, HANDED_IN],
    { 'result:pitch-diameter': 0.25, 'result:target': 0.1 },
    49.5,
  ],
  [
    'leaves a taper of three tenths of the tolerance',
    (w) => [
      ...w.setUp(),
      ...w.begun(999),
      w.measuredAlong(beyond(w, -0.3), w.target, beyond(w, 0.3)),
      ...w.cleanUp,
      HANDED_IN,
    ],
    { 'result:taper': 0.5 },
  ],
  [
    'leaves the spring passes out',
    (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 999, undefined, (row) => (row.kind === 'spring' ? [] : [cutOf(row)])),
      ...w.proof(),
    ],
    { 'passes:spring': 0 },
  ],
  [
    'takes new zeros in mid-course and goes on with the same bites',
    (w) => {
      const at = w.sheet.passes[4]?.dialReading.value ?? 0;
      return [
        ...w.setUp(),
        ...w.begun(5),
        happened('zero-lost', { uncertainty: 0.02 }),
        ...w.rows(6, 999, undefined, (row) => [cutOf(row, Number((row.dialReading.value - at).toFixed(4)))]),
        ...w.proof(),
      ];
    },
    {},
  ],
  [
    'backs off once',
    (w) => [
      ...w.setUp(),
      ...w.begun(5),
      cutOf(w.sheet.passes[5]!, (w.sheet.passes[4]?.dialReading.value ?? 0) - graduation(w) / 2),
      ...w.rows(6),
      ...w.proof(),
    ],
    { 'passes:reversal': 0.5 },
  ],
  [
    'turns or bores the blank beyond its limits, where the mate binds',
    (w) => blankAt(w, 1),
    { 'step:blank': 0, 'result:crest': 0 },
  ],
  [
    'turns or bores the blank beyond its limits, where the thread overlaps too little',
    (w) => blankAt(w, -1),
    { 'step:blank': 0, 'result:crest': 0 },
  ],
  [
    'sets five times the speed',
    (w) => [...w.setUp({ speed: [stepDone('speed', 5 * w.value('speed'))] }), ...w.toEnd()],
    { 'step:speed': 0 },
  ],
];

/** One row of many may cost less than half a point. */
const ROW_OF_MANY = 'passes:schedule';
const graduation = ({ sheet }: Work) => sheet.lathe.dial.graduation.value;
/** Positive: deeper than the target, by so many halves of the tolerance. */
function beyond({ sheet, limits, target }: Work, halves: number): number {
  const deeper = sheet.thread.side === 'external' ? -1 : 1;
  return target + (deeper * halves * (limits.max - limits.min)) / 2;
}
/** Positive: to where the mate binds. */
function blankAt(w: Work, to: 1 | -1): EntryContent[] {
  const { min, max } = w.sheet.limits.crest;
  const isLarge = (w.sheet.thread.side === 'external') === (to === 1);
  const size = isLarge ? max + (max - min) / 2 : min - (max - min) / 2;
  return [
    ...w.setUp({ blank: [stepDone('blank', size)] }),
    ...w.begun(999),
    w.measured(w.target, 'final', size),
    ...w.cleanUp,
    HANDED_IN,
  ];
}

describe.each(THREADS)('%s', (_, unit, plan) => {
  const sheet = sheetOf(plan, usualLathe(unit));
  const scheme = olderScheme({ setUp: 30, passes: 30, result: 40 }, planFor(plan), [sheet]);

  test.each(CONDUCTS.map(([does, ...rest]) => [does, rest] as const))('%s', (__, [story, loses, cap]) => {
    const mark = proposeMark(sheet, scheme, recordOf(story(new Work(sheet))));
    const lost = mark.lines.filter(({ id, proposed, max }) => proposed < max && id !== ROW_OF_MANY);
    // Where nothing stands ahead of the tool no speed leaves too little time.
    const free = sheet.speed.timeInRunOut === null ? ['step:speed'] : [];
    const expected = Object.keys(loses).filter((id) => !free.includes(id));
    expect(lost.map(({ id }) => id).toSorted()).toEqual(expected.toSorted());
    for (const { id, proposed, max, reason } of lost) {
      // In steps of half a point.
      expect(Math.abs(proposed - (loses[id] ?? NaN) * max)).toBeLessThanOrEqual(0.26);
      expect(reason).toMatch(/\.$/);
    }
    expect(mark.cap?.most).toBe(cap);
  });
});
