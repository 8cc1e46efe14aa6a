import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { format, resolveConfig } from 'prettier';
import { FORMAT_SCHEMAS, jsonSchemaOf } from '@/core/formats/json-schema';

/** Writes docs/formats/*.schema.json from the schemas that check the documents: `npm run schemas`. */
for (const [name, schema] of Object.entries(FORMAT_SCHEMAS)) {
  const file = path.join(import.meta.dirname, '..', 'docs', 'formats', `${name}.schema.json`);
  const text = JSON.stringify(jsonSchemaOf(name, schema));
  writeFileSync(file, await format(text, { ...(await resolveConfig(file)), parser: 'json' }));
  console.log(path.relative(process.cwd(), file));
}
