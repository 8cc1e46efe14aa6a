import { bad, good, type Result } from '../errors/field-issue';

/** Thrown inside the parsing only; `readJson` turns it into a refusal. */
class ForbiddenName extends Error {
  constructor(readonly key: string) {
    super();
  }
}

class ForbiddenNumber extends Error {}

/**
 * Reads JSON from outside. Beyond the grammar it refuses what has no honest meaning here and would lead a schema astray:
 * - names that every object has already (`toString`, `constructor`, `__proto__`): refused at that name;
 * - numbers that are not finite (`1e999`), which would be stored as null.
 *
 * Half a character (a lone surrogate) can be sent, but not stored; it becomes the replacement character.
 * @example readJson('{"a":1}') // { ok: true, value: { a: 1 } }
 */
export function readJson(text: string): Result<unknown> {
  try {
    return good(JSON.parse(text, honest) as unknown);
  } catch (error) {
    if (error instanceof ForbiddenName)
      return bad(error.key, 'unreadable', `“${error.key}” can not be the name of a field.`);
    if (error instanceof ForbiddenNumber)
      return bad('', 'out-of-range', 'A number in the request is too large.');
    // A text that is no JSON, or is nested deeper than the stack is high.
    return bad('', 'not-json', 'The body is not readable JSON.');
  }
}

function honest(this: unknown, key: string, value: unknown): unknown {
  if (key in Object.prototype) throw new ForbiddenName(key);
  if (typeof value === 'number' && !Number.isFinite(value)) throw new ForbiddenNumber();
  return typeof value === 'string' ? value.toWellFormed() : value;
}
