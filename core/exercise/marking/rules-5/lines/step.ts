import { isKind, type Entry } from '../../../record/entry/entry';
import type { SheetStep } from '../../../sheet/sheet-step';
import { verdictOf, type StepEntry } from '../../rules-2/facts/steps-done';
import { figuresOf, howWords, stepRecord } from '../../rules-2/judge-set-up';
import { valueWords, wrongWhenCut } from '../../rules-4/judge-set-up';
import { cases, shareOf } from '../../fall';
import type { Facts } from '../facts';
import { notSeen, type Judged, type LineKind } from '../line-kind';

const CASES = {
  right: 'Right, by a value, a choice or somebody’s look',
  mended: 'Wrong at first, mended before it mattered',
  late: 'Recorded only after the first cut',
  said: 'Said by the student alone: a tick that nobody has looked over',
  told: 'The right figure was shown, then copied',
  wrong: 'Wrong, and left so',
  'cut-upon': 'Wrong, and cut upon',
  'not-done': 'Not done, and said so',
} as const;

/** Steps that a tick records: no value, no choice, nothing that could be wrong. */
const TICKED: readonly SheetStep['kind'][] = ['confirm', 'counted', 'looks'];

/** A step of the set-up, before the first cut, after the scratch, or at the end. */
export const stepLine: LineKind = {
  kind: 'step',
  section: 'set-up',
  judges: 'A step: the value set or found, the choice, the look of whoever signs',
  usual: cases({
    right: 1,
    mended: 1,
    late: 0.5,
    said: 0.5,
    told: 0.25,
    wrong: 0,
    'cut-upon': 0,
    'not-done': 0,
  }),
  falls: ['cases'],
  cases: CASES,
  asked: ({ steps }) => steps.map(({ id }) => id),
  title: ({ steps }, id) => steps.find((step) => step.id === id)?.title ?? id,
  judge(facts, { fall }, id) {
    const step = facts.sheet.steps.find((each) => each.id === id);
    if (step === undefined) return notSeen();
    const { when, ...judged } = stateOf(facts, step);
    if (when === 'unseen') return judged;
    const share = shareOf(fall, when);
    return { ...judged, share, ...(share < 1 ? { needed: NEEDED[when] } : {}) };
  },
};

type When = keyof typeof CASES | 'unseen';

const NEEDED: Readonly<Record<keyof typeof CASES, string>> = {
  right: '',
  mended: 'Right at the first try.',
  late: 'Recorded before the first cut.',
  said: 'A look by whoever may sign, before the work goes on.',
  told: 'Found without being shown.',
  wrong: 'Inside the limits.',
  'cut-upon': 'Mended before the next cut.',
  'not-done': 'Done.',
};

function stateOf(facts: Facts, step: SheetStep): Judged & { when: When } {
  const { sheet, entries, conduct } = facts;
  const { before, after } = stepRecord(step, entries);
  const mine = facts.live.filter(
    (entry): entry is StepEntry =>
      (isKind('step')(entry) || isKind('sign-off')(entry)) && entry.content.stepId === step.id,
  );
  const upon = step.critical ? wrongWhenCut(sheet, step, mine, conduct, entries) : null;
  if (upon !== null) return { share: 0, when: 'cut-upon', ...upon };
  const verdict = (entry: StepEntry) => verdictOf(sheet, step, entry);
  const isRight = (entry: StepEntry) => verdict(entry) === 'right' || verdict(entry) === 'done';
  const inForce = before.at(-1) ?? null;
  const entry = inForce !== null && isRight(inForce) ? inForce : (after.at(-1) ?? inForce);
  if (entry === null)
    return step.kind === 'sign-off' && conduct.cuts.length > 0
      ? { share: 0, when: 'wrong', reason: 'Cut without the instructor’s look.', evidence: [] }
      : { ...notSeen(), when: 'unseen' };
  const figures = figuresOf(sheet, step, entry);
  const state = (when: When, reason: string) => ({ share: 0, when, reason, evidence: [entry.id] });
  if (verdict(entry) === 'not-done') return state('not-done', howWords(entry) ?? 'Not done.');
  if (!isRight(entry)) return state('wrong', `Out of limits: ${figures}.`);
  if (entry !== inForce)
    return state('late', `Recorded only after the first cut${figures === '' ? '' : `: ${figures}`}.`);
  if (before.some((each) => !isRight(each)))
    return step.shows === 'after-entry'
      ? state(
          'told',
          `Wrong at first; the right figure was shown, then recorded: ${valueWords(step, entry)}.`,
        )
      : state('mended', `Right, corrected before it mattered: ${figures}.`);
  const words = howWords(entry) ?? (figures === '' ? 'Done in its place.' : `Right: ${figures}.`);
  if (!isOnlySaid(step, entry)) return state('right', words);
  const by = lookedOverBy(facts, step, entry);
  return by === null
    ? state('said', `${words} Said by the student; nobody has looked it over.`)
    : { ...state('right', words), evidence: [entry.id, by.id] };
}

/** A tick of the student: it reminds, and shows nothing. */
const isOnlySaid = ({ kind }: SheetStep, { author, content }: StepEntry): boolean =>
  content.kind === 'step' && author.role === 'student' && TICKED.includes(kind);

/**
 * Who has looked at the work after a tick: before the first cut whoever signed a hold point; later whoever signed, looked at
 * the part or measured it.
 */
function lookedOverBy({ entries, live, at, conduct }: Facts, step: SheetStep, tick: Entry): Entry | null {
  const [first] = conduct.cuts;
  const until = step.when === 'before-cutting' && first !== undefined ? at(first.entry) : entries.length;
  return (
    live.find(
      (entry) =>
        at(entry) > at(tick) &&
        at(entry) < until &&
        (isKind('sign-off')(entry) ||
          (step.when !== 'before-cutting' && entry.author.role !== 'student' && isOfPart(entry))),
    ) ?? null
  );
}

const isOfPart = (entry: Entry): boolean =>
  isKind('look')(entry) || isKind('measurement')(entry) || isKind('trial')(entry) || isKind('finding')(entry);
