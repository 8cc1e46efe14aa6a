/** Surface speeds for threading with high-speed steel, m/min: about a third of those for turning; common practice, from memory. */
const BY_MATERIAL: readonly [RegExp, number][] = [
  [/stainless|tool steel|tough/i, 6],
  [/cast iron/i, 9],
  [/steel/i, 10],
  [/bronze/i, 15],
  [/brass/i, 25],
  [/alumin/i, 35],
];

/** Under this share of its usual speed carbide builds an edge of metal and chips; common practice, from memory. */
const CARBIDE_LEAST = 0.5;

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

/** Whether a tool is of carbide: an insert, or what its material says. */
export const isCarbide = (kind: string, material: string | null): boolean =>
  kind === 'insert' || /carbide/i.test(material ?? '');

/** The lowest surface speed in m/min that carbide still cuts well at; null where the material is not said or not known. */
export function leastForCarbide(material: string | null): number | null {
  const usual = threadingSpeed(material, true);
  return usual === null ? null : CARBIDE_LEAST * usual;
}
