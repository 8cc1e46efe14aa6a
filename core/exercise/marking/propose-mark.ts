import type { Entry } from '../record/entry/entry';
import { notKnownHere } from '../sheet/not-known-here';
import type { Sheet } from '../sheet/sheet';
import type { MarkCap, MarkLine, MarkProposal } from './mark-line';
import { judgeBy2 } from './rules-2';
import { judgeBy3 } from './rules-3';
import { judgeBy4 } from './rules-4';
import { RULES, type Scheme } from './scheme';

type Judge = (
  sheet: Sheet,
  scheme: Scheme,
  entries: readonly Entry[],
) => { lines: MarkLine[]; cap: MarkCap | null; unlisted: { title: string }[] };

/**
 * The rules by their number; each with its judges and the facts that they read in a folder of its own. A scheme names the
 * ones that it was made for, and its pieces are marked by them for ever.
 */
const JUDGES: Readonly<Record<number, Judge>> = { 1: judgeBy2, 2: judgeBy2, 3: judgeBy3, 4: judgeBy4 };

/**
 * Proposes a mark for an attempt from its sheet, its scheme and the record alone, a reason and the evidence on every
 * line. The same three give the same proposal at any time, by the rules that the scheme names.
 */
export function proposeMark(sheet: Sheet, scheme: Scheme, entries: readonly Entry[]): MarkProposal {
  const judge = JUDGES[scheme.rules] ?? JUDGES[RULES];
  if (judge === undefined) throw new Error(`There are no rules ${RULES}.`);
  const { lines, cap, unlisted } = judge(sheet, scheme, entries);
  const sum = lines.reduce((all, line) => all + line.proposed, 0);
  return {
    sections: scheme.sections.map(({ id, title }) => ({ id, title })),
    lines,
    cap,
    total: Math.min(sum, cap?.most ?? Infinity),
    blocked: blockOf(sheet, entries, scheme) ?? unlistedIn(scheme, unlisted),
  };
}

/** A line that is judged and that a scheme does not weigh: no mark is made of a guess. */
function unlistedIn({ unlisted }: Scheme, [line]: readonly { title: string }[]): string | null {
  return unlisted === 'refused' && line !== undefined
    ? `The scheme has no line for “${line.title}”, which its rules judge: no mark without its weight.`
    : null;
}

function blockOf(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): string | null {
  if (JUDGES[scheme.rules] === undefined)
    return `This scheme is made for rules ${scheme.rules}, which this release does not know. Update the program, then mark.`;
  const asked = sheet.proof.find(({ kind }) => kind === 'unknown');
  if (asked !== undefined)
    return `The plan asks for evidence that this release does not know (“${asked.title}”). Update the program, then mark.`;
  const choice = notKnownHere(sheet).find(({ mark }) => mark);
  if (choice !== undefined)
    return `The sheet has a choice that this release does not know (${choice.title.toLowerCase()}). Update the program, then mark.`;
  return entries.some(({ content }) => content.kind === 'unknown')
    ? 'The record holds entries of a kind that this release does not know. Update the program, then mark.'
    : null;
}

/** A line that newer rules judge otherwise; null on a side that has no such line. */
interface LineDifference {
  id: string;
  title: string;
  proposed: number | null;
  newer: number | null;
  /** Why these points, by the newer rules; by the older ones where only they have the line. */
  reason: string;
}

/** What newer rules would propose beside the proposal that counts. */
export interface NewerProposal {
  rules: number;
  total: number;
  differences: LineDifference[];
}

/** The proposal by the newest rules, with each difference and its reason; null where the scheme names the newest. */
export function newerProposal(sheet: Sheet, scheme: Scheme, entries: readonly Entry[]): NewerProposal | null {
  if (scheme.rules >= RULES) return null;
  const counts = proposeMark(sheet, scheme, entries);
  const newer = proposeMark(sheet, { ...scheme, rules: RULES }, entries);
  const ids = [...new Set([...counts.lines, ...newer.lines].map(({ id }) => id))];
  const differences = ids.flatMap((id): LineDifference[] => {
    const [then, now] = [counts, newer].map(({ lines }) => lines.find((line) => line.id === id));
    const line = now ?? then;
    if (line === undefined) return [];
    if (then?.proposed === now?.proposed && then?.max === now?.max && then?.reason === now?.reason) return [];
    return [
      {
        id,
        title: line.title,
        proposed: then?.proposed ?? null,
        newer: now?.proposed ?? null,
        reason: line.reason,
      },
    ];
  });
  return { rules: RULES, total: newer.total, differences };
}
