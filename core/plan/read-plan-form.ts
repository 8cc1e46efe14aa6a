import type { SwivelZero } from '../compound';
import type { FieldIssue, Result } from '../errors/field-issue';
import { parseDesignation, printDesignation, threadLimits, type Thread, type ThreadLimits } from '../thread';
import { parseAngleDeg, parseLength, parseWhole, saidText, type Length, type LengthUnit } from '../units';
import type { MarkingScheme, Plan, PlanTip } from './plan';
import {
  dialDefaults,
  planDefaults,
  type DialDefault,
  type PlanDefaults,
  type ProposedLengths,
} from './plan-defaults';
import type { PlanField, PlanForm } from './plan-form';

/** A plan's decisions as far as they could be read; a missing one was unreadable and has an issue. */
export interface PlanInputs extends Partial<
  Omit<Plan, 'format' | 'version' | 'thread' | 'dial' | 'roughingPasses' | 'largestInfeed'>
> {
  thread?: Thread;
  limits?: ThreadLimits;
  dialUnit: LengthUnit;
  dialGraduation?: Length;
  dialPerTurn?: Length;
  /** `suggested` when the form leaves the number to Oyakata. */
  roughingPasses?: number | 'suggested';
  /** `proposed` when the form leaves it to Oyakata. */
  largestInfeed?: Length | 'proposed';
}

export interface ReadPlanForm {
  inputs: PlanInputs;
  issues: FieldIssue[];
  /** How an unusual entry was understood, or what was taken for granted, by field. */
  notes: Partial<Record<PlanField, string>>;
  defaults: PlanDefaults | null;
  dialDefaults: Record<DialDefault, Length>;
}

/** Reads every field by itself. What fields say to each other is checked by `evaluatePlan`. */
export function readPlanForm(form: PlanForm): ReadPlanForm {
  const issues: FieldIssue[] = [];
  const notes: ReadPlanForm['notes'] = {};

  function keep<T>(result: Result<T>): T | undefined {
    if (result.ok) return result.value;
    issues.push(...result.issues);
    return undefined;
  }

  function length(field: PlanField, unit: LengthUnit, fallback?: Length): Length | undefined {
    if (form[field].trim() === '' && fallback !== undefined) return fallback;
    const read = keep(parseLength(field, form[field], unit));
    if (read === undefined) return undefined;
    if (read.note !== null) notes[field] = read.note;
    if (read.length.value > 0) return read.length;
    issues.push({ field, code: 'out-of-range', message: 'Type a length greater than 0.' });
    return undefined;
  }

  const { thread, limits } = readThread(form, keep, issues, notes);
  const defaults = thread !== undefined && limits !== undefined ? planDefaults(thread, limits) : null;
  const unit = thread?.unit ?? 'in';
  const dialUnit: LengthUnit = form.dialUnit === 'in' || form.dialUnit === 'mm' ? form.dialUnit : unit;
  /** Without a thread an empty field has nothing to fall back on, but that is the thread's fault, not the field's. */
  const threadLength = (field: PlanField & keyof ProposedLengths) =>
    form[field].trim() === '' && defaults === null ? undefined : length(field, unit, defaults?.[field]);

  const title = saidText(form.title);
  if (title === '')
    issues.push({
      field: 'title',
      code: 'required',
      message: 'Give the exercise a name, such as Clamp screw.',
    });

  const dialGraduation = length('dialGraduation', dialUnit, dialDefaults(dialUnit).dialGraduation);
  const dial = dialDefaults(dialUnit, dialGraduation);
  const dialLength = (field: DialDefault) => length(field, dialUnit, dial[field]);

  const inputs: PlanInputs = {
    title: title === '' ? undefined : title,
    thread,
    limits,
    blankDiameter: threadLength('blankDiameter'),
    tip: readTip(form, threadLength, issues),
    compoundAngleDeg:
      form.compoundAngle.trim() === ''
        ? defaults?.compoundAngleDeg
        : keep(parseAngleDeg('compoundAngle', form.compoundAngle, 0, 45)),
    swivelZero: readSwivelZero(form, issues),
    targetPitchDiameter: threadLength('targetPitchDiameter'),
    wireDiameter: threadLength('wireDiameter'),
    dialUnit,
    dialGraduation,
    dialPerTurn: dialLength('dialPerTurn'),
    scratchInfeed: dialLength('scratchInfeed'),
    roughingPasses:
      form.roughingPasses.trim() === ''
        ? 'suggested'
        : keep(parseWhole('roughingPasses', form.roughingPasses, 1, 60, 'the roughing passes')),
    largestInfeed: form.largestInfeed.trim() === '' ? 'proposed' : dialLength('largestInfeed'),
    finishingPasses: keep(parseWhole('finishingPasses', form.finishingPasses, 0, 10, 'the finishing passes')),
    finishingInfeed: dialLength('finishingInfeed'),
    springPasses: keep(parseWhole('springPasses', form.springPasses, 0, 6, 'the spring passes')),
    spindleSpeedRpm: keep(parseWhole('spindleSpeed', form.spindleSpeed, 5, 2000, 'the spindle speed in rpm')),
    runOutWidth: threadLength('runOutWidth'),
    marking: readMarking(form, keep, issues),
  };
  return { inputs, issues, notes, defaults, dialDefaults: dial };
}

type Keep = <T>(result: Result<T>) => T | undefined;

function readThread(form: PlanForm, keep: Keep, issues: FieldIssue[], notes: ReadPlanForm['notes']) {
  const read = keep(parseDesignation(form.thread));
  if (read === undefined) return {};
  const refused = refuseThread(read.thread);
  if (refused !== null) issues.push({ field: 'thread', code: 'unsupported', message: refused });
  if (read.assumed.length > 0)
    notes.thread = `${printDesignation(read.thread)}: ${read.assumed.join(', ')} taken for granted.`;
  return { thread: read.thread, limits: threadLimits(read.thread) };
}

function refuseThread(thread: Thread): string | null {
  if (thread.hand === 'left') return 'The plan cuts right-hand threads so far: leave out LH.';
  if (thread.starts > 1) return 'The plan cuts single-start threads so far: type one pitch, such as M20x2.5.';
  return null;
}

function readTip(
  form: PlanForm,
  length: (field: 'tipFlat' | 'tipRadius' | 'insertFrom' | 'insertTo') => Length | undefined,
  issues: FieldIssue[],
): PlanTip | undefined {
  if (form.tipKind === 'sharp') return { kind: 'sharp' };
  if (form.tipKind === 'flat') {
    const flat = length('tipFlat');
    return flat && { kind: 'flat', flat };
  }
  if (form.tipKind === 'radius') {
    const radius = length('tipRadius');
    return radius && { kind: 'radius', radius };
  }
  if (form.tipKind === 'insert') {
    const [radius, pitchFrom, pitchTo] = [length('tipRadius'), length('insertFrom'), length('insertTo')];
    return radius && pitchFrom && pitchTo && { kind: 'insert', radius, pitchFrom, pitchTo };
  }
  issues.push({
    field: 'tipKind',
    code: 'unreadable',
    message: 'Choose the tip: flat, radius, sharp or insert.',
  });
  return undefined;
}

function readSwivelZero(form: PlanForm, issues: FieldIssue[]): SwivelZero | undefined {
  if (form.swivelZero === 'cross-slide' || form.swivelZero === 'bed') return form.swivelZero;
  issues.push({
    field: 'swivelZero',
    code: 'unreadable',
    message: 'Choose where the swivel scale reads 0: along the cross slide, or along the bed.',
  });
  return undefined;
}

function readMarking(form: PlanForm, keep: Keep, issues: FieldIssue[]): MarkingScheme | undefined {
  const setUp = keep(parseWhole('markSetUp', form.markSetUp, 0, 100, 'the points'));
  const passes = keep(parseWhole('markPasses', form.markPasses, 0, 100, 'the points'));
  const result = keep(parseWhole('markResult', form.markResult, 0, 100, 'the points'));
  if (setUp === undefined || passes === undefined || result === undefined) return undefined;
  const sum = setUp + passes + result;
  if (sum === 100) return { setUp, passes, result };
  const right = 100 - setUp - passes;
  const wish = right >= 0 ? ` ${right} for the result would do.` : '';
  issues.push({
    field: 'markResult',
    code: 'conflict',
    message: `The three sections make ${sum}; they must make 100.${wish}`,
  });
  return undefined;
}
