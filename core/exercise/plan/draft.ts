import { WORKSHEET_ASKS, type WorksheetAsk } from '@/core/learning/worksheet/asks';
import { liftDraft1 } from './older/lift-draft-1';

/** One evidence of the proof, as typed. */
export interface EvidenceForm {
  kind: string;
  wire: string;
  /** Number of a gauge in the shop's book. */
  record: string;
  gauge: string;
  /** A class such as `2B`, a size, or `?` where nothing is known. */
  nut: string;
  nutUncertainty: string;
  places: string;
  weight: string;
  wanted: string;
  bothEnds: string;
  toShoulder: string;
  least: string;
  most: string;
  fromReading: string;
}

/** A row of the schedule by hand: a cut, or a stop between cuts. */
export interface RowForm {
  what: string;
  kind: string;
  infeed: string;
  check: string;
  drive: string;
  hold: string;
}

/** A stop that is put into proposed rows: after which cut, or from which reading on. */
export interface StopForm {
  check: string;
  after: string;
  onward: string;
  hold: string;
}

/** A step as the instructor wants it; empty texts leave what is proposed. */
export interface StepForm {
  id: string;
  title: string;
  instruction: string;
  group: string;
  evidence: string;
  choices: string;
  times: string;
  /** Of an own value: its unit and what is right. */
  unit: string;
  least: string;
  most: string;
  expected: string;
  critical: string;
  hold: string;
  weight: string;
  on: string;
}

/**
 * The planning form exactly as typed: the parts of a plan with text leaves. Empty means: take what Oyakata proposes.
 * This is what a draft stores, so that nothing typed is ever lost, right or wrong. What a choice hides keeps its text.
 */
export interface PlanForm {
  title: string;
  thread: { designation: string; startsOrder: string; startsBy: string };
  work: {
    diameter: string;
    threadLength: string;
    totalLength: string;
    material: string;
    end: {
      kind: string;
      width: string;
      boss: string;
      standOff: string;
      imperfect: string;
      room: string;
      diameter: string;
      reliefBy: string;
    };
    chamfer: { angle: string; diameter: string };
    register: { diameter: string; length: string; face: string; at: string; made: string };
  };
  holding: { kind: string; stickOut: string };
  tool: {
    tip: { kind: string; flat: string; radius: string; pitchFrom: string; pitchTo: string };
    material: string;
    /** Number of a tool in the shop's book. */
    record: string;
    bar: { diameter: string; reach: string };
  };
  technique: {
    direction: string;
    drive: string;
    side: string;
    clearing: string;
    clearOrder: string;
    markRule: string;
    zeroBy: string;
    endSeenBy: string;
    level: string;
    /** Seconds of an own reaction time; empty: the level's. */
    reaction: string;
    speed: string;
    /** Whether the speed gives way to the hand; empty: a proposed one does, a typed one does not. */
    handLimit: string;
  };
  infeed: { way: string; angle: string; side: string };
  schedule: {
    school: string;
    scratch: string;
    roughing: string;
    largest: string;
    second: string;
    finishing: string;
    finishingInfeed: string;
    spring: string;
    /** Infeeds of a decreasing list. */
    list: string;
    /** Cumulative readings of a chart, and whether they are of the radius or the diameter. */
    chart: string;
    chartReads: string;
    until: string;
    atMost: string;
    /** What tool, machine and part bear beside the largest infeed. */
    limits: { area: string; leastChip: string; beforeTip: string; bending: string };
    /** Own rows, cuts and stops; none: the rows are proposed. */
    rows: RowForm[];
    stops: StopForm[];
  };
  proof: { target: string; evidence: EvidenceForm[] };
  /** `yes` at what the student has to find before the sheet opens. */
  worksheet: Record<WorksheetAsk, string>;
  /** Empty: as proposed. Otherwise the steps in their order. */
  steps: StepForm[];
  /** Which scheme; empty: the usual one. */
  marking: {
    scheme: string;
    worksheet: string;
    setUp: string;
    passes: string;
    result: string;
    talk: string;
  };
  /** What version 1 asked of a dial and a scale, kept as typed; they are the lathe's now. */
  typedBefore: { swivelZero: string; dialUnit: string; dialGraduation: string; dialPerTurn: string };
}

export const EMPTY_EVIDENCE: EvidenceForm = {
  kind: 'wires',
  wire: '',
  record: '',
  gauge: '',
  nut: '',
  nutUncertainty: '',
  places: '',
  weight: '',
  wanted: '',
  bothEnds: '',
  toShoulder: '',
  least: '',
  most: '',
  fromReading: '',
};
export const EMPTY_ROW: RowForm = { what: 'cut', kind: '', infeed: '', check: '', drive: '', hold: '' };
export const EMPTY_STOP: StopForm = { check: '', after: '', onward: '', hold: '' };
export const EMPTY_STEP: StepForm = {
  id: '',
  title: '',
  instruction: '',
  group: '',
  evidence: '',
  choices: '',
  times: '',
  unit: '',
  least: '',
  most: '',
  expected: '',
  critical: '',
  hold: '',
  weight: '',
  on: '',
};

export const EMPTY_PLAN_FORM: PlanForm = {
  title: '',
  thread: { designation: '', startsOrder: '', startsBy: '' },
  work: {
    diameter: '',
    threadLength: '',
    totalLength: '',
    material: '',
    end: {
      kind: '',
      width: '',
      boss: '',
      standOff: '',
      imperfect: '',
      room: '',
      diameter: '',
      reliefBy: '',
    },
    chamfer: { angle: '', diameter: '' },
    register: { diameter: '', length: '', face: '', at: '', made: '' },
  },
  holding: { kind: '', stickOut: '' },
  tool: {
    tip: { kind: 'flat', flat: '', radius: '', pitchFrom: '', pitchTo: '' },
    material: '',
    record: '',
    bar: { diameter: '', reach: '' },
  },
  technique: {
    direction: '',
    drive: '',
    side: '',
    clearing: '',
    clearOrder: '',
    markRule: '',
    zeroBy: '',
    endSeenBy: '',
    level: '',
    reaction: '',
    speed: '',
    handLimit: '',
  },
  infeed: { way: '', angle: '', side: '' },
  schedule: {
    school: '',
    scratch: '',
    roughing: '',
    largest: '',
    second: '',
    finishing: '',
    finishingInfeed: '',
    spring: '',
    list: '',
    chart: '',
    chartReads: '',
    until: '',
    atMost: '',
    limits: { area: '', leastChip: '', beforeTip: '', bending: '' },
    rows: [],
    stops: [],
  },
  proof: { target: '', evidence: [EMPTY_EVIDENCE] },
  worksheet: Object.fromEntries(WORKSHEET_ASKS.map((ask) => [ask, ''])) as Record<WorksheetAsk, string>,
  steps: [],
  marking: { scheme: '', worksheet: '0', setUp: '30', passes: '30', result: '40', talk: '0' },
  typedBefore: { swivelZero: '', dialUnit: '', dialGraduation: '', dialPerTurn: '' },
};

/** The fields that the planning view shows, as paths into the form. */
export const PLAN_FIELDS = [
  'title',
  'thread.designation',
  'thread.startsOrder',
  'thread.startsBy',
  'work.diameter',
  'work.threadLength',
  'work.totalLength',
  'work.material',
  'work.end.kind',
  'work.end.width',
  'work.end.boss',
  'work.end.standOff',
  'work.end.imperfect',
  'work.end.room',
  'work.end.diameter',
  'work.end.reliefBy',
  'work.chamfer.angle',
  'work.chamfer.diameter',
  'work.register.diameter',
  'work.register.length',
  'work.register.face',
  'work.register.at',
  'work.register.made',
  'holding.kind',
  'holding.stickOut',
  'tool.tip.kind',
  'tool.tip.flat',
  'tool.tip.radius',
  'tool.tip.pitchFrom',
  'tool.tip.pitchTo',
  'tool.material',
  'tool.record',
  'tool.bar.diameter',
  'tool.bar.reach',
  'technique.direction',
  'technique.drive',
  'technique.side',
  'technique.clearing',
  'technique.clearOrder',
  'technique.markRule',
  'technique.zeroBy',
  'technique.endSeenBy',
  'technique.level',
  'technique.reaction',
  'technique.speed',
  'technique.handLimit',
  'infeed.way',
  'infeed.angle',
  'infeed.side',
  'proof.target',
  'schedule.school',
  'schedule.scratch',
  'schedule.roughing',
  'schedule.largest',
  'schedule.second',
  'schedule.finishing',
  'schedule.finishingInfeed',
  'schedule.spring',
  'schedule.list',
  'schedule.chart',
  'schedule.chartReads',
  'schedule.until',
  'schedule.atMost',
  'schedule.limits.area',
  'schedule.limits.leastChip',
  'schedule.limits.beforeTip',
  'schedule.limits.bending',
  ...WORKSHEET_ASKS.map((ask) => `worksheet.${ask}` as const),
  'marking.scheme',
  'marking.worksheet',
  'marking.setUp',
  'marking.passes',
  'marking.result',
  'marking.talk',
] as const;

/** The lists of the form as a whole; what is wrong with a list is said there. */
const PLAN_LISTS = ['proof.evidence', 'schedule.rows', 'schedule.stops', 'steps'] as const;

/** A field by its path; rows of a list are counted from 0. */
export type PlanField =
  | (typeof PLAN_FIELDS)[number]
  | (typeof PLAN_LISTS)[number]
  | `proof.evidence.${number}.${keyof EvidenceForm}`
  | `schedule.rows.${number}.${keyof RowForm}`
  | `schedule.stops.${number}.${keyof StopForm}`
  | `steps.${number}.${keyof StepForm}`;

/** The text at a field; empty where the form has no such leaf. @example leafOf(form, 'work.end.width') */
export function leafOf(form: PlanForm, field: string): string {
  const found = field
    .split('.')
    .reduce<unknown>((at, name) => (isBranch(at) ? (at as Record<string, unknown>)[name] : undefined), form);
  return typeof found === 'string' ? found : '';
}

/** The form with another text at a field; what lies on the way is made anew, the rest is shared. */
export function withLeaf(form: PlanForm, field: string, text: string): PlanForm {
  return set(form, field.split('.'), text) as PlanForm;
}

function set(at: unknown, [name, ...rest]: string[], text: string): unknown {
  if (name === undefined) return text;
  if (Array.isArray(at)) {
    const list = at as unknown[];
    return Array.from({ length: Math.max(list.length, Number(name) + 1) }, (_, index) =>
      index === Number(name) ? set(list[index], rest, text) : list[index],
    );
  }
  const branch = (isBranch(at) ? at : {}) as Record<string, unknown>;
  return { ...branch, [name]: set(branch[name], rest, text) };
}

const isBranch = (value: unknown): value is object => typeof value === 'object' && value !== null;

/** Every leaf of a form as path and text, lists of rows included. */
export function leavesOf(form: PlanForm): [string, string][] {
  const leaves: [string, string][] = [];
  const walk = (at: unknown, path: string) => {
    if (typeof at === 'string') leaves.push([path, at]);
    else if (isBranch(at))
      Object.entries(at).forEach(([name, next]) => walk(next, path === '' ? name : `${path}.${name}`));
  };
  walk(form, '');
  return leaves;
}

const MOST_ROWS = 400;

/**
 * A stored draft of any version as a form. Fields that came later are empty; what is no text, as only another program
 * can have left it, is read as what it would say, so that the draft opens and can be mended.
 * @example formFrom({ thread: 'M16', springPasses: 3 }).schedule.spring // '3'
 */
export function formFrom(stored: unknown): PlanForm {
  const found = isBranch(stored) && !Array.isArray(stored) ? stored : {};
  const tree = 'format' in found || isBranch((found as { work?: unknown }).work) ? found : liftDraft1(found);
  const form = liftSpeed(shaped(EMPTY_PLAN_FORM, tree) as PlanForm, tree);
  const first = EMPTY_PLAN_FORM.proof.evidence;
  return form.proof.evidence.length > 0 ? form : { ...form, proof: { ...form.proof, evidence: first } };
}

/** Drafts before version 4 held the speed that was proposed as if it had been typed. */
function liftSpeed(form: PlanForm, { version }: { version?: unknown }): PlanForm {
  const proposed = form.technique.speed === '70' && typeof version === 'number' && version < 4;
  return proposed ? { ...form, technique: { ...form.technique, speed: '' } } : form;
}

const ROW_SHAPES: Record<string, object> = {
  rows: EMPTY_ROW,
  stops: EMPTY_STOP,
  evidence: EMPTY_EVIDENCE,
  steps: EMPTY_STEP,
};

/** A stored value in the shape of the form, leaf by leaf. */
function shaped(shape: unknown, found: unknown, name = ''): unknown {
  if (typeof shape === 'string') {
    if (found === undefined) return shape;
    return typeof found === 'string' ? found : typeof found === 'number' ? String(found) : '';
  }
  if (Array.isArray(shape)) {
    if (!Array.isArray(found)) return shape;
    return found.slice(0, MOST_ROWS).map((row) => shaped(ROW_SHAPES[name], row));
  }
  const own = isBranch(found) ? (found as Record<string, unknown>) : {};
  return Object.fromEntries(
    Object.entries(shape as object).map(([key, inner]) => [
      key,
      shaped(inner, Object.hasOwn(own, key) ? own[key] : undefined, key),
    ]),
  );
}

/** A form as it is stored: with format and version. */
export function draftDocument(form: PlanForm): object {
  return { format: 'oyakata-draft', version: 5, ...form };
}

/** Stages of planning in the practitioner's order, each with its fields. */
export const PLAN_STAGES = [
  { id: 'thread', fields: ['title', 'thread'] },
  { id: 'blank', fields: ['work'] },
  { id: 'holding', fields: ['holding'] },
  { id: 'technique', fields: ['technique'] },
  { id: 'tool', fields: ['tool'] },
  { id: 'compound', fields: ['infeed'] },
  { id: 'target', fields: ['proof'] },
  { id: 'passes', fields: ['schedule'] },
  { id: 'worksheet', fields: ['worksheet'] },
  { id: 'steps', fields: ['steps'] },
  { id: 'marks', fields: ['marking'] },
] as const;

export type PlanStageId = (typeof PLAN_STAGES)[number]['id'];

/** The stage at which a field stands, by the part of the plan that it belongs to. */
export function stageOf(field: string): PlanStageId {
  const [first = ''] = field.split('.');
  return PLAN_STAGES.find((stage) => (stage.fields as readonly string[]).includes(first))?.id ?? 'thread';
}
