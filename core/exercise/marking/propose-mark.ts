import type { Entry } from '../record/entry/entry';
import { notKnownHere } from '../sheet/not-known-here';
import type { Sheet } from '../sheet/sheet';
import { totalOf, type MarkCap, type MarkLine, type MarkProposal } from './mark-line';
import { judgeBy2 } from './rules-2';
import { judgeBy3 } from './rules-3';
import { judgeBy4 } from './rules-4';
import { judgeBy5, unknownLine, type About, type JudgedPiece } from './rules-5';
import { OLDER_RULES, type OlderScheme } from './older/older-scheme';
import { isPresent, RULES, type AnyScheme } from './scheme';

type Judge = (
  sheet: Sheet,
  scheme: OlderScheme,
  entries: readonly Entry[],
) => { lines: MarkLine[]; cap: MarkCap | null; unlisted: { title: string }[] };

/**
 * The rules by their number; each with its judges and the facts that they read in a folder of its own. A scheme names the
 * ones that it was made for, and its pieces are marked by them for ever.
 */
const OLDER_JUDGES: Readonly<Record<number, Judge>> = { 1: judgeBy2, 2: judgeBy2, 3: judgeBy3, 4: judgeBy4 };

const FIRST_TRY: About = { tryNumber: 1 };

/**
 * Proposes a mark for an attempt from its sheet, its scheme and the record alone, a reason and the evidence on every
 * line. The same three give the same proposal at any time, by the rules that the scheme names.
 */
export function proposeMark(
  sheet: Sheet,
  scheme: AnyScheme,
  entries: readonly Entry[],
  about: About = FIRST_TRY,
): MarkProposal {
  const { lines, cap, factor, open } = isPresent(scheme)
    ? judgeBy5(sheet, scheme, entries, about)
    : judgeOlder(sheet, scheme, entries);
  const sum = lines.reduce((all, line) => all + line.proposed, 0);
  return {
    sections: scheme.sections
      .filter(({ id }) => !isPresent(scheme) || lines.some(({ section }) => section === id))
      .map(({ id, title }) => ({ id, title })),
    lines,
    cap,
    factor,
    scale: isPresent(scheme) ? scheme.scale : null,
    total: totalOf(sum, factor?.share ?? 1, cap?.most ?? Infinity, scheme.pointStep),
    blocked: blockOf(sheet, entries, scheme) ?? open,
  };
}

function judgeOlder(sheet: Sheet, scheme: OlderScheme, entries: readonly Entry[]): JudgedPiece {
  const judge = OLDER_JUDGES[scheme.rules] ?? OLDER_JUDGES[OLDER_RULES];
  if (judge === undefined) throw new Error(`There are no rules ${OLDER_RULES}.`);
  const { lines, cap, unlisted } = judge(sheet, scheme, entries);
  return { lines, cap, factor: null, open: unlistedIn(scheme, unlisted) };
}

/** A line that is judged and that a scheme does not weigh: no mark is made of a guess. */
function unlistedIn({ unlisted }: OlderScheme, [line]: readonly { title: string }[]): string | null {
  return unlisted === 'refused' && line !== undefined
    ? `The scheme has no line for “${line.title}”, which its rules judge: no mark without its weight.`
    : null;
}

function notKnownIn(scheme: AnyScheme): string | null {
  const later = `This scheme is made for rules ${scheme.rules}, which this release does not know. Update the program, then mark.`;
  if (!isPresent(scheme)) return OLDER_JUDGES[scheme.rules] === undefined ? later : null;
  if (scheme.rules !== RULES) return later;
  const line = unknownLine(scheme);
  return line === null
    ? null
    : `The scheme has a line of a kind that this release does not know (“${line}”). Update the program, then mark.`;
}

function blockOf(sheet: Sheet, entries: readonly Entry[], scheme: AnyScheme): string | null {
  const unknown = notKnownIn(scheme);
  if (unknown !== null) return unknown;
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

/**
 * The proposal by the newest rules that such a scheme can be judged by, with each difference and its reason; null where the
 * scheme names them itself.
 */
export function newerProposal(
  sheet: Sheet,
  scheme: AnyScheme,
  entries: readonly Entry[],
): NewerProposal | null {
  if (isPresent(scheme) || scheme.rules >= OLDER_RULES) return null;
  const counts = proposeMark(sheet, scheme, entries);
  const newer = proposeMark(sheet, { ...scheme, rules: OLDER_RULES }, entries);
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
  return { rules: OLDER_RULES, total: newer.total, differences };
}
