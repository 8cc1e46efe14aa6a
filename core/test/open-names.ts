import type { Schema } from 'yup';
import { UNKNOWN_NAME } from '@/core/base/documents/unknown';

interface Told {
  tests?: { name?: string }[];
  fields?: Record<string, Told>;
  innerType?: Told;
}

/** For tests: where a document may hold a name of a later release; of a list its first item. */
export function openNames(schema: Schema): string[][] {
  const look = (told: Told, path: string[]): string[][] => [
    ...(told.tests?.some(({ name }) => name === UNKNOWN_NAME) === true ? [path] : []),
    ...Object.entries(told.fields ?? {}).flatMap(([name, field]) => look(field, [...path, name])),
    ...(told.innerType === undefined ? [] : look(told.innerType, [...path, '0'])),
  ];
  return look(schema.describe(), []);
}

/** For tests: a copy of a document with something else at a path. */
export function withAt<T>(document: T, [step, ...rest]: readonly string[], value: unknown): T {
  if (step === undefined) return value as T;
  const copy = structuredClone(document) as Record<string, unknown>;
  copy[step] = withAt(copy[step], rest, value);
  return copy as T;
}
