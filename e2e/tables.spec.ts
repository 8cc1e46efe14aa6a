import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { INSTRUCTOR_ID, requestAs } from './people';

test.beforeEach(async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR_ID);
});

test('a thread is looked up while typing, the address follows, and opens the same again', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Tables' }).click();
  await expect(page.getByText('Type a thread, such as')).toBeVisible();
  await page.getByLabel('Thread', { exact: true }).fill('M20x1.5');
  const limits = page.getByRole('table', { name: 'Limits of size' });
  // ISO 965-2 table (from memory): M20x1.5-6g pitch diameter 18.854 to 18.994.
  await expect(
    limits.getByRole('button', { name: 'Copy M20x1.5-6g Pitch diameter min, mm: 18.854' }),
  ).toBeVisible();
  await expect(
    limits.getByRole('button', { name: 'Copy M20x1.5-6H Pitch diameter max, mm: 19.216' }),
  ).toBeVisible();
  await expect(page.getByText('class 6g taken for granted')).toBeVisible();
  await expect(page).toHaveURL(/thread=M20x1\.5/);
  await page.reload();
  await expect(limits).toContainText('18.994');

  await page.getByLabel('Thread', { exact: true }).fill('M20x99');
  await expect(page.getByText('Pitch 99: type 0.2 to 8 mm.')).toBeVisible();
  await expect(limits).toHaveCount(0);
});

test('reasons, rules for the real blank, and the table as CSV', async ({ page }) => {
  await page.goto('/tables?thread=3/4-16 UNF-2A');
  await page.getByRole('button', { name: 'Why: Pitch-diameter limits' }).first().click();
  await expect(page.getByRole('dialog', { name: 'Pitch-diameter limits' })).toContainText('ASME B1.1');
  await page.keyboard.press('Escape');
  const rules = page.getByRole('table', { name: 'Rules of thumb for the depth' });
  await expect(
    rules.getByRole('row', { name: /radial 0.6134 P/ }).getByRole('img', { name: 'right' }),
  ).toBeVisible();
  await page.getByLabel('Flat at the tip, 0 is sharp').fill('0');
  await expect(rules.getByRole('row', { name: /radial 0.6134 P/ })).toContainText('not deep enough here');
  await page.getByLabel('Real blank').fill('0,74');
  await expect(page.getByText('Use a decimal point: 0.74.')).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const file = await (await download).path();
  expect(readFileSync(file, 'utf8').split('\r\n')[2]).toBe(
    '3/4-16 UNF-2A,Pitch diameter,0.7029,0.7079,17.8537,17.9807',
  );
});
