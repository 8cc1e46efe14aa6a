import { lengthIn, type Length } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import type { Dial } from './lathe';

/** Graduations in a length of the slide's travel, exact; not a whole number where it falls between two of them. */
export function graduationsIn(
  travel: Length,
  { graduation, reads }: Pick<Dial, 'graduation' | 'reads'>,
): number {
  const shown = lengthIn(travel, graduation.unit) * (reads === 'diameter' ? 2 : 1);
  return shown / graduation.value;
}

/** The slide's travel for a number of graduations. @example travelOf(253, dial of 0.001 in) // { value: 0.253, unit: 'in' } */
export function travelOf(
  graduations: number,
  { graduation, reads }: Pick<Dial, 'graduation' | 'reads'>,
): Length {
  const shown = graduations * graduation.value;
  return { value: roundTo(reads === 'diameter' ? shown / 2 : shown, 7), unit: graduation.unit };
}

/** What the dial's figures have gone on by for a number of graduations. */
export function shownFor(graduations: number, { graduation }: Pick<Dial, 'graduation'>): Length {
  return { value: roundTo(graduations * graduation.value, 6), unit: graduation.unit };
}
