import fc from 'fast-check';
import { anyText } from './arbitrary-text';

/** How a body is spoilt: at which of its places, and what stands there then; the number is taken by the count of places. */
export interface Spoiling {
  place: number;
  by: unknown;
}

/** Taken out, instead of another value. */
const GONE = Symbol('gone');

const LONG = 'x'.repeat(30_000);
const INVISIBLE = '\u200b\u2060\ufeff';

/** What stands where something else should: wrong types, sizes beyond belief, what can not be seen, names of every object. */
export const anySpoiling: fc.Arbitrary<Spoiling> = fc.record({
  place: fc.nat(10_000),
  by: fc.oneof(
    fc.constantFrom<unknown>(
      ...[GONE, null, true, '', INVISIBLE, LONG, -1, 0, 1e308, -1e308, 5e-324, 4_294_967_296, 16_329_000],
      ...[[], {}, [[]], ['1'], { kind: 'note' }, { length: 3 }, '1e999', 'NaN', '__proto__', 'toString'],
      ...['\ud800', '\u0000', '../../etc', '<script>', "' OR 1=1 --", '=1+1'],
      Array.from({ length: 2000 }, (_, n) => n),
    ),
    anyText,
    fc.double(),
  ),
});

type Step = string | number;

/**
 * A copy of a body with one of its places spoilt; a body without places is replaced whole.
 * @param inside the part of a body that matters, in which two of three are spoilt
 */
export function spoilt(body: unknown, { place, by }: Spoiling, inside?: string): unknown {
  const all = placesOf(body);
  const within = all.filter(([first], index) => index > 0 && first === inside);
  const places = within.length > 0 && place % 3 > 0 ? within : all;
  const chosen = places[place % Math.max(1, places.length)];
  return chosen === undefined || chosen.length === 0
    ? by === GONE
      ? undefined
      : by
    : replaced(body, chosen, by);
}

/** Every place of a value made of JSON's parts, its own first. */
function placesOf(value: unknown): Step[][] {
  if (typeof value !== 'object' || value === null) return [[]];
  const inner = Object.entries(value as Record<string, unknown>).flatMap(([name, part]) =>
    placesOf(part).map((place): Step[] => [name, ...place]),
  );
  return [[], ...inner];
}

function replaced(value: unknown, [step, ...rest]: Step[], by: unknown): unknown {
  if (step === undefined) return by;
  const copy = (Array.isArray(value) ? [...(value as unknown[])] : { ...(value as object) }) as Record<
    Step,
    unknown
  >;
  if (rest.length === 0 && by === GONE) delete copy[step];
  else copy[step] = replaced(copy[step], rest, by);
  return copy;
}
