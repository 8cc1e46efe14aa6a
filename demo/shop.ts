import {
  draftDocument,
  EMPTY_PLAN_FORM,
  formFrom,
  withLeaf,
  type PlanForm,
} from '@/core/exercise/plan/draft';
import type { LatheName } from './lathes';
import type { Story } from './story';

/** The demo shop: an invented trades school whose classes make parts for hand-operated bookbinding presses. */
export const INSTRUCTOR = 'Mio Tanabe';
/** Looks after the lathes, and signs what the plan lets a helper sign. */
export const HELPER = 'Ilan Rosskopf';
export const CLASS_NAME = 'Press shop, first year';

export const STUDENTS = [
  'Ana Brandt',
  'Bela Okoro',
  'Chidi Lind',
  'Daria Novak',
  'Emil Sato',
  'Farah Weiss',
  'Goran Pike',
  'Hana Ruiz',
  'Ivo Mensah',
  'Juno Hartley',
  'Kofi Albers',
  'Lena Dvorak',
] as const;

type StudentName = (typeof STUDENTS)[number];

/** Sizes of the shop's measuring wires. */
export const WIRES = [
  { value: 0.024, unit: 'in' },
  { value: 0.032, unit: 'in' },
  { value: 0.04, unit: 'in' },
  { value: 0.725, unit: 'mm' },
  { value: 1.1, unit: 'mm' },
  { value: 1.35, unit: 'mm' },
] as const;

/** A form with texts at some fields. */
function form(title: string, leaves: Record<string, string>): PlanForm {
  const made = Object.entries(leaves).reduce((so, [field, text]) => withLeaf(so, field, text), {
    ...EMPTY_PLAN_FORM,
    title,
  });
  // Rows of a list that were begun by one field get the others.
  return formFrom(draftDocument(made));
}

export interface DemoExercise {
  form: PlanForm;
  /** Lathes that are allowed; the first is the one that the stories happen at. */
  lathes: readonly LatheName[];
  /** Days before today on which it was handed out. */
  issuedDaysAgo: number;
  attempts: { student: StudentName; daysAgo: number; story: Story }[];
}

export const EXERCISES: DemoExercise[] = [
  {
    form: form('Levelling foot', {
      'thread.designation': 'M16x2-6g',
      'tool.tip.kind': 'radius',
      'work.diameter': '15.88',
      'work.material': 'mild steel',
      'holding.stickOut': '75',
      // A helper may sign this one.
      'steps.0.id': 'instructor-look',
      'steps.0.hold': 'helper',
    }),
    lathes: ['Lathe 3', 'Lathe 4'],
    issuedDaysAgo: 12,
    attempts: [
      { student: 'Ana Brandt', daysAgo: 11, story: { until: 'marked' } },
      {
        student: 'Bela Okoro',
        daysAgo: 11,
        story: {
          until: 'marked',
          tooDeepBy: 7,
          missing: ['safety', 'travel', 'dry-run', 'instructor-look'],
          note: 'Misread the compound by seven graduations, so the last cut went too deep. The nut wobbles.',
          comment:
            'You began before I had looked, and fed by the dial alone. Measure before the finishing passes, every time. New blank, second try.',
        },
      },
      { student: 'Bela Okoro', daysAgo: 0, story: { until: 'cutting', passes: 6 } },
      { student: 'Chidi Lind', daysAgo: 1, story: { until: 'waiting', springPassesLeftOut: true } },
      { student: 'Daria Novak', daysAgo: 1, story: { until: 'measured' } },
      { student: 'Emil Sato', daysAgo: 0, story: { until: 'cutting', passes: 4 } },
      { student: 'Farah Weiss', daysAgo: 0, story: { until: 'cutting', passes: 11 } },
      { student: 'Goran Pike', daysAgo: 0, story: { until: 'set-up', steps: 6 } },
      { student: 'Hana Ruiz', daysAgo: 0, story: { until: 'set-up', steps: 'to-hold' } },
      { student: 'Ivo Mensah', daysAgo: 0, story: { until: 'not-begun' } },
      {
        student: 'Juno Hartley',
        daysAgo: 9,
        story: { until: 'marked', wrongStep: { id: 'speed', value: 180 } },
      },
      { student: 'Kofi Albers', daysAgo: 8, story: { until: 'marked', struckPass: 5 } },
      { student: 'Lena Dvorak', daysAgo: 1, story: { until: 'waiting' } },
    ],
  },
  {
    form: form('Clamp screw', {
      'thread.designation': '3/4-16 UNF-2A',
      'work.diameter': '0.7440',
      'work.material': 'free-cutting steel',
      // Worked out before the lathe: the sheet opens when these are found.
      'worksheet.radialDepth': 'yes',
      'worksheet.compoundFeed': 'yes',
      'worksheet.markToSet': 'yes',
      'worksheet.overWires': 'yes',
      'worksheet.stepOrder': 'yes',
      'worksheet.safety': 'yes',
      'marking.worksheet': '10',
      'marking.setUp': '25',
      'marking.result': '35',
    }),
    lathes: ['Lathe 2'],
    issuedDaysAgo: 7,
    attempts: [
      { student: 'Ana Brandt', daysAgo: 5, story: { until: 'marked' } },
      {
        student: 'Daria Novak',
        daysAgo: 5,
        story: {
          until: 'marked',
          wrongStep: { id: 'compound', value: 30 },
          tooDeepBy: 7,
          missing: ['dry-run'],
          note: 'Set 30 on the swivel scale, but ours counts from the bed. One flank came out as a staircase.',
          comment:
            'You found the cause yourself: the scale trap. Check that the compound’s side lies along the trailing flank.',
        },
      },
      { student: 'Emil Sato', daysAgo: 2, story: { until: 'waiting' } },
      { student: 'Juno Hartley', daysAgo: 2, story: { until: 'measured' } },
      { student: 'Kofi Albers', daysAgo: 0, story: { until: 'cutting', passes: 3, handRaised: true } },
      { student: 'Lena Dvorak', daysAgo: 0, story: { until: 'set-up', steps: 4 } },
      { student: 'Farah Weiss', daysAgo: 0, story: { until: 'not-begun' } },
      { student: 'Hana Ruiz', daysAgo: 0, story: { until: 'not-begun' } },
    ],
  },
  {
    // Half nut kept closed, plunged until the nut says enough, pulled out at a line, held in a collet.
    form: form('Platen stud', {
      'thread.designation': '3/8-24 UNF-3A',
      'tool.tip.kind': 'sharp',
      'work.end.kind': 'mark',
      'work.end.imperfect': '0.15',
      'holding.kind': 'collet',
      'technique.drive': 'reversing',
      'technique.speed': '60',
      'infeed.way': 'plunge',
      'schedule.school': 'until',
      'schedule.until': 'nut',
      'schedule.largest': '0.002',
      'schedule.atMost': '24',
      'proof.evidence.0.fromReading': '0.026',
      'proof.evidence.0.kind': 'nut',
      'proof.evidence.0.nut': '3B',
      'proof.evidence.0.bothEnds': 'yes',
    }),
    lathes: ['Lathe 1'],
    issuedDaysAgo: 3,
    attempts: [
      { student: 'Ana Brandt', daysAgo: 1, story: { until: 'waiting' } },
      {
        student: 'Kofi Albers',
        daysAgo: 2,
        story: {
          until: 'marked',
          event: { after: 4, event: 'reversed-uncleared', touched: true, said: 'Reversed too early.' },
          comment: 'You said it at once: that is what the record is for. Clear, rest, then reverse.',
        },
      },
      { student: 'Juno Hartley', daysAgo: 0, story: { until: 'cutting', passes: 5 } },
    ],
  },
  {
    // Between centres, left-hand out of its groove, alternating flank, proved across the flanks.
    form: form('Adjuster', {
      'thread.designation': 'M20x1.5-6g-LH',
      'work.threadLength': '30',
      'holding.kind': 'between-centres',
      'infeed.way': 'alternating',
      'proof.evidence.0.kind': 'thread-micrometer',
    }),
    lathes: ['Lathe 3'],
    issuedDaysAgo: 4,
    attempts: [
      {
        student: 'Chidi Lind',
        daysAgo: 3,
        story: {
          until: 'marked',
          event: { after: 9, event: 'taken-out', said: 'Tried the bracket, back by its marks.' },
        },
      },
      { student: 'Daria Novak', daysAgo: 0, story: { until: 'set-up', steps: 9 } },
    ],
  },
  {
    // A through bore on its far side, held in four jaws, proved by a plug.
    form: form('Bronze nut', {
      'thread.designation': '7/8-9 UNC-2B',
      'work.end.kind': 'through',
      'work.material': 'bronze',
      'holding.kind': 'four-jaw',
      'technique.side': 'back',
      'technique.drive': 'reversing',
      'technique.speed': '50',
      'proof.evidence.0.kind': 'gauge',
    }),
    lathes: ['Lathe 5'],
    issuedDaysAgo: 6,
    attempts: [
      {
        student: 'Goran Pike',
        daysAgo: 5,
        story: {
          until: 'marked',
          tooDeepBy: 12,
          scrapped: {
            cause: 'Fed a whole line of the dial too much at the end; the NO-GO went in.',
            change: 'Try the plug before each of the last cuts.',
          },
        },
      },
      { student: 'Goran Pike', daysAgo: 2, story: { until: 'marked' } },
      { student: 'Hana Ruiz', daysAgo: 0, story: { until: 'cutting', passes: 7 } },
    ],
  },
  {
    // Trip and readout, an insert, on the faceplate; rings decide, the register locates.
    form: form('Collar', {
      'thread.designation': 'M30x2-6g',
      'work.register.diameter': '36',
      'work.register.length': '6',
      'work.register.face': 'yes',
      'tool.tip.kind': 'insert',
      'holding.kind': 'faceplate',
      'technique.drive': 'trip',
      'technique.speed': '120',
      'technique.level': 'one-page',
      'infeed.way': 'readout',
      'schedule.school': 'constant-infeed',
      'proof.evidence.0.kind': 'gauge',
      'proof.evidence.1.kind': 'face',
      'proof.evidence.1.weight': '8',
    }),
    lathes: ['Lathe 5'],
    issuedDaysAgo: 2,
    attempts: [
      { student: 'Lena Dvorak', daysAgo: 1, story: { until: 'waiting' } },
      { student: 'Ivo Mensah', daysAgo: 0, story: { until: 'not-begun' } },
    ],
  },
];
