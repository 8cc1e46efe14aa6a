import { liftDraft1 } from './lift-draft-1';

/**
 * The planning form exactly as typed: the parts of a plan with text leaves. Empty means: take what Oyakata proposes.
 * This is what a draft stores, so that nothing typed is ever lost, right or wrong.
 */
export interface PlanForm {
  title: string;
  thread: { designation: string; startsOrder: string };
  work: { diameter: string; end: { kind: string; width: string } };
  holding: { kind: string };
  tool: { tip: { kind: string; flat: string; radius: string; pitchFrom: string; pitchTo: string } };
  technique: { direction: string; drive: string; side: string; clearing: string; speed: string };
  infeed: { way: string; angle: string };
  schedule: {
    scratch: string;
    roughing: string;
    largest: string;
    finishing: string;
    finishingInfeed: string;
    spring: string;
    /** Own rows; none: the rows are proposed. */
    rows: { what: string; kind: string; infeed: string; check: string }[];
  };
  proof: { target: string; evidence: { kind: string; wire: string; places: string }[] };
  /** Steps that differ from the proposed ones. */
  steps: { id: string; title: string; instruction: string }[];
  marking: { setUp: string; passes: string; result: string };
  /** What version 1 asked of a dial and a scale, kept as typed; they are the lathe's now. */
  typedBefore: { swivelZero: string; dialUnit: string; dialGraduation: string; dialPerTurn: string };
}

export const EMPTY_PLAN_FORM: PlanForm = {
  title: '',
  thread: { designation: '', startsOrder: '' },
  work: { diameter: '', end: { kind: '', width: '' } },
  holding: { kind: '' },
  tool: { tip: { kind: 'flat', flat: '', radius: '', pitchFrom: '', pitchTo: '' } },
  technique: { direction: '', drive: '', side: '', clearing: '', speed: '70' },
  infeed: { way: '', angle: '' },
  schedule: {
    scratch: '',
    roughing: '',
    largest: '',
    finishing: '2',
    finishingInfeed: '',
    spring: '2',
    rows: [],
  },
  proof: { target: '', evidence: [{ kind: 'wires', wire: '', places: '' }] },
  steps: [],
  marking: { setUp: '30', passes: '30', result: '40' },
  typedBefore: { swivelZero: '', dialUnit: '', dialGraduation: '', dialPerTurn: '' },
};

/** The fields that the planning view shows, as paths into the form. */
export const PLAN_FIELDS = [
  'title',
  'thread.designation',
  'thread.startsOrder',
  'work.diameter',
  'work.end.width',
  'tool.tip.kind',
  'tool.tip.flat',
  'tool.tip.radius',
  'tool.tip.pitchFrom',
  'tool.tip.pitchTo',
  'infeed.angle',
  'proof.target',
  'proof.evidence.0.wire',
  'schedule.scratch',
  'schedule.roughing',
  'schedule.largest',
  'schedule.finishing',
  'schedule.finishingInfeed',
  'schedule.spring',
  'technique.speed',
  'marking.setUp',
  'marking.passes',
  'marking.result',
] as const;

export type PlanField = (typeof PLAN_FIELDS)[number];

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
  const form = shaped(EMPTY_PLAN_FORM, tree) as PlanForm;
  const first = EMPTY_PLAN_FORM.proof.evidence;
  return form.proof.evidence.length > 0 ? form : { ...form, proof: { ...form.proof, evidence: first } };
}

const ROW_SHAPES: Record<string, object> = {
  rows: { what: '', kind: '', infeed: '', check: '' },
  evidence: { kind: '', wire: '', places: '' },
  steps: { id: '', title: '', instruction: '' },
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
  return { format: 'oyakata-draft', version: 2, ...form };
}

/** Stages of planning in the practitioner's order, each with its fields. */
export const PLAN_STAGES = [
  { id: 'thread', fields: ['title', 'thread'] },
  { id: 'blank', fields: ['work', 'holding'] },
  { id: 'tool', fields: ['tool'] },
  { id: 'compound', fields: ['infeed'] },
  { id: 'target', fields: ['proof'] },
  { id: 'passes', fields: ['schedule'] },
  { id: 'speed', fields: ['technique'] },
  { id: 'marks', fields: ['marking', 'steps'] },
] as const;

export type PlanStageId = (typeof PLAN_STAGES)[number]['id'];

/** The stage at which a field stands, by the part of the plan that it belongs to. */
export function stageOf(field: string): PlanStageId {
  const [first = ''] = field.split('.');
  return PLAN_STAGES.find((stage) => (stage.fields as readonly string[]).includes(first))?.id ?? 'thread';
}
