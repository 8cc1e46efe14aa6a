import { usualLathe, type Lathe } from '@/core/lathe';
import { EMPTY_PLAN_FORM, withLeaf, type PlanForm } from '@/core/plan';
import type { Story } from './story';

/** The demo shop: an invented trades school whose classes make parts for hand-operated bookbinding presses. */
export const INSTRUCTOR = 'Mio Tanabe';
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

export type StudentName = (typeof STUDENTS)[number];

const inch = usualLathe('in');
const metric = usualLathe('mm');

/** The lathes of the demo shop: inch and metric dials, and two swivel scales that count from the bed. */
export const LATHES = {
  'Lathe 1': {
    ...inch,
    name: 'Lathe 1',
    spindle: { nose: 'camlock', runDownTurns: 2 },
    leadScrew: { threadsPerInch: 8, pitch: null },
    threadDial: { gearTeeth: 32, marks: 8 },
    trip: false,
  },
  'Lathe 2': {
    ...inch,
    name: 'Lathe 2',
    compound: { ...inch.compound, swivel: { zeroAlong: 'bed', graduationDeg: 1, rangeDeg: 90 } },
    spindle: { nose: 'screwed', runDownTurns: null },
    leadScrew: { threadsPerInch: 8, pitch: null },
  },
  'Lathe 3': {
    ...metric,
    name: 'Lathe 3',
    leadScrew: { threadsPerInch: null, pitch: { value: 6, unit: 'mm' } },
  },
  'Lathe 4': {
    ...metric,
    name: 'Lathe 4',
    compound: {
      dial: {
        ...metric.compound.dial,
        graduation: { value: 0.05, unit: 'mm' },
        perTurn: { value: 3, unit: 'mm' },
      },
      swivel: { zeroAlong: 'bed', graduationDeg: 1, rangeDeg: null },
    },
  },
} as const satisfies Record<string, Lathe>;

export type LatheName = keyof typeof LATHES;

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
  return Object.entries(leaves).reduce((made, [field, text]) => withLeaf(made, field, text), {
    ...EMPTY_PLAN_FORM,
    title,
  });
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
          overCutBy: 0.24,
          missing: ['safety', 'travel', 'dry-run', 'instructor-look'],
          note: 'Misread the compound by seven marks, so the last cut went too deep. The nut wobbles.',
          comment:
            'You began before I had looked, and fed by the dial alone. Measure before the finishing passes, every time. New blank, second try.',
        },
      },
      { student: 'Bela Okoro', daysAgo: 0, story: { until: 'cutting', passes: 6 } },
      { student: 'Chidi Lind', daysAgo: 1, story: { until: 'waiting', springPassesLeftOut: true } },
      { student: 'Daria Novak', daysAgo: 1, story: { until: 'measured' } },
      { student: 'Emil Sato', daysAgo: 0, story: { until: 'cutting', passes: 4 } },
      { student: 'Farah Weiss', daysAgo: 0, story: { until: 'cutting', passes: 99 } },
      { student: 'Goran Pike', daysAgo: 0, story: { until: 'set-up', steps: 6 } },
      { student: 'Hana Ruiz', daysAgo: 0, story: { until: 'set-up', steps: 13 } },
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
    form: form('Clamp screw', { 'thread.designation': '3/4-16 UNF-2A', 'work.diameter': '0.7440' }),
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
          overCutBy: 0.011,
          missing: ['dry-run'],
          note: 'Set 30 on the swivel scale, but ours counts from the bed. One flank came out as a staircase.',
          comment:
            'You found the cause yourself: the scale trap. Check that the compound’s side lies along the trailing flank.',
        },
      },
      { student: 'Emil Sato', daysAgo: 2, story: { until: 'waiting' } },
      { student: 'Juno Hartley', daysAgo: 2, story: { until: 'measured' } },
      { student: 'Kofi Albers', daysAgo: 0, story: { until: 'cutting', passes: 3 } },
      { student: 'Lena Dvorak', daysAgo: 0, story: { until: 'set-up', steps: 4 } },
      { student: 'Farah Weiss', daysAgo: 0, story: { until: 'not-begun' } },
      { student: 'Hana Ruiz', daysAgo: 0, story: { until: 'not-begun' } },
    ],
  },
  {
    form: form('Platen stud', {
      'thread.designation': '3/8-24 UNF-3A',
      'tool.tip.kind': 'sharp',
      'infeed.angle': '29',
      'technique.speed': '100',
    }),
    lathes: ['Lathe 1'],
    issuedDaysAgo: 3,
    attempts: [
      { student: 'Ana Brandt', daysAgo: 1, story: { until: 'waiting' } },
      { student: 'Kofi Albers', daysAgo: 0, story: { until: 'not-begun' } },
      { student: 'Juno Hartley', daysAgo: 0, story: { until: 'not-begun' } },
    ],
  },
];
