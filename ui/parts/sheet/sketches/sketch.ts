/** A small drawing in black on white, in points: the same on screen, on paper and in a PDF. */
export interface Sketch {
  /** What it shows, for those who do not see it. */
  title: string;
  width: number;
  height: number;
  paths: SketchPath[];
  texts: SketchText[];
}

export interface SketchPath {
  d: string;
  stroke?: number;
  dash?: readonly number[];
  /** Grey from 0, black, to 1, white; none where it is left out. */
  fill?: number;
}

export interface SketchText {
  x: number;
  y: number;
  text: string;
  size: number;
  anchor?: 'start' | 'middle' | 'end';
  bold?: boolean;
}

/** Two decimals are a hundredth of a point: finer than any printer. */
export const at = (x: number, y: number): string => `${round(x)} ${round(y)}`;
export const round = (value: number): number => Math.round(value * 100) / 100;

/** A circle as a path. */
export const circle = (x: number, y: number, r: number): string =>
  `M${at(x - r, y)}A${round(r)} ${round(r)} 0 1 0 ${at(x + r, y)}A${round(r)} ${round(r)} 0 1 0 ${at(x - r, y)}Z`;
