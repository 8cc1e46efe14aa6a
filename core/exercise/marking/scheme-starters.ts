import { ALL, cases, type Fall } from './fall';
import { judgedOf } from '../record/entry/judged';
import { kindOfLine } from './rules-5/lines';
import { usualLevels } from './rules-5/lines/judged';
import { SCALES, type Scale } from './scale';
import type { SchemeStart } from '../plan/plan-names';
import { SCHEME_BEGINNINGS } from '../plan/scheme-starts';
import { RULES, SECTIONS, type Scheme, type SchemeLine, type SectionId } from './scheme';

/** A line as it is usual: its id and weight, and what is unlike. */
type Row = readonly [id: string, weight: number, more?: Partial<SchemeLine>];

function line([id, weight, more = {}]: Row): SchemeLine {
  const { kind } = kindOfLine(id);
  if (kind === null) throw new Error(`There is no line of the kind ${id}.`);
  return {
    id,
    section: kind.section,
    weight,
    title: null,
    fall: judgedOf(id) === null ? kind.usual : usualLevels(id),
    figure: null,
    unseen: 'nothing',
    required: false,
    ...more,
  };
}

interface Parts {
  start: SchemeStart;
  titles?: Partial<Record<SectionId, string>>;
  rows: readonly Row[];
  scale?: Scale;
  pointStep?: number;
  passMark?: number;
}

const TITLES: Readonly<Record<SectionId, string>> = {
  worksheet: 'Worksheet',
  'set-up': 'Set-up',
  passes: 'Passes',
  result: 'Result',
  talk: 'Questions',
};

function scheme({ start, titles = {}, rows, scale, pointStep = 0.5, passMark = 50 }: Parts): Scheme {
  const { name, says, points: typed } = SCHEME_BEGINNINGS[start];
  const points: Record<SectionId, number> = {
    worksheet: typed.worksheet,
    'set-up': typed.setUp,
    passes: typed.passes,
    result: typed.result,
    talk: typed.talk,
  };
  return {
    format: 'oyakata-scheme',
    version: 4,
    rules: RULES,
    name,
    says,
    scale: scale ?? (SCALES.points as Scale),
    sections: SECTIONS.map((id) => ({ id, title: titles[id] ?? TITLES[id], points: points[id] })),
    lines: rows.map(line),
    caps: [
      { id: 'step:safety', does: 'cap', most: 40, sentence: 'Nobody cuts before the lathe is safe.' },
      { id: 'step:safety-machine', does: 'cap', most: 40, sentence: 'Nobody cuts before the lathe is safe.' },
      { id: 'proof:failed', does: 'fail', most: 0, sentence: 'It does not pass.' },
    ],
    scheduleGraduations: 1,
    infeedGraduations: 1,
    agreement: { in: 0.0005, mm: 0.01 },
    measuredBy: 'reference',
    doubt: 'as-read',
    tries: { less: 0, least: 1 },
    pointStep,
    passMark,
  };
}

/** Weights of the usual steps; common practice: what ruins the part weighs most. */
const STEPS: readonly Row[] = [
  ['step:safety', 2],
  ['step:safety-machine', 2],
  ['step:over-wires', 2],
  ['step:blank', 2],
  ['step:gearing', 2],
  ['step:compound', 3],
  ['step:tool-square', 2],
  ['step:touch-off', 2],
  ['step:instructor-look', 2],
  ['step:pitch-check', 2],
  ['step:*', 1],
];

const PASSES: readonly Row[] = [
  ['schedule', 8],
  ['infeed', 6],
  ['reversal', 4],
  ['spring', 4],
  ['stops', 4],
  ['against', 3],
  ['events', 3],
  ['mark', 3],
];

/** Looks cost nothing where nobody looked. */
const OUT = { unseen: 'out' } as const;

const PART: readonly Row[] = [
  ['size', 20],
  ['evidence:*', 20],
  ['crest', 10],
  ['target', 6],
  ['taper', 4],
  ['measuring', 4],
  ['look:flanks', 4, OUT],
  ['look:burrs', 3, OUT],
  ['look:finish', 3, OUT],
  ['ask', 4, { ...OUT, section: 'result' }],
];

const WORKSHEET: readonly Row[] = [['worksheet:*', 1]];

/** A competence is there, or not yet. */
const SET_RIGHT = cases({ right: 1, mended: 1 });
const IN_SIZE = cases({ inside: 1 });
const IS_RIGHT = cases({ right: 1 });
const yes = (title: string, fall: Fall = ALL, more: Partial<SchemeLine> = {}): Partial<SchemeLine> => ({
  title,
  fall,
  section: 'result',
  ...more,
});
const TWO = (yesSays: string, notYet: string): Fall => ({
  ...ALL,
  by: 'levels',
  levels: [
    { share: 1, sentence: yesSays },
    { share: 0, sentence: notYet },
  ],
});

/** Schemes to begin with. Ids are stored in plans: never renamed. */
export const SCHEME_STARTERS: Readonly<Record<SchemeStart, Scheme>> = {
  usual: scheme({
    start: 'usual',
    rows: [...WORKSHEET, ...STEPS, ...PASSES, ...PART],
  }),
  'set-up-first': scheme({
    start: 'set-up-first',
    rows: [...WORKSHEET, ...STEPS, ['order', 6], ...PASSES, ...PART],
  }),
  'part-alone': scheme({
    start: 'part-alone',
    rows: [
      ...WORKSHEET,
      ['size', 30],
      ['evidence:*', 30],
      ['crest', 10, OUT],
      ['target', 6, OUT],
      ['taper', 6, OUT],
      ['look:flanks', 12, OUT],
      ['look:burrs', 8, OUT],
      ['look:finish', 8, OUT],
      ['ask', 1, OUT],
    ],
  }),
  competences: scheme({
    start: 'competences',
    scale: SCALES.competent,
    titles: { result: 'Competences' },
    passMark: 80,
    pointStep: 1,
    rows: [
      ['worksheet:*', 1, OUT],
      ['step:gearing', 1, yes('Gears the lathe', SET_RIGHT, OUT)],
      ['step:compound', 1, yes('Sets the compound on any scale', SET_RIGHT, OUT)],
      ['step:tool-square', 1, yes('Sets the tool', SET_RIGHT, OUT)],
      ['step:touch-off', 1, yes('Takes both zeros', SET_RIGHT, OUT)],
      ['stops', 1, yes('Stops to look', ALL, OUT)],
      ['size', 2, yes('Cuts to size', IN_SIZE)],
      ['evidence:*', 2, { fall: IS_RIGHT }],
      ['measuring', 1, yes('Measures as the reference does', ALL)],
      ['look:flanks', 1, yes('Cuts clean flanks', TWO('Yes', 'Not yet'), OUT)],
      ['look:burrs', 1, yes('Leaves no burrs', TWO('Yes', 'Not yet'), OUT)],
      ['ask', 1, yes('Says why', TWO('Yes', 'Not yet'), OUT)],
    ],
  }),
};
