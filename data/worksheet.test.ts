import { formFrom, draftDocument, withLeaf } from '@/core/exercise/plan/draft';
import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import { benchHome } from './bench';
import { passOn } from './outcome';
import { classDatabase, refused } from './test/class-database';
import { GOOD_FORM, sentEntry } from './test/fresh-database';

const { people, issue } = classDatabase();

const FORM = formFrom(
  draftDocument(
    ['radialDepth', 'compoundFeed'].reduce(
      (form, ask) => withLeaf(form, `worksheet.${ask}` as 'worksheet.pitch', 'yes'),
      GOOD_FORM,
    ),
  ),
);
const tried = (question: string, answer: string, told = false) =>
  sentEntry({ kind: 'worksheet', question, answer, told });

test('a student gets the questions and nothing of the sheet until they are found; the instructor sees both', async () => {
  const { attemptId } = await issue(undefined, undefined, FORM);
  const student = people.students[0]!;
  const { sheet } = passOn(await loadAttempt(people.instructor, attemptId));
  const before = passOn(await loadAttempt(student, attemptId));
  expect(before).toMatchObject({ sheet: null, hides: true, worksheet: { open: false } });
  const feed = sheet!.compoundFeed.toFixed(4);
  expect(JSON.stringify(before)).not.toContain(feed);
  const home = passOn(await benchHome(student)).pieces.find((piece) => piece.attemptId === attemptId);
  expect(home?.next.kind).toBe('worksheet');
  expect(JSON.stringify(home)).not.toContain(feed);

  passOn(await appendEntry(student, attemptId, tried('compoundFeed', sheet!.radialDepth.toFixed(4))));
  const hinted = passOn(await loadAttempt(student, attemptId));
  expect(hinted.worksheet?.questions[1]?.tries[0]?.says).toMatch(/cosine/);
  passOn(await appendEntry(student, attemptId, tried('radialDepth', sheet!.radialDepth.toFixed(4))));
  passOn(await appendEntry(student, attemptId, tried('compoundFeed', feed)));
  const after = passOn(await loadAttempt(student, attemptId));
  expect(after.sheet?.compoundFeed).toBe(sheet!.compoundFeed);
  expect(after.worksheet?.open).toBe(true);
});

test('what is not asked, or can not be read, or was not tried yet, is refused by its field', async () => {
  const { attemptId } = await issue(undefined, undefined, FORM);
  const student = people.students[0]!;
  const send = (...args: Parameters<typeof tried>) => appendEntry(student, attemptId, tried(...args));
  expect(await send('bestWire', '1')).toEqual(refused('conflict', 'content.question'));
  expect(await send('radialDepth', 'deep')).toEqual(refused('invalid', 'content.answer'));
  expect(await send('radialDepth', '', true)).toEqual(refused('conflict', 'content.told'));
  passOn(await send('radialDepth', '1'));
  passOn(await send('radialDepth', '2'));
  passOn(await send('radialDepth', '', true));
  const { worksheet } = passOn(await loadAttempt(student, attemptId));
  expect(worksheet?.questions[0]).toMatchObject({
    found: false,
    right: expect.stringMatching(/^0\.0\d+ in$/) as string,
  });
});
