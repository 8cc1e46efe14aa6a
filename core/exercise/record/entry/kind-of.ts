import { string, type Schema } from 'yup';

/** The schema of a content's own name. */
export const kindOf = <K extends string>(kind: K) =>
  string().oneOf([kind]).required() as unknown as Schema<K>;
