import { isKind, type Entry } from '../../record/entry/entry';
import { showExpected, showStepValue } from '../../sheet/show-value';
import type { Sheet } from '../../sheet/sheet';
import type { SheetStep } from '../../sheet/sheet-step';
import type { Judgement } from '../mark-line';
import type { Conduct } from '../rules-2/facts/conduct-of';
import { standingEntries } from '../rules-2/facts/standing-entries';
import { verdictOf, type StepEntry } from '../rules-2/facts/steps-done';
import { judgeSetUp } from '../rules-2/judge-set-up';
import type { OlderScheme as Scheme } from '../older/older-scheme';

/** As before; a wrong value that was cut upon costs its line, one that was told and copied earns what the scheme says. */
export function judgeSetUpBy4(
  sheet: Sheet,
  entries: readonly Entry[],
  scheme: Scheme,
  conduct: Conduct,
): Judgement[] {
  return judgeSetUp(sheet, entries, scheme).map((line, index) => {
    const step = sheet.steps[index];
    if (step === undefined) return line;
    const mine = standingEntries(entries).filter(
      (entry): entry is StepEntry =>
        (isKind('step')(entry) || isKind('sign-off')(entry)) && entry.content.stepId === step.id,
    );
    const cutUpon = step.critical ? wrongWhenCut(sheet, step, mine, conduct, entries) : null;
    if (cutUpon !== null) return { ...line, ...cutUpon, share: 0 };
    const toldAndCopied = step.shows === 'after-entry' && line.share === scheme.judging.corrected;
    if (toldAndCopied && mine.some((entry) => verdictOf(sheet, step, entry) === 'wrong'))
      return {
        ...line,
        share: scheme.judging.told,
        reason: `Wrong at first; the right figure was shown, then recorded: ${valueWords(step, mine.at(-1))}.`,
      };
    const unseen = line.evidence.length === 0 && line.share === 0 && step.kind !== 'sign-off';
    return unseen ? { ...line, shown: false, reason: 'Not seen: no entry shows it.' } : line;
  });
}

/**
 * The cuts that were made while a value stood wrong by what is known now: by the last entry before the cut, or by what was
 * found at the machine after it, for that stood so already.
 */
export function wrongWhenCut(
  sheet: Sheet,
  step: SheetStep,
  mine: readonly StepEntry[],
  { judgedCuts }: Conduct,
  entries: readonly Entry[],
): Pick<Judgement, 'reason' | 'evidence'> | null {
  const at = (entry: Entry) => entries.indexOf(entry);
  const isWrong = (entry: StepEntry | undefined) =>
    entry !== undefined && verdictOf(sheet, step, entry) === 'wrong';
  const stood = judgedCuts.flatMap(({ entry: cut }, index) => {
    const next = mine.find((each) => at(each) > at(cut));
    const found = next?.content.kind === 'step' && next.content.how === 'found' ? next : undefined;
    const before = mine.findLast((each) => at(each) < at(cut));
    const wrong = [found, before].find(isWrong);
    return wrong === undefined ? [] : [{ n: index + 1, wrong, cut }];
  });
  const [first] = stood;
  if (first === undefined) return null;
  const mended = !isWrong(mine.at(-1));
  return {
    reason: `${valueWords(step, first.wrong)}: it stood so while ${cutsWords(stood.map(({ n }) => n))} ${stood.length === 1 ? 'was' : 'were'} made${mended ? '; mended later' : ''}.`,
    evidence: [...new Set([first.wrong.id, ...stood.map(({ cut }) => cut.id)])],
  };
}

/** `cut 3`, `cuts 1 to 4`, `cuts 1, 2, 5`. */
function cutsWords(numbers: readonly number[]): string {
  const [first = 0] = numbers;
  const last = numbers.at(-1) ?? first;
  if (numbers.length === 1) return `cut ${first}`;
  return last - first === numbers.length - 1 ? `cuts ${first} to ${last}` : `cuts ${numbers.join(', ')}`;
}

export function valueWords({ expected, title }: SheetStep, entry: StepEntry | undefined): string {
  if (entry === undefined || entry.content.kind !== 'step') return title;
  const { value, choice } = entry.content;
  if (value === null || expected === null) return choice ?? title;
  return `${showStepValue(value, expected.unit)}, expected ${showExpected(expected)}`;
}
