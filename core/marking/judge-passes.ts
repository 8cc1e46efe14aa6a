import type { AttemptProgress, EntryOf } from '../attempt';
import type { DerivedPlan } from '../plan';
import { formatLengthWithUnit, lengthIn } from '../units';
import type { Judgement } from './mark-line';

/** Conduct of the passes: schedule, largest infeed, no reversal, spring passes. */
export function judgePasses(derived: DerivedPlan, progress: AttemptProgress): Judgement[] {
  const { cut } = progress;
  if (cut.length === 0) {
    return [
      {
        id: 'passes:none',
        title: 'Passes',
        weight: 1,
        share: 0,
        reason: 'No pass is recorded.',
        evidence: [],
      },
    ];
  }
  return [schedule(derived, cut), infeed(derived, cut), reversal(cut), springs(derived, cut)];
}

type Cut = readonly EntryOf<'pass'>[];

/** Share of the feeding passes read within one graduation of the plan. */
function schedule(derived: DerivedPlan, cut: Cut): Judgement {
  const graduation = derived.plan.dial.graduation.value;
  const planned = derived.passes.filter((pass) => pass.kind !== 'spring');
  const feeding = cut.filter((entry) => planned.some((pass) => pass.n === entry.content.plannedPass));
  const off = feeding.filter((entry) => {
    const plan = planned.find((pass) => pass.n === entry.content.plannedPass);
    return Math.abs(entry.content.reading - (plan?.dialReading.value ?? 0)) > graduation + 1e-9;
  });
  const kept = feeding.length - off.length;
  return {
    id: 'passes:schedule',
    title: 'Schedule kept',
    weight: 10,
    share: feeding.length === 0 ? 0 : kept / feeding.length,
    reason: `${kept} of ${feeding.length} feeding passes within one graduation of the plan.`,
    evidence: off.map((entry) => entry.id),
  };
}

function infeed(derived: DerivedPlan, cut: Cut): Judgement {
  const { largestInfeed, dial } = derived.plan;
  const unit = dial.graduation.unit;
  const limit = lengthIn(largestInfeed, unit) + dial.graduation.value;
  let worst = { step: 0, id: '' };
  cut.forEach((entry, index) => {
    const step = entry.content.reading - (cut[index - 1]?.content.reading ?? 0);
    if (step > worst.step) worst = { step, id: entry.id };
  });
  const good = worst.step <= limit + 1e-9;
  const show = (value: number) => formatLengthWithUnit({ value, unit });
  return {
    id: 'passes:infeed',
    title: 'Largest infeed',
    weight: 7,
    share: good ? 1 : 0,
    reason: `Largest infeed ${show(worst.step)}; the plan allows ${formatLengthWithUnit(largestInfeed, unit)}${good ? '' : ' and a graduation'}.`,
    evidence: worst.id === '' ? [] : [worst.id],
  };
}

function reversal(cut: Cut): Judgement {
  const back = cut.filter(
    (entry, index) => entry.content.reading < (cut[index - 1]?.content.reading ?? 0) - 1e-9,
  );
  return {
    id: 'passes:reversal',
    title: 'Compound never backed off',
    weight: 5,
    share: back.length === 0 ? 1 : 0,
    reason:
      back.length === 0
        ? 'Readings only go in.'
        : `Backed off ${back.length === 1 ? 'once' : `${back.length} times`}: backlash makes the next depth uncertain.`,
    evidence: back.map((entry) => entry.id),
  };
}

/** A spring pass is any pass at the reading of the one before it. */
function springs(derived: DerivedPlan, cut: Cut): Judgement {
  const wanted = derived.plan.springPasses;
  const taken = cut.filter(
    (entry, index) =>
      index > 0 && Math.abs(entry.content.reading - (cut[index - 1]?.content.reading ?? 0)) < 1e-9,
  );
  return {
    id: 'passes:spring',
    title: 'Spring passes',
    weight: 8,
    share: wanted === 0 ? 1 : Math.min(1, taken.length / wanted),
    reason: wanted === 0 ? 'The plan asks for none.' : `${taken.length} taken, ${wanted} planned.`,
    evidence: taken.map((entry) => entry.id),
  };
}
