import { attemptIn, exerciseId } from './database';
import { latheId } from './fixtures';
import { expectGoodView, expectNoViolations } from './good-view';
import { expect, test } from './test';
import { INSTRUCTOR, requestAs, workAs } from './people';

const attempt =
  (state: string, more = '') =>
  async () =>
    `/attempts/${await attemptIn(state)}${more}`;

/** The views at which no other test looks; all others are looked at where a test works with them. */
const VIEWS: [string, () => Promise<string>][] = [
  ['sheet of a plan', async () => `/exercises/${await exerciseId('Levelling foot')}/sheet`],
  ['lathe', async () => `/shop/lathes/${await latheId()}`],
  ['practice', () => Promise.resolve('/practice')],
  ['simulated gauge', async () => `/gauge?piece=${await attemptIn('measured')}`],
  ['kit', () => Promise.resolve('/kit')],
  ['not found', () => Promise.resolve('/nowhere')],
];

for (const [name, where] of VIEWS)
  test(`${name}: no accessibility violation, nothing wider than the screen`, async ({ page }) => {
    await workAs(page, INSTRUCTOR);
    await page.goto(await where());
    await expectGoodView(page);
  });

test('dialogs, popovers, tabs and stages have no violation either', async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR);
  await page.goto(`/exercises/${await exerciseId('Clamp screw')}`);
  for (const stage of [
    /^2 Blank/,
    /^3 Holding/,
    /^4 Technique/,
    /^5 Tool/,
    /^6 Infeed/,
    /^7 Proof/,
    /^8 Passes/,
    /^10 Steps/,
    /^11 Marks/,
  ]) {
    await page.getByRole('button', { name: stage }).click();
    await expectNoViolations(page, '[aria-label^="Fields of"]');
  }
  // What stands around a tab was looked at in the view of the plan.
  for (const tab of ['Passes', 'Chart', 'Limits', 'Rules']) {
    await page.getByRole('tab', { name: tab }).click();
    if (tab === 'Chart') await expect(page.getByRole('img', { name: /Chart of/ })).toBeVisible();
    await expectNoViolations(page, '[role="tabpanel"]');
  }
  await page.getByRole('button', { name: 'Why: Radial depth' }).click();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Hand out…' }).click();
  await expect(page.getByRole('dialog', { name: 'Hand out' })).toBeVisible();
  await expectNoViolations(page);
});

test('a student sees the own work only, and inch or mm at the switch', async ({ page }) => {
  await workAs(page, 'Bela Okoro');
  await page.goto('/');
  await expect(page).toHaveURL(/\/bench$/);
  await expect(page.getByRole('heading', { name: 'Bench: Bela Okoro' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Next' })).toContainText('Levelling foot, try 2');
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('navigation', { name: 'Bench' })).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Entries' }).click();
  await page.getByRole('link', { name: 'The whole record' }).click();
  const strip = page.getByRole('region', { name: 'Target', exact: true });
  await expect(strip).toContainText('14.583');
  await page.getByLabel('Lengths').selectOption('in');
  await expect(strip).toContainText('0.5741');
  await page.reload();
  await expect(strip).toContainText('0.5741');
});

test('the set-up sheet prints and is filed as two pages, its blank as a drawing', async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR);
  await page.goto(await attempt('cutting', '/sheet')());
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expectGoodView(page);
  const pdf = await page.pdf({ format: 'A4', preferCSSPageSize: true });
  expect(pagesOf(pdf)).toBe(2);
  const file = async (as: string) =>
    (
      await page.request.get(
        (await attempt('cutting', `/sheet?as=${as}`)()).replace('/attempts', '/api/attempts'),
      )
    ).body();
  expect(pagesOf(await file('pdf'))).toBe(2);
  expect(pagesOf(await file('pdf&size=letter&unit=in'))).toBe(2);
  expect((await file('svg')).toString()).toContain('<svg');
  expect((await file('dxf')).toString()).toMatch(/SECTION[\s\S]*ENTITIES[\s\S]*EOF/);
  const other = await page.request.get(
    (await attempt('cutting', '/sheet?as=doc')()).replace('/attempts', '/api/attempts'),
  );
  expect(other.status()).toBe(422);
});

const pagesOf = (pdf: Buffer) => (pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? []).length;
