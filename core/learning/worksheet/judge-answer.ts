import { recogniseSlip } from '../slip/recognise-slip';
import { hintOf } from '../slip/slip-hints';
import type { SlipCase } from '../slip/slip-case';
import type { SlipId } from '../slip/slips';
import { parseFigures } from '@/core/base/units/parse-length';
import { isSlipQuantity } from './asks';
import type { WorksheetQuestion } from './question';

/** How an answer fared. */
export interface Judged {
  right: boolean;
  /** The slip that a wrong figure shows; null: none is recognised, or none is sought. */
  slip: SlipId | 'minutes-for-seconds' | null;
  /** What is said of a wrong answer: it names the slip and never the number. Empty when it is right. */
  says: string;
}

const RIGHT: Judged = { right: true, slip: null, says: '' };
const NOT_EXPLAINED = 'Not right. No known slip gives this: go through it again from what is given.';
/** Slack for the binary last digit only. */
const SLACK = 1e-9;

/** Several options as one text: how an answer of that kind is sent and kept. */
export const joinedOptions = (options: readonly string[]): string => options.join('; ');
const partedOptions = (answer: string): string[] =>
  answer
    .split(';')
    .map((each) => each.trim())
    .filter((each) => each !== '');

/** Whether an answer can be read at all, and what it says; an unreadable one is no try. */
export function readAnswer(
  { kind, options }: Pick<WorksheetQuestion, 'kind' | 'options'>,
  answer: string,
): string | null {
  if (kind === 'figure') {
    const read = parseFigures('answer', answer);
    return read.ok ? null : (read.issues[0]?.message ?? 'Type a figure.');
  }
  const chosen = partedOptions(answer);
  if (chosen.some((each) => !options.includes(each)) || new Set(chosen).size !== chosen.length)
    return 'Choose from what is offered.';
  if (kind === 'order' && chosen.length !== options.length) return 'Put all of them in order.';
  return chosen.length === 0 ? 'Choose at least one.' : null;
}

/**
 * Judges an answer against what the sheet holds to be right, and names the slip where the answer shows one.
 * @param slipCase what the figures follow from; null where it is not known any more, then no slip is sought
 */
export function judgeAnswer(question: WorksheetQuestion, slipCase: SlipCase | null, answer: string): Judged {
  if (readAnswer(question, answer) !== null)
    return { right: false, slip: null, says: 'This can not be read.' };
  switch (question.kind) {
    case 'figure':
      return judgeFigure(question, slipCase, answer);
    case 'marks':
      return judgeMarks(question, partedOptions(answer));
    case 'order':
      return judgeOrder(question, partedOptions(answer));
    case 'safe':
      return judgeSafe(question, partedOptions(answer));
  }
}

function judgeFigure(
  { id, expected, tolerance }: WorksheetQuestion,
  slipCase: SlipCase | null,
  answer: string,
): Judged {
  const read = parseFigures('answer', answer);
  if (!read.ok || expected === null) return { right: false, slip: null, says: NOT_EXPLAINED };
  const { value } = read;
  if (Math.abs(value - expected) <= tolerance + SLACK) return RIGHT;
  if (id === 'spindleSpeed')
    return Math.abs(value * 60 - expected) <= tolerance + SLACK
      ? {
          right: false,
          slip: 'minutes-for-seconds',
          says: 'This is turns in a second. The speed is said in turns a minute.',
        }
      : {
          right: false,
          slip: null,
          says:
            value > expected
              ? 'At this speed the hand has less time than it needs: count with the usable width, not the whole groove.'
              : 'Right on the safe side, but lower than it need be: look for a factor left out.',
        };
  const slip =
    slipCase === null || !isSlipQuantity(id)
      ? undefined
      : recogniseSlip(slipCase, id, value, tolerance)?.slips[0];
  return slip === undefined
    ? { right: false, slip: null, says: NOT_EXPLAINED }
    : { right: false, slip: slip.id, says: hintOf(slip) };
}

function judgeMarks({ wanted }: WorksheetQuestion, chosen: readonly string[]): Judged {
  const wrong = chosen.filter((each) => !wanted.includes(each)).length;
  const missing = wanted.filter((each) => !chosen.includes(each)).length;
  if (wrong === 0 && missing === 0) return RIGHT;
  return {
    right: false,
    slip: null,
    says:
      wrong > 0
        ? 'At one of these the carriage does not stand a whole number of leads further on: a second groove.'
        : 'All of these are safe, but they are not all: which others stand a whole number of leads further on?',
  };
}

function judgeOrder({ before }: WorksheetQuestion, order: readonly string[]): Judged {
  const broken = before.find(({ first, then }) => {
    const [at, after] = [order.indexOf(first), order.indexOf(then)];
    return at >= 0 && after >= 0 && at > after;
  });
  return broken === undefined ? RIGHT : { right: false, slip: null, says: broken.why };
}

function judgeSafe({ options, wanted, before }: WorksheetQuestion, chosen: readonly string[]): Judged {
  const wrong = options.find((each) => chosen.includes(each) !== wanted.includes(each));
  if (wrong === undefined) return RIGHT;
  const hint = before.find(({ first }) => first === wrong)?.why;
  return { right: false, slip: null, says: hint ?? 'One of them is not what keeps you safe.' };
}
