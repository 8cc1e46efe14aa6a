import { readFileSync } from 'node:fs';
import { expectGoodView } from './good-view';
import { expect, test } from './test';
import { INSTRUCTOR, requestAs } from './people';

test.beforeEach(async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR);
});

test('a thread is looked up while typing, the address follows, and opens the same again', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Tables' }).click();
  await expect(page.getByText('Type a thread, or take one')).toBeVisible();
  await expectGoodView(page);
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
  await page.getByRole('radio', { name: 'Sharp' }).click();
  await expect(rules.getByRole('row', { name: /radial 0.6134 P/ })).toContainText('not deep enough here');
  await page.getByLabel('Real blank diameter').fill('0,74');
  await expect(page.getByText('Use a decimal point: 0.74.')).toBeVisible();

  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const file = await (await download).path();
  expect(readFileSync(file, 'utf8').split('\r\n')[2]).toBe(
    '3/4-16 UNF-2A,Pitch diameter,0.7029,0.7079,17.8537,17.9807',
  );
});

test('coating and length of engagement change the table', async ({ page }) => {
  await page.goto('/tables?thread=3/4-16 UNF-2A');
  const limits = page.getByRole('table', { name: 'Limits of size' });
  await page.getByLabel('Coating, thinnest and thickest').fill('0.0002 0.0003');
  // ASME B1.1, section 7: four times the thickness on the pitch diameter.
  await expect(limits.getByRole('row', { name: /Pitch diameter before plating/ }).first()).toContainText(
    '0.7021 – 0.7067',
  );
  await page.getByLabel('Coating, thinnest and thickest').fill('0.003 0.001');
  await expect(page.getByText(/the thinnest and then the thickest/)).toBeVisible();
  await page.getByLabel('Length of engagement').fill('2');
  await expect(page.getByText(/the pitch-diameter tolerance is scaled/)).toBeVisible();
  await expect(limits).toContainText('0.7021 – 0.7079');
});

test('wires of the shop, kept for all, a thread micrometer, an insert for other pitches', async ({
  page,
}) => {
  await page.goto('/tables?thread=M16x2-6g');
  const shop = page.getByRole('region', { name: 'wires of the shop' });
  await expect(shop.getByRole('table', { name: 'Usable wires' })).toContainText('1.1000 mm');
  await expectGoodView(page);
  const sizes = shop.getByRole('textbox');
  const before = await sizes.inputValue();
  await sizes.fill('0.0481 5mm');
  await expect(shop.getByRole('table', { name: 'Usable wires' }).getByRole('rowheader')).toHaveText([
    '0.04810 in',
  ]);
  await shop.getByRole('button', { name: 'Keep for the shop' }).click();
  await expect(shop.getByText('Kept for the whole shop.')).toBeVisible();
  await page.reload();
  await expect(sizes).toHaveValue(/0\.0481.*5 ?mm/);
  await sizes.fill(before);
  await shop.getByRole('button', { name: 'Keep for the shop' }).click();
  await expect(shop.getByText('Kept for the whole shop.')).toBeVisible();

  const measured = page.getByRole('region', { name: 'Measuring' });
  await measured.getByRole('radio', { name: 'Thread micrometer' }).click();
  await measured.getByLabel('Readings, parted by spaces').fill('14.590 14.592');
  await measured.getByLabel('Micrometer’s zero reads').fill('0.010');
  await expect(measured).toContainText('14.581');

  const tool = page.getByRole('region', { name: 'Tool and depth' });
  await tool.getByRole('radio', { name: 'Insert' }).click();
  await tool.getByLabel('Finest pitch').fill('0.5');
  await tool.getByLabel('Coarsest pitch').fill('1.5');
  await expect(tool).toContainText(
    'This insert is made for pitches of 0.500 to 1.500 mm; the thread has 2.000.',
  );
});

test('the other forms: limits, wires, tool, and plain sizes of a square thread', async ({ page }) => {
  await page.goto('/tables?thread=1-5 Acme-2G');
  const limits = page.getByRole('table', { name: 'Limits of size' });
  // ASME B1.5 table (from memory): 1-5 Acme-2G pitch diameter 0.8726 to 0.8920.
  await expect(limits).toContainText('0.8726 – 0.8920');
  await expect(page.getByRole('region', { name: 'Tool and depth' })).toContainText('14°');
  await page.getByLabel('Thread', { exact: true }).fill('G 3/4');
  await expect(limits).toContainText('25.279 – 25.421');
  await expect(page.getByText('internal, as it has no class A or B taken for granted')).toBeVisible();
  await page.getByLabel('Thread', { exact: true }).fill('Sq 1-4');
  await expect(page.getByRole('table', { name: 'Sq 1-4' })).toContainText('0.7500');
  await expect(page.getByText('no standard gives limits for a square thread')).toBeVisible();
});
