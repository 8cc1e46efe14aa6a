import { convertSchema } from '@sodaru/yup-to-json-schema';
import type { Schema } from 'yup';
import { latheSchema } from '@/core/machine/lathe/lathe';
import { storedPlanSchema } from '@/core/exercise/plan/plan';

/** The formats that go in and out as files, with the schemas that check them. */
export const FORMAT_SCHEMAS: Readonly<Record<string, Schema>> = {
  plan: storedPlanSchema,
  lathe: latheSchema,
};

interface Json {
  type?: string | string[];
  properties?: Record<string, Json>;
  items?: Json;
  required?: string[];
  additionalProperties?: boolean;
  enum?: unknown[];
  default?: unknown;
  [other: string]: unknown;
}

/** The published JSON Schema (draft 2020-12) of a format, made from the schema that checks its documents. */
export function jsonSchemaOf(name: string, schema: Schema): Json {
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `oyakata-${name}`,
    ...strict(convertSchema(schema) as Json),
  };
}

/** What the conversion leaves open and our schemas do not: every field is there, and no other. */
function strict(json: Json): Json {
  const result: Json = { ...json };
  delete result.default;
  // Where the names are listed, their length says nothing more.
  if (json.enum !== undefined) {
    delete result.minLength;
    delete result.maxLength;
  }
  if (json.properties !== undefined) {
    result.properties = Object.fromEntries(
      Object.entries(json.properties).map(([field, inner]) => [field, strict(inner)]),
    );
    result.required = Object.keys(json.properties);
    result.additionalProperties = false;
  }
  if (json.items !== undefined) result.items = strict(json.items);
  return result;
}
