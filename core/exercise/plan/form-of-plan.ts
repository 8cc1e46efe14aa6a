import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { showInsertPitch } from '@/core/thread/tool/insert-pitch';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import {
  EMPTY_EVIDENCE,
  EMPTY_PLAN_FORM,
  EMPTY_ROW,
  EMPTY_STEP,
  EMPTY_STOP,
  type EvidenceForm,
  type PlanForm,
  type RowForm,
  type StepForm,
  type StopForm,
} from './draft';
import { holdChoice } from './hold-choice';
import type { StoredPlan } from './plan';
import type { SectionPoints } from './read/read-plan-form';
import { END_LENGTH_FIELD } from './read/read-work';

/** The form that says what a plan says: where a copy or an imported plan begins to be edited. */
export function formOfPlan(plan: StoredPlan, marking?: SectionPoints): PlanForm {
  const { thread, work, holding, tool, technique, infeed, proof, steps } = plan;
  const { end } = work;
  const endLength =
    end.kind === 'mark' ? end.imperfectLength : end.kind === 'through' ? end.standOff : end.width;
  return {
    ...EMPTY_PLAN_FORM,
    title: plan.title,
    thread: {
      designation: thread.designation,
      startsOrder: thread.startsOrder,
      startsBy: thread.startsBy ?? '',
    },
    work: {
      diameter: text(work.diameter),
      threadLength: text(work.threadLength),
      totalLength: text(work.totalLength),
      material: work.material ?? '',
      end: {
        ...EMPTY_PLAN_FORM.work.end,
        kind: end.kind,
        [end.kind === 'unknown' ? 'width' : END_LENGTH_FIELD[end.kind]]: text(endLength),
        room: text(end.room),
        diameter: text(end.diameter),
        reliefBy: end.reliefBy,
      },
      chamfer: { angle: figure(work.chamfer?.angleDeg), diameter: text(work.chamfer?.diameter ?? null) },
      register: {
        diameter: text(work.register?.diameter ?? null),
        length: text(work.register?.length ?? null),
        face: work.register?.seatsOnFace === true ? 'yes' : '',
        at: work.register?.at === 'mouth' ? 'mouth' : '',
        made: work.register?.made === 'after' ? 'after' : '',
      },
    },
    holding: { kind: holding.kind, stickOut: text(holding.stickOut) },
    tool: {
      tip: tipForm(tool.tip),
      material: tool.material ?? '',
      record: figure(tool.record),
      bar: { diameter: text(tool.bar?.diameter ?? null), reach: text(tool.bar?.reach ?? null) },
    },
    technique: {
      direction: technique.direction,
      drive: technique.drive,
      side: technique.side,
      clearing: technique.clearing,
      clearOrder: technique.clearOrder,
      markRule: technique.markRule,
      zeroBy: technique.zeroBy ?? '',
      endSeenBy: technique.endSeenBy ?? '',
      level: technique.level,
      reaction: technique.reactionSeconds === null ? '' : String(technique.reactionSeconds),
      speed: String(technique.spindleSpeedRpm),
      handLimit: technique.handLimit,
    },
    infeed: { way: infeed.way, angle: figure(infeed.compoundAngleDeg), side: infeed.compoundSide },
    schedule: scheduleForm(plan),
    proof: { target: text(proof.targetPitchDiameter), evidence: proof.evidence.map(evidenceForm) },
    steps: steps.map(stepForm),
    worksheet: {
      ...EMPTY_PLAN_FORM.worksheet,
      ...Object.fromEntries(plan.worksheet.asks.map((ask) => [ask, 'yes'])),
    },
    marking:
      marking === undefined
        ? EMPTY_PLAN_FORM.marking
        : {
            scheme: marking.scheme ?? '',
            worksheet: String(marking.worksheet ?? 0),
            setUp: String(marking.setUp),
            passes: String(marking.passes),
            result: String(marking.result),
            talk: String(marking.talk ?? 0),
          },
  };
}

const text = (length: Length | null) => (length === null ? '' : `${length.value} ${length.unit}`);
const figure = (value: number | null | undefined) =>
  value === null || value === undefined ? '' : String(value);
const yes = (value: boolean | null) => (value === null ? '' : value ? 'yes' : 'no');

/** A chip area in the unit of the thread, as the field takes it. */
function areaText(mm2: number, unit: LengthUnit): string {
  return String(roundTo(mm2 * lengthIn({ value: 1, unit: 'mm' }, unit) ** 2, 9));
}

/** The unit of the plan's thread, in which its fields are typed. */
function unitOf({ thread, work }: StoredPlan): LengthUnit {
  const read = parseDesignation(thread.designation);
  return read.ok ? read.value.thread.unit : work.diameter.unit;
}

function tipForm(tip: StoredPlan['tool']['tip']): PlanForm['tool']['tip'] {
  const pitch = (stored: typeof tip.pitchFrom) => {
    if (stored === null) return '';
    if (stored.threadsPerInch !== null)
      return showInsertPitch({ length: null, threadsPerInch: stored.threadsPerInch });
    return text(stored.length);
  };
  return {
    kind: tip.kind,
    flat: text(tip.flat),
    radius: text(tip.radius),
    pitchFrom: pitch(tip.pitchFrom),
    pitchTo: pitch(tip.pitchTo),
  };
}

function scheduleForm(plan: StoredPlan): PlanForm['schedule'] {
  const { schedule } = plan;
  const { asked, rows, school } = schedule;
  const cuts = rows.filter(({ what }) => what === 'cut' || what === 'repeat');
  const list = (lengths: (Length | null)[]) =>
    lengths
      .flatMap((length) => (length === null ? [] : [`${roundTo(length.value, 6)}${length.unit}`]))
      .join(' ');
  const repeat = rows.find(({ what }) => what === 'repeat');
  const byHand = school === 'own';
  // Rows that are proposed are made anew by the form: where one of them is not known, its school is not.
  const known = byHand || cuts.every(({ kind, drive }) => kind !== 'unknown' && drive !== 'unknown');
  return {
    ...EMPTY_PLAN_FORM.schedule,
    school: known ? school : 'unknown',
    scratch: text(asked.scratch),
    roughing: String(asked.roughing),
    largest: text(asked.largestInfeed),
    // A repeat of before small bites came: the same infeed throughout.
    second: text(asked.secondInfeed ?? (plan.schedule.school === 'until' ? asked.largestInfeed : null)),
    finishing: school === 'until' ? '' : String(asked.finishing),
    finishingInfeed: text(asked.finishingInfeed),
    spring: String(asked.spring),
    limits: {
      area: schedule.limits.chipArea === null ? '' : areaText(schedule.limits.chipArea, unitOf(plan)),
      leastChip: text(schedule.limits.leastChip),
      beforeTip: text(schedule.limits.mostBeforeTip),
      bending: text(schedule.limits.mostBending),
    },
    list:
      school === 'list' ? list(cuts.filter(({ kind }) => kind === 'rough').map(({ infeed }) => infeed)) : '',
    chart: school === 'chart' ? list(cuts.map(({ reading }) => reading)) : '',
    chartReads: school === 'chart' && cuts.some(({ measure }) => measure !== 'diameter') ? 'radius' : '',
    until: repeat?.check ?? '',
    atMost: figure(repeat?.atMost),
    rows: byHand ? rows.map(rowForm) : [],
    stops: byHand ? [] : stopsForm(rows),
  };
}

function rowForm({
  what,
  kind,
  infeed,
  check,
  drive,
  hold,
  helper,
}: StoredPlan['schedule']['rows'][number]): RowForm {
  const cut = what === 'cut' || what === 'repeat';
  return {
    ...EMPTY_ROW,
    what: cut ? 'cut' : 'stop',
    kind: kind ?? '',
    infeed: cut ? text(infeed) : '',
    check: check ?? '',
    drive: drive ?? '',
    hold: holdChoice({ hold, helper }),
  };
}

function stopsForm(rows: StoredPlan['schedule']['rows']): StopForm[] {
  let after = 0;
  return rows.flatMap(({ what, check, onward, hold, helper }): StopForm[] => {
    if (what === 'cut' || what === 'repeat') {
      after += 1;
      return [];
    }
    const flags = { onward: onward ? 'yes' : '', hold: holdChoice({ hold, helper }) };
    return [{ ...EMPTY_STOP, check: check ?? '', after: String(after), ...flags }];
  });
}

function evidenceForm(each: StoredPlan['proof']['evidence'][number]): EvidenceForm {
  return {
    ...EMPTY_EVIDENCE,
    kind: each.kind,
    wire: text(each.wire),
    record: figure(each.record),
    gauge: each.gauge ?? '',
    nut: each.gaugeKnown ? (each.gaugeClass ?? text(each.gaugeSize)) : '?',
    nutUncertainty: text(each.gaugeUncertainty),
    places: each.places.length === 3 ? '' : each.places.join(' '),
    weight: String(each.weight),
    wanted: each.answersWanted.join(' '),
    bothEnds: each.bothEnds ? 'yes' : '',
    toShoulder: each.toShoulder ? 'yes' : '',
    least: text(each.least),
    most: text(each.most),
    fromReading: text(each.fromReading),
  };
}

function stepForm(step: StoredPlan['steps'][number]): StepForm {
  return {
    ...EMPTY_STEP,
    id: step.id,
    title: step.title ?? '',
    instruction: step.instruction ?? '',
    group: step.group ?? '',
    evidence: step.evidence ?? '',
    choices: step.choices.join('; '),
    times: figure(step.times),
    unit: step.value?.unit ?? '',
    least: figure(step.value?.least ?? null),
    most: figure(step.value?.most ?? null),
    expected: step.expected ?? '',
    critical: yes(step.critical),
    hold: step.helper ? 'helper' : yes(step.hold),
    weight: figure(step.weight),
    on: step.on ? '' : 'no',
  };
}
