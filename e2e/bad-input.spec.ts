import { expect, test } from './test';
import { INSTRUCTOR, newExercise, workAs } from './people';

/** Stage, field, what is typed, what the message says. */
const CASES: [RegExp, string, string, string][] = [
  [/^1 Thread/, 'Thread', 'three quarter', 'Type it like 3/4-16 UNF-2A'],
  [/^1 Thread/, 'Thread', '3/4-14 UNF', '3/4 UNF has 16 threads per inch'],
  [/^2 Blank/, 'Real blank diameter', '0.69', 'leaves no thread'],
  [/^2 Blank/, 'Real blank diameter', 'thick', 'is not a length'],
  [/^2 Blank/, 'Real blank diameter', '0,748', 'Use a decimal point: 0.748.'],
  [/^5 Tool/, 'Flat at the tip', '0.04', 'Too wide for the groove'],
  [/^6 Infeed/, 'Angle from the cross slide', '60', 'outside 0 to 45. If it is what a scale reads'],
  [/^7 Proof/, 'Target pitch diameter', '0.72', 'band 0.7029 to 0.7079'],
  [/^7 Proof/, 'Wires in hand', '0.01', 'Best is 0.0361'],
  [/^8 Passes/, 'Roughing passes', '2', 'can not reach the depth'],
  [/^8 Passes/, 'Spring passes', 'two', 'is not a number'],
  [/^4 Technique/, 'Spindle speed', '3/4', 'whole number'],
  [/^11 Marks/, 'Result', '50', 'must make 100'],
];

test('each bad entry gets its message at its field, stays as typed, and stops the hand-out', async ({
  page,
}) => {
  await workAs(page, INSTRUCTOR);
  const path = await newExercise(page);
  await page.getByLabel('Exercise', { exact: true }).fill('Bad entries');
  for (const [stage, label, typed, says] of CASES) {
    if (label !== 'Thread') {
      await page.getByRole('button', { name: /^1 Thread/ }).click();
      await page.getByLabel('Thread', { exact: true }).fill('3/4-16 UNF-2A');
    }
    await page.getByRole('button', { name: stage }).click();
    const field = page.getByLabel(label, { exact: true });
    const before = await field.inputValue();
    await field.fill(typed);
    await expect(field).toHaveAttribute('aria-invalid', 'true');
    const messageId = await field.getAttribute('aria-describedby');
    await expect(page.locator(`[id="${messageId}"]`), `${label}: ${typed}`).toContainText(says);
    await expect(field).toHaveValue(typed);
    await expect(page.getByRole('button', { name: 'Hand out…' })).toBeDisabled();
    await field.fill(label === 'Thread' ? '3/4-16 UNF-2A' : before);
  }
  await page.getByRole('button', { name: /^2 Blank/ }).click();
  await page.getByLabel('Real blank diameter').fill('18.9 mm');
  await expect(page.getByText('18.9 mm is read as 0.7441 in.')).toBeVisible();
  await page.getByLabel('Width of the run-out groove').fill('3/16');
  await expect(page.getByText('3/16 is read as 0.1875 in.')).toBeVisible();

  const sent = page.waitForResponse(
    (response) =>
      response.url().endsWith('/draft') && (response.request().postData() ?? '').includes('"0,7"'),
  );
  await page.getByLabel('Real blank diameter').fill('0,7');
  await sent;
  await expect(page.getByRole('status').filter({ hasText: 'Draft saved' })).toBeVisible();
  await page.goto(path);
  await page.getByRole('button', { name: /^2 Blank/ }).click();
  await expect(page.getByLabel('Real blank diameter')).toHaveValue('0,7');
});

test('what is typed while the server does not answer is kept', async ({ page }) => {
  await workAs(page, INSTRUCTOR);
  const path = await newExercise(page);
  await page.route('**/draft', (route) => route.abort());
  await page.getByLabel('Exercise', { exact: true }).fill('Typed in the dark');
  await expect(page.getByRole('status').filter({ hasText: 'Not saved yet' })).toBeVisible();
  await page.unroute('**/draft');
  await page.goto(path);
  await expect(page.getByLabel('Exercise', { exact: true })).toHaveValue('Typed in the dark');
});
