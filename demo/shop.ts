import { EMPTY_PLAN_FORM, type PlanForm } from '@/core/plan';
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

export interface DemoExercise {
  form: PlanForm;
  /** Days before today on which it was handed out. */
  issuedDaysAgo: number;
  attempts: { student: StudentName; daysAgo: number; story: Story }[];
}

export const EXERCISES: DemoExercise[] = [
  {
    form: {
      ...EMPTY_PLAN_FORM,
      title: 'Levelling foot',
      thread: 'M16x2-6g',
      tipKind: 'radius',
      blankDiameter: '15.88',
    },
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
        story: { until: 'marked', wrongStep: { id: 'speed', value: 110 } },
      },
      { student: 'Kofi Albers', daysAgo: 8, story: { until: 'marked', struckPass: 5 } },
      { student: 'Lena Dvorak', daysAgo: 1, story: { until: 'waiting' } },
    ],
  },
  {
    form: {
      ...EMPTY_PLAN_FORM,
      title: 'Clamp screw',
      thread: '3/4-16 UNF-2A',
      swivelZero: 'bed',
      blankDiameter: '0.7440',
    },
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
    form: {
      ...EMPTY_PLAN_FORM,
      title: 'Platen stud',
      thread: '3/8-24 UNF-3A',
      tipKind: 'sharp',
      compoundAngle: '29',
      spindleSpeed: '100',
    },
    issuedDaysAgo: 3,
    attempts: [
      { student: 'Ana Brandt', daysAgo: 1, story: { until: 'waiting' } },
      { student: 'Kofi Albers', daysAgo: 0, story: { until: 'not-begun' } },
      { student: 'Juno Hartley', daysAgo: 0, story: { until: 'not-begun' } },
    ],
  },
];
