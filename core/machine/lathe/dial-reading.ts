/** A reading as the dial shows it: whole turns and the rest. */
export interface DialReading {
  turns: number;
  /** Graduations past the last whole turn. */
  graduations: number;
}

/**
 * A cumulative reading beyond one turn of the dial, shown as turns and graduations.
 * @example dialReading(253, 100) // { turns: 2, graduations: 53 }
 */
export function dialReading(readingGraduations: number, graduationsPerTurn: number): DialReading {
  const turns = Math.floor(readingGraduations / graduationsPerTurn);
  return { turns, graduations: readingGraduations - turns * graduationsPerTurn };
}
