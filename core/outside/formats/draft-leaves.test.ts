import { readFileSync } from 'node:fs';
import path from 'node:path';
import { EMPTY_PLAN_FORM, formFrom, leavesOf, withLeaf } from '@/core/exercise/plan/draft';
import { readPlan } from '@/core/exercise/plan/read/read-plan';
import { draftLeaves, draftPage } from './draft-leaves';

const cells = (text: string) => text.match(/`[^`]+`/g) ?? [];

test('the published page is made from the form', () => {
  const published = readFileSync(path.join(__dirname, '../../../docs/formats/draft.md'), 'utf8');
  expect(cells(published)).toEqual(cells(draftPage()));
});

test('every leaf of the form is there, each once', () => {
  const paths = draftLeaves().map((leaf) => leaf.path);
  expect(new Set(paths).size).toBe(paths.length);
  const ofForm = leavesOf(EMPTY_PLAN_FORM).map(([field]) => field.replace(/\.\d+\./g, '.N.'));
  expect(ofForm.filter((field) => !paths.includes(field))).toEqual([]);
});

const issuesAt = (field: string, text: string) => {
  const begun = withLeaf(
    { ...EMPTY_PLAN_FORM, title: 'Leaf' },
    'thread.designation',
    '3/4-16 UNF-2A (2 starts)',
  );
  return readPlan(formFrom(withLeaf(begun, field, text))).issues.filter(
    (issue) => issue.field === field && issue.code === 'unreadable',
  );
};

test.each(
  draftLeaves().flatMap(({ path: leaf, options }) => (options === null ? [] : [[leaf, options] as const])),
)('the options of %s are those that are read', (leaf, options) => {
  const field = leaf.replace('.N.', '.0.');
  for (const option of options) expect([option, issuesAt(field, option)]).toEqual([option, []]);
});
