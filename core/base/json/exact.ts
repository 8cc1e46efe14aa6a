import { number, string } from 'yup';

/** The value as it was sent: a schema that guesses (a list of one for its number, a number for text) accepts too much. */
const asSent = (_: unknown, original: unknown) => original;

/** Schema of text that must be sent as text. */
export const exactText = (most: number) =>
  string().transform(asSent).typeError('Type text.').max(most, `At most ${most} characters.`);

/** Schema of a whole number that must be sent as a number, within what a row of the database can hold. */
export const exactWhole = (least: number, otherwise: string) =>
  number()
    .transform(asSent)
    .typeError(otherwise)
    .integer(otherwise)
    .min(least, otherwise)
    .max(2 ** 31 - 1, otherwise);
