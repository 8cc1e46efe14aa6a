import Ajv2020 from 'ajv/dist/2020';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { planFor } from '@/core/test/record';
import { FORMAT_SCHEMAS, jsonSchemaOf } from './json-schema';

const published = (name: string) =>
  JSON.parse(
    readFileSync(path.join(__dirname, '../../../docs/formats', `${name}.schema.json`), 'utf8'),
  ) as object;

test.each(Object.entries(FORMAT_SCHEMAS))(
  'the published schema of %s is made from the one that checks',
  (name, schema) => {
    expect(jsonSchemaOf(name, schema)).toEqual(published(name));
  },
);

/** The published schema, by a validator of its own, says the same as the reader. */
const plan = planFor({ 'thread.designation': 'M20xPh5P2.5-6g-LH' });
const lathe = usualLathe('mm');
const without = (document: object, field: string) =>
  Object.fromEntries(Object.entries(document).filter(([name]) => name !== field));
test.each([
  ['plan', plan, true],
  ['plan', { ...plan, title: 5 }, false],
  ['plan', without(plan, 'proof'), false],
  ['plan', { ...plan, lathe: 'Lathe 1' }, false],
  ['plan', { ...plan, holding: { ...plan.holding, kind: 'glue' } }, false],
  ['plan', { ...plan, version: 1 }, false],
  ['lathe', lathe, true],
  ['lathe', { ...lathe, trip: 'no' }, false],
  ['lathe', { ...lathe, compound: { ...lathe.compound, swivel: { zeroAlong: 'bed' } } }, false],
] as [string, object, boolean][])('%s %#', (name, document, valid) => {
  const validate = new Ajv2020({ strict: false }).compile(published(name));
  expect(validate(document)).toBe(valid);
  expect(FORMAT_SCHEMAS[name]?.isValidSync(document, { strict: true })).toBe(valid);
});
