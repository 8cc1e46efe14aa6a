export type MarkSection = 'set-up' | 'passes' | 'result';
export const MARK_SECTIONS: readonly MarkSection[] = ['set-up', 'passes', 'result'];

/** One line of a proposed mark. */
export interface MarkLine {
  id: string;
  section: MarkSection;
  title: string;
  max: number;
  proposed: number;
  /** Why these points, with the figures. */
  reason: string;
  /** Entries of the record that show it. */
  evidence: string[];
}

/** A breach that caps the whole mark, whatever the part measures. */
export interface MarkCap {
  most: number;
  reason: string;
}

export interface MarkProposal {
  lines: MarkLine[];
  cap: MarkCap | null;
  /** Sum of the lines, under the cap. */
  total: number;
}

/** A line before its section's points are shared out: `share` of its weight is earned, 0 to 1. */
export interface Judgement {
  id: string;
  title: string;
  weight: number;
  share: number;
  reason: string;
  evidence: string[];
}

/**
 * Shares a section's whole points out by weight (largest remainder, earlier lines first at a tie) and awards each line
 * its earned share, to half a point.
 */
export function shareOut(section: MarkSection, points: number, judgements: readonly Judgement[]): MarkLine[] {
  const weights = judgements.reduce((sum, judgement) => sum + judgement.weight, 0);
  const exact = judgements.map((judgement) => (weights === 0 ? 0 : (points * judgement.weight) / weights));
  const whole = exact.map(Math.floor);
  let left = points - whole.reduce((sum, value) => sum + value, 0);
  const byRemainder = exact
    .map((value, index) => ({ index, remainder: value - Math.floor(value) }))
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index);
  for (const { index } of byRemainder) {
    if (left <= 0) break;
    whole[index] = (whole[index] ?? 0) + 1;
    left -= 1;
  }
  return judgements.map(({ id, title, share, reason, evidence }, index) => {
    const max = whole[index] ?? 0;
    return { id, section, title, max, proposed: Math.round(max * share * 2) / 2, reason, evidence };
  });
}
