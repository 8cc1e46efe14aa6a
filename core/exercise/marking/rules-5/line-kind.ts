import type { Sheet } from '../../sheet/sheet';
import type { Fall } from '../fall';
import type { SchemeLine, SectionId } from '../scheme';
import type { Facts } from './facts';

/** What a line comes to. */
export interface Judged {
  /** 0 to 1; null: out of the sum, for it was not asked of this piece. */
  share: number | null;
  /** False where the plan asks it and nothing shows it. */
  shown?: boolean;
  /** What was expected and what was found. */
  reason: string;
  /** What one more point would have needed; left out where nothing was lost. */
  needed?: string;
  evidence: string[];
  /** The mark can not be closed as it is: why. */
  again?: string;
}

/** One kind of line of a marking scheme. One file each, listed in `lines/index`. */
export interface LineKind {
  /** The part of the id before the colon. */
  kind: string;
  section: SectionId;
  /** What it judges, for whoever makes a scheme. */
  judges: string;
  /** The ways in which its points can fall, the usual one first, with the usual numbers (common practice). */
  usual: Fall;
  falls: readonly Fall['by'][];
  /** The names of its cases, in words. */
  cases?: Readonly<Record<string, string>>;
  /** The figure of a band or of steps, in words. */
  counts?: string;
  /** A figure of its own, in words, such as the minutes asked. */
  figure?: string;
  /** What of it a plan asks: ids after the colon, `''` where there is but one; none: it is never reached. */
  asked: (sheet: Sheet) => readonly string[];
  title: (sheet: Sheet, id: string) => string;
  judge: (facts: Facts, line: SchemeLine, id: string) => Judged;
}

export const notSeen = (reason = 'Not seen: nothing in the record shows it.'): Judged => ({
  share: 0,
  shown: false,
  reason,
  evidence: [],
});
