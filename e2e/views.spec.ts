import AxeBuilder from '@axe-core/playwright';
import { expect, test, type Page } from './test';
import { INSTRUCTOR_ID, requestAs, workAs } from './people';

async function expectNoViolations(page: Page, part?: string) {
  const builder = new AxeBuilder({ page });
  const { violations } = await (part === undefined ? builder : builder.include(part))
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  expect(
    violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`),
  ).toEqual([]);
}

/** Addresses of the demo shop's attempts by state; ids follow the order in which it is loaded. */
const VIEWS: [string, string][] = [
  ['class', '/'],
  ['plan', '/exercises/1'],
  ['record in set-up', '/attempts/8'],
  ['record while cutting', '/attempts/7'],
  ['record when measured', '/attempts/5'],
  ['mark to confirm', '/attempts/4/mark'],
  ['mark confirmed', '/attempts/2/mark'],
  ['card of an attempt', '/attempts/7/card'],
  ['card of a plan', '/exercises/2/card'],
  ['tables', '/tables?thread=M16x2-6g'],
  ['tables before a thread is typed', '/tables'],
  ['kit', '/kit'],
  ['not found', '/nowhere'],
];

for (const [name, path] of VIEWS) {
  test(`${name}: no accessibility violation, nothing asked of other machines, nothing wider than the screen`, async ({
    page,
    baseURL,
  }) => {
    const foreign: string[] = [];
    page.on('request', (request) => {
      if (!request.url().startsWith(baseURL ?? '') && !request.url().startsWith('data:'))
        foreign.push(request.url());
    });
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(String(error)));
    await requestAs(page.request, INSTRUCTOR_ID);
    await page.goto(path);
    await expect(page.getByRole('main')).toBeVisible();
    await expectNoViolations(page);
    for (const size of [
      { width: 1280, height: 800 },
      { width: 1024, height: 768 },
    ]) {
      await page.setViewportSize(size);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(size.width);
    }
    expect(foreign).toEqual([]);
    expect(errors).toEqual([]);
  });
}

test('names: no accessibility violation', async ({ page }) => {
  await page.goto('/who');
  await expect(page.getByRole('main')).toBeVisible();
  await expectNoViolations(page);
});

test('dialogs, popovers, tabs and stages have no violation either', async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR_ID);
  await page.goto('/exercises/2');
  for (const stage of [
    /^2 Blank/,
    /^3 Tool/,
    /^4 Compound/,
    /^5 Target/,
    /^6 Passes/,
    /^7 Speed/,
    /^8 Marks/,
  ]) {
    await page.getByRole('button', { name: stage }).click();
    await expectNoViolations(page, '[aria-label^="Fields of"]');
  }
  await page.getByRole('tab', { name: 'Passes' }).click();
  await expectNoViolations(page);
  await page.getByRole('tab', { name: 'Chart' }).click();
  await expect(page.getByRole('img', { name: /Chart of/ })).toBeVisible();
  await expectNoViolations(page);
  for (const tab of ['Limits', 'Depth rules']) {
    await page.getByRole('tab', { name: tab }).click();
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
  await expect(page.getByRole('rowheader')).toHaveText(['Bela Okoro']);
  await page.getByRole('link', { name: /Bela Okoro, Levelling foot, try 2/ }).click();
  const strip = page.getByRole('region', { name: 'Target', exact: true });
  await expect(strip).toContainText('14.583');
  await page.getByLabel('Lengths').selectOption('in');
  await expect(strip).toContainText('0.5741');
  await page.reload();
  await expect(strip).toContainText('0.5741');
});

test('the set-up and pass card prints on one sheet', async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR_ID);
  await page.goto('/attempts/7/card');
  await expect(page.getByRole('heading', { name: /Levelling foot/ })).toBeVisible();
  const pdf = await page.pdf({ format: 'A4', preferCSSPageSize: true });
  expect((pdf.toString('latin1').match(/\/Type\s*\/Page[^s]/g) ?? []).length).toBe(1);
});
