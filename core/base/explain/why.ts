/** Why a figure is what it is. */
export interface Why {
  title: string;
  formula: string;
  /** The formula with the numbers put in, and the result. */
  numbers: string;
  source: string;
  assumes: string | null;
}
