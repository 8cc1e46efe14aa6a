import { bad, good, type Result } from '@/core/base/errors/field-issue';

/** Fewest and most teeth that a change gear has. */
const TEETH = { least: 10, most: 400 } as const;
/** Most gears of one stock: every two pairs of so many are tried in well under a second. */
export const MOST_GEARS = 80;

/**
 * A stock of change gears as typed: `20, 24, 28`, a gear that is there twice named twice.
 * @example readStock('stock', '20 24 24 127') // [20, 24, 24, 127]
 */
export function readStock(field: string, text: string): Result<number[]> {
  const said = text.trim();
  if (said === '') return good([]);
  const teeth: number[] = [];
  for (const word of said.split(/[\s,;]+/).filter((each) => each !== '')) {
    if (!/^\d{1,6}$/.test(word))
      return bad(field, 'not-a-number', `“${word.slice(0, 20)}” is no number of teeth: write 20, 24, 28.`);
    const refused = refusedTeeth(Number(word));
    if (refused !== null) return bad(field, 'out-of-range', refused);
    teeth.push(Number(word));
  }
  if (teeth.length > MOST_GEARS) return bad(field, 'too-long', `At most ${MOST_GEARS} gears.`);
  return good(teeth.sort((a, b) => a - b));
}

/** Why a gear of so many teeth can not be; null where it can. */
export function refusedTeeth(teeth: number): string | null {
  return Number.isInteger(teeth) && teeth >= TEETH.least && teeth <= TEETH.most
    ? null
    : `${teeth} teeth: a change gear has ${TEETH.least} to ${TEETH.most}.`;
}
