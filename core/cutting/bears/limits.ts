/** What a pass must keep to, so that tool, machine and part bear it. Lengths in mm; null: no limit, or not known. */
export interface PassLimits {
  /** Largest infeed of the slide that feeds. */
  infeed: number | null;
  /** Largest chip area, mm². */
  area: number | null;
  /** Least thickness of the chip that the tool still cuts: carbide rubs and chips when it is not kept buried. */
  thin: number | null;
  /** Largest thickness of the chip before the tip: how much a keen point bears. */
  tip: number | null;
  /** Torque that the spindle has at the speed, N m. */
  torque: number | null;
  /** Largest deflection allowed of the part, or of the bar. */
  bend: number | null;
}

export type LimitId = keyof PassLimits;

export const LIMIT_IDS = [
  'infeed',
  'area',
  'thin',
  'tip',
  'torque',
  'bend',
] as const satisfies readonly LimitId[];

/** What each limit is called where it stops a larger infeed. */
export const LIMIT_WORDS: Record<LimitId, string> = {
  infeed: 'largest infeed',
  area: 'chip area',
  thin: 'thinnest chip',
  tip: 'strength of the tip',
  torque: 'torque of the spindle',
  bend: 'bending',
};

/** What is proposed where nothing is typed. */
export interface ProposedLimits {
  thin: number;
  tip: number;
  bend: number;
}

/** High-speed steel with a keen edge still cuts a chip of 0.01 mm, carbide needs 0.03 mm; common practice, from memory. */
const THINNEST = { steel: 0.01, carbide: 0.03 } as const;

/**
 * What a point of no width bears, and how much more for each millimetre of its width, so that the first bites in use (0.007 in
 * with a keen point, 0.010 with a flat of P/8) are borne; common practice, from memory.
 */
const POINT = { steel: 0.16, carbide: 0.1 } as const;
const WIDTH_SHARE = 0.5;

/** Two thousandths of an inch; common practice. */
const MOST_BENDING = 0.05;

/** The limits that are proposed for a tool. @param tipWidth over which the tip departs from its flanks, mm */
export function proposedLimits(carbide: boolean, tipWidth: number): ProposedLimits {
  const kind = carbide ? 'carbide' : 'steel';
  return {
    thin: THINNEST[kind],
    tip: Math.round((POINT[kind] + WIDTH_SHARE * tipWidth) * 1000) / 1000,
    bend: MOST_BENDING,
  };
}
