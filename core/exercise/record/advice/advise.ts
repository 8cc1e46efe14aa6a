import type { Sheet } from '../../sheet/sheet';
import type { Entry } from '../entry/entry';
import { inOrderOfWork } from '../state/leading';
import { predict, type Prediction } from '../state/predict';
import type { Advice } from './advice';
import { dueStop, saidNo } from './at-a-stop';
import { atTheEnd } from './at-the-end';
import { beforeAnyCut, cameLate, setUp, zerosFirst } from './before-cutting';
import { byGauge } from './by-gauge';
import { byMeasurement } from './by-measurement';
import { byTrial } from './by-trial';
import { nextRow } from './next-row';
import { proofState } from './proof-state';
import { catchUp, otherStarts } from './several-starts';
import { asAdvice, workAt, type Decision, type WorkAt } from './work-at';

/**
 * The one thing to do now, by sheet and record alone: desk, bench, floor and `calc next` read it. What stands in the way
 * comes first, then what is due, then what was found of the size, then the next row.
 */
export function adviseOn(
  sheet: Sheet,
  entries: readonly Entry[],
  prediction: Prediction = predict(sheet, entries),
): Advice {
  const live = inOrderOfWork(entries);
  const work = workAt(live, prediction);
  const { open } = proofState(sheet, live);
  const decision =
    handedIn(work) ??
    sentBack(work) ??
    cameLate(entries) ??
    setUp(work) ??
    beforeAnyCut(work) ??
    saidNo(work) ??
    dueStop(work) ??
    otherStarts(work) ??
    byMeasurement(work) ??
    byTrial(work) ??
    byGauge(work) ??
    nextRow(work) ??
    null;
  const settled =
    decision === null || decision.phase === 'enough'
      ? (catchUp(work) ?? atTheEnd(work, decision ?? undefined))
      : decision;
  return asAdvice(
    work,
    // Whatever leads to a cut: where the piece was taken out its zeros come first.
    settled.cut === undefined ? settled : (zerosFirst(work) ?? settled),
    open.map(({ id }) => id),
  );
}

function handedIn({ prediction }: WorkAt): Decision | null {
  return prediction.ended === null ? null : { phase: 'ended', because: ['handed-in'] };
}

/** Until whoever cuts it has seen what is to be done, nothing else is said. */
function sentBack({ prediction }: WorkAt): Decision | null {
  return prediction.sentBack === null || prediction.sentBack.seen
    ? null
    : { phase: 'sent-back', because: ['piece-sent-back'] };
}

/** The stop that is asked for now; null where something else comes first, such as another start that is to be as deep. */
export const dueNow = ({ due }: Prediction, { because }: Pick<Advice, 'because'>): Prediction['due'] =>
  because[0] === 'stop-due' ? due : null;
