import type { Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import { shareOut, type MarkLine, type Judgement, type MarkCap } from '../mark-line';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { conductOf } from './facts/conduct-of';
import { judgeLooks } from './judge-looks';
import { judgePasses } from './judge-passes';
import { judgeResult } from './judge-result';
import { criticalBreach, judgeSetUp } from './judge-set-up';
import { judgeWorksheet } from './judge-worksheet';

/**
 * Rules 1 and 2, with the facts that they read: frozen. A piece is marked by the rules that its scheme names, whatever
 * later releases find better; those stand in a folder of their own.
 */
export function judgeBy2(
  sheet: Sheet,
  scheme: Scheme,
  entries: readonly Entry[],
): { lines: MarkLine[]; cap: MarkCap | null; unlisted: Judgement[] } {
  return judgeWith(sheet, scheme, entries, judgePasses(sheet, conductOf(sheet, entries), entries, scheme));
}

/** The whole with the passes as they are judged: later rules judge them otherwise, and all else in the same way. */
export function judgeWith(
  sheet: Sheet,
  scheme: Scheme,
  entries: readonly Entry[],
  passes: Judgement[],
): { lines: MarkLine[]; cap: MarkCap | null; unlisted: Judgement[] } {
  const judged: Record<string, Judgement[]> = {
    worksheet: judgeWorksheet(sheet, entries),
    'set-up': judgeSetUp(sheet, entries, scheme),
    passes,
    result: judgeResult(sheet, entries, scheme),
  };
  return judgeAll(scheme, entries, judged, criticalBreach(sheet, entries, scheme));
}

/** Judged lines, shared out by a scheme, with the looks that it asks for. */
export function judgeAll(
  scheme: Scheme,
  entries: readonly Entry[],
  judged: Readonly<Record<string, Judgement[]>>,
  cap: MarkCap | null,
): { lines: MarkLine[]; cap: MarkCap | null; unlisted: Judgement[] } {
  const lines = scheme.sections.flatMap(({ id }) =>
    shareOut(scheme, id, [...(judged[id] ?? []), ...judgeLooks(entries, scheme, id)]),
  );
  const listed = new Set(scheme.lines.map(({ id }) => id));
  const unlisted = scheme.sections.flatMap(({ id }) =>
    (judged[id] ?? []).filter((line) => !listed.has(line.id)),
  );
  return { lines, cap, unlisted };
}
