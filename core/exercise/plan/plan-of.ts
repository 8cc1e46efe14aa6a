import { slideOf } from '@/core/machine/technique/slide-of';
import { printDesignation } from '@/core/thread/standards/print-designation';
import { roundTo } from '@/core/base/units/round';
import type { Length } from '@/core/base/units/length';
import { stopData } from '@/core/machine/stops/stops';
import type { Plan, PlanRow, PlanTip } from './plan';
import type { PlanEvaluation } from './plan-evaluation';
import type { PlanInputs } from './read/read-plan-form';
import type { TipInput } from './read/read-tip';

/** The plan of inputs that have no issue; null while one of them is missing. */
export function planOf(inputs: PlanInputs, evaluation: PlanEvaluation): Plan | null {
  const { title, thread, chosen, work, blankDiameter, endLength, tip, compoundAngleDeg } = inputs;
  const { targetPitchDiameter, wireDiameter, evidence, schedule, steps, spindleSpeedRpm, marking } = inputs;
  const { asked, rows, school } = evaluation;
  if (
    title === undefined ||
    thread === undefined ||
    chosen === undefined ||
    work === undefined ||
    blankDiameter === undefined ||
    endLength === undefined ||
    tip === undefined ||
    compoundAngleDeg === undefined ||
    targetPitchDiameter === undefined ||
    wireDiameter === undefined ||
    evidence === undefined ||
    schedule === undefined ||
    steps === undefined ||
    spindleSpeedRpm === undefined ||
    marking === undefined ||
    asked?.scratch == null ||
    asked.largest === null ||
    asked.finishing === null ||
    asked.finishingInfeed === null ||
    asked.spring === null ||
    rows === null ||
    school === null
  ) {
    return null;
  }
  const { way } = chosen;
  const count = (wanted: string) => rows.filter(({ kind }) => kind === wanted).length;
  const { unit } = thread;
  const given = (length: Length | null | undefined): Length | null => length ?? null;
  const only = (kinds: readonly string[], length: Length): Length | null =>
    kinds.includes(way.end) ? length : null;
  const { chamfer, register } = work;
  return {
    format: 'oyakata-plan',
    version: 9,
    title,
    thread: {
      designation: printDesignation(thread),
      hand: thread.hand,
      starts: thread.starts,
      startsOrder: inputs.startsOrder,
      startsBy: chosen.startsBy,
    },
    work: {
      diameter: blankDiameter,
      end: {
        kind: way.end,
        width: only(['groove', 'recess', 'boss'], endLength),
        diameter: given(work.reliefDiameter),
        reliefBy: work.reliefBy,
        imperfectLength: only(['mark'], endLength),
        standOff: only(['through'], endLength),
        room: given(work.room),
      },
      threadLength: given(work.threadLength),
      totalLength: given(work.totalLength),
      chamfer: chamfer.angleDeg === null && chamfer.diameter === null ? null : chamfer,
      register: register.diameter === null && register.length === null ? null : register,
      material: work.material,
    },
    holding: { kind: way.holding, stickOut: given(work.stickOut) },
    tool: {
      tip: storedTip(tip),
      material: work.toolMaterial,
      bar:
        work.bar.diameter == null && work.bar.reach == null
          ? null
          : { diameter: given(work.bar.diameter), reach: given(work.bar.reach) },
      // Last, as the lift of older plans puts it: a plan that did not change is found to be the same.
      record: work.toolRecord,
    },
    technique: {
      direction: way.direction,
      drive: way.drive,
      side: way.toolSide,
      clearing: way.clearing,
      clearOrder: way.clearOrder,
      markRule: way.markRule,
      zeroBy: chosen.zeroBy,
      endSeenBy: chosen.endSeenBy,
      spindleSpeedRpm,
      level: chosen.level,
      reactionSeconds: chosen.reactionSeconds,
      handLimit: chosen.handLimit,
    },
    infeed: { way: way.infeed, compoundAngleDeg, compoundSide: way.compoundSide },
    schedule: {
      school,
      asked: {
        scratch: asked.scratch,
        roughing: count('rough'),
        largestInfeed: asked.largest,
        secondInfeed: school === 'two-thirds' || school === 'until' ? asked.second : null,
        finishing: count('finish'),
        finishingInfeed: asked.finishingInfeed,
        spring: count('spring'),
      },
      limits: {
        chipArea: schedule.limits.areaMm2 ?? null,
        leastChip: given(schedule.limits.leastChip),
        mostBeforeTip: given(schedule.limits.beforeTip),
        mostBending: given(schedule.limits.bending),
      },
      rows: storedRows(inputs, evaluation, unit),
    },
    proof: {
      targetPitchDiameter,
      evidence: evidence.map(({ record, ...each }, index) => ({
        ...each,
        wire: each.kind === 'wires' ? (each.wire ?? wireDiameter) : null,
        decides: index === 0,
        record,
      })),
    },
    worksheet: { asks: inputs.worksheet },
    steps,
  };
}

/** Cuts and stops in one ordered list. A cut of a repeat names the check that ends it, and how often it is taken at most. */
function storedRows(
  { chosen, schedule }: PlanInputs,
  { rows, stops }: PlanEvaluation,
  unit: 'in' | 'mm',
): PlanRow[] {
  if (chosen === undefined || schedule === undefined || rows === null) return [];
  const diameter = schedule.school === 'chart' && schedule.chartReads === 'diameter';
  const slide = slideOf(chosen.way.infeed);
  const share = diameter ? 2 : 1;
  const length = (value: number): Length => ({ value: roundTo(share * value, 9), unit });
  const base = {
    slide,
    measure:
      slide === 'compound' ? ('feed' as const) : diameter ? ('diameter' as const) : ('radial' as const),
    check: null,
    atMost: null,
    drive: null,
    start: null,
    onward: false,
    hold: false,
    helper: false,
  };
  const repeats = schedule.school === 'until';
  const list: PlanRow[] = [];
  const stopsAfter = (after: number) =>
    stops
      .filter((stop) => stop.after === after)
      .forEach(({ check, onward, hold, helper }) =>
        list.push({
          ...base,
          what: stopData(check)?.what ?? 'check',
          kind: null,
          infeed: null,
          reading: null,
          check,
          onward,
          hold,
          helper,
        }),
      );
  rows.forEach(({ kind, infeed, reading, drive = null }, index) => {
    const repeated = repeats && (kind === 'rough' || kind === 'finish');
    list.push({
      ...base,
      what: repeated ? 'repeat' : 'cut',
      kind,
      infeed: length(infeed),
      reading: length(reading),
      check: repeated ? schedule.until : null,
      atMost: repeated ? (schedule.atMost ?? rows.filter((each) => each.kind !== 'scratch').length) : null,
      drive,
    });
    stopsAfter(index + 1);
  });
  return list;
}

function storedTip(tip: TipInput): PlanTip {
  return {
    kind: tip.kind,
    flat: tip.kind === 'flat' ? tip.flat : null,
    radius: tip.kind === 'radius' || tip.kind === 'insert' ? tip.radius : null,
    pitchFrom: tip.kind === 'insert' ? tip.pitchFrom : null,
    pitchTo: tip.kind === 'insert' ? tip.pitchTo : null,
  };
}
