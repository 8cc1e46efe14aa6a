/**
 * For tests: a part on a lathe as it really is, on a fine grid, and worked out by nothing that the product works out with.
 * Depths count from the real surface into the metal; lengths are in the thread's unit.
 */
export interface TruePart {
  side: 'external' | 'internal';
  pitch: number;
  starts: number;
  halfAngle: number;
  /** Real blank or bore. */
  diameter: number;
  /** Real tip: the width of its flat, or its radius. */
  flat: number;
  radius: number;
  /** Share of each infeed that springs back, and comes off at no infeed. */
  spring: number;
}

const POINTS_A_PITCH = 1000;

export class Groove {
  readonly heights: Float64Array;
  /** How deep the tool has really been in each start, and where along the axis it stood then. */
  readonly #deepest: number[];
  readonly #at: number[];

  constructor(readonly part: TruePart) {
    this.heights = new Float64Array(POINTS_A_PITCH * part.starts);
    this.#deepest = Array.from({ length: part.starts }, () => 0);
    this.#at = Array.from({ length: part.starts }, (_, start) => start * part.pitch);
  }

  /** The tool goes along at a depth that the slides would give it; part of what is new springs back. */
  cut(start: number, x: number, wanted: number): void {
    const { pitch, starts, spring } = this.part;
    const been = this.#deepest[start - 1] ?? 0;
    const depth = wanted > been + 1e-9 ? wanted - spring * (wanted - been) : wanted;
    if (depth <= 0) return;
    const step = pitch / POINTS_A_PITCH;
    const centre = x + (start - 1) * pitch;
    const lead = pitch * starts;
    for (let index = 0; index < this.heights.length; index += 1) {
      let away = Math.abs((((index * step - centre) % lead) + lead) % lead);
      away = Math.min(away, lead - away);
      const height = depth - this.#edge(away);
      if (height > (this.heights[index] ?? 0)) this.heights[index] = height;
    }
    if (depth > been) {
      this.#deepest[start - 1] = depth;
      this.#at[start - 1] = centre;
    }
  }

  /** How far the tool's edge stands back from its lowest point, so far beside it. */
  #edge(away: number): number {
    const { flat, radius, halfAngle } = this.part;
    if (radius > 0) {
      const touches = radius * Math.cos(halfAngle);
      if (away < touches) return radius - Math.sqrt(radius * radius - away * away);
      return radius - radius * Math.sin(halfAngle) + (away - touches) / Math.tan(halfAngle);
    }
    return away <= flat / 2 ? 0 : (away - flat / 2) / Math.tan(halfAngle);
  }

  deepestIn(start: number): number {
    return this.#deepest[start - 1] ?? 0;
  }

  /** Pitch diameter of a start: where the groove is half a pitch wide; null where it is nowhere so wide. */
  pitchDiameter(start: number): number | null {
    const { pitch, side, diameter } = this.part;
    const step = pitch / POINTS_A_PITCH;
    const first = Math.round((this.#at[start - 1] ?? 0) / step - POINTS_A_PITCH / 2);
    const around = Array.from({ length: POINTS_A_PITCH }, (_, index) => {
      const at = (first + index) % this.heights.length;
      return this.heights[at < 0 ? at + this.heights.length : at] ?? 0;
    }).sort((a, b) => a - b);
    const level = ((around[POINTS_A_PITCH / 2 - 1] ?? 0) + (around[POINTS_A_PITCH / 2] ?? 0)) / 2;
    if (level <= 0) return null;
    return side === 'external' ? diameter - 2 * level : diameter + 2 * level;
  }

  /** Of each start; null where one has no thread yet. */
  sizes(): number[] | null {
    const known = this.cutSizes();
    return known.length < this.part.starts ? null : known;
  }

  /** Of the starts that have a thread. */
  cutSizes(): number[] {
    return Array.from({ length: this.part.starts }, (_, index) => this.pitchDiameter(index + 1)).filter(
      (size) => size !== null,
    );
  }

  /** Of the start with the most metal: what a nut or a gauge feels; null while one has none. */
  functional(): number | null {
    const sizes = this.sizes();
    if (sizes === null) return null;
    return this.part.side === 'external' ? Math.max(...sizes) : Math.min(...sizes);
  }
}

/**
 * Over three wires, or over two balls in a bore, by the formula of the handbooks (ASME B1.2, appendix; from memory): the
 * centres stand w (cosec a + tan2 l cos a cot a / 2) - P/2 cot a beyond the pitch diameter, inward in a bore.
 */
export function overWires(
  { side, pitch, starts, halfAngle }: TruePart,
  wire: number,
  pitchDiameter: number,
): number {
  const lead = Math.atan((pitch * starts) / (Math.PI * pitchDiameter));
  const cot = 1 / Math.tan(halfAngle);
  const beyond =
    wire * (1 / Math.sin(halfAngle) + (Math.tan(lead) ** 2 * Math.cos(halfAngle) * cot) / 2) -
    (pitch / 2) * cot;
  return pitchDiameter + (side === 'external' ? beyond : -beyond) + wire;
}
