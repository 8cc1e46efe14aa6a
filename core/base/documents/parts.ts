import { array, boolean, number, object, string, type ISchema, type ObjectShape, type Schema } from 'yup';
import { UNKNOWN, UNKNOWN_NAME } from './unknown';

/**
 * Building blocks of the schemas of stored documents. Every field is there; what is unknown or does not apply is null,
 * never left out, so that a reader need not tell the two apart.
 */

/** An object with just these fields; another one is refused by its name. */
export const part = <S extends ObjectShape>(fields: S) =>
  object(fields).noUnknown('There is a field that this version does not know: ${unknown}.').required();

/** The same where the whole part may be unknown. */
export const maybePart = <S extends ObjectShape>(fields: S) =>
  object(fields)
    .noUnknown('There is a field that this version does not know: ${unknown}.')
    .nullable()
    .default(null)
    .defined();

export const listOf = <T>(item: ISchema<T>, most: number) =>
  array(item as Schema<T>)
    .max(most)
    .required();

export const words = (most: number) => string().max(most).defined();
export const maybeWords = (most: number) => string().max(most).nullable().defined();

/** A finite number within limits, both allowed. */
export const figure = (min = -1e9, max = 1e9) => number().min(min).max(max).required();
export const maybeFigure = (min = -1e9, max = 1e9) => number().min(min).max(max).nullable().defined();
export const whole = (min: number, max: number) => number().integer().min(min).max(max).required();
export const maybeWhole = (min: number, max: number) =>
  number().integer().min(min).max(max).nullable().defined();

export const yesNo = () => boolean().required();
export const maybeYesNo = () => boolean().nullable().defined();

export const oneOf = <const V extends readonly string[]>(values: V) =>
  string()
    .oneOf(values as unknown as V[number][])
    .required() as unknown as Schema<V[number]>;
export const maybeOneOf = <const V extends readonly string[]>(values: V) =>
  string()
    .nullable()
    .defined()
    .oneOf([...values, null]) as unknown as Schema<V[number] | null>;

const UNITS = ['in', 'mm'] as const;
const lengthFields = { value: number().min(-1e6).max(1e6).required(), unit: oneOf(UNITS) };

/** A length with its unit. */
export const length = () => part(lengthFields);
export const maybeLength = () => maybePart(lengthFields);

const knownName = (values: readonly string[]) => ({
  name: UNKNOWN_NAME,
  message: '“${value}” is not known here.',
  params: { values },
  test: (value: unknown) => value === null || value === undefined || values.includes(value as string),
});

/** The same document with every name known. */
export type Known<T> = T extends string
  ? Exclude<T, typeof UNKNOWN>
  : T extends readonly (infer Item)[]
    ? Known<Item>[]
    : T extends object
      ? { [Field in keyof T]: Known<T[Field]> }
      : T;

/** Published as the list that is known now. */
const published = (values: readonly (string | null)[]) => ({
  jsonSchema: { enum: values.filter((value) => value !== UNKNOWN) },
});

/** A name of a list that a later release may make longer; one that is not known is no fault of the document. */
export const named = <const V extends readonly string[]>(values: V) =>
  string().min(1).max(40).required().meta(published(values)).test(knownName(values)) as unknown as Schema<
    V[number]
  >;
/** The same in a document, which is read with `unknown` in such a place. */
export const namedOrUnknown = <const V extends readonly string[]>(values: V) =>
  named([...values, UNKNOWN]) as unknown as Schema<V[number] | typeof UNKNOWN>;
export const maybeNamed = <const V extends readonly string[]>(values: V) =>
  string()
    .min(1)
    .max(40)
    .nullable()
    .defined()
    .meta(published([...values, null]))
    .test(knownName(values)) as unknown as Schema<V[number] | null>;

export const maybeNamedOrUnknown = <const V extends readonly string[]>(values: V) =>
  maybeNamed([...values, UNKNOWN]) as unknown as Schema<V[number] | typeof UNKNOWN | null>;

/** Format and version of a document. */
export const header = <F extends string>(format: F, version: number) => ({
  format: string().oneOf([format]).required() as unknown as Schema<F>,
  version: number().oneOf([version]).required(),
});
