import type { Entry } from '../entry/entry';
import { notLookedOver } from '../state/leading';
import { isDueBy } from '../state/step-due';
import type { SheetStep } from '../../sheet/sheet-step';
import type { Reason } from './advice';
import { proofState } from './proof-state';
import { NESTING, spareOf } from './size-now';
import { cutTo, isNestedUnknown, type Decision, type WorkAt } from './work-at';

/** Cuts of another device count, but whoever is at the lathe did not know of them. */
export function cameLate(entries: readonly Entry[]): Decision | null {
  return notLookedOver(entries).length === 0 ? null : { phase: 'blocked', because: ['late-entries'] };
}

/** Steps that are open, and what stands in the way. */
export function setUp({ prediction: { steps, blocks, cuts, stops, passes } }: WorkAt): Decision | null {
  // What was to be done before cutting is asked no more after the first cut.
  const isNow = (when: SheetStep['when']) =>
    (when === 'before-cutting') === (cuts.length === 0) && isDueBy(when, cuts, passes);
  const step = steps.find(
    (each) =>
      isNow(each.step.when) &&
      (each.verdict === 'open' ||
        (each.step.hold && !each.signed) ||
        (each.verdict === 'wrong' && each.step.critical)),
  );
  const held = stops.find(({ stop }) => blocks.some(({ of, id }) => of === 'stop' && id === stop.id));
  if (held !== undefined && held.state !== 'due')
    return { phase: 'blocked', because: ['open-hold'], expects: { do: 'sign', id: held.stop.id } };
  if (step === undefined) {
    const [block] = blocks.filter(({ of }) => of !== 'stop');
    if (block === undefined) return null;
    const because: Reason =
      block.kind === 'not-known' ? 'not-known-here' : block.kind === 'hold' ? 'open-hold' : 'wrong-step';
    return { phase: 'blocked', because: [because], expects: { do: 'step', id: block.id } };
  }
  const { id } = step.step;
  const toSign = step.step.kind === 'sign-off' || step.verdict !== 'open';
  if (toSign && step.step.hold && !step.signed && step.verdict !== 'wrong')
    return {
      phase: step.step.kind === 'sign-off' ? 'blocked' : 'set-up',
      because: ['open-hold'],
      expects: { do: 'sign', id },
    };
  if (step.verdict === 'wrong')
    return { phase: 'blocked', because: ['wrong-step'], expects: { do: 'step', id } };
  return { phase: 'set-up', because: ['open-step'], expects: { do: 'step', id } };
}

/** New zeros, and a pass at no infeed, come before everything that cuts. */
export function beforeAnyCut(work: WorkAt): Decision | null {
  return onlyToMend(work) ? null : zerosFirst(work);
}

/** What is asked before the tool may enter the groove again; null where it may. */
export function zerosFirst(work: WorkAt): Decision | null {
  const { segment, cuts, reading } = work.prediction;
  if (cuts.length === 0) return null;
  if (segment.wantsZero !== null) return { phase: 'zero', because: ['new-zero-asked'] };
  if (segment.wantsPassAtNoInfeed || nestedNearSize(work))
    return cutTo(work, reading.value, ['pass-at-no-infeed-asked']);
  return null;
}

/** Sent back with every proof right: what is to be done cuts no thread, as far as is known, and asks for no zero by itself. */
function onlyToMend({ sheet, live, prediction }: WorkAt): boolean {
  if (prediction.sentBack === null) return false;
  const { open, notRight } = proofState(sheet, live);
  return open.length === 0 && notRight.length === 0;
}

/** Zeros taken anew in the groove, how exactly nobody said, and no more metal left than a hand nests too deep. */
function nestedNearSize({ sheet, size, prediction }: WorkAt): boolean {
  return (
    isNestedUnknown(prediction) && size !== null && spareOf(sheet, size) < 4 * NESTING[sheet.thread.unit]
  );
}
