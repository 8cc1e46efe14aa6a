import type { OlderScheme } from './older/older-scheme';
import type { Scale } from './scale';

/** One line of a proposed mark. */
export interface MarkLine {
  id: string;
  section: string;
  title: string;
  max: number;
  proposed: number;
  /** False where no entry shows it: such a line earns nothing; by rules before 4 it is out of the sum, later it keeps its points. */
  seen: boolean;
  /** Why these points: what was expected, and what was found. */
  reason: string;
  /** What one more point would have needed; null where nothing was lost, and by rules before 5. */
  needed: string | null;
  /** Entries of the record that show it. */
  evidence: string[];
}

/** A breach that caps the whole mark, whatever the part measures. */
export interface MarkCap {
  most: number;
  reason: string;
}

export interface MarkProposal {
  sections: { id: string; title: string }[];
  lines: MarkLine[];
  cap: MarkCap | null;
  /** What a further try gives of the sum; null where it gives all. */
  factor: { share: number; reason: string } | null;
  /** The scale in which the school says it; null by schemes before version 4, which said points. */
  scale: Scale | null;
  /** Sum of the lines, by the factor and under the cap. */
  total: number;
  /** Why no mark can be confirmed; null when one can. */
  blocked: string | null;
}

/** A line before its section's points are shared out: `share` of its weight is earned, 0 to 1; null: not seen. */
export interface Judgement {
  id: string;
  title: string;
  share: number | null;
  /** False where the plan asks it and nothing shows it: it keeps its points, and is not called wrong. */
  shown?: boolean;
  reason: string;
  evidence: string[];
}

/**
 * Shares a section's whole points out by the scheme's weights (largest remainder, earlier lines first at a tie) and
 * awards each line its earned share, in the scheme's steps. What was not seen has no points to earn.
 */
export function shareOut(scheme: OlderScheme, section: string, judgements: readonly Judgement[]): MarkLine[] {
  const points = scheme.sections.find(({ id }) => id === section)?.points ?? 0;
  const unlisted = scheme.unlisted === 'weight-1' ? 1 : 0;
  const weightOf = ({ id, share }: Judgement) =>
    share === null ? 0 : (scheme.lines.find((line) => line.id === id)?.weight ?? unlisted);
  const judged = judgements.filter((each) => each.share === null || weightOf(each) > 0);
  const weights = judged.reduce((sum, judgement) => sum + weightOf(judgement), 0);
  const exact = judged.map((judgement) => (weights === 0 ? 0 : (points * weightOf(judgement)) / weights));
  const whole = exact.map(Math.floor);
  let left = weights === 0 ? 0 : points - whole.reduce((sum, value) => sum + value, 0);
  const byRemainder = exact
    .map((value, index) => ({ index, remainder: value - Math.floor(value) }))
    .filter(({ index }) => judged[index]?.share !== null)
    .sort((a, b) => b.remainder - a.remainder || a.index - b.index);
  for (const { index } of byRemainder) {
    if (left <= 0) break;
    whole[index] = (whole[index] ?? 0) + Math.min(1, left);
    left -= 1;
  }
  const step = scheme.pointStep;
  return judged.map(({ id, title, share, shown = true, reason, evidence }, index) => {
    const max = whole[index] ?? 0;
    const proposed = Math.round((max * (share ?? 0)) / step) * step;
    return {
      id,
      section,
      title,
      max,
      proposed,
      seen: share !== null && shown,
      reason,
      needed: null,
      evidence,
    };
  });
}

/** The sum as it counts: by what a further try gives, under the cap, in the scheme's steps. */
export const totalOf = (sum: number, share: number, most: number, step: number): number =>
  Math.min(share === 1 ? sum : Math.round((sum * share) / step) * step, most);
