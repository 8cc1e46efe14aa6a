import { array, mixed, object, string } from 'yup';
import { good, type Result } from '@/core/base/errors/field-issue';
import { doItem, ITEM_NAMES, type Item } from '@/core/outside/story/story-item';
import { saidNow } from '@/core/outside/story/said';
import { sheetOfStory } from '@/core/outside/story/story-plan';
import { sheetSaid } from '@/core/outside/story/sheet-said';
import { StoryRecord } from '@/core/outside/story/story-record';
import { shape, thread, withoutId } from './request';

const MOST_ITEMS = 2000;

const leaves = (name: string) =>
  mixed<Record<string, unknown>>().test(
    'leaves',
    `${name} must be an object of leaves.`,
    (value) => value === undefined || (typeof value === 'object' && value !== null && !Array.isArray(value)),
  );

const schema = object({
  thread: thread(),
  unit: string()
    .strict()
    .oneOf(['in', 'mm'] as const, 'unit must be "in" or "mm".'),
  starter: string().strict().typeError('starter must be text.'),
  plan: leaves('plan'),
  lathe: leaves('lathe'),
  role: string()
    .strict()
    .oneOf(['student', 'instructor', 'helper'] as const, 'role is student, instructor or helper.'),
  story: array(mixed<Item>().required())
    .strict()
    .typeError('story must be a list.')
    .max(MOST_ITEMS, `At most ${MOST_ITEMS} items.`)
    .required('story is missing.'),
  answer: string()
    .strict()
    .oneOf(['all', 'last'] as const, 'answer is "all" or "last".'),
})
  .strict()
  .noUnknown('There is no such field: ${unknown}.');

/**
 * `{"thread":"3/4-16 UNF-2A","story":[{"do":"set-up"},{"do":"cut"}]}`: what the bench advises before the story and after
 * each of its items. What can not be done then is refused on its item and changes nothing.
 */
export function calcNext(request: unknown): Result<object> {
  const read = shape(schema, withoutId(request));
  if (!read.ok) return read;
  const { story, answer = 'all', role = 'student', plan, lathe, ...rest } = read.value;
  const wrong = story.flatMap((item, index) => itemIssue(item, `story[${index}]`))[0];
  if (wrong !== undefined) return { ok: false, issues: [wrong] };
  const sheet = sheetOfStory({ ...rest, plan, lathe });
  if (!sheet.ok) return sheet;
  const record = new StoryRecord(sheet.value, role);
  const says: object[] = answer === 'all' ? [saidNow(record)] : [];
  story.forEach((item, index) => {
    record.madeBy.push([]);
    const refused = doItem(record, item);
    if (answer === 'all' || index === story.length - 1)
      says.push(refused === null ? saidNow(record) : { ...saidNow(record), refused });
  });
  return good({ sheet: sheetSaid(sheet.value), says: says.length === 0 ? [saidNow(record)] : says });
}

/** What an item lacks to be meant at all. */
function itemIssue(item: unknown, at: string) {
  const issue = (field: string, code: 'required' | 'unreadable', message: string) => [
    { field: `${at}.${field}`, code, message },
  ];
  if (typeof item !== 'object' || item === null || Array.isArray(item))
    return issue('do', 'required', 'An item is an object with "do".');
  const fields = item as Readonly<Record<string, unknown>>;
  const name = fields.do;
  if (name === undefined) return issue('do', 'required', '"do" is missing.');
  if (typeof name !== 'string' || !(ITEM_NAMES as string[]).includes(name))
    return issue('do', 'unreadable', `"do" is one of ${ITEM_NAMES.join(', ')}.`);
  const missing = (NEEDS[name] ?? []).find((field) => fields[field] === undefined);
  if (missing !== undefined) return issue(missing, 'required', `${missing} is missing.`);
  if (name === 'late') {
    if (!Array.isArray(fields.items)) return issue('items', 'unreadable', 'items is a list of items.');
    return fields.items.flatMap((each: unknown, index): ReturnType<typeof issue> =>
      itemIssue(each, `${at}.items[${index}]`),
    );
  }
  return [];
}

const NEEDS: Readonly<Record<string, readonly string[]>> = {
  step: ['id'],
  sign: ['id'],
  zero: ['by'],
  stop: ['stop', 'answer'],
  measure: ['places', 'final'],
  try: ['answer', 'final'],
  find: ['evidence', 'final'],
  refigure: ['what', 'value'],
  event: ['id'],
  strike: ['item'],
  late: ['items'],
  end: ['as'],
};
