import { NO_BOOK } from '@/core/exercise/plan/plan-book';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { olderScheme } from './older-scheme';
import type { OlderScheme } from '@/core/exercise/marking/older/older-scheme';
import { EMPTY_PLAN_FORM, formFrom, withLeaf, type PlanForm } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import type { Plan } from '@/core/exercise/plan/plan';
import { predict } from '@/core/exercise/record/state/predict';
import { liveEntries, type Entry, type Role } from '@/core/exercise/record/entry/entry';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import type { EventContent } from '@/core/exercise/record/entry/kinds/event';
import type { PassContent } from '@/core/exercise/record/entry/kinds/pass';
import type { ReadingContext } from '@/core/exercise/record/entry/entry-kind';
import type { StepContent } from '@/core/exercise/record/entry/kinds/step';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { sheetFor } from '@/core/exercise/sheet/sheet-for';
import { wantedChoice } from '@/core/exercise/sheet/wanted-choice';
import type { Sheet, SheetPass } from '@/core/exercise/sheet/sheet';

/** For tests: texts at fields of a form. */
export type Leaves = Readonly<Record<string, string>>;

/** For tests: the form of a clamp screw with other texts at some fields. */
export function formWith(leaves: Leaves): PlanForm {
  return formFrom(
    Object.entries({ 'thread.designation': '3/4-16 UNF-2A', ...leaves }).reduce(
      (form, [field, text]) => withLeaf(form, field, text),
      { ...EMPTY_PLAN_FORM, title: 'Clamp screw' },
    ),
  );
}

/** For tests: the plan of a form that must be good. */
export function planFor(leaves: Leaves = {}): Plan {
  const read = readPlan(formWith(leaves));
  if (read.plan === null)
    throw new Error(read.issues.map((issue) => `${issue.field}: ${issue.message}`).join(' '));
  return read.plan;
}

/** For tests: its sheet on a lathe. */
export function sheetOf(leaves: Leaves = {}, lathe: Lathe = usualLathe('in')): Sheet {
  return sheetFor({ plan: planFor(leaves), lathe, book: NO_BOOK, words: USUAL_WORDS });
}

/** For tests: the usual scheme, for any sheet. */
export const SCHEME: OlderScheme = {
  ...olderScheme({ setUp: 30, passes: 30, result: 40 }),
  unlisted: 'weight-1',
};

/** For tests: something that happened. */
export const happened = (event: EventContent['event'], change: Partial<EventContent> = {}): EventContent => ({
  kind: 'event',
  event,
  stepId: null,
  touched: null,
  value: null,
  uncertainty: null,
  along: null,
  said: '',
  ...change,
});

/** For tests: contents as a record, ten seconds apart, with ids `e1`, `e2`, ... */
export function recordOf(contents: readonly EntryContent[], role: Role = 'student'): Entry[] {
  return contents.map((content, index) => {
    const time = new Date(Date.UTC(2026, 8, 1, 8, 0, index * 10)).toISOString();
    return {
      id: `e${index + 1}`,
      device: null,
      sequence: null,
      after: null,
      author: { id: role === 'student' ? 2 : 1, name: role, role },
      deviceTime: time,
      serverTime: time,
      late: false,
      content,
    };
  });
}

/** For tests: what the device knows when something is typed. */
export function contextOf(sheet: Sheet, entries: readonly Entry[] = []): ReadingContext {
  return { sheet, entries, standing: liveEntries(entries), prediction: predict(sheet, entries) };
}

/** For tests: a step simply done. */
export function stepDone(stepId: string, value: number | null = null): StepContent {
  return { kind: 'step', stepId, value, how: 'done', choice: null, count: null, said: '', fromTry: null };
}

/** For tests: the work is handed in. */
export const HANDED_IN: EntryContent = { kind: 'hand-in', how: 'accepted', cause: '', change: '' };

/** For tests: every step done right. */
export function goodSteps(sheet: Sheet): EntryContent[] {
  return sheet.steps.map((step) =>
    step.kind === 'sign-off'
      ? { kind: 'sign-off', stepId: step.id }
      : { ...stepDone(step.id, step.expected?.value ?? null), choice: wantedChoice(step) },
  );
}

/** For tests: a pass cut as planned, or at another reading. */
export function cutOf(pass: Pick<SheetPass, 'n' | 'start' | 'dialReading'>, reading?: number): PassContent {
  return {
    kind: 'pass',
    plannedPass: pass.n,
    start: pass.start,
    reading: reading ?? pass.dialReading.value,
    crossSlide: null,
    compound: null,
    zero: 'touch-off',
    asPlanned: reading === undefined,
    rows: null,
    drive: null,
    mark: null,
    allTheSame: false,
    told: null,
  };
}

/** For tests: every pass cut as planned. */
export function plannedCuts(sheet: Sheet): PassContent[] {
  return sheet.passes.map((pass) => cutOf(pass));
}

/** For tests: every pass cut and every stop kept, as planned. */
export function plannedWork(sheet: Sheet): EntryContent[] {
  return sheet.passes.flatMap((pass) => [
    cutOf(pass),
    ...sheet.stops
      .filter(({ after }) => after === pass.n)
      .map((stop): EntryContent => {
        if (stop.check === 'wires') return measuredAt(sheet, pass.overWires ?? NaN, 'mid');
        return { kind: 'stop', stopId: stop.id, answer: 'yes', reading: pass.dialReading.value };
      }),
  ]);
}

/** For tests: a measurement that reads the same over wires at all three places. */
export function measuredAt(
  sheet: Sheet,
  over: number,
  purpose: 'mid' | 'final',
  crest = sheet.workDiameter,
): EntryContent {
  return {
    kind: 'measurement',
    purpose,
    method: 'wires',
    evidenceId: null,
    wire: { value: sheet.wires.diameter, unit: sheet.thread.unit },
    overWires: { start: over, middle: over, end: over },
    crest,
    instrument: null,
    zero: null,
    questioned: [],
  };
}
