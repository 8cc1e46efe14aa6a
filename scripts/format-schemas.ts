import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { format } from 'oxfmt';
import { draftPage } from '@/core/outside/formats/draft-leaves';
import { FORMAT_SCHEMAS, jsonSchemaOf } from '@/core/outside/formats/json-schema';

/** Writes docs/formats/*.schema.json from the schemas that check the documents, and draft.md from the form: `npm run schemas`. */
for (const [name, schema] of Object.entries(FORMAT_SCHEMAS)) {
  const file = path.join(import.meta.dirname, '..', 'docs', 'formats', `${name}.schema.json`);
  const { code } = await format(file, JSON.stringify(jsonSchemaOf(name, schema)), { printWidth: 110 });
  writeFileSync(file, code);
  console.log(path.relative(process.cwd(), file));
}
const page = path.join(import.meta.dirname, '..', 'docs', 'formats', 'draft.md');
writeFileSync(page, (await format(page, draftPage(), { printWidth: 110 })).code);
console.log(path.relative(process.cwd(), page));
