import type { Entry, EntryContent, Role } from '@/core/attempt';
import { overWires, wireCaseOf } from '@/core/gauging';
import type { DerivedPlan } from '@/core/plan';
import { setupSteps, type Expected, type SetupStep } from '@/core/steps';
import { lengthIn, roundTo } from '@/core/units';

/** How far an attempt has come, and what went wrong in it. Thread lengths in the thread's unit. */
export interface Story {
  until: 'not-begun' | 'set-up' | 'cutting' | 'measured' | 'waiting' | 'marked';
  /** Steps done when the story ends in the set-up. */
  steps?: number;
  /** Passes cut when the story ends while cutting; more than there are roughing passes: stops at the mid measurement. */
  passes?: number;
  /** The pitch diameter ends this much under the target. */
  overCutBy?: number;
  springPassesLeftOut?: boolean;
  wrongStep?: { id: string; value: number };
  /** Steps that were never recorded. */
  missing?: string[];
  /** This pass was first recorded twice, and once struck out. */
  struckPass?: number;
  note?: string;
  /** The instructor's comment on the mark. */
  comment?: string;
}

export interface StoryPeople {
  student: Entry['author'];
  instructor: Entry['author'];
}

/** Writes the record of a story, beginning at a time. `spread` in -1..1 makes each student's figures differ a little. */
export function tellStory(
  derived: DerivedPlan,
  story: Story,
  people: StoryPeople,
  begin: Date,
  spread: number,
  newId: () => string,
): Entry[] {
  const entries: Entry[] = [];
  let clock = begin.getTime();
  function say(content: EntryContent, role: Role, minutes: number): string {
    clock += minutes * 60_000;
    const id = newId();
    const author = role === 'student' ? people.student : people.instructor;
    const deviceTime = new Date(clock).toISOString();
    entries.push({ id, author, deviceTime, serverTime: new Date(clock + 400).toISOString(), content });
    return id;
  }
  function doStep(step: SetupStep): void {
    if (story.missing?.includes(step.id) === true) return;
    if (step.kind === 'sign-off') return void say({ kind: 'sign-off', stepId: step.id }, 'instructor', 6);
    const wrong = story.wrongStep?.id === step.id ? story.wrongStep.value : null;
    const value = step.expected === null ? null : (wrong ?? settled(step.expected, spread));
    say({ kind: 'step', stepId: step.id, value }, 'student', 4);
  }

  if (story.until === 'not-begun') return entries;
  const steps = setupSteps(derived);
  const before = steps.filter((step) => step.when === 'before-cutting');
  before.slice(0, story.until === 'set-up' ? (story.steps ?? before.length) : before.length).forEach(doStep);
  if (story.until === 'set-up') return entries;

  const feeding = derived.passes.filter((pass) => pass.kind !== 'spring');
  const roughEnd = feeding.filter((pass) => pass.kind !== 'finish').length;
  const last = story.until === 'cutting' ? Math.min(story.passes ?? roughEnd, roughEnd) : feeding.length;
  for (const pass of feeding.slice(0, last)) {
    const content: EntryContent = {
      kind: 'pass',
      plannedPass: pass.n,
      reading: pass.dialReading.value,
      asPlanned: true,
    };
    const id = say(content, 'student', 2);
    if (story.struckPass === pass.n) {
      say({ kind: 'strike', entryId: id, reason: 'Tapped twice, this pass was not cut yet' }, 'student', 1);
      say(content, 'student', 2);
    }
    if (pass.n === 1) steps.filter((step) => step.when === 'after-scratch').forEach(doStep);
    if (pass.n === roughEnd)
      say(measurement(derived, pass.pitchDiameter ?? derived.target, 'mid', spread), 'student', 5);
  }
  if (story.until === 'cutting') return entries;

  const bottom = feeding.at(-1);
  if (bottom !== undefined && story.overCutBy !== undefined) {
    const graduation = derived.plan.dial.graduation;
    const deeper = Math.round(
      lengthIn({ value: story.overCutBy * 0.58, unit: derived.thread.unit }, graduation.unit) /
        graduation.value,
    );
    const reading = roundTo(bottom.dialReading.value + deeper * graduation.value, 6);
    say({ kind: 'pass', plannedPass: bottom.n, reading, asPlanned: false }, 'student', 3);
  } else if (story.springPassesLeftOut !== true) {
    for (const pass of derived.passes.filter((candidate) => candidate.kind === 'spring')) {
      say(
        { kind: 'pass', plannedPass: pass.n, reading: pass.dialReading.value, asPlanned: true },
        'student',
        2,
      );
    }
  }
  const end = derived.target - (story.overCutBy ?? 0);
  const taper = story.springPassesLeftOut === true ? derived.limits.tolerance.pitchDiameter * 0.45 : 0;
  say(measurement(derived, end, 'final', spread, taper), 'student', 8);
  if (story.note !== undefined) say({ kind: 'note', text: story.note }, 'student', 2);
  if (story.until === 'measured') return entries;
  say({ kind: 'hand-in' }, 'student', 2);
  if (story.until === 'marked') say(measurement(derived, end, 'final', spread / 3, taper), 'instructor', 40);
  return entries;
}

/** A value as a student sets it: the expected one, a little off, inside its limits. */
function settled({ value, min, max, unit }: Expected, spread: number): number {
  if (min === max || min === null) return value;
  const room = Math.min((max ?? value) - value, value - min);
  return roundTo(value + room * 0.5 * spread, unit === 'in' ? 4 : unit === 'mm' ? 2 : 1);
}

function measurement(
  derived: DerivedPlan,
  pitchDiameter: number,
  purpose: 'mid' | 'final',
  spread: number,
  taper = 0,
): EntryContent {
  const { thread, limits } = derived;
  const wireCase = wireCaseOf(thread, derived.wire);
  const decimals = thread.unit === 'in' ? 4 : 3;
  const off = limits.tolerance.pitchDiameter * 0.12 * spread;
  const at = (extra: number) => roundTo(overWires(wireCase, pitchDiameter + off + extra), decimals);
  const scatter = limits.tolerance.pitchDiameter * 0.05;
  return {
    kind: 'measurement',
    purpose,
    wire: { value: derived.wire, unit: thread.unit },
    overWires: { start: at(taper + scatter), middle: at(taper / 2), end: at(scatter / 2) },
    crest: purpose === 'final' ? roundTo(derived.blank + off / 4, decimals) : null,
  };
}
