import type { AnySchema } from 'yup';

interface Inside {
  type: string;
  fields?: Record<string, AnySchema>;
  innerType?: AnySchema;
  tests?: { OPTIONS?: { name?: string; params?: Record<string, unknown> } }[];
}

/**
 * A value from outside with its lists cut off one behind what their schema allows: the schema then finds that there are
 * too many, and has not looked at sixty thousand of them before. Nothing else is changed.
 */
export function cutLongLists(schema: AnySchema, value: unknown): unknown {
  const { type, fields, innerType, tests } = schema as unknown as Inside;
  if (Array.isArray(value)) {
    const said = (tests ?? []).find(({ OPTIONS }) => OPTIONS?.name === 'max')?.OPTIONS?.params?.max;
    // A table looks at itself, in one go.
    if (type !== 'array') return value;
    // Where a schema does not say how many, nothing may be left out without a word.
    const kept = typeof said === 'number' && value.length > said ? value.slice(0, said + 1) : value;
    return innerType === undefined ? kept : kept.map((each) => cutLongLists(innerType, each));
  }
  if (typeof value !== 'object' || value === null || fields === undefined) return value;
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => {
      const field = Object.hasOwn(fields, name) ? fields[name] : undefined;
      return [name, field === undefined ? each : cutLongLists(field, each)];
    }),
  );
}
