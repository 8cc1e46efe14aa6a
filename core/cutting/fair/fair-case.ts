import type { GrooveCase } from '../groove/groove-case';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { Side } from '@/core/thread/standards/thread';

/** What scatters between one student and the next. */
const SOURCE_IDS = ['blank', 'tip', 'angle', 'dial', 'zero', 'bending', 'wire', 'micrometer', 'nut'] as const;
export type SourceId = (typeof SOURCE_IDS)[number];

/** How the last cuts are decided: by the dial alone, by what is measured over wires, or by a nut (inside: a plug). */
const FAIR_PROOFS = ['dial', 'wires', 'nut'] as const;
export type FairProof = (typeof FAIR_PROOFS)[number];

export interface SourceData {
  id: SourceId;
  name: string;
  unit: 'length' | 'degrees';
  /** What its spread is: a standard deviation, half a width in which all values are alike, or the most of it. */
  spread: 'standard' | 'half-width' | 'most';
  /** The proofs for which it matters. */
  proofs: readonly FairProof[];
}

export const SOURCES: readonly SourceData[] = [
  { id: 'blank', name: 'Blank', unit: 'length', spread: 'half-width', proofs: FAIR_PROOFS },
  { id: 'tip', name: 'Tip of the tool', unit: 'length', spread: 'standard', proofs: FAIR_PROOFS },
  { id: 'angle', name: 'Angle of the compound', unit: 'degrees', spread: 'standard', proofs: FAIR_PROOFS },
  { id: 'dial', name: 'Reading the dial', unit: 'length', spread: 'standard', proofs: FAIR_PROOFS },
  { id: 'zero', name: 'Touch-off', unit: 'length', spread: 'standard', proofs: FAIR_PROOFS },
  { id: 'bending', name: 'Bending', unit: 'length', spread: 'most', proofs: FAIR_PROOFS },
  { id: 'wire', name: 'Wires', unit: 'length', spread: 'standard', proofs: ['wires'] },
  { id: 'micrometer', name: 'Micrometer and hand', unit: 'length', spread: 'standard', proofs: ['wires'] },
  { id: 'nut', name: 'The nut at hand', unit: 'length', spread: 'half-width', proofs: ['nut'] },
];

/** An exercise as students of a class will cut it. Lengths in the thread's unit. */
export interface FairCase {
  groove: GrooveCase;
  side: Side;
  workDiameter: number;
  /** Readings of the slide that feeds, as planned. */
  readings: readonly number[];
  limits: Band;
  target: number;
  /** One graduation of the dial as travel of the slide. */
  graduation: number;
  /** What is taken at a time when a nut decides. */
  finishingInfeed: number;
  proof: FairProof;
  /** Middle of the nuts or plugs at hand. */
  nut: number;
  spreads: Readonly<Record<SourceId, number>>;
}

/** The sources that matter for a proof and scatter at all. */
export function sourcesOf({ proof, spreads }: Pick<FairCase, 'proof' | 'spreads'>): SourceId[] {
  return SOURCES.filter(({ id, proofs }) => proofs.includes(proof) && spreads[id] > 0).map(({ id }) => id);
}
