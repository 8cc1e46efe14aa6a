import { capital, inSentence } from '@/core/measuring/gauging/measuring-words';
import { shownOnSheet } from '../../sheet/shown-on-sheet';
import { showExpected } from '../../sheet/show-value';
import type { Sheet } from '../../sheet/sheet';
import type { Entry } from '../entry/entry';
import type { Block } from '../entry/block';
import { adviceSentence, adviceTitle, whyThisCut } from '../advice/advice-sentence';
import { adviseOn, dueNow } from '../advice/advise';
import { notLookedOver } from '../state/leading';
import { predict } from '../state/predict';
import { presentOf } from './present';
import type { WorksheetShown } from '../state/worksheet-progress';

/** What a student does next, in words and figures: what the bench shows before anything is touched. */
export interface NextAtBench {
  kind:
    | 'lathe'
    | 'worksheet'
    | 'step'
    | 'set-up-page'
    | 'blocked'
    | 'stop'
    | 'pass'
    | 'prove'
    | 'look'
    | 'hand-in'
    | 'waits';
  title: string;
  /** The figure that counts, with its unit and what it is; null without one. */
  figure: { label: string; value: string; unit: string } | null;
  says: string | null;
  /** A hazard that applies here. */
  caution: string | null;
}

const next = (kind: NextAtBench['kind'], title: string, more: Partial<NextAtBench> = {}): NextAtBench => ({
  kind,
  title,
  figure: null,
  says: null,
  caution: null,
  ...more,
});

/**
 * What is next in a record, as the student may see it.
 * @param sheet the sheet as it is shown to the student; null while no lathe is chosen, or the worksheet is not through
 */
export function nextAtBench(
  sheet: Sheet | null,
  entries: readonly Entry[],
  worksheet: WorksheetShown | null = null,
): NextAtBench {
  if (worksheet !== null && !worksheet.open) {
    const left = worksheet.questions.filter(({ right }) => right === null).length;
    return next('worksheet', 'Worksheet', {
      says: `${left} of ${worksheet.questions.length} still to find. Then the sheet opens.`,
    });
  }
  if (sheet === null) return next('lathe', 'Choose the lathe');
  const prediction = predict(sheet, entries);
  const { state, blocks, steps, passes } = prediction;
  const advice = adviseOn(sheet, entries, prediction);
  const due = dueNow(prediction, advice);
  const { cut, phase } = advice;
  if (state === 'waiting') return next('waits', 'Handed in: it waits for its mark');
  if (phase === 'sent-back')
    return next('look', adviceTitle(advice), {
      says: `${SENT_BACK}${prediction.sentBack?.entry.content.reason ?? ''}`,
    });
  const late = notLookedOver(entries).length;
  const says = late === 0 ? null : `${late} late from another device: look them over`;
  const present = presentOf(sheet, prediction, advice);
  if (present.kind === 'set-up-page') return next('set-up-page', 'The whole set-up, on one page', { says });
  if (present.kind === 'step') {
    const step = steps.find((each) => each.step.id === present.stepId)?.step;
    if (step !== undefined)
      return next('step', step.title, {
        says: step.instruction,
        caution: step.caution,
        figure:
          step.expected === null || step.shows !== 'shown'
            ? null
            : { label: 'Expected', value: showExpected(step.expected), unit: '' },
      });
  }
  const [block] = blocks;
  if (block !== undefined)
    return next('blocked', titleOfBlock(block), {
      says: saysOfBlock(block),
    });
  if (due !== null) return next('stop', due.stop.title, { says: due.stop.asks });
  if (cut !== null)
    return next('pass', cut.row === null ? titleOfCut(cut.infeed) : `Pass ${cut.row.n} of ${passes.length}`, {
      says: says ?? capitalOf(whyThisCut(advice)),
      figure: {
        label: sheet.feed.as === 'figure' ? 'Readout to' : 'Dial to',
        value: shownOnSheet({ value: cut.reading, unit: sheet.lathe.dial.graduation.unit }, sheet),
        unit: sheet.lathe.dial.graduation.unit,
      },
    });
  const kind =
    phase === 'proven' || phase === 'past-saving' ? 'hand-in' : phase === 'prove' ? 'prove' : 'look';
  return next(kind, adviceTitle(advice), { says: says ?? adviceSentence(sheet, prediction, advice) });
}

const titleOfCut = (infeed: number) =>
  Math.abs(infeed) < 1e-9 ? 'A pass at no infeed' : 'Cut on by what was found';

const capitalOf = (text: string | null) => (text === null ? null : `${capital(text)}.`);

function titleOfBlock({ kind, title }: Block): string {
  if (kind === 'not-known') return `Ask first: ${inSentence(title)}`;
  return kind === 'hold' ? `Wait: ${title}` : title;
}

function saysOfBlock({ kind, sentBack }: Block): string {
  if (kind === 'not-known') return 'Of a later release: not known here. Ask the instructor how it is cut.';
  return sentBack === undefined ? 'No cut before this is right.' : `${SENT_BACK}${sentBack}`;
}

const SENT_BACK = 'Sent back: ';

/** Why something was sent back is what somebody said. */
export const saysSomebodysWords = ({ says }: NextAtBench): boolean => says?.startsWith(SENT_BACK) === true;
