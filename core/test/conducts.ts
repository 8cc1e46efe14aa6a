import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { cutOf, happened, HANDED_IN, recordOf, sheetOf, stepDone, type Leaves } from './record';
import { Work } from './work';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import type { Sheet } from '@/core/exercise/sheet/sheet';

/**
 * For tests: what students do, right and wrong, with the mark that a fair instructor would give and why (common practice throughout).
 * `loses`: the share that is left of each line that loses something; `unseen`: lines that nothing shows.
 */
export interface Conduct {
  does: string;
  why: string;
  plan?: Leaves;
  lathe?: Lathe;
  story: (work: Work) => EntryContent[];
  /** Entries that the instructor makes after the story. */
  instructor?: (work: Work) => EntryContent[];
  loses?: Record<string, number>;
  unseen?: string[];
  cap?: number;
  says?: [line: string, words: string];
}

const NUT: Leaves = { 'proof.evidence.0.kind': 'nut', 'proof.evidence.0.nut': '2B' };
const FORM: Leaves = {
  'schedule.stops.0.check': 'form',
  'schedule.stops.0.after': '3',
  'schedule.stops.1.check': 'wires',
  'schedule.stops.1.after': '10',
};
const stopsOf = (check: string): Leaves => ({
  'schedule.stops.0.check': check,
  'schedule.stops.0.after': '4',
});

/** Found at the machine, not set by whoever cuts. */
const foundAt = (id: string, value: number): EntryContent => ({ ...stepDone(id, value), how: 'found' });
const scrapped = (cause: string): EntryContent => ({ kind: 'hand-in', how: 'scrapped', cause, change: 'x' });
const answer = (question: string, text: string): EntryContent => ({
  kind: 'worksheet',
  question,
  answer: text,
  told: false,
});
const toldAnswer = (question: string): EntryContent => ({
  kind: 'worksheet',
  question,
  answer: '',
  told: true,
});
const SHEET_OF_NUMBERS: Leaves = {
  'worksheet.bestWire': 'yes',
  'marking.worksheet': '10',
  'marking.result': '30',
};
const SAME: Leaves = { 'technique.markRule': 'same' };
const withMark = (mark: string | null) => (row: Sheet['passes'][number]) => [{ ...cutOf(row), mark }];
const dial = usualLathe('in');
const ON_DIAMETER: Lathe = {
  ...dial,
  crossSlide: { ...dial.crossSlide, dial: { ...dial.compound.dial, reads: 'diameter' } },
};

export const CONDUCTS: Conduct[] = [
  // ——— set-up
  {
    does: 'all as planned',
    why: 'nothing was left to wish for',
    story: (w) => [...w.setUp(), ...w.toEnd()],
  },
  {
    does: 'turns the blank to nominal, as it was planned',
    why: 'what the plan asks is right, whatever the class says',
    plan: { 'work.diameter': '0.750' },
    story: (w) => [...w.setUp(), ...w.toEnd()],
  },
  {
    does: 'turns the blank larger than planned, and leaves it so',
    why: 'the nut binds on the crests',
    story: (w) => [
      ...w.setUp({ blank: [stepDone('blank', 0.755)] }),
      ...w.begun(99),
      w.measured(w.target, 'final', 0.755),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: { 'step:blank': 0, 'result:crest': 0 },
    says: ['result:crest', 'is over: burrs, or the blank was large'],
  },
  {
    does: 'turns the blank under its limit',
    why: 'the thread overlaps its nut too little',
    story: (w) => [
      ...w.setUp({ blank: [stepDone('blank', 0.73)] }),
      ...w.begun(99),
      w.measured(w.target, 'final', 0.73),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: { 'step:blank': 0, 'result:crest': 0 },
    says: ['result:crest', 'is under;'],
  },
  {
    does: 'never records the travel check',
    why: 'it may have been done: it is not seen, not wrong',
    story: (w) => [...w.setUp({ travel: null }), ...w.toEnd()],
    unseen: ['step:travel'],
  },
  {
    does: 'records the tip only after the first cut',
    why: 'late is half',
    story: (w) => [
      ...w.setUp({ tip: null }),
      ...w.begun(3),
      stepDone('tip', w.value('tip')),
      ...w.rows(4),
      ...w.proof(),
    ],
    loses: { 'step:tip': 0.5 },
  },
  {
    does: 'sets the compound wrong and mends it before any cut',
    why: 'it was found before it mattered',
    story: (w) => [
      ...w.setUp({ compound: [stepDone('compound', 60.5), stepDone('compound', 29.5)] }),
      ...w.toEnd(),
    ],
  },
  {
    does: 'sets 60 on the swivel, cuts four times, and mends it then',
    why: 'the flank is spoilt: value and cuts are named, whatever was mended later',
    story: (w) => [
      ...w.setUp({ compound: [stepDone('compound', 60)] }),
      ...w.begun(4),
      stepDone('compound', 29.5),
      ...w.rows(5),
      ...w.proof(),
    ],
    loses: { 'step:compound': 0 },
    says: ['step:compound', 'while cuts 1 to 4 were made; mended later'],
  },
  {
    does: 'finds the compound at 60 after three cuts',
    why: 'it stood so before it was found',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(3),
      foundAt('compound', 60),
      stepDone('compound', 29.5),
      ...w.rows(4),
      ...w.proof(),
    ],
    loses: { 'step:compound': 0 },
    says: ['step:compound', 'cuts 1 to 3'],
  },
  {
    does: 'works the size over wires out wrong, is shown the right one and copies it',
    why: 'copied is worth what told is worth',
    story: (w) => [
      ...w.setUp({
        'over-wires': [stepDone('over-wires', 0.7), stepDone('over-wires', w.value('over-wires'))],
      }),
      ...w.toEnd(),
    ],
    loses: { 'step:over-wires': 0.25 },
    says: ['step:over-wires', 'the right figure was shown'],
  },
  {
    does: 'leaves the size over wires wrong',
    why: 'it is what the last cuts go by',
    story: (w) => [...w.setUp({ 'over-wires': [stepDone('over-wires', 0.7)] }), ...w.toEnd()],
    loses: { 'step:over-wires': 0 },
  },
  {
    does: 'sets a slower speed than planned',
    why: 'slower leaves more time',
    story: (w) => [...w.setUp({ speed: [stepDone('speed', 45)] }), ...w.toEnd()],
  },
  {
    does: 'sets a speed over the plan’s that still leaves the hand its time',
    why: 'the time counts, not the figure',
    story: (w) => [...w.setUp({ speed: [stepDone('speed', 90)] }), ...w.toEnd()],
  },
  {
    does: 'sets 400 rpm where 70 were planned',
    why: 'no hand opens the half nut in that time',
    story: (w) => [...w.setUp({ speed: [stepDone('speed', 400)] }), ...w.toEnd()],
    loses: { 'step:speed': 0 },
    says: ['step:speed', 's left in the run-out'],
  },
  {
    does: 'sets 240 rpm as it was planned, over what a hand usually needs',
    why: 'the limit of the hand is the instructor’s to set aside',
    plan: { 'technique.speed': '240' },
    story: (w) => [...w.setUp({ speed: [stepDone('speed', 240)] }), ...w.toEnd()],
  },
  {
    does: 'leaves the safety step out',
    why: 'a breach of safety caps the mark, whatever the part measures',
    story: (w) => [...w.setUp({ safety: null }), ...w.toEnd()],
    unseen: ['step:safety'],
    cap: 40,
  },
  {
    does: 'cuts without the instructor’s look',
    why: 'a hold point was passed',
    story: (w) => [...w.setUp({ 'instructor-look': null }), ...w.toEnd()],
    loses: { 'step:instructor-look': 0 },
  },
  {
    does: 'has another one set the tool, and says so',
    why: 'help is noted, not punished',
    story: (w) => [
      ...w.setUp({ 'tool-square': [{ ...stepDone('tool-square'), how: 'by-other', said: 'Daria' }] }),
      ...w.toEnd(),
    ],
  },
  {
    does: 'says that the dry run was not done',
    why: 'told is better than ticked, but it was asked',
    story: (w) => [
      ...w.setUp({ 'dry-run': [{ ...stepDone('dry-run'), how: 'not-done', said: 'no time' }] }),
      ...w.toEnd(),
    ],
    loses: { 'step:dry-run': 0 },
  },
  {
    does: 'finds the pitch wrong at the scratch and cuts on',
    why: 'every cut more is lost work',
    story: (w) => [...w.setUp(), ...w.rows(1, 1), stepDone('pitch-check', 14), ...w.rows(2), ...w.proof()],
    loses: { 'step:pitch-check': 0 },
    says: ['step:pitch-check', 'it stood so while cuts'],
  },
  {
    does: 'finds the pitch wrong at the scratch and mends the gearing before the next cut',
    why: 'that is what the scratch is for',
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      stepDone('pitch-check', 14),
      stepDone('pitch-check', 16),
      ...w.rows(2),
      ...w.proof(),
    ],
  },
  {
    does: 'cuts all the same against what stands in the way',
    why: 'it was warned of',
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) => [{ ...cutOf(row), allTheSame: row.n === 2 }]),
      ...w.proof(),
    ],
    loses: { 'passes:all-the-same': 0 },
  },
  // ——— stopping when it is enough
  {
    does: 'stops at the first measurement that says target',
    why: 'nothing was left to cut',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(10, (check) => (check === 'wires' ? [w.measured(w.target, 'mid')] : null)),
      ...w.proof(),
    ],
  },
  {
    does: 'stops when the nut runs free',
    why: 'the wanted answer came',
    plan: NUT,
    story: (w) => [
      ...w.setUp(),
      ...w.begun(10, (check) => (check === 'nut' ? [w.tried('free', 'mid')] : null)),
      w.tried('free', 'final'),
      ...w.cleanUp,
      HANDED_IN,
    ],
  },
  {
    does: 'stops when the mating part goes as wanted',
    why: 'a mate says enough as a nut does',
    plan: { 'proof.evidence.0.kind': 'mate' },
    story: (w) => [
      ...w.setUp(),
      ...w.begun(10, (check) => (check === 'mate' ? [w.tried('free', 'mid')] : null)),
      w.tried('free', 'final'),
      ...w.cleanUp,
      HANDED_IN,
    ],
  },
  {
    does: 'stops when the ring gauges say right',
    why: 'GO goes and NO-GO does not',
    plan: { 'proof.evidence.0.kind': 'gauge' },
    story: (w) => [
      ...w.setUp(),
      ...w.begun(10),
      w.found('right', 'mid'),
      w.found('right', 'final'),
      ...w.cleanUp,
      HANDED_IN,
    ],
  },
  {
    does: 'stops two rows early, and the final measurement lies in the limits',
    why: 'size was reached',
    story: (w) => [...w.setUp(), ...w.begun(10), ...w.proof()],
  },
  {
    does: 'stops four rows early and hands in an oversize part',
    why: 'it could still be cut: it does not pass, and the rows are missing',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(8),
      w.measured(w.limits.max + 0.003, 'final'),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: {
      'passes:schedule': 0.67,
      'passes:infeed': 0.67,
      'passes:reversal': 0.67,
      'passes:spring': 0,
      'passes:all-the-same': 0.67,
      'passes:events': 0.67,
      'result:pitch-diameter': 0.25,
      'result:target': 0,
    },
    cap: 49.5,
  },
  // ——— passes at no infeed
  {
    does: 'leaves the spring passes out',
    why: 'the part springs back where none came',
    story: (w) => [...w.setUp(), ...w.begun(w.springs('first') - 1), ...w.proof()],
    loses: { 'passes:spring': 0 },
  },
  {
    does: 'takes one of two spring passes',
    why: 'half of what was asked',
    story: (w) => [...w.setUp(), ...w.begun(w.springs('first')), ...w.proof()],
    loses: { 'passes:spring': 0.5 },
  },
  {
    does: 'takes one pass at no infeed in mid-course and one at the end',
    why: 'one in mid-course shows the spring as well',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(6),
      cutOf(w.sheet.passes[6]!, w.sheet.passes[5]?.dialReading.value),
      ...w.rows(7, w.springs('first')),
      ...w.proof(),
    ],
  },
  {
    does: 'takes both spring passes, feeds a thousandth more, and none after it',
    why: 'after an extra feed one more is asked',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99),
      w.measured(w.target + 0.0017, 'mid'),
      cutOf(w.sheet.passes.at(-1)!, (w.sheet.passes.at(-1)?.dialReading.value ?? 0) + 0.001),
      w.measured(w.limits.max + 0.0001, 'final'),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: { 'passes:spring': 0.67, 'result:pitch-diameter': 0.25, 'result:target': 0.5 },
    cap: 49.5,
    says: ['passes:spring', 'one more after it was asked'],
  },
  {
    does: 'takes both, feeds a thousandth more by a measurement, and one more after it',
    why: 'that is the order of the trade',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99),
      w.measured(w.target + 0.0017, 'mid'),
      cutOf(w.sheet.passes.at(-1)!, (w.sheet.passes.at(-1)?.dialReading.value ?? 0) + 0.001),
      cutOf(w.sheet.passes.at(-1)!, (w.sheet.passes.at(-1)?.dialReading.value ?? 0) + 0.001),
      ...w.proof(),
    ],
  },
  {
    does: 'takes none where the plan asks for none',
    why: 'neither lost nor given',
    plan: { 'schedule.spring': '0' },
    story: (w) => [...w.setUp(), ...w.toEnd()],
  },
  {
    does: 'takes two where the plan asks for none',
    why: 'they do no harm',
    plan: { 'schedule.spring': '0' },
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99),
      cutOf(w.sheet.passes.at(-1)!),
      cutOf(w.sheet.passes.at(-1)!),
      ...w.proof(),
    ],
  },
  // ——— bites and zeros
  {
    does: 'takes new zeros after row 5 and goes on with the same bites',
    why: 'the same bites from a new zero are the planned bites',
    story: (w) => {
      const at = w.sheet.passes[4]?.dialReading.value ?? 0;
      return [
        ...w.setUp(),
        ...w.begun(5),
        happened('zero-lost', { uncertainty: 0.001 }),
        ...w.rows(6, 99, undefined, (row) => [cutOf(row, Number((row.dialReading.value - at).toFixed(4)))]),
        ...w.proof(),
      ];
    },
  },
  {
    does: 'is a graduation deeper in one row',
    why: 'nobody sets it closer',
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) => [
        row.n === 4 ? cutOf(row, row.dialReading.value + 0.001) : cutOf(row),
      ]),
      ...w.proof(),
    ],
  },
  {
    does: 'goes three graduations too deep in one row and on by the readings of the plan',
    why: 'one row was not the plan’s',
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) => [
        row.n === 4 ? cutOf(row, row.dialReading.value + 0.003) : cutOf(row),
      ]),
      ...w.proof(),
    ],
    loses: { 'passes:schedule': 0.92 },
  },
  {
    does: 'goes two graduations too deep in one row and on with the planned bites',
    why: 'one row was not the plan’s; the others are its bites',
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 7, undefined, (row) => [
        row.n >= 4 ? cutOf(row, row.dialReading.value + 0.002) : cutOf(row),
      ]),
      ...w.rows(8),
      ...w.proof(),
    ],
    loses: { 'passes:schedule': 0.92 },
  },
  {
    does: 'takes one bite half as much again as the largest allowed',
    why: 'half: it held, and it should not have been tried',
    plan: { 'schedule.largest': '0.008' },
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) => [row.n === 2 ? cutOf(row, 0.002 + 0.012) : cutOf(row)]),
      ...w.proof(),
    ],
    loses: { 'passes:schedule': 0.94, 'passes:infeed': 0.5 },
    says: ['passes:infeed', 'Largest infeed 0.0120 in; the plan allows 0.0080 in and a graduation: half'],
  },
  {
    does: 'takes one bite of twice the largest allowed',
    why: 'that breaks tips',
    plan: { 'schedule.largest': '0.008' },
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) => [row.n === 2 ? cutOf(row, 0.002 + 0.016) : cutOf(row)]),
      ...w.proof(),
    ],
    loses: { 'passes:schedule': 0.94, 'passes:infeed': 0, 'passes:reversal': 0.5 },
  },
  {
    does: 'backs the compound off once',
    why: 'the next depth is uncertain by the backlash',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(5),
      cutOf(w.sheet.passes[5]!, (w.sheet.passes[4]?.dialReading.value ?? 0) - 0.0005),
      ...w.rows(6),
      ...w.proof(),
    ],
    loses: { 'passes:schedule': 0.92, 'passes:reversal': 0.5 },
  },
  {
    does: 'backs the compound off three times',
    why: 'it is a habit',
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) =>
        [5, 6, 7].includes(row.n)
          ? [cutOf(row, (w.sheet.passes[row.n - 2]?.dialReading.value ?? 0) - 0.0005), cutOf(row)]
          : [cutOf(row)],
      ),
      ...w.proof(),
    ],
    loses: { 'passes:schedule': 0.75, 'passes:reversal': 0 },
  },
  {
    does: 'plunges on a dial that reads the diameter, as planned',
    why: 'diameter is never set against travel',
    plan: { 'infeed.way': 'plunge', 'schedule.school': 'constant-infeed', 'schedule.largest': '0.003' },
    lathe: ON_DIAMETER,
    story: (w) => [...w.setUp(), ...w.toEnd()],
    says: ['passes:infeed', 'on the diameter; the plan allows 0.0060 in on the diameter'],
  },
  {
    does: 'did not take the reading of one row',
    why: 'nobody can say: neither kept nor missed',
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) => [row.n === 6 ? { ...cutOf(row), reading: null } : cutOf(row)]),
      ...w.proof(),
    ],
  },
  {
    does: 'takes another thousandth after the plan’s end, by a measurement',
    why: 'finishing by measurement is judged by what was left',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(w.springs('first') - 1),
      w.measured(w.target + 0.0017, 'mid'),
      cutOf(w.sheet.passes.at(-1)!, (w.sheet.passes.at(-1)?.dialReading.value ?? 0) + 0.001),
      w.measured(w.target, 'mid'),
      ...w.proof(),
    ],
  },
  {
    does: 'closes at another mark three times, where the first is asked always',
    why: 'three in fourteen',
    plan: SAME,
    story: (w) => [
      ...w.setUp(),
      ...w.rows(1, 1, undefined, withMark('1')),
      ...w.pitchCheck,
      ...w.rows(2, 99, undefined, (row) => withMark([5, 6, 7].includes(row.n) ? '3' : '1')(row)),
      ...w.proof(),
    ],
    loses: { 'passes:mark': 0.79 },
  },
  {
    does: 'notes no mark, where the first is asked always',
    why: 'asked and not shown is not seen',
    plan: SAME,
    story: (w) => [...w.setUp(), ...w.toEnd()],
    unseen: ['passes:mark'],
  },
  // ——— stops
  {
    does: 'sees a staircase and cuts on',
    why: 'every cut more spoils the part',
    plan: FORM,
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99, (check) => (check === 'form' ? [w.answered('form', 'no')] : null)),
      ...w.proof(),
    ],
    loses: { 'passes:stops': 0.5 },
    says: ['passes:stops', 'form: answered no and cut past'],
  },
  {
    does: 'sees a staircase, mends the compound and looks again before cutting',
    why: 'that is what the stop is for; the compound had been wrong',
    plan: FORM,
    story: (w) => [
      ...w.setUp({ compound: [stepDone('compound', 60)] }),
      ...w.begun(99, (check) =>
        check === 'form'
          ? [w.answered('form', 'no'), stepDone('compound', 29.5), w.answered('form', 'yes')]
          : null,
      ),
      ...w.proof(),
    ],
    loses: { 'step:compound': 0 },
  },
  ...(['crest-flat', 'dye', 'gauge'] as const).map((check): Conduct => ({
    does: `answers “not yet” at the stop for ${check} and cuts on`,
    why: 'not yet is the normal answer',
    plan: stopsOf(check),
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99, (asked) => (asked === check ? [w.answered(check, 'no')] : null)),
      ...w.proof(),
    ],
  })),
  {
    does: 'passes a stop over',
    why: 'it was asked',
    plan: stopsOf('form'),
    story: (w) => [...w.setUp(), ...w.begun(99, (check) => (check === 'form' ? [] : null)), ...w.proof()],
    loses: { 'passes:stops': 0 },
    says: ['passes:stops', 'form: passed over'],
  },
  {
    does: 'waits another round for the mark',
    why: 'waiting is right conduct',
    story: (w) => [...w.setUp(), ...w.begun(5), happened('missed-mark'), ...w.rows(6), ...w.proof()],
  },
  {
    does: 'closes off the mark and tells it before it touched',
    why: 'a slip that is told before it did harm costs nothing',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(5),
      happened('off-mark', { touched: false }),
      ...w.rows(6),
      ...w.proof(),
    ],
  },
  {
    does: 'closes off the mark, and it touched',
    why: 'half: it was told',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(5),
      happened('off-mark', { touched: true }),
      ...w.rows(6),
      ...w.proof(),
    ],
    loses: { 'passes:events': 0.5 },
  },
  {
    does: 'changes the gearing in mid-thread',
    why: 'that is never right',
    story: (w) => [...w.setUp(), ...w.begun(5), happened('gearing-changed'), ...w.rows(6), ...w.proof()],
    loses: { 'passes:events': 0 },
  },
  // ——— the part
  {
    does: 'cuts it too small',
    why: 'nothing brings metal back: it does not pass',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99),
      w.measured(w.limits.min - 0.001, 'final'),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: { 'result:pitch-diameter': 0, 'result:target': 0.1 },
    cap: 49.5,
  },
  {
    does: 'leaves a taper of three tenths of the tolerance',
    why: 'half: a spring pass more would have helped',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99),
      w.measuredAlong(w.target - 0.00075, w.target, w.target + 0.00075),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: { 'result:taper': 0.5 },
    says: ['result:taper', 'half of the points'],
  },
  {
    does: 'leaves a taper of three quarters of the tolerance',
    why: 'inside, but it is a cone',
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99),
      w.measuredAlong(w.target - 0.0019, w.target, w.target + 0.0019),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: { 'result:taper': 0 },
  },
  {
    does: 'measures no crest at the end',
    why: 'the blank was measured: that shows it',
    story: (w) => {
      const content = w.measured(w.target, 'final');
      return [
        ...w.setUp(),
        ...w.begun(99),
        content.kind === 'measurement' ? { ...content, crest: null } : content,
        ...w.cleanUp,
        HANDED_IN,
      ];
    },
  },
  {
    does: 'measures nothing at the end',
    why: 'asked and not shown is not seen; the crest is known from the blank',
    story: (w) => [...w.setUp(), ...w.begun(99), ...w.cleanUp, HANDED_IN],
    unseen: ['result:pitch-diameter', 'result:target', 'result:taper'],
  },
  {
    does: 'proves by a nut and measures the outside too, out of limits',
    why: 'it counts as much as if it had not been measured: the line is there because the plan asks it',
    plan: NUT,
    story: (w) => [
      ...w.setUp(),
      ...w.begun(99),
      w.tried('free', 'final', null, 0.755),
      ...w.cleanUp,
      HANDED_IN,
    ],
    loses: { 'result:crest': 0 },
  },
  {
    does: 'proves by a nut from both ends and measures no outside',
    why: 'the blank was measured: nothing is given or lost by not measuring again',
    plan: NUT,
    story: (w) => [...w.setUp(), ...w.begun(99), w.tried('free', 'final'), ...w.cleanUp, HANDED_IN],
  },
  {
    does: 'proves by a nut, with neither blank nor outside measured',
    why: 'two things that were asked are not seen',
    plan: NUT,
    story: (w) => [
      ...w.setUp({ blank: null }),
      ...w.begun(99),
      w.tried('free', 'final'),
      ...w.cleanUp,
      HANDED_IN,
    ],
    unseen: ['step:blank', 'result:crest'],
  },
  {
    does: 'hands in with a tight nut',
    why: 'another thousandth was left: it does not pass yet',
    plan: NUT,
    story: (w) => [...w.setUp(), ...w.begun(99), w.tried('tight', 'final'), ...w.cleanUp, HANDED_IN],
    loses: { 'result:nut': 0.5 },
    cap: 49.5,
  },
  {
    does: 'hands in with a nut that wobbles',
    why: 'looser than wanted',
    plan: NUT,
    story: (w) => [...w.setUp(), ...w.begun(99), w.tried('wobbles', 'final'), ...w.cleanUp, HANDED_IN],
    loses: { 'result:nut': 0 },
    cap: 49.5,
  },
  {
    does: 'hands in with a NO-GO that enters',
    why: 'out of class',
    plan: { 'proof.evidence.0.kind': 'gauge' },
    story: (w) => [...w.setUp(), ...w.begun(99), w.found('no-go-enters', 'final'), ...w.cleanUp, HANDED_IN],
    loses: { 'result:gauge': 0 },
    cap: 49.5,
  },
  {
    does: 'ruins the part at row 6 and names a wrong cause',
    why: 'a scrapped part does not pass, however good the set-up was',
    story: (w) => [...w.setUp(), ...w.begun(6), ...w.cleanUp, scrapped('the lathe')],
    loses: {
      'passes:schedule': 0.5,
      'passes:infeed': 0.5,
      'passes:reversal': 0.5,
      'passes:spring': 0,
      'passes:all-the-same': 0.5,
      'passes:events': 0.5,
    },
    unseen: ['result:pitch-diameter', 'result:target', 'result:taper'],
    cap: 49.5,
  },
  {
    does: 'measures with care, and the instructor finds the same',
    why: 'own measuring agrees',
    story: (w) => [...w.setUp(), ...w.toEnd()],
    instructor: (w) => [w.measured(w.target + 0.0002, 'final')],
  },
  {
    does: 'measures honestly but wrongly',
    why: 'the part is good; the measuring is not yet',
    story: (w) => [...w.setUp(), ...w.begun(99), w.measured(w.target, 'final'), ...w.cleanUp, HANDED_IN],
    instructor: (w) => [w.measured(w.target + 0.0011, 'final')],
    loses: { 'result:measuring': 0 },
  },
  {
    does: 'measures it good, and the instructor finds it out of class',
    why: 'what the instructor found counts',
    story: (w) => [...w.setUp(), ...w.toEnd()],
    instructor: (w) => [w.measured(w.limits.max + 0.001, 'final')],
    loses: { 'result:pitch-diameter': 0.25, 'result:target': 0.1, 'result:measuring': 0 },
    cap: 49.5,
  },
  // ——— worksheet
  {
    does: 'finds the best wire at the third try',
    why: 'working it out again is the aim',
    plan: SHEET_OF_NUMBERS,
    story: (w) => [
      answer('bestWire', '0.0625'),
      answer('bestWire', '0.0312'),
      answer('bestWire', '0.0361'),
      ...w.setUp(),
      ...w.toEnd(),
    ],
    loses: { 'worksheet:bestWire': 0.5 },
  },
  {
    does: 'is told the best wire after one try, and copies it',
    why: 'it was not found',
    plan: SHEET_OF_NUMBERS,
    story: (w) => [
      answer('bestWire', '0.0625'),
      toldAnswer('bestWire'),
      answer('bestWire', '0.0361'),
      ...w.setUp(),
      ...w.toEnd(),
    ],
    loses: { 'worksheet:bestWire': 0.25 },
    says: ['worksheet:bestWire', 'Told, then answered.'],
  },
  {
    does: 'answers nothing',
    why: 'not seen',
    plan: SHEET_OF_NUMBERS,
    story: (w) => [...w.setUp(), ...w.toEnd()],
    unseen: ['worksheet:bestWire'],
  },
];

/** For tests: the sheet of a conduct, and its record: the instructor's entries come after the story. */
export function told({ plan, lathe, story, instructor }: Conduct): { sheet: Sheet; record: Entry[] } {
  const sheet = sheetOf(plan ?? {}, lathe);
  const work = new Work(sheet);
  const after = recordOf(instructor?.(work) ?? [], 'instructor');
  return {
    sheet,
    record: [...recordOf(story(work)), ...after.map((entry) => ({ ...entry, id: `i${entry.id}` }))],
  };
}

/** For tests: the points of the sections, with a worksheet or without. */
export const pointsFor = ({ plan }: Conduct) =>
  plan?.['marking.worksheet'] === undefined
    ? { setUp: 30, passes: 30, result: 40 }
    : { setUp: 30, passes: 30, worksheet: 10, result: 30 };
