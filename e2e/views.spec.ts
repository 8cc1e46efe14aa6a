import { expectNoViolations } from './axe';
import { attemptIn, exerciseId } from './database';
import { latheId } from './fixtures';
import { expect, test, watchErrors, type Page } from './test';
import { INSTRUCTOR, requestAs, workAs } from './people';

const plan = async () => `/exercises/${await exerciseId('Levelling foot')}`;
const attempt =
  (state: string, more = '') =>
  async () =>
    `/attempts/${await attemptIn(state)}${more}`;

const VIEWS: [string, string | (() => Promise<string>)][] = [
  ['class', '/'],
  ['plan', plan],
  ['record in set-up', attempt('set-up')],
  ['record while cutting', attempt('cutting')],
  ['record when measured', attempt('measured')],
  ['mark to confirm', attempt('waiting', '/mark')],
  ['mark confirmed', attempt('marked', '/mark')],
  ['sheet of an attempt', attempt('cutting', '/sheet')],
  ['sheet of a plan', async () => `${await plan()}/sheet`],
  ['shop', '/shop'],
  ['lathe', async () => `/shop/lathes/${await latheId()}`],
  ['new lathe', '/shop/new-lathe'],
  ['account', '/account'],
  ['people', '/classes/1'],
  ['tables', '/tables?thread=M16x2-6g'],
  ['tables before a thread is typed', '/tables'],
  ['practice', '/practice'],
  ['simulated gauge', async () => `/gauge?piece=${await attemptIn('measured')}`],
  ['kit', '/kit'],
  ['not found', '/nowhere'],
];

test.describe('views', () => {
  // One browser window for all of them: what each costs is its page, and not a new window and a sign-in.
  let page: Page;
  const foreign: string[] = [];
  let errors: string[] = [];

  test.beforeAll(async ({ browser, baseURL }) => {
    const context = await browser.newContext({ baseURL: baseURL ?? '' });
    errors = watchErrors(context);
    await requestAs(context.request, INSTRUCTOR);
    page = await context.newPage();
    page.on('request', (request) => {
      if (!request.url().startsWith(baseURL ?? '') && !request.url().startsWith('data:'))
        foreign.push(request.url());
    });
  });
  test.afterAll(() => page.context().close());

  for (const [name, where] of VIEWS)
    test(`${name}: no accessibility violation, nothing asked of other machines, nothing wider than the screen`, async () => {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.goto(typeof where === 'string' ? where : await where());
      await expect(page.getByRole('main')).toBeVisible();
      await expectNoViolations(page);
      expect(await widthOf(page)).toBeLessThanOrEqual(1280);
      await page.setViewportSize({ width: 1024, height: 768 });
      expect(await widthOf(page)).toBeLessThanOrEqual(1024);
      expect([...foreign, ...errors]).toEqual([]);
    });
});

const widthOf = (page: Page) => page.evaluate(() => document.documentElement.scrollWidth);

test('names: no accessibility violation', async ({ page }) => {
  await page.goto('/sign-in');
  await expect(page.getByRole('main')).toBeVisible();
  await expectNoViolations(page);
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
