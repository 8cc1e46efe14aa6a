import type { Sheet } from '../core/exercise/sheet/sheet';
import { goodSteps } from '../core/test/record';
import { joinedOptions } from '../core/learning/worksheet/judge-answer';
import { withLeaf } from '../core/exercise/plan/draft';
import { HELPER } from '../demo/shop';
import { ask, personId } from './database';
import { entryBody, GOOD_FORM, latheId } from './fixtures';
import { INSTRUCTOR, requestAs, workAs } from './people';
import { expect, test, watchErrors, type APIRequestContext, type Page } from './test';

const STUDENT = 'Chidi Lind';
const OTHERS = ['Ana Brandt', 'Bela Okoro'];
const TITLE = 'Three at once';

/** One exercise for three students, with a worksheet and a hold point that a helper may sign. */
async function handOutToThree(instructor: APIRequestContext): Promise<number[]> {
  const form = (
    [
      ['worksheet.compoundFeed', 'yes'],
      ['worksheet.markToSet', 'yes'],
      ['worksheet.safety', 'yes'],
      ['marking.worksheet', '10'],
      ['marking.result', '30'],
      ['steps.0.id', 'instructor-look'],
      ['steps.0.hold', 'helper'],
    ] as const
  ).reduce((all, [field, text]) => withLeaf(all, field, text), { ...GOOD_FORM, title: TITLE });
  const { id } = (await (await instructor.post('/api/exercises')).json()) as { id: number };
  const studentIds = await Promise.all([STUDENT, ...OTHERS].map(personId));
  const response = await instructor.post(`/api/exercises/${id}/hand-out`, {
    data: { form, draftVersion: 0, studentIds, latheIds: [await latheId()] },
  });
  expect(response.status()).toBe(201);
  const rows = await ask<{ id: number; studentId: number }>(
    'SELECT attempt_id AS id, student_id AS studentId FROM attempt_summaries WHERE exercise_id = ?',
    [id],
  );
  return studentIds.map((each) => rows.find(({ studentId }) => studentId === each)?.id ?? 0);
}

async function sheetOf(instructor: APIRequestContext, attemptId: number): Promise<Sheet> {
  return ((await (await instructor.get(`/api/attempts/${attemptId}`)).json()) as { sheet: Sheet }).sheet;
}

test('a student works from the worksheet to the last measurement on a tablet, instructor and helper sign, the network goes and comes', async ({
  browser,
  baseURL,
  playwright,
}) => {
  const instructor = await playwright.request.newContext({ baseURL: baseURL ?? '' });
  await requestAs(instructor, INSTRUCTOR);
  const [attemptId = 0, ...others] = await handOutToThree(instructor);
  const sheet = await sheetOf(instructor, attemptId);
  // The others have come to the hold point already.
  const hold = sheet.steps.findIndex(({ kind }) => kind === 'sign-off');
  for (const other of others)
    for (const content of goodSteps(sheet).slice(0, hold))
      expect(
        (await instructor.post(`/api/attempts/${other}/entries`, { data: entryBody(content) })).status(),
      ).toBe(201);

  const at = (width: number, height: number) =>
    browser.newContext({ baseURL: baseURL ?? '', viewport: { width, height } });
  const [bench, desk, tablet] = await Promise.all([at(1024, 768), at(1280, 800), at(1024, 768)]);
  const errors = [bench, desk, tablet].map(watchErrors);
  const [student, master, helper] = await Promise.all([bench.newPage(), desk.newPage(), tablet.newPage()]);
  await workAs(student, STUDENT);
  await workAs(master, INSTRUCTOR);
  await workAs(helper, HELPER);
  await master.goto('/floor');
  await helper.goto('/floor');

  // The worksheet: the slip is named, not the number; then the sheet opens.
  await student.goto(`/bench#${attemptId}`);
  await student.reload();
  await expect(student.getByRole('heading', { name: 'Feed on the compound' })).toBeVisible();
  const answer = async (text: string) => {
    await student.getByLabel('Your answer').fill(text);
    await student.getByRole('button', { name: 'Check it' }).click();
  };
  await answer(sheet.radialDepth.toFixed(4));
  await expect(student.getByText('divide by the cosine')).toBeVisible();
  await expect(student.getByText(sheet.compoundFeed.toFixed(4))).toHaveCount(0);
  await answer(sheet.compoundFeed.toFixed(4));
  await expect(student.getByRole('heading', { name: 'Graduation to set' })).toBeVisible();
  await answer(String(sheet.compound.markDeg));
  await expect(student.getByRole('heading', { name: 'What is safe' })).toBeVisible();
  const safe = sheet.worksheet.find(({ id }) => id === 'safety')?.wanted ?? [];
  expect(joinedOptions(safe)).not.toBe('');
  for (const each of safe) await student.getByLabel(each).check();
  await student.getByRole('button', { name: 'Check it' }).click();
  await setUp(student);
  await expect(student.getByText(/The floor sees that you wait here/)).toBeVisible();

  // The helper signs for the student, the instructor for one of the others; nobody reloads.
  await sign(helper, STUDENT);
  await sign(master, OTHERS[0] ?? '');
  await expect(student.getByRole('heading', { name: /Pass 1 of/ })).toBeVisible();

  await cutOn(student, 3);
  await bench.setOffline(true);
  await cutOn(student, 3);
  await expect(student.getByRole('status').filter({ hasText: 'not sent yet' })).toBeVisible();
  await sign(master, OTHERS[1] ?? '');
  await bench.setOffline(false);
  await expect(student.getByRole('status').filter({ hasText: 'Everything is sent' })).toBeVisible({
    timeout: 60_000,
  });
  await cutOn(student, 100);
  await expect(student.getByRole('heading', { name: 'All planned passes are cut' })).toBeVisible();

  // The last measurement comes from a gauge: one that types, and the stand-in over its line.
  await student.getByRole('button', { name: 'Measure', exact: true }).click();
  const gauge = await bench.newPage();
  await gauge.goto(`/gauge?piece=${attemptId}`);
  for (const place of ['start', 'middle']) {
    await gauge.getByRole('button', { name: `over wires, ${place}` }).click();
    await expect(student.getByLabel(place === 'start' ? 'Start' : 'Middle', { exact: true })).not.toHaveValue(
      '',
    );
  }
  const start = await student.getByLabel('Start', { exact: true }).inputValue();
  await student.getByLabel('End', { exact: true }).focus();
  await student.keyboard.type(start);
  await student.keyboard.press('Enter');
  await expect(student.getByLabel('Major diameter')).toBeFocused();
  await student.keyboard.type(sheet.workDiameter.toFixed(4));
  await student.getByRole('button', { name: 'Record as final' }).click();
  await expect(student.getByRole('region', { name: 'Remaining feed' })).toContainText(
    /In the limits|Still to cut|Over-cut/,
  );
  await student.getByRole('button', { name: 'Hand in', exact: true }).click();
  await student
    .getByRole('dialog')
    .getByRole('button', { name: /^Hand in/ })
    .click();
  await expect(student.getByRole('heading', { name: 'Handed in' })).toBeVisible();
  await expect(student.getByRole('status').filter({ hasText: 'Everything is sent' })).toBeVisible();

  // What was recorded is whole, in order, and marked with its worksheet.
  const kindsOf = async () =>
    (
      await ask<{ kind: string }>(
        "SELECT JSON_VALUE(content, '$.kind') AS kind FROM entries WHERE attempt_id = ? ORDER BY seq",
        [attemptId],
      )
    ).map(({ kind }) => kind);
  await expect.poll(async () => (await kindsOf()).slice(-2)).toEqual(['measurement', 'hand-in']);
  const kinds = await kindsOf();
  expect(kinds.filter((kind) => kind === 'worksheet')).toHaveLength(4);
  expect(kinds.filter((kind) => kind === 'pass')).toHaveLength(sheet.passes.length);
  await master.goto(`/attempts/${attemptId}/mark`);
  await expect(master.locator('[data-line="worksheet:compoundFeed"]')).toContainText('Found at try 2');
  expect(errors.flat()).toEqual([]);
  await Promise.all([bench.close(), desk.close(), tablet.close()]);
  await instructor.dispose();
});

/** Every step of the set-up, as the bench shows it, up to the hold point. */
async function setUp(page: Page): Promise<void> {
  const heading = page.locator('main').getByRole('heading', { level: 2 }).first();
  await expect(heading).not.toHaveText('What is safe');
  for (let step = 0; step < 20; step += 1) {
    const title = (await heading.textContent()) ?? '';
    if (title === 'Instructor looks') return;
    const done = page.getByRole('button', { name: 'Done', exact: true });
    if (title === 'Gearing') await page.getByRole('button', { name: 'All stand so' }).click();
    else if (title === 'Prove the drive') {
      for (const look of await page.getByRole('checkbox').all()) await look.check();
      await page.getByRole('button', { name: 'All seen' }).click();
    } else if (await done.isVisible()) await done.click();
    else {
      const shown = page.locator('main form p', { hasText: /^Expected/ });
      const expected = (await shown.count()) === 0 ? '0.7595' : ((await shown.textContent()) ?? '');
      await page
        .locator('main form input')
        .first()
        .fill(expected.replace('Expected', '').match(/[\d.]+/)?.[0] ?? '');
      await page.getByRole('button', { name: 'Record', exact: true }).last().click();
    }
    await expect(heading).not.toHaveText(title);
  }
}

/** On the floor: whoever waits is looked at, and signed off. */
async function sign(page: Page, name: string): Promise<void> {
  const waiting = page.getByRole('region', { name: 'Waiting' });
  await waiting
    .getByRole('button', { name: new RegExp(`${name}.*${TITLE}|${name}`) })
    .first()
    .click();
  await page.getByRole('button', { name: 'Sign off' }).click();
}

/** Cuts as planned, at most so many; stops are passed over, the pitch is right. */
async function cutOn(page: Page, most: number): Promise<void> {
  const cut = page.getByRole('button', { name: 'Cut', exact: true });
  const over = page.getByRole('button', { name: 'Pass it over' });
  const pitch = page.getByLabel('Set or measured');
  const end = page.getByRole('heading', { name: 'All planned passes are cut' });
  for (let made = 0; made < most;) {
    await expect(cut.or(over).or(pitch).or(end).first()).toBeVisible();
    if (await end.isVisible()) return;
    if (await pitch.isVisible()) {
      await pitch.fill('16');
      await page.getByRole('button', { name: 'Record', exact: true }).last().click();
      await expect(pitch).toHaveCount(0);
    } else if (await over.isVisible()) {
      await over.click();
      await expect(over).toHaveCount(0);
    } else {
      const heading = page.locator('main').getByRole('heading', { level: 2 }).first();
      const before = await heading.innerText();
      await cut.click();
      await expect(heading).not.toHaveText(before);
      made += 1;
      await page.waitForTimeout(750);
    }
  }
}
