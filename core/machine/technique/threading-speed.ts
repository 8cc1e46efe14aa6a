/** Surface speeds for threading with high-speed steel, m/min: about a third of those for turning; common practice, from memory. */
const BY_MATERIAL: readonly [RegExp, number][] = [
  [/stainless|tool steel|tough/i, 6],
  [/cast iron/i, 9],
  [/steel/i, 10],
  [/bronze/i, 15],
  [/brass/i, 25],
  [/alumin/i, 35],
];

/** How much faster carbide may run; common practice. */
const CARBIDE = 4;

/**
 * The surface speed in m/min that is usual for threading a material; null where the material is not said or not known.
 * It guides: the hand limits sooner on most beginners' lathes.
 */
export function threadingSpeed(material: string | null, carbide: boolean): number | null {
  const found = BY_MATERIAL.find(([words]) => words.test(material ?? ''));
  return found === undefined ? null : found[1] * (carbide ? CARBIDE : 1);
}
