import type { NutAnswer } from '@/core/measuring/nut/nut-answer';
import type { Said, SheetSaid } from './said-shape';
import { Groove, overWires, type TruePart } from './true-part';

/** What may be otherwise than the plan thinks, and what nobody told it. */
export interface Truth {
  part: TruePart;
  /** Where the tip really stood against the surface at touch-off: positive is short of it. */
  zeroGap: number;
  /** Real size of the nut or plug. */
  mate: number;
  /** Scatter of an instrument: half of its width. */
  scatter: number;
}

/** For tests: slides, dial, part and instruments of known truth, and a hand that does what it is told. */
export class Hand {
  readonly groove: Groove;
  /** Travel of the slide at the dial's zero, beyond touch-off. */
  #zero = 0;
  lastStart = 1;
  /** How the part stands off, along the axis and in depth, since it was disturbed or the tool was set anew. */
  shift = { x: 0, depth: 0 };
  burr = false;
  /** Under one wire at one place, the next time that it is measured. */
  chip = 0;

  constructor(
    readonly sheet: SheetSaid,
    readonly truth: Truth,
    readonly random: () => number,
  ) {
    this.groove = new Groove(truth.part);
  }

  /** What stands on the dial, as counted from its zero: by the figure that is said and nothing else. */
  countedOf(said: Pick<Said, 'reading' | 'turns'>): number {
    const { as, counts, zeroFigure, perTurn } = this.sheet.feed;
    if (as === 'figure') {
      const figure = Number(said.reading);
      return counts === 'down' ? zeroFigure - figure : figure - zeroFigure;
    }
    const within = Number(/([\d.]+)(?:, \d+ turns? before 0)?$/.exec(said.reading)?.[1]);
    return (said.turns ?? 0) * perTurn + (counts === 'down' && within > 0 ? perTurn - within : within);
  }

  travelOf(counted: number): number {
    const { unit, reads } = this.sheet.feed;
    const scale = unit === this.sheet.unit ? 1 : unit === 'in' ? 25.4 : 1 / 25.4;
    return (counted * scale) / (reads === 'diameter' ? 2 : 1);
  }

  cut(start: number, counted: number): void {
    const travel = this.#zero + this.travelOf(counted);
    const angle = (this.sheet.angle * Math.PI) / 180;
    this.lastStart = start;
    const depth = travel * Math.cos(angle) - this.truth.zeroGap + this.shift.depth;
    this.groove.cut(start, travel * Math.sin(angle) + this.shift.x, depth);
  }

  /** The compound is fed although the plan plunges: the tool stands deeper, and further along, at the same figure. */
  feedCompound(travel: number, angleDeg: number): void {
    const angle = (angleDeg * Math.PI) / 180;
    this.#zero += travel * Math.cos(angle);
    this.shift = { ...this.shift, x: this.shift.x + travel * Math.sin(angle) };
  }

  /** Nests the tool in the groove and zeroes the dial there, as well as a hand can. */
  nest(start: number, off: number): void {
    const angle = (this.sheet.angle * Math.PI) / 180;
    const depth = this.groove.deepestIn(start) + this.truth.zeroGap - this.shift.depth + off;
    this.#zero = depth / Math.cos(angle);
  }

  #scattered(value: number): number {
    return value + (this.random() * 2 - 1) * this.truth.scatter;
  }

  /** Over wires, or directly; the wires lie in the start that was cut last. Null while there is no thread. */
  measure(quantity: string, wire: number | null): number | null {
    const size = this.groove.pitchDiameter(this.lastStart);
    if (size === null) return null;
    const chip = this.sheet.side === 'external' ? this.chip : -this.chip;
    this.chip = 0;
    return this.#scattered(
      chip + (quantity === 'over-wires' ? overWires(this.truth.part, wire ?? 0, size) : size),
    );
  }

  crest(): number {
    const { side, diameter } = this.truth.part;
    const burr = this.burr ? this.sheet.pitch / 20 : 0;
    return side === 'external' ? diameter + burr : diameter - burr;
  }

  /** How the nut or the plug goes on what is really there. */
  tryMate(): NutAnswer {
    const size = this.groove.functional();
    if (size === null || this.burr) return 'will-not-start';
    const play = this.sheet.side === 'external' ? this.truth.mate - size : size - this.truth.mate;
    const thousandth = this.sheet.unit === 'in' ? 0.001 : 0.025;
    if (play < -2 * thousandth) return 'will-not-start';
    if (play < 0) return 'starts';
    if (play < 0.7 * thousandth) return 'tight';
    return play > 12 * thousandth ? 'wobbles' : 'free';
  }

  gauge(): 'right' | 'go-stops' | 'no-go-enters' {
    const size = this.groove.functional();
    const { min, max } = this.sheet.limits.pitchDiameter;
    if (size === null) return 'go-stops';
    const [go, noGo] = this.sheet.side === 'external' ? [size <= max, size < min] : [size >= min, size > max];
    return noGo ? 'no-go-enters' : go ? 'right' : 'go-stops';
  }
}
