import { bad, good, type Result } from '@/core/base/errors/field-issue';

/** NIST SP 800-63B, 3.1.1.2 (revision 4): length is what counts; 15 alone, fewer with other means. Here tries are limited. */
const LEAST_PASSWORD = 12;
/** Longer than any phrase that is typed; a limit so that nobody can keep the hash busy. */
const MOST_SECRET = 200;

/**
 * A new password of an instructor or helper. Any characters, at least 12; no rules of their kinds, but not the person's
 * own name and not one character over and over. The server looks into lists of the commonest as well.
 */
export function readPassword(text: string, name: string): Result<string> {
  if ([...text].length < LEAST_PASSWORD)
    return bad(
      'password',
      'out-of-range',
      `At least ${LEAST_PASSWORD} characters; a short sentence is good.`,
    );
  if (text.length > MOST_SECRET) return bad('password', 'too-long', `At most ${MOST_SECRET} characters.`);
  if (text.toLowerCase().includes(name.toLowerCase()) || new Set(text.toLowerCase()).size < 4)
    return bad('password', 'conflict', 'This is guessed at once. Take something else.');
  return good(text);
}

/**
 * A new PIN of a student at the bench: 4 to 8 figures, for a keypad and oily hands. Runs and one figure over and over
 * are refused. Wrong tries are limited by the server.
 */
export function readPin(text: string): Result<string> {
  if (!/^\d{4,8}$/.test(text)) return bad('pin', 'unreadable', 'Choose 4 to 8 figures.');
  const steps = [...text].slice(1).map((figure, index) => Number(figure) - Number(text[index]));
  const even = steps.every((step) => step === steps[0]) && Math.abs(steps[0] ?? 0) <= 1;
  return even ? bad('pin', 'conflict', 'This is guessed at once. Take other figures.') : good(text);
}
