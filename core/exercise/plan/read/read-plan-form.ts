import { parseCompoundAngle } from '@/core/thread/compound/parse-compound-angle';
import type { FieldIssue, Result } from '@/core/base/errors/field-issue';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { threadLimits } from '@/core/thread/standards/limits';
import type { Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import { parseLength, parseWhole } from '@/core/base/units/parse-length';
import { saidText } from '@/core/base/documents/visible-text';
import type { Length } from '@/core/base/units/length';
import { WORKSHEET_ASKS, type WorksheetAsk } from '@/core/learning/worksheet/asks';
import { leafOf, type PlanField, type PlanForm } from '../draft';
import { SCHEME_STARTS, START_ORDERS, type SchemeStart } from '../plan-names';
import type { PlanStep } from '../plan';
import {
  USUAL_SPEED_RPM,
  infeedDefaults,
  planDefaults,
  type InfeedDefault,
  type PlanDefaults,
} from '../plan-defaults';
import { readChoice } from './read-choice';
import { readProof, type EvidenceInput } from './read-proof';
import { readSchedule, type ScheduleInput } from './read-schedule';
import { readSteps } from './read-steps';
import { readTip, type TipInput } from './read-tip';
import { readWay, type WayInput } from './read-way';
import { END_LENGTH_FIELD, readWork, type WorkInput } from './read-work';
import { remember } from '../remember';

/** The scheme of a plan, and the points of its sections; they sum to 100. */
export interface SectionPoints {
  /** Left out: the usual one. */
  scheme?: SchemeStart;
  /** None where nothing is asked before the lathe, and in plans of earlier releases. */
  worksheet?: number;
  setUp: number;
  passes: number;
  result: number;
  /** Questions and help; left out where the scheme has no such section. */
  talk?: number;
}

/** A plan's decisions as far as they could be read; a missing one was unreadable and has an issue. */
export interface PlanInputs {
  title?: string | undefined;
  thread?: Thread | undefined;
  limits?: ThreadLimits | undefined;
  startsOrder: (typeof START_ORDERS)[number];
  /** The choices of technique, holding and end; undefined without a thread. */
  chosen?: WayInput | undefined;
  work?: WorkInput | undefined;
  blankDiameter?: Length | undefined;
  /** Of the end that is chosen: width of the groove, length of the boss, stand-off, or imperfect length. */
  endLength?: Length | undefined;
  tip?: TipInput | undefined;
  compoundAngleDeg?: number | undefined;
  targetPitchDiameter?: Length | undefined;
  wireDiameter?: Length | undefined;
  evidence?: EvidenceInput[] | undefined;
  schedule?: ScheduleInput | undefined;
  worksheet: WorksheetAsk[];
  steps?: PlanStep[] | undefined;
  spindleSpeedRpm?: number | undefined;
  marking?: SectionPoints | undefined;
}

export interface ReadPlanForm {
  inputs: PlanInputs;
  issues: FieldIssue[];
  /** How an unusual entry was understood, or what was taken for granted, by field. */
  notes: Partial<Record<PlanField, string>>;
  defaults: PlanDefaults | null;
  infeedDefaults: Record<InfeedDefault, Length>;
}

type Keep = <T>(result: Result<T>) => T | undefined;

/** Fields of lengths that follow from the thread where they are empty. */
const PROPOSED = {
  'work.diameter': 'blankDiameter',
  'work.end.width': 'runOutWidth',
  'work.end.boss': 'runOutWidth',
  'work.end.standOff': 'standOff',
  'work.end.imperfect': 'imperfectLength',
  'tool.tip.flat': 'tipFlat',
  'tool.tip.radius': 'tipRadius',
  'proof.target': 'targetPitchDiameter',
} as const;

const limitsOf = remember(threadLimits);
const defaultsOf = remember(planDefaults);
const designationOf = remember((text: string) => parseDesignation(text, 'thread.designation'));

/** Reads every field by itself. What fields say to each other is checked by `evaluatePlan`. */
export function readPlanForm(form: PlanForm, lathe: Lathe): ReadPlanForm {
  const issues: FieldIssue[] = [];
  const notes: ReadPlanForm['notes'] = {};
  const text = (field: PlanField) => leafOf(form, field);
  const isEmpty = (field: PlanField) => text(field).trim() === '';
  const keep: Keep = (result) => {
    if (result.ok) return result.value;
    issues.push(...result.issues);
    return undefined;
  };

  const read = keep(designationOf(text('thread.designation')));
  if (read !== undefined && read.assumed.length > 0)
    notes['thread.designation'] =
      `${printDesignation(read.thread)}: ${read.assumed.join(', ')} taken for granted.`;
  const thread = read?.thread;
  const limits = thread && limitsOf(thread);
  const defaults = thread !== undefined && limits !== undefined ? defaultsOf(thread, limits) : null;
  const unit = thread?.unit ?? 'in';
  const infeeds = infeedDefaults(unit);

  function length(field: PlanField, fallback?: Length): Length | undefined {
    if (isEmpty(field) && fallback !== undefined) return fallback;
    const typed = keep(parseLength(field, text(field), unit));
    if (typed === undefined) return undefined;
    if (typed.note !== null) notes[field] = typed.note;
    if (typed.length.value > 0) return typed.length;
    issues.push({ field, code: 'out-of-range', message: 'Type a length greater than 0.' });
    return undefined;
  }
  /** Without a thread an empty field has nothing to fall back on, but that is the thread's fault, not the field's. */
  const threadLength = (field: keyof typeof PROPOSED, proposed?: Length) =>
    isEmpty(field) && defaults === null ? undefined : length(field, proposed ?? defaults?.[PROPOSED[field]]);
  const whole = (field: PlanField, min: number, max: number, what: string) =>
    keep(parseWhole(field, text(field), min, max, what));

  const title = saidText(form.title);
  if (title === '')
    issues.push({
      field: 'title',
      code: 'required',
      message: 'Give the exercise a name, such as Clamp screw.',
    });

  const chosen = thread && readWay(form, thread, issues);
  const evidence = thread && readProof(form, thread, issues);
  const inputs: PlanInputs = {
    title: title === '' ? undefined : title,
    thread,
    limits,
    startsOrder:
      readChoice(form, 'thread.startsOrder', START_ORDERS, (thread?.starts ?? 1) > 1 ? issues : null) ??
      'start-by-start',
    chosen,
    work: readWork(form, unit, issues),
    blankDiameter: threadLength('work.diameter'),
    endLength: threadLength(`work.end.${END_LENGTH_FIELD[chosen?.way.end ?? 'groove']}`),
    tip: readTip(form, unit, defaults, threadLength, keep, issues, notes),
    compoundAngleDeg: readAngle(),
    targetPitchDiameter: threadLength('proof.target'),
    wireDiameter: evidence?.find(({ kind }) => kind === 'wires')?.wire ?? defaults?.wireDiameter,
    evidence,
    schedule: readSchedule(form, unit, issues, notes),
    worksheet: WORKSHEET_ASKS.filter((ask) => form.worksheet[ask] === 'yes'),
    steps: readSteps(form, unit, issues),
    spindleSpeedRpm: isEmpty('technique.speed')
      ? USUAL_SPEED_RPM
      : whole('technique.speed', 5, 2000, 'the spindle speed in rpm'),
    marking: readMarking(form, keep, issues),
  };
  return { inputs, issues, notes, defaults, infeedDefaults: infeeds };

  function readAngle(): number | undefined {
    if (isEmpty('infeed.angle')) return defaults?.compoundAngleDeg;
    const angle = keep(
      parseCompoundAngle('infeed.angle', text('infeed.angle'), lathe.compound.swivel.zeroAlong),
    );
    if (angle !== undefined && angle.note !== null) notes['infeed.angle'] = angle.note;
    return angle?.angleDeg;
  }
}

function readMarking(form: PlanForm, keep: Keep, issues: FieldIssue[]): SectionPoints | undefined {
  const points = (field: 'worksheet' | 'setUp' | 'passes' | 'result' | 'talk') =>
    keep(parseWhole(`marking.${field}`, form.marking[field], 0, 100, 'the points'));
  const typed = form.marking.scheme.trim();
  const scheme = SCHEME_STARTS.find((each) => each === typed);
  if (typed !== '' && scheme === undefined) {
    issues.push({ field: 'marking.scheme', code: 'unreadable', message: 'Choose one of the schemes.' });
    return undefined;
  }
  // Without a worksheet its points are neither asked nor counted; what was typed stays.
  const asked = WORKSHEET_ASKS.some((ask) => form.worksheet[ask] === 'yes');
  const worksheet = asked ? points('worksheet') : 0;
  const [setUp, passes, result] = [points('setUp'), points('passes'), points('result')];
  const talk = form.marking.talk.trim() === '' ? 0 : points('talk');
  if (
    worksheet === undefined ||
    setUp === undefined ||
    passes === undefined ||
    result === undefined ||
    talk === undefined
  )
    return undefined;
  const sum = worksheet + setUp + passes + result + talk;
  if (sum === 100)
    return {
      ...(scheme === undefined ? {} : { scheme }),
      ...(asked ? { worksheet } : {}),
      setUp,
      passes,
      result,
      ...(talk > 0 ? { talk } : {}),
    };
  const right = 100 - worksheet - setUp - passes - talk;
  const wish = right >= 0 ? ` ${right} for the result would do.` : '';
  issues.push({
    field: 'marking.result',
    code: 'conflict',
    message: `The sections make ${sum}; they must make 100.${wish}`,
  });
  return undefined;
}
