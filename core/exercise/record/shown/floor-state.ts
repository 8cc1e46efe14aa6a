import type { Advice } from '../advice/advice';
import { adviceTitle, reasonWords } from '../advice/advice-sentence';
import { adviseOn } from '../advice/advise';
import type { Sheet } from '../../sheet/sheet';
import { isKind, liveEntries, type Entry } from '../entry/entry';
import { entryWords } from '../entry/entry-words';
import type { Prediction } from '../state/predict';
import { kindNamed, kindOfEntry } from '../entry/read-stored-entry';
import { notLookedOver } from '../state/leading';
import { sentBackOf } from '../state/step-progress';

/** Why somebody is wanted at a lathe, and since when (ISO 8601, time of the server). */
export interface Waiting {
  /** A hand is raised; a hold point is reached; the work is handed in. */
  kind: 'hand' | 'hold' | 'mark';
  /** The hold point: a step or a stop; null otherwise. */
  id: string | null;
  title: string;
  since: string;
}

/** What the floor shows of an attempt. It follows from (sheet, entries), and is kept in the summary. */
export interface FloorState {
  waits: Waiting | null;
  /** What is being done, in a word or two. */
  stage: string;
  /** Since when, by the last work that was recorded; null before the first. */
  stageSince: string | null;
  /** The last entry, in words; null before the first. */
  last: { title: string; detail: string; at: string } | null;
  /** What whoever walks by should know, most serious first. */
  warnings: string[];
}

export function floorState(
  sheet: Sheet,
  entries: readonly Entry[],
  prediction: Prediction,
  advice: Advice = adviseOn(sheet, entries, prediction),
): FloorState {
  const live = liveEntries(entries);
  const work = live.findLast((entry) => kindOfEntry(entry)?.goesOn === true) ?? null;
  const last = live.at(-1);
  return {
    waits: waitingOf(live, prediction, work),
    stage: stageOf(prediction, advice),
    stageSince: work?.serverTime ?? null,
    last: last === undefined ? null : { ...shortWords(sheet, last), at: last.serverTime },
    warnings: [...adviceWarnings(advice), ...warningsOf(prediction), ...lateWarnings(entries)],
  };
}

function waitingOf(live: readonly Entry[], prediction: Prediction, work: Entry | null): Waiting | null {
  const { ended, steps, stops, blocks } = prediction;
  if (ended !== null) return { kind: 'mark', id: null, title: 'Handed in', since: ended.serverTime };
  const hand = live.findLast(isKind('hand'));
  if (hand?.content.raised === true)
    return { kind: 'hand', id: null, title: 'Hand raised', since: hand.serverTime };
  const held = blocks.find((block) => {
    if (block.kind !== 'hold') return false;
    if (sentBackOf(block.id, live) !== null) return false;
    if (block.of === 'stop')
      return stops.some(({ stop, state }) => stop.id === block.id && state !== 'ahead');
    const at = steps.findIndex(({ step }) => step.id === block.id);
    const progress = steps[at];
    if (progress === undefined) return false;
    // A look of its own is reached when all before it is recorded; a record to be looked at, when it is made.
    return progress.step.kind === 'sign-off'
      ? steps.slice(0, at).every(({ verdict, signed, step }) => verdict !== 'open' && (signed || !step.hold))
      : progress.verdict !== 'open';
  });
  if (held === undefined) return null;
  const since = work ?? live.at(-1);
  return since === undefined
    ? null
    : { kind: 'hold', id: held.id, title: held.title, since: since.serverTime };
}

function stageOf({ state, steps, cuts, passes }: Prediction, advice: Advice): string {
  if (state === 'not-begun') return 'Not begun';
  const { phase } = advice;
  if (['sent-back', 'past-saving', 'zero', 'enough', 'after', 'proven', 'ended'].includes(phase))
    return adviceTitle(advice);
  if (state === 'measured') return 'Measured';
  if (cuts.length > 0) return phase === 'prove' ? 'Proof open' : `Pass ${cuts.length} of ${passes.length}`;
  const open = steps.find(({ step, verdict }) => step.when === 'before-cutting' && verdict === 'open');
  return open === undefined ? 'Set up' : `Set-up: ${open.step.title}`;
}

function warningsOf({
  blocks,
  steps,
  stops,
  cuts,
  warnings,
  segment,
  sentBack: piece,
}: Prediction): string[] {
  const told = cuts.at(-1)?.entry.content.told?.warnings ?? [];
  const against = told.some((code) => /^(open|wrong):/.test(code));
  const sentBack = steps
    .filter((each) => each.sentBack !== null)
    .map(({ step }) => `${step.title}: sent back`);
  return [
    ...blocks
      .filter(({ kind }) => kind === 'wrong')
      .map(({ title, says }) => `${title}: ${says ?? 'outside of its limits'}`),
    ...(against ? ['Cut all the same'] : []),
    ...(warnings.includes('past-stop') ? ['The next pass goes past the size'] : []),
    ...(segment.zero === 'touch-off' ? [] : ['Zeros taken anew']),
    ...stops.filter(({ state }) => state === 'passed-over').map(({ stop }) => `${stop.title}: passed over`),
    ...sentBack,
    ...(piece?.seen === true ? ['Sent back, and not handed in again yet'] : []),
  ];
}

/** What whoever walks by should look at before anything else is cut. */
function adviceWarnings(advice: Advice): string[] {
  if (!['stop', 'zero', 'past-saving'].includes(advice.phase)) return [];
  const [why] = advice.because;
  return [`${adviceTitle(advice)}${why === undefined ? '' : `: ${reasonWords(why)}`}`];
}

/** What came late from a device that no longer led, until a person has looked. */
function lateWarnings(entries: readonly Entry[]): string[] {
  const { length } = notLookedOver(entries);
  return length === 0 ? [] : [`${length} late from another device: look them over`];
}

/** Without what a person said: words stand in the record only, where they can be taken out. */
function shortWords(sheet: Sheet, entry: Entry): { title: string; detail: string } {
  const { title, detail } = entryWords(entry, sheet);
  const said = (kindNamed(entry.content.kind)?.freeText.length ?? 0) > 0;
  return { title: title.slice(0, 80), detail: said ? '' : detail.slice(0, 120) };
}
