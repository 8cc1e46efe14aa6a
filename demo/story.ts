import type { Entry, EntryContent, Role } from '@/core/record';
import { overWires } from '@/core/gauging';
import { sheetWires, type Expected, type Sheet, type SheetPass, type SheetStep } from '@/core/sheet';
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
  sheet: Sheet,
  story: Story,
  people: StoryPeople,
  begin: Date,
  spread: number,
  newId: () => string,
  choice: { sheetId: number; name: string } | null = null,
): Entry[] {
  const entries: Entry[] = [];
  let clock = begin.getTime();
  function say(content: EntryContent, role: Role, minutes: number): string {
    clock += minutes * 60_000;
    const id = newId();
    const author = role === 'student' ? people.student : people.instructor;
    const deviceTime = new Date(clock).toISOString();
    entries.push({
      id,
      device: null,
      sequence: null,
      after: entries.at(-1)?.id ?? null,
      author,
      deviceTime,
      serverTime: new Date(clock + 400).toISOString(),
      late: false,
      content,
    });
    return id;
  }
  function doStep(step: SheetStep): void {
    if (story.missing?.includes(step.id) === true) return;
    if (step.kind === 'sign-off') return void say({ kind: 'sign-off', stepId: step.id }, 'instructor', 6);
    const wrong = story.wrongStep?.id === step.id ? story.wrongStep.value : null;
    const value = step.expected === null ? null : (wrong ?? settled(step.expected, spread));
    say({ kind: 'step', stepId: step.id, value }, 'student', 4);
  }

  if (story.until === 'not-begun') return entries;
  if (choice !== null) say({ kind: 'lathe', ...choice }, 'student', 1);
  const { steps } = sheet;
  const before = steps.filter((step) => step.when === 'before-cutting');
  before.slice(0, story.until === 'set-up' ? (story.steps ?? before.length) : before.length).forEach(doStep);
  if (story.until === 'set-up') return entries;

  const feeding = sheet.passes.filter((pass) => pass.kind !== 'spring');
  const roughEnd = feeding.filter((pass) => pass.kind !== 'finish').length;
  const last = story.until === 'cutting' ? Math.min(story.passes ?? roughEnd, roughEnd) : feeding.length;
  for (const pass of feeding.slice(0, last)) {
    const content = cut(pass);
    const id = say(content, 'student', 2);
    if (story.struckPass === pass.n) {
      say({ kind: 'strike', entryId: id, reason: 'Tapped twice, this pass was not cut yet' }, 'student', 1);
      say(content, 'student', 2);
    }
    if (pass.n === 1) steps.filter((step) => step.when === 'after-scratch').forEach(doStep);
    if (pass.n === roughEnd)
      say(measurement(sheet, pass.pitchDiameter ?? sheet.targetPitchDiameter, 'mid', spread), 'student', 5);
  }
  if (story.until === 'cutting') return entries;

  const bottom = feeding.at(-1);
  if (bottom !== undefined && story.overCutBy !== undefined) {
    const { graduation } = sheet.lathe.dial;
    const deeper = Math.round(
      lengthIn({ value: story.overCutBy * 0.58, unit: sheet.thread.unit }, graduation.unit) /
        graduation.value,
    );
    const reading = roundTo(bottom.dialReading.value + deeper * graduation.value, 6);
    say({ ...cut(bottom), reading, asPlanned: false }, 'student', 3);
  } else if (story.springPassesLeftOut !== true) {
    for (const pass of sheet.passes.filter(({ kind }) => kind === 'spring')) say(cut(pass), 'student', 2);
  }
  const end = sheet.targetPitchDiameter - (story.overCutBy ?? 0);
  const taper = story.springPassesLeftOut === true ? sheet.limits.pitchDiameterTolerance * 0.45 : 0;
  say(measurement(sheet, end, 'final', spread, taper), 'student', 8);
  if (story.note !== undefined) say({ kind: 'note', text: story.note }, 'student', 2);
  if (story.until === 'measured') return entries;
  say({ kind: 'hand-in' }, 'student', 2);
  if (story.until === 'marked') say(measurement(sheet, end, 'final', spread / 3, taper), 'instructor', 40);
  return entries;
}

/** A value as a student sets it: the expected one, a little off, inside its limits. */
function settled({ value, min, max, unit }: Expected, spread: number): number {
  if (min === max || min === null) return value;
  const room = Math.min((max ?? value) - value, value - min);
  return roundTo(value + room * 0.5 * spread, unit === 'in' ? 4 : unit === 'mm' ? 2 : 1);
}

function measurement(
  sheet: Sheet,
  pitchDiameter: number,
  purpose: 'mid' | 'final',
  spread: number,
  taper = 0,
): EntryContent {
  const { thread, limits, wires, workDiameter } = sheet;
  const wireCase = sheetWires(sheet);
  const decimals = thread.unit === 'in' ? 4 : 3;
  const off = limits.pitchDiameterTolerance * 0.12 * spread;
  const at = (extra: number) => roundTo(overWires(wireCase, pitchDiameter + off + extra), decimals);
  const scatter = limits.pitchDiameterTolerance * 0.05;
  return {
    kind: 'measurement',
    purpose,
    wire: { value: wires.diameter, unit: thread.unit },
    overWires: { start: at(taper + scatter), middle: at(taper / 2), end: at(scatter / 2) },
    crest: purpose === 'final' ? roundTo(workDiameter + off / 4, decimals) : null,
  };
}

/** A pass as planned, as one touch records it. */
function cut(pass: SheetPass): Extract<EntryContent, { kind: 'pass' }> {
  return {
    kind: 'pass',
    plannedPass: pass.n,
    start: pass.start,
    reading: pass.dialReading.value,
    zero: 'touch-off',
    asPlanned: true,
    rows: null,
    told: { row: pass.n, reading: pass.dialReading.value, remaining: null, warnings: [] },
  };
}
