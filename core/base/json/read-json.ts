import { bad, good, type Result } from '../errors/field-issue';

/** Thrown inside the parsing only; `readJson` turns it into a refusal. */
class ForbiddenName extends Error {
  constructor(readonly key: string) {
    super();
  }
}

class ForbiddenNumber extends Error {}

class TooDeep extends Error {}

/** No document is nested a tenth as deep; what looks through one goes down by calling itself. */
const DEEPEST = 1000;

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
    // Looked through afterwards: a function given to the parser is called fifteen times slower, and whoever sends a long
    // list holds up everybody.
    return good(honest(JSON.parse(text), DEEPEST));
  } catch (error) {
    if (error instanceof ForbiddenName)
      return bad(error.key, 'unreadable', `“${error.key}” can not be the name of a field.`);
    if (error instanceof ForbiddenNumber)
      return bad('', 'out-of-range', 'A number in the request is too large.');
    // A text that is no JSON, or is nested deeper than anything is.
    return bad('', 'not-json', 'The body is not readable JSON.');
  }
}

/** The value itself, its texts made whole; throws at what has no honest meaning. */
function honest(value: unknown, deepest: number): unknown {
  if (typeof value === 'string') return value.toWellFormed();
  if (typeof value === 'number' && !Number.isFinite(value)) throw new ForbiddenNumber();
  if (typeof value !== 'object' || value === null) return value;
  if (deepest === 0) throw new TooDeep();
  if (Array.isArray(value)) {
    const list = value as unknown[];
    for (let index = 0; index < list.length; index += 1) list[index] = honest(list[index], deepest - 1);
    return list;
  }
  const fields = value as Record<string, unknown>;
  for (const key of Object.keys(fields)) {
    if (key in Object.prototype) throw new ForbiddenName(key);
    fields[key] = honest(fields[key], deepest - 1);
  }
  return fields;
}
