import { bad, good, type Result } from '@/core/base/errors/field-issue';
import {
  EMPTY_EVIDENCE,
  EMPTY_PLAN_FORM,
  EMPTY_ROW,
  EMPTY_STEP,
  EMPTY_STOP,
  leavesOf,
  withLeaf,
  type PlanForm,
} from '@/core/exercise/plan/draft';
import { NO_BOOK } from '@/core/exercise/plan/plan-book';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { startWith, STARTERS } from '@/core/exercise/plan/starters';
import { refusedByLathe } from '@/core/exercise/sheet/refused-by-lathe';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { latheFormOf } from '@/core/machine/lathe/form/lathe-form-of';
import type { LatheForm } from '@/core/machine/lathe/form/lathe-form';
import { readLatheForm } from '@/core/machine/lathe/form/read-lathe-form';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { feedsByReadout } from '@/core/machine/technique/choices';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import type { LengthUnit } from '@/core/base/units/length';

/** What is planned for a story, and on which lathe: leaves of the draft and fields of the lathe's form, as typed. */
export interface StoryPlan {
  thread: string;
  /** Unit of the lathe's dials; left out: the thread's own. */
  unit?: LengthUnit | undefined;
  starter?: string | undefined;
  plan?: Readonly<Record<string, unknown>> | undefined;
  lathe?: Readonly<Record<string, unknown>> | undefined;
}

const LISTS: Readonly<Record<string, object>> = {
  'schedule.rows': EMPTY_ROW,
  'schedule.stops': EMPTY_STOP,
  'proof.evidence': EMPTY_EVIDENCE,
  steps: EMPTY_STEP,
};
const LEAVES = new Set(leavesOf(EMPTY_PLAN_FORM).map(([path]) => path));

/** The sheet that a plan has on a lathe; an issue names the leaf: `plan.tool.tip.flat`, `lathe.graduation`. */
export function sheetOfStory({
  thread,
  unit,
  starter = 'usual',
  plan = {},
  lathe = {},
}: StoryPlan): Result<Sheet> {
  const read = parseDesignation(thread);
  if (!read.ok) return { ok: false, issues: read.issues.map((issue) => ({ ...issue, field: 'thread' })) };
  const begun = STARTERS.find(({ id }) => id === starter);
  if (begun === undefined)
    return bad('starter', 'unreadable', `starter is one of ${STARTERS.map(({ id }) => id).join(', ')}.`);
  const title = 'Story';
  const start = startWith(begun, { title, thread: { ...EMPTY_PLAN_FORM.thread, designation: thread } });
  const form = formWithLeaves(start, plan);
  if (!form.ok) return form;
  const units = unit ?? read.value.thread.unit;
  const machine = latheOfStory(units, { ...fittedFor(form.value, units), ...lathe });
  if (!machine.ok) return machine;
  const planned = readPlan(form.value, machine.value);
  if (planned.plan === null) {
    const issue = planned.issues[0];
    return bad(`plan.${issue?.field ?? 'thread.designation'}`, issue?.code ?? 'failed', issue?.message ?? '');
  }
  const [refused] = refusedByLathe(planned.plan, machine.value);
  if (refused !== undefined) return bad('plan.technique.drive', 'not-reachable', refused);
  return good(sheetFor({ plan: planned.plan, lathe: machine.value, book: NO_BOOK, words: USUAL_WORDS }));
}

/** The form with other leaves. A row one past the end of a list is added; an empty list empties it. */
function formWithLeaves(form: PlanForm, leaves: Readonly<Record<string, unknown>>): Result<PlanForm> {
  let now = form;
  for (const [path, value] of Object.entries(leaves)) {
    const field = `plan.${path}`;
    if (Object.hasOwn(LISTS, path)) {
      if (!Array.isArray(value) || value.length > 0)
        return bad(field, 'unreadable', 'A list can be emptied by []; its rows are leaves of their own.');
      now = emptied(now, path);
      continue;
    }
    if (typeof value !== 'string' && typeof value !== 'number')
      return bad(field, 'unreadable', 'The value of a leaf is text, as it is typed.');
    const row = /^(.+)\.(\d+)\.(\w+)$/.exec(path);
    const [, list = '', index = '', leaf = ''] = row ?? [];
    const known =
      row === null
        ? LEAVES.has(path)
        : Object.hasOwn(LISTS, list) &&
          Object.hasOwn(LISTS[list] ?? {}, leaf) &&
          Number(index) <= rowsOf(now, list).length;
    if (!known) return bad(field, 'unreadable', `There is no such leaf: ${path}.`);
    if (row !== null && Number(index) === rowsOf(now, list).length)
      for (const [name, text] of Object.entries(LISTS[list] ?? {}))
        now = withLeaf(now, `${list}.${index}.${name}`, String(text));
    now = withLeaf(now, path, String(value));
  }
  return good(now);
}

function emptied(form: PlanForm, list: string): PlanForm {
  if (list === 'steps') return { ...form, steps: [] };
  if (list === 'proof.evidence') return { ...form, proof: { ...form.proof, evidence: [] } };
  return { ...form, schedule: { ...form.schedule, [list.replace('schedule.', '')]: [] } };
}

function rowsOf(form: PlanForm, list: string): readonly unknown[] {
  const found = list.split('.').reduce<unknown>((at, name) => (at as Record<string, unknown>)[name], form);
  return Array.isArray(found) ? found : [];
}

/** A readout that the plan feeds by is taken to be there, unless the request says otherwise: the usual lathe has none. */
const fittedFor = ({ infeed }: PlanForm, unit: LengthUnit): Record<string, string> =>
  feedsByReadout(infeed.way)
    ? { readoutUnit: unit, readoutResolution: unit === 'in' ? '0.0005' : '0.01' }
    : {};

function latheOfStory(unit: LengthUnit, fields: Readonly<Record<string, unknown>>) {
  const form: Record<string, unknown> = { ...latheFormOf(usualLathe(unit)) };
  for (const [name, value] of Object.entries(fields)) {
    if (!Object.hasOwn(form, name))
      return bad(`lathe.${name}`, 'unreadable', `There is no such field: ${name}.`);
    const isTable = Array.isArray(form[name]);
    if (isTable ? !isTableOfText(value) : typeof value !== 'string' && typeof value !== 'number')
      return bad(
        `lathe.${name}`,
        'unreadable',
        isTable ? 'A table is a list of rows of text.' : 'A field is text, as it is typed.',
      );
    form[name] = isTable ? value : String(value);
  }
  const read = readLatheForm(form as unknown as LatheForm);
  return read.ok
    ? read
    : {
        ok: false as const,
        issues: read.issues.map((issue) => ({ ...issue, field: `lathe.${issue.field}` })),
      };
}

const isTableOfText = (value: unknown): boolean =>
  Array.isArray(value) &&
  value.length <= 400 &&
  value.every((row) => Array.isArray(row) && row.every((cell) => typeof cell === 'string'));
