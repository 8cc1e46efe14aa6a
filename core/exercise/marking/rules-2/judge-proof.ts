import { NUT_ANSWERS, NUT_ANSWER_WORDS, loosenessOf, wentOn } from '@/core/measuring/nut/nut-answer';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { GAUGE_WORDS } from '../../record/entry/kinds/finding';
import { isKind, type Entry, type EntryOf } from '../../record/entry/entry';
import type { Sheet, SheetProof } from '../../sheet/sheet';
import { formatLength } from '@/core/base/units/format-length';
import type { Judgement } from '../mark-line';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { standingEntries } from './facts/standing-entries';
import { wantedAnswers } from './facts/stops-kept';

/** The evidence of the proof that is not measured over wires or across the flanks: one line for each. */
export function judgeProof(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  const live = standingEntries(entries);
  return sheet.proof.flatMap((evidence): Judgement[] => {
    switch (EVIDENCE_DATA[evidence.kind].recordedAs) {
      case 'trial':
        return [trial(evidence, live, scheme)];
      case 'gauge':
      case 'yes-no':
      case 'value':
        return [finding(sheet, evidence, live, scheme)];
      default:
        return [];
    }
  });
}

const lineOf = ({ id, title }: SheetProof) => ({ id: `result:${id}`, title });

/** What whoever is not the student found counts before the student's own. */
function deciding<E extends { author: { role: string } }>(finals: readonly E[]): E | undefined {
  return finals.findLast(({ author }) => author.role !== 'student') ?? finals.at(-1);
}

const notTried = (evidence: SheetProof): Judgement => ({
  ...lineOf(evidence),
  share: 0,
  reason: 'Not recorded at the end.',
  evidence: [],
});

function trial(evidence: SheetProof, live: readonly Entry[], { judging }: Scheme): Judgement {
  const all = live.filter(isKind('trial')).filter(({ content }) => content.evidenceId === evidence.id);
  const last = deciding(all.filter(({ content }) => content.purpose === 'final'));
  if (last === undefined) return notTried(evidence);
  const { answer, end, toShoulder } = last.content;
  const wanted = wantedAnswers(evidence);
  const wantedLooseness = NUT_ANSWERS.filter((each) => wanted.includes(each)).map(loosenessOf);
  const words = `${NUT_ANSWER_WORDS[answer]}; wanted: ${NUT_ANSWERS.filter((each) => wanted.includes(each))
    .map((each) => NUT_ANSWER_WORDS[each])
    .join(' or ')}`;
  const base = { ...lineOf(evidence), evidence: [last.id] };
  if (wanted.includes(answer)) {
    const lacks = [
      ...(evidence.bothEnds && end !== 'both' ? ['not tried from both ends'] : []),
      ...(evidence.toShoulder && toShoulder === false ? ['it does not reach the shoulder'] : []),
    ];
    return {
      ...base,
      share: 1 - 0.25 * lacks.length,
      reason: `${words}${lacks.length === 0 ? '' : `; ${lacks.join(', ')}`}. ${strength(evidence)}`,
    };
  }
  if (loosenessOf(answer) > Math.max(...wantedLooseness))
    return { ...base, share: 0, reason: `Looser than wanted, nothing brings metal back: ${words}.` };
  return {
    ...base,
    share: wentOn(answer) ? judging.unfinished + 2 * judging.unfinishedPlace : judging.unfinished,
    reason: `Not finished: ${words}. It could still be cut.`,
  };
}

const strength = ({ strength: words }: SheetProof) => `Evidence: ${words}.`;

function finding(sheet: Sheet, evidence: SheetProof, live: readonly Entry[], { judging }: Scheme): Judgement {
  const all = live.filter(isKind('finding')).filter(({ content }) => content.evidenceId === evidence.id);
  const last = deciding(all.filter(({ content }) => content.purpose === 'final'));
  if (last === undefined) return notTried(evidence);
  const base = { ...lineOf(evidence), evidence: [last.id] };
  const { answer } = last.content;
  if (answer === null) return { ...base, ...valueShare(sheet, evidence, last) };
  const share = { right: 1, yes: 1, 'go-stops': judging.unfinished, 'no-go-enters': 0, no: 0 }[answer];
  return { ...base, share, reason: `${GAUGE_WORDS[answer]}. ${strength(evidence)}` };
}

/** The limits of a length in words. */
export function wantedLength(
  { least, most }: Pick<SheetProof, 'least' | 'most'>,
  show: (length: number) => string,
): string {
  return least === null && most === null
    ? 'no limits given'
    : least === null
      ? `at most ${show(most ?? 0)}`
      : most === null
        ? `at least ${show(least)}`
        : `${show(least)} to ${show(most)}`;
}

function valueShare(
  { thread: { unit } }: Sheet,
  { least, most }: SheetProof,
  { content }: EntryOf<'finding'>,
): Pick<Judgement, 'share' | 'reason'> {
  const value = content.value ?? 0;
  const show = (length: number) => formatLength({ value: length, unit });
  const inside = value >= (least ?? -Infinity) - 1e-9 && value <= (most ?? Infinity) + 1e-9;
  const wanted = wantedLength({ least, most }, show);
  return { share: inside ? 1 : 0, reason: `${show(value)} ${unit}; ${wanted}.` };
}
