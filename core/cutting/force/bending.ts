import type { HoldingData } from '@/core/machine/technique/holdings/holding-data';
import { HOLDING_DATA, type Holding } from '@/core/machine/technique/holdings';

/** A slender round part, or a bar, as a beam. Lengths in mm, forces in N. */
export interface Beam {
  support: HoldingData['support'];
  /** From the jaws to the free end or the centre; between the centres. */
  length: number;
  diameter: number;
  /** N/mm². */
  elasticity: number;
}

/** How a holding carries the part: chuck and centre is a beam held fast at one end and propped at the other. */
export function supportOf(holding: Holding): Beam['support'] {
  return HOLDING_DATA[holding].support;
}

/** A real chuck, quill and centre give too: a beam alone shows a half to two thirds of what is measured (common practice). */
export const BENDING_UNCERTAINTY = 0.5;

/**
 * Compliance at a place, mm per N: how far the part gives under a force of 1 N there. Beam formulas of any handbook
 * (Machinery's Handbook, Roark): cantilever a³ / 3EI, propped a³ b² (3L + b) / 12EI L³, between centres a² b² / 3EI L, with
 * I = π d⁴ / 64.
 * @param at distance from the chuck (or the headstock centre), 0 to the length
 */
export function compliance({ support, length, diameter, elasticity }: Beam, at: number): number {
  const a = Math.min(length, Math.max(0, at));
  const b = length - a;
  const stiffness = elasticity * ((Math.PI * diameter ** 4) / 64);
  switch (support) {
    case 'cantilever':
      return a ** 3 / (3 * stiffness);
    case 'propped':
      return (a ** 3 * b ** 2 * (3 * length + b)) / (12 * stiffness * length ** 3);
    case 'between-centres':
      return (a ** 2 * b ** 2) / (3 * stiffness * length);
  }
}

/** Modulus of a boring bar's steel or, of carbide, more; N/mm². */
export const BAR_ELASTICITY = { steel: 210_000, carbide: 600_000 } as const;
