/**
 * The planning form exactly as typed. Empty means: take what Oyakata proposes for this thread.
 * This is what a draft stores, so that nothing typed is ever lost, right or wrong.
 */
export interface PlanForm {
  title: string;
  thread: string;
  blankDiameter: string;
  tipKind: string;
  tipFlat: string;
  tipRadius: string;
  insertFrom: string;
  insertTo: string;
  compoundAngle: string;
  swivelZero: string;
  targetPitchDiameter: string;
  wireDiameter: string;
  dialUnit: string;
  dialGraduation: string;
  dialPerTurn: string;
  scratchInfeed: string;
  roughingPasses: string;
  largestInfeed: string;
  finishingPasses: string;
  finishingInfeed: string;
  springPasses: string;
  spindleSpeed: string;
  runOutWidth: string;
  markSetUp: string;
  markPasses: string;
  markResult: string;
}

export type PlanField = keyof PlanForm;

export const EMPTY_PLAN_FORM: PlanForm = {
  title: '',
  thread: '',
  blankDiameter: '',
  tipKind: 'flat',
  tipFlat: '',
  tipRadius: '',
  insertFrom: '',
  insertTo: '',
  compoundAngle: '',
  swivelZero: 'cross-slide',
  targetPitchDiameter: '',
  wireDiameter: '',
  dialUnit: '',
  dialGraduation: '',
  dialPerTurn: '',
  scratchInfeed: '',
  roughingPasses: '',
  largestInfeed: '',
  finishingPasses: '2',
  finishingInfeed: '',
  springPasses: '2',
  spindleSpeed: '70',
  runOutWidth: '',
  markSetUp: '30',
  markPasses: '30',
  markResult: '40',
};

export const PLAN_FIELDS = Object.keys(EMPTY_PLAN_FORM) as PlanField[];

/**
 * A stored draft as a form. Fields that came later are empty; what is no text, as only another program can have left it,
 * is read as what it would say, so that the draft opens and can be mended.
 * @example formFrom({ thread: 'M16', springPasses: 3 }).springPasses // '3'
 */
export function formFrom(stored: unknown): PlanForm {
  const found = (typeof stored === 'object' && stored !== null ? stored : {}) as Partial<
    Record<PlanField, unknown>
  >;
  const texts = PLAN_FIELDS.map((field) => {
    const value = Object.hasOwn(found, field) ? found[field] : EMPTY_PLAN_FORM[field];
    const text = typeof value === 'string' ? value : typeof value === 'number' ? String(value) : '';
    return [field, text] as const;
  });
  return Object.fromEntries(texts) as unknown as PlanForm;
}

/** Stages of planning in the practitioner's order, each with its fields. */
export const PLAN_STAGES = [
  { id: 'thread', fields: ['title', 'thread'] },
  { id: 'blank', fields: ['blankDiameter', 'runOutWidth'] },
  { id: 'tool', fields: ['tipKind', 'tipFlat', 'tipRadius', 'insertFrom', 'insertTo'] },
  { id: 'compound', fields: ['compoundAngle', 'swivelZero', 'dialUnit', 'dialGraduation', 'dialPerTurn'] },
  { id: 'target', fields: ['targetPitchDiameter', 'wireDiameter'] },
  {
    id: 'passes',
    fields: [
      'scratchInfeed',
      'roughingPasses',
      'largestInfeed',
      'finishingPasses',
      'finishingInfeed',
      'springPasses',
    ],
  },
  { id: 'speed', fields: ['spindleSpeed'] },
  { id: 'marks', fields: ['markSetUp', 'markPasses', 'markResult'] },
] as const satisfies readonly { id: string; fields: readonly PlanField[] }[];

export type PlanStageId = (typeof PLAN_STAGES)[number]['id'];

export function stageOf(field: string): PlanStageId {
  return PLAN_STAGES.find((stage) => (stage.fields as readonly string[]).includes(field))?.id ?? 'thread';
}
