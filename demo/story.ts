import { pitchDiameterAt } from '@/core/thread/depth/radial-depth';
import { overWires } from '@/core/measuring/gauging/three-wires';
import type { NutAnswer } from '@/core/measuring/nut/nut-answer';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { predict, type Prediction } from '@/core/exercise/record/state/predict';
import type { Entry, Role } from '@/core/exercise/record/entry/entry';
import type { EntryContent } from '@/core/exercise/record/entry/kinds';
import type { EventContent } from '@/core/exercise/record/entry/kinds/event';
import { sheetDepth, sheetWires } from '@/core/exercise/sheet/sheet-geometry';
import { wantedChoice } from '@/core/exercise/sheet/wanted-choice';
import type { Expected, SheetStep } from '@/core/exercise/sheet/sheet-step';
import type { Sheet, SheetPass, SheetProof, SheetStop } from '@/core/exercise/sheet/sheet';
import { roundTo } from '@/core/base/units/round';
import { joinedOptions } from '@/core/learning/worksheet/judge-answer';

/** How far an attempt has come, and what went wrong in it. Thread lengths in the thread's unit. */
export interface Story {
  until: 'not-begun' | 'set-up' | 'cutting' | 'measured' | 'waiting' | 'marked';
  /** Steps done when the story ends in the set-up; `to-hold`: those before the hold point, where somebody waits. */
  steps?: number | 'to-hold';
  /** While cutting: the hand is raised at the end. */
  handRaised?: true;
  /** Passes cut when the story ends while cutting. */
  passes?: number;
  /** The last cut goes so many graduations too deep. */
  tooDeepBy?: number;
  springPassesLeftOut?: boolean;
  wrongStep?: { id: string; value: number };
  /** Steps that were never recorded. */
  missing?: string[];
  /** This pass was first recorded twice, and once struck out. */
  struckPass?: number;
  /** Something that happened after a pass. */
  event?: { after: number } & Partial<EventContent> & Pick<EventContent, 'event'>;
  /** The try was scrapped, with the supposed cause and what the next one changes. */
  scrapped?: { cause: string; change: string };
  note?: string;
  /** The instructor's comment on the mark. */
  comment?: string;
}

export interface StoryPeople {
  student: Entry['author'];
  instructor: Entry['author'];
}

/** The worksheet, found; an uneven hand first takes the radial depth for the feed, a slip of most first years. */
function answersOf({ worksheet, radialDepth }: Sheet, spread: number): EntryContent[] {
  return worksheet.flatMap(({ id, expected, decimals, wanted }) => {
    const tried = (answer: string): EntryContent => ({
      kind: 'worksheet',
      question: id,
      answer,
      told: false,
    });
    const right = tried(expected === null ? joinedOptions(wanted) : expected.toFixed(decimals));
    return id === 'compoundFeed' && spread > 0 ? [tried(radialDepth.toFixed(decimals)), right] : [right];
  });
}

/**
 * Writes the record of a story, beginning at a time: what is measured or tried is what the geometry gives for the
 * passes recorded. `spread` in -1..1 makes each student's figures differ by what a careful hand scatters.
 */
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
    say(stepDone(step.id, value, wantedChoice(step)), 'student', 4);
  }

  if (story.until === 'not-begun') return entries;
  if (choice !== null) say({ kind: 'lathe', ...choice }, 'student', 1);
  answersOf(sheet, spread).forEach((content) => say(content, 'student', 3));
  const stepsOf = (when: SheetStep['when']) => sheet.steps.filter((step) => step.when === when);
  const before = stepsOf('before-cutting');
  const hold = before.findIndex(({ kind }) => kind === 'sign-off');
  const steps = story.steps === 'to-hold' ? hold : (story.steps ?? before.length);
  before.slice(0, story.until === 'set-up' ? steps : before.length).forEach(doStep);
  if (story.until === 'set-up') return entries;

  const most = story.until === 'cutting' ? (story.passes ?? Infinity) : Infinity;
  for (let guard = 0; guard < 400; guard += 1) {
    const prediction = predict(sheet, entries);
    const { due, next, cuts } = prediction;
    if (due !== null) {
      say(answerStop(sheet, due.stop, sizeNow(sheet, prediction), prediction, spread), 'student', 5);
      continue;
    }
    if (next === null || cuts.length >= most) break;
    if (story.springPassesLeftOut === true && next.kind === 'spring') break;
    const isLast =
      next.kind !== 'spring' && prediction.passes.every(({ n, kind }) => n <= next.n || kind === 'spring');
    const deeper = isLast ? (story.tooDeepBy ?? 0) * sheet.lathe.dial.graduation.value : 0;
    const content = cut(prediction, next, deeper);
    const id = say(content, 'student', 2);
    if (story.struckPass === next.n && cuts.length === next.n - 1) {
      say({ kind: 'strike', entryId: id, reason: 'Tapped twice, this pass was not cut yet' }, 'student', 1);
      say(content, 'student', 2);
    }
    if (next.n === 1) stepsOf('after-scratch').forEach(doStep);
    if (story.event?.after === next.n) say(eventOf(story.event), 'student', 3);
    if (deeper > 0) break;
  }
  if (story.handRaised === true) say({ kind: 'hand', raised: true }, 'student', 1);
  if (story.until === 'cutting') return entries;

  stepsOf('after-cutting').forEach(doStep);
  const atTheEnd = predict(sheet, entries);
  prove(sheet, atTheEnd, spread, story.springPassesLeftOut === true).forEach((each) =>
    say(each, 'student', 6),
  );
  if (story.note !== undefined) say({ kind: 'note', text: story.note }, 'student', 2);
  if (story.until === 'measured') return entries;
  const ended = story.scrapped ?? { cause: '', change: '' };
  say(
    { kind: 'hand-in', how: story.scrapped === undefined ? 'accepted' : 'scrapped', ...ended },
    'student',
    2,
  );
  if (story.until === 'marked')
    prove(sheet, atTheEnd, spread / 3, story.springPassesLeftOut === true).forEach((each) =>
      say(each, 'instructor', 40),
    );
  return entries;
}

const stepDone = (stepId: string, value: number | null, choice: string | null): EntryContent => ({
  kind: 'step',
  stepId,
  value,
  how: 'done',
  choice,
  count: null,
  said: '',
  fromTry: null,
});

function eventOf({
  event,
  stepId = null,
  touched = null,
  value = null,
  uncertainty = null,
  along = null,
  said = '',
}: NonNullable<Story['event']>): EventContent {
  return { kind: 'event', event, stepId, touched, value, uncertainty, along, said };
}

/** The pitch diameter that the last cut left, with the tip as ground (the usual one where it was not measured). */
function sizeNow(sheet: Sheet, { cuts }: Prediction): number {
  const last = cuts.at(-1);
  if (last === undefined) return sheet.workDiameter;
  return (
    last.pitchDiameter ??
    (last.depth === null ? sheet.targetPitchDiameter : pitchDiameterAt(sheetDepth(sheet), last.depth))
  );
}

/** A value as a student sets it: the expected one, a little off, inside its limits. */
function settled({ value, min, max, unit }: Expected, spread: number): number {
  if (min === max || min === null) return value;
  const room = Math.min((max ?? value) - value, value - min);
  return roundTo(value + room * 0.5 * spread, unit === 'in' ? 4 : unit === 'mm' ? 2 : 1);
}

function answerStop(
  sheet: Sheet,
  stop: SheetStop,
  size: number,
  { reading }: Prediction,
  spread: number,
): EntryContent {
  if (stop.check === 'wires') {
    const evidence = measuredEvidence(sheet);
    if (evidence !== undefined) return measurement(sheet, evidence, size, 'mid', spread);
  }
  if (stop.check === 'nut' || stop.check === 'mate') {
    const evidence = sheet.proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'trial');
    if (evidence !== undefined) return trial(sheet, evidence, size, 'mid', stop.id, reading.value);
  }
  if (stop.check === 'gauge') {
    const { min, max } = sheet.limits.pitchDiameter;
    const goes = sheet.thread.side === 'external' ? size <= max : size >= min;
    return { kind: 'stop', stopId: stop.id, answer: goes ? 'yes' : 'no', reading: reading.value };
  }
  return {
    kind: 'stop',
    stopId: stop.id,
    answer: stop.what === 'work' ? 'done' : 'yes',
    reading: reading.value,
  };
}

const measuredEvidence = ({ proof }: Sheet) =>
  proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement');

/** Everything that the plan asks for as proof, as it comes out. */
function prove(sheet: Sheet, prediction: Prediction, spread: number, unsprung: boolean): EntryContent[] {
  const size = sizeNow(sheet, prediction);
  const taper = unsprung ? sheet.limits.pitchDiameterTolerance * 0.45 : 0;
  const { pitchDiameter } = sheet.limits;
  const external = sheet.thread.side === 'external';
  return sheet.proof.flatMap((evidence): EntryContent[] => {
    switch (EVIDENCE_DATA[evidence.kind].recordedAs) {
      case 'measurement':
        return [measurement(sheet, evidence, size, 'final', spread, taper)];
      case 'trial':
        return [trial(sheet, evidence, size, 'final', null, prediction.reading.value)];
      case 'gauge': {
        const lost = external ? size < pitchDiameter.min : size > pitchDiameter.max;
        const open = external ? size > pitchDiameter.max : size < pitchDiameter.min;
        const answer = lost ? 'no-go-enters' : open ? 'go-stops' : 'right';
        return [{ kind: 'finding', purpose: 'final', evidenceId: evidence.id, answer, value: null }];
      }
      case 'yes-no':
        return [{ kind: 'finding', purpose: 'final', evidenceId: evidence.id, answer: 'yes', value: null }];
      case 'value': {
        const [least, most] = [evidence.least ?? 0, evidence.most ?? (evidence.least ?? 0) * 1.01];
        const decimals = sheet.thread.unit === 'in' ? 4 : 3;
        const value = roundTo(least === 0 ? most * 0.6 : (least + most) / 2, decimals);
        return [{ kind: 'finding', purpose: 'final', evidenceId: evidence.id, answer: null, value }];
      }
      default:
        return [];
    }
  });
}

/** What a nut or a mate of the middle of its band answers on a thread of this size. */
function trial(
  sheet: Sheet,
  evidence: SheetProof,
  size: number,
  purpose: 'mid' | 'final',
  stopId: string | null,
  reading: number,
): EntryContent {
  const { thread, limits, workDiameter } = sheet;
  const external = thread.side === 'external';
  const nut = evidence.nut === null ? sheet.targetPitchDiameter : (evidence.nut.min + evidence.nut.max) / 2;
  const play = external ? nut - size : size - nut;
  const step = limits.pitchDiameterTolerance;
  const answer: NutAnswer =
    play < -0.5 * step
      ? 'will-not-start'
      : play < -0.2 * step
        ? 'starts'
        : play < 0
          ? 'tight'
          : play < 1.6 * step
            ? 'free'
            : play < 2.2 * step
              ? 'little-play'
              : 'wobbles';
  return {
    kind: 'trial',
    purpose,
    evidenceId: evidence.id,
    stopId,
    answer,
    end: evidence.bothEnds ? 'both' : 'one',
    toShoulder: evidence.toShoulder ? true : null,
    crest: roundTo(workDiameter, thread.unit === 'in' ? 4 : 2),
    reading,
  };
}

function measurement(
  sheet: Sheet,
  evidence: SheetProof,
  pitchDiameter: number,
  purpose: 'mid' | 'final',
  spread: number,
  taper = 0,
): EntryContent {
  const { thread, limits, wires, workDiameter } = sheet;
  const overWire = evidence.kind === 'wires';
  const wireCase = sheetWires(sheet);
  const decimals = thread.unit === 'in' ? 4 : 3;
  const off = limits.pitchDiameterTolerance * 0.06 * spread;
  const at = (extra: number) => {
    const size = pitchDiameter + off + extra;
    return roundTo(overWire ? overWires(wireCase, size) : size, decimals);
  };
  const scatter = limits.pitchDiameterTolerance * 0.04;
  const all = { start: at(taper + scatter), middle: at(taper / 2), end: at(scatter / 2) };
  const asked = (place: keyof typeof all) => (evidence.places.includes(place) ? all[place] : null);
  return {
    kind: 'measurement',
    purpose,
    method: overWire ? 'wires' : 'direct',
    evidenceId: evidence.id,
    wire: { value: wires.diameter, unit: thread.unit },
    overWires: { start: asked('start'), middle: asked('middle'), end: asked('end') },
    crest: purpose === 'final' ? roundTo(workDiameter + off / 4, decimals) : null,
    instrument: null,
    zero: null,
    questioned: [],
  };
}

/** A pass as planned, as one touch records it, or some graduations deeper. */
function cut(
  { drive, segment, blocks, warnings }: Prediction,
  pass: SheetPass,
  deeper: number,
): Extract<EntryContent, { kind: 'pass' }> {
  return {
    kind: 'pass',
    plannedPass: pass.n,
    start: pass.start,
    reading: roundTo(pass.dialReading.value + deeper, 6),
    zero: segment.zero,
    asPlanned: deeper === 0,
    rows: null,
    drive: drive === 'unknown' ? null : drive,
    mark: null,
    crossSlide: null,
    compound: null,
    allTheSame: blocks.length > 0,
    told: { row: pass.n, reading: pass.dialReading.value, remaining: null, warnings },
  };
}
