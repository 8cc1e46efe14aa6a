import fc from 'fast-check';
import type { Schema } from 'yup';
import { UNKNOWN_NAME } from '@/core/base/documents/unknown';
import { anyText } from './arbitrary-text';

/** What yup tells of a schema, as far as it is looked at here. */
interface Told {
  type: string;
  nullable?: boolean;
  oneOf?: unknown[];
  tests?: { name?: string; params?: Record<string, unknown> }[];
  fields?: Record<string, Told>;
  innerType?: Told;
}

/** For tests: values that a schema is made for, so that what is sent gets past it; most of them fit. */
export function valuesOf(schema: Schema): fc.Arbitrary<unknown> {
  return arbitraryOf(schema.describe());
}

function arbitraryOf(told: Told): fc.Arbitrary<unknown> {
  const choices = (told.oneOf ?? []).filter((value) => value !== null);
  const names = paramOf(told, UNKNOWN_NAME, 'values');
  const value =
    choices.length > 0
      ? fc.constantFrom(...choices)
      : Array.isArray(names)
        ? fc.constantFrom(...(names as unknown[]))
        : byType(told);
  return told.nullable === true
    ? fc.oneof({ weight: 2, arbitrary: value }, { weight: 1, arbitrary: fc.constant(null) })
    : value;
}

function byType(told: Told): fc.Arbitrary<unknown> {
  const limit = (name: string, otherwise: number) => Number(paramOf(told, name, name) ?? otherwise);
  switch (told.type) {
    case 'object':
      return fc.record(
        Object.fromEntries(
          Object.entries(told.fields ?? {}).map(([name, field]) => [name, arbitraryOf(field)]),
        ),
      );
    case 'array':
      return fc.array(arbitraryOf(told.innerType ?? { type: 'mixed' }), {
        maxLength: Math.min(3, limit('max', 3)),
      });
    case 'number': {
      const [min, max] = [Math.max(limit('min', -1000), -1e6), Math.min(limit('max', 1000), 1e6)];
      const whole = told.tests?.some(({ name }) => name === 'integer') === true;
      return whole
        ? fc.integer({ min: Math.ceil(min), max: Math.floor(max) })
        : fc.oneof(fc.double({ min, max, noNaN: true }), fc.constantFrom(min, max).filter(Number.isFinite));
    }
    case 'boolean':
      return fc.boolean();
    case 'string': {
      if (told.tests?.some(({ name }) => name === 'uuid' || name === 'matches') === true) return fc.uuid();
      const most = limit('max', 60);
      return fc
        .oneof(
          {
            weight: 3,
            arbitrary: fc.constantFrom('blank', 'stop-1', 'nut', 'touch-off', 'look:finish', '0.05'),
          },
          { weight: 1, arbitrary: anyText },
        )
        .map((text) => text.slice(0, most) || 'x');
    }
    default:
      return fc.constantFrom('x', 1, true, {});
  }
}

const paramOf = ({ tests = [] }: Told, test: string, param: string) =>
  tests.find(({ name }) => name === test)?.params?.[param];
