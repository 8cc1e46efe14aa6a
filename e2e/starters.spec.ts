import { ask, exerciseId } from './database';
import { expectGoodView } from './good-view';
import { BOARD, INSTRUCTOR, newExercise, workAs } from './people';
import { expect, test, type Page } from './test';

test('from “New exercise” to handed out with proposals: at most 12 actions', async ({ page }) => {
  await workAs(page, INSTRUCTOR);
  let actions = 0;
  const act = async (what: Promise<unknown>) => {
    actions += 1;
    await what;
  };
  await page.goto('/');
  await expectGoodView(page);
  await act(page.getByRole('button', { name: 'New exercise' }).click());
  await act(page.getByRole('button', { name: 'Half nut closed, proved by the nut' }).click());
  await act(page.getByLabel('Exercise', { exact: true }).fill('Short way'));
  await act(page.getByLabel('Thread', { exact: true }).fill('M16x2-6g'));
  await act(page.getByRole('button', { name: 'Hand out…' }).click());
  const dialog = page.getByRole('dialog', { name: 'Hand out' });
  await act(dialog.getByRole('button', { name: 'Choose all' }).click());
  await act(dialog.getByRole('button', { name: /^Hand out to \d+$/ }).click());
  await page.waitForURL(BOARD);
  const [row] = await ask<{ n: number }>(
    "SELECT COUNT(*) AS n FROM attempt_summaries s JOIN exercises e ON e.id = s.exercise_id WHERE e.title = 'Short way'",
  );
  expect(Number(row?.n)).toBeGreaterThan(1);
  expect(actions).toBeLessThanOrEqual(12);
});

test('a lathe that can not do it is not offered, and says why', async ({ page }) => {
  await workAs(page, INSTRUCTOR);
  await newExercise(page);
  await page.getByRole('button', { name: 'Half nut closed, proved by the nut' }).click();
  await page.getByLabel('Exercise', { exact: true }).fill('Screwed on');
  await page.getByLabel('Thread', { exact: true }).fill('3/4-16 UNF-2A');
  await page.getByRole('button', { name: 'Hand out…' }).click();
  const lathe = page.getByRole('group', { name: 'Lathes allowed' }).locator('label', { hasText: 'Lathe 2' });
  await expect(lathe).toContainText(/unscrew/);
  await expect(lathe.getByRole('checkbox')).toBeDisabled();
});

test('a copy, the way of working of an exercise, and an existing part', async ({ page }) => {
  await workAs(page, INSTRUCTOR);
  await newExercise(page);
  await page.getByRole('button', { name: 'Way of working of Adjuster' }).click();
  await page.getByLabel('Exercise', { exact: true }).fill('Another adjuster');
  const part = page.getByRole('region', { name: 'An existing part' });
  await part.getByRole('radio', { name: 'mm' }).click();
  await part.getByLabel('Major diameter').fill('23.9');
  await part.getByLabel(/^Pitch/).fill('2');
  await part.getByRole('button', { name: 'Which thread?' }).click();
  await part.getByRole('button', { name: /M24x2/ }).first().click();
  await expect(page.getByLabel('Thread', { exact: true })).toHaveValue(/^M24x2/);
  const rail = page.getByRole('navigation', { name: 'Stages of the plan' });
  await expect(rail.getByRole('button', { name: /Holding/ })).toContainText('between centres');
  await newExercise(page);
  await page.getByRole('button', { name: 'Copy of Platen stud' }).click();
  await expect(page.getByLabel('Thread', { exact: true })).toHaveValue('3/8-24 UNF-3A');
});

test('the instructor tries it herself, passes her own hold point by her own look, and her log becomes the schedule', async ({
  page,
}) => {
  await workAs(page, INSTRUCTOR);
  await newExercise(page);
  await page.getByRole('button', { name: 'So much each time until the nut goes' }).click();
  await page.getByLabel('Exercise', { exact: true }).fill('Own try');
  await page.getByLabel('Thread', { exact: true }).fill('3/4-16 UNF-2A');
  await page.getByRole('button', { name: 'Hand out…' }).click();
  const dialog = page.getByRole('dialog', { name: 'Hand out' });
  await dialog.locator('label', { hasText: 'try it yourself' }).getByRole('checkbox').check();
  const lathes = dialog.getByRole('group', { name: 'Lathes allowed' }).getByRole('checkbox');
  for (const [index, box] of (await lathes.all()).entries())
    if (index > 0 && (await box.isEnabled())) await box.uncheck();
  await dialog.getByRole('button', { name: 'Hand out to 1' }).click();
  await page.waitForURL(BOARD);
  const [row] = await ask<{ id: number }>(
    "SELECT s.attempt_id AS id FROM attempt_summaries s JOIN exercises e ON e.id = s.exercise_id WHERE e.title = 'Own try' ORDER BY s.attempt_id DESC LIMIT 1",
  );
  await page.goto(`/attempts/${row?.id}`);
  const rail = page.getByRole('navigation', { name: 'Set-up in the order of work' });
  const doSteps = async (when: string) => {
    for (const { title, kind, expected } of await stepsOf(page, when)) {
      const entry = rail.getByRole('button', { name: new RegExp(`^\\d+ ${title}`) }).first();
      await entry.click();
      await expect(page.getByRole('heading', { name: title, exact: true })).toBeVisible();
      // What she had set before is found set, and looked at; her own hold point she passes by her own look.
      if (expected !== null) await page.locator('main form input').first().fill(String(expected.value));
      if (kind === 'sign-off') await page.getByRole('button', { name: /looked/i }).click();
      else await page.getByRole('button', { name: 'Found set, checked' }).click();
      await expect(entry).not.toHaveAccessibleName(/open|hold point/);
    }
  };
  await doSteps('before-cutting');
  await rail.getByRole('button', { name: /Passes/ }).click();
  await page.getByRole('button', { name: 'Cut as planned' }).click();
  await expect(rail.getByRole('button', { name: /Passes/ })).toContainText('1 cut');
  await doSteps('after-scratch');
  await rail.getByRole('button', { name: /Passes/ }).click();
  await page.getByLabel(/^Own reading/).fill('0.012');
  await page.getByRole('button', { name: 'Record own reading' }).click();
  await expect(rail.getByRole('button', { name: /Passes/ })).toContainText('2 cut');
  await page.getByRole('tab', { name: /^Record/ }).click();
  await expect(page.getByText(/Instructor looks/).last()).toBeVisible();
  await page.getByRole('button', { name: 'Plan from this log' }).click();
  await page.waitForURL(/\/exercises\/\d+$/);
  await page
    .getByRole('navigation', { name: 'Stages of the plan' })
    .getByRole('button', { name: /Passes/ })
    .click();
  await expect(page.getByRole('combobox', { name: 'Schedule', exact: true })).toHaveValue('own');
  await expect(page.getByLabel('Infeed', { exact: true })).toHaveCount(2);
  // It stands on her board behind her students, and at her bench as any piece.
  await page.goto('/');
  await expect(page.getByRole('rowheader', { name: /^Mio Tanabe/ })).toContainText('own try');
  await page.goto('/bench');
  await expect(page.getByText('Own try').first()).toBeVisible();
});

interface OpenStep {
  title: string;
  kind: string;
  when: string;
  expected: { value: number } | null;
}

/** The steps of a group, in their order. */
async function stepsOf(page: Page, group: string): Promise<OpenStep[]> {
  const [row] = await ask<{ document: unknown }>(
    'SELECT s.document FROM sheets s JOIN attempt_summaries a ON a.sheet_id = s.id WHERE a.attempt_id = ?',
    [Number(page.url().split('/').at(-1))],
  );
  const document = typeof row?.document === 'string' ? (JSON.parse(row.document) as unknown) : row?.document;
  return (document as { steps: OpenStep[] }).steps.filter(({ when }) => when === group);
}

test('the words of the shop are used everywhere, one word for two slides is refused', async ({ page }) => {
  await workAs(page, INSTRUCTOR);
  const openWords = async () => {
    await page.goto('/shop');
    await page.getByRole('tab', { name: 'Words and times' }).click();
  };
  await openWords();
  const words = page.getByRole('region', { name: 'Words' });
  const fill = async (texts: [string, string][]) => {
    for (const [label, text] of texts) await words.getByLabel(label).fill(text);
    await words.getByRole('button', { name: 'Use these words' }).click();
  };
  await fill([
    ['Small slide on the swivel', 'top slide'],
    ['Slide across the bed', 'top slide'],
  ]);
  await expect(words.getByText(/one word for two things misleads/)).toBeVisible();
  await Promise.all([
    page.waitForEvent('load'),
    fill([
      ['Slide across the bed', 'cross feed'],
      ['What closes on the lead screw', 'split nut'],
    ]),
  ]);
  try {
    const clamp = await exerciseId('Clamp screw');
    await page.goto(`/exercises/${clamp}`);
    const rail = page.getByRole('navigation', { name: 'Stages of the plan' });
    for (const stage of ['Blank', 'Holding', 'Technique', 'Tool', 'Infeed', 'Passes', 'Steps']) {
      await rail.getByRole('button', { name: new RegExp(stage) }).click();
      await expectOwnWords(page);
    }
    await expect(page.getByRole('main')).toContainText('top slide');
    for (const tab of ['Machine', 'Lathes']) {
      await page.getByRole('tab', { name: tab }).click();
      await expect(
        page.getByText(tab === 'Machine' ? 'Travel and zeros' : 'Look at it').first(),
      ).toBeVisible();
      await expectOwnWords(page);
    }
    for (const path of ['/shop/new-lathe', '/tables?thread=3/4-16+UNF-2A', `/exercises/${clamp}/sheet`]) {
      await page.goto(path);
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      await expectOwnWords(page);
    }
  } finally {
    await openWords();
    await Promise.all([
      page.waitForEvent('load'),
      fill([
        ['Small slide on the swivel', 'compound'],
        ['Slide across the bed', 'cross slide'],
        ['What closes on the lead screw', 'half nut'],
      ]),
    ]);
  }
});

/** No usual word of a thing that the shop calls otherwise is left on the page, not even for those who hear it. */
async function expectOwnWords(page: Page): Promise<void> {
  const said = await page.evaluate(() => {
    const labels = [...document.querySelectorAll('[aria-label], [title], [placeholder]')].flatMap((each) =>
      ['aria-label', 'title', 'placeholder'].map((name) => each.getAttribute(name) ?? ''),
    );
    return [document.body.innerText, ...labels].join('\n');
  });
  expect(said.split('\n').filter((line) => /\b(compound|cross[ -]slide|half nut)s?\b/i.test(line))).toEqual(
    [],
  );
}
