import type { Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { MarkCap, MarkLine } from '../mark-line';
import type { Scheme, SchemeLine } from '../scheme';
import { capBy5 } from './caps';
import { factsOf } from './facts';
import type { Judged } from './line-kind';
import { kindOfLine } from './lines';
import { pointsOf, type Weighed } from './points';

/** What is known of a piece beside its record. */
export interface About {
  tryNumber: number;
}

export interface JudgedPiece {
  lines: MarkLine[];
  cap: MarkCap | null;
  /** What a further try gives of the sum; null for a first one, and where tries cost nothing. */
  factor: { share: number; reason: string } | null;
  /** Why the mark can not be closed yet; null when it can. */
  open: string | null;
}

/**
 * Rules 5: a line is judged because the scheme lists it and the plan asks it. What the scheme does not list is not judged.
 * Everything by which points fall stands in the scheme.
 */
export function judgeBy5(
  sheet: Sheet,
  scheme: Scheme,
  recorded: readonly Entry[],
  { tryNumber }: About,
): JudgedPiece {
  const facts = factsOf(sheet, scheme, recorded);
  const judged = linesOf(scheme, sheet).map(({ id, of, line, kind }): Weighed & { judged: Judged } => {
    const found = kind.judge(facts, line, of);
    const out = found.shown === false && line.unseen === 'out';
    return {
      id,
      section: line.section,
      title: line.title ?? kind.title(sheet, of),
      weight: out || found.share === null ? 0 : line.weight,
      judged: out ? { ...found, share: null, reason: `${found.reason} Out of the sum.` } : found,
    };
  });
  const points = pointsOf(scheme, judged);
  const { pointStep } = scheme;
  const lines = judged.map(({ id, section, title, judged: found }, index): MarkLine => {
    const max = points[index] ?? 0;
    return {
      id,
      section,
      title,
      max,
      proposed: Math.round((max * (found.share ?? 0)) / pointStep) * pointStep,
      seen: found.share !== null && found.shown !== false,
      reason: found.reason,
      needed: found.needed ?? null,
      evidence: found.evidence,
    };
  });
  return {
    lines,
    cap: capBy5(facts),
    factor: factorOf(scheme, tryNumber),
    open:
      requiredOpen(scheme, sheet, judged) ?? judged.find((each) => each.judged.again)?.judged.again ?? null,
  };
}

/** A line of a scheme, for one thing that a plan asks. */
interface AskedLine {
  id: string;
  of: string;
  line: SchemeLine;
  kind: NonNullable<ReturnType<typeof kindOfLine>['kind']>;
}

/** The lines of a scheme that the plan of a sheet asks, in the order of its sections. */
export function linesOf({ lines, sections }: Scheme, sheet: Sheet): AskedLine[] {
  const own = new Set(lines.map(({ id }) => id));
  return sections
    .filter(({ points }) => points > 0)
    .flatMap((section) => lines.filter((line) => line.section === section.id && line.weight > 0))
    .flatMap((line): AskedLine[] => {
      const { kind, of } = kindOfLine(line.id);
      if (kind === null) return [];
      const asked = kind.asked(sheet);
      if (of === '*')
        return asked.flatMap((each) => {
          const id = `${kind.kind}:${each}`;
          return own.has(id) ? [] : [{ id, of: each, line, kind }];
        });
      return asked.includes(of) || asked.includes('*') ? [{ id: line.id, of, line, kind }] : [];
    });
}

/** A line of a kind that this release does not know; null when it knows them all. */
export const unknownLine = ({ lines }: Scheme): string | null =>
  lines.find(({ id }) => kindOfLine(id).kind === null)?.id ?? null;

function requiredOpen(
  scheme: Scheme,
  sheet: Sheet,
  judged: readonly { id: string; title: string; judged: Judged }[],
): string | null {
  const required = new Set(
    linesOf(scheme, sheet)
      .filter(({ line }) => line.required)
      .map(({ id }) => id),
  );
  const open = judged.find((each) => required.has(each.id) && each.judged.evidence.length === 0);
  return open === undefined ? null : `“${open.title}” is to be judged before the mark is closed.`;
}

function factorOf({ tries: { less, least } }: Scheme, tryNumber: number): JudgedPiece['factor'] {
  const share = Math.max(least, 1 - less * (tryNumber - 1));
  return share >= 1
    ? null
    : {
        share,
        reason: `Try ${tryNumber}: ${Math.round(share * 100)} % of the points, as the scheme has it.`,
      };
}
