import type { Sheet } from '../../sheet/sheet';
import { adviseOn } from '../advice/advise';
import type { Advice, Phase, Reason } from '../advice/advice';
import { isKind, type Entry } from '../entry/entry';
import { standsOnMachine } from '../entry/stands-on-machine';
import { predict, type Prediction } from '../state/predict';

/** What a step of an earlier try was recorded with, where it was right and may still stand on the machine. */
export interface StoodBefore {
  stepId: string;
  value: number | null;
  choice: string | null;
  count: number | null;
}

/** What the try before has to say to this one. */
export interface EarlierTry {
  tryNumber: number;
  /** How it ended, as whoever cut it saw it; null: it was not handed in. */
  how: 'accepted' | 'scrapped' | 'given-up' | null;
  cause: string;
  /** What the next try was to change. */
  change: string;
  /** What stood in the way at its end; null: nothing, or nobody knows. */
  fault: Reason | null;
  /** On the same lathe: what may still stand there. */
  steps: StoodBefore[];
}

const FAULTY: readonly Phase[] = ['stop', 'past-saving'];

const faultOf = ({ phase, because }: Advice): Reason | null =>
  FAULTY.includes(phase) ? (because[0] ?? null) : null;

/**
 * @param sheet the sheet that the earlier try followed
 * @param sameLathe whether this try follows the same one
 */
export function earlierTry(
  tryNumber: number,
  sheet: Sheet,
  entries: readonly Entry[],
  sameLathe: boolean,
): EarlierTry {
  const ended = entries.findLast(isKind('hand-in'))?.content;
  const work = entries.filter((entry) => !isKind('hand-in')(entry));
  const { how = null, cause = '', change = '' } = ended ?? {};
  const steps = sameLathe ? predict(sheet, work).steps.flatMap(stoodRight) : [];
  return { tryNumber, how, cause, change, fault: faultOf(adviseOn(sheet, work)), steps };
}

function stoodRight({ entry, verdict }: Prediction['steps'][number]): StoodBefore[] {
  if (entry === null || !isKind('step')(entry) || (verdict !== 'right' && verdict !== 'done')) return [];
  const { stepId, value, choice, count } = entry.content;
  return standsOnMachine(stepId) ? [{ stepId, value, choice, count }] : [];
}

/** The same stands in the way again as at the end of the try before. */
export const comesAgain = (earlier: EarlierTry, advice: Advice): boolean =>
  earlier.fault !== null && faultOf(advice) === earlier.fault;

/** Nobody said what to change after a try that came to nothing: what stands on the machine is read first. */
export function readFirst(earlier: EarlierTry | null, { steps, cuts }: Prediction): string | null {
  if (earlier === null || earlier.how === null || earlier.how === 'accepted' || earlier.change !== '')
    return null;
  if (cuts.length > 0) return null;
  const stood = new Set(earlier.steps.map(({ stepId }) => stepId));
  return steps.find(({ step, verdict }) => verdict === 'open' && stood.has(step.id))?.step.id ?? null;
}
