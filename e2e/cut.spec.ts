import { readFileSync } from 'node:fs';
import { INSTRUCTOR, workAs } from './people';
import { expect, test } from './test';

test('the cut: drag a pass, look into the section, show a fault and let the class spot it, ask whether it is fair', async ({
  page,
}) => {
  await workAs(page, INSTRUCTOR);
  await page.goto('/');
  await page.getByRole('link', { name: 'Adjuster' }).first().click();

  await page.getByRole('tab', { name: 'Chart' }).click();
  const infeed = page.getByLabel(/^Infeed of pass/);
  const bar = page.locator('g[data-pass="3"]');
  const box = await bar.boundingBox();
  if (box === null) throw new Error('the chart has no third bar');
  await page.mouse.move(box.x + box.width / 2, box.y + 8);
  await page.mouse.down();
  await expect(infeed).toBeVisible();
  const before = Number(await infeed.inputValue());
  await page.mouse.move(box.x + box.width / 2, box.y + 40, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => Number(await infeed.inputValue())).toBeLessThan(before);
  await page.getByLabel('One graduation more').click();
  await page.getByLabel('Compare with the fewest passes').selectOption('bears');
  await expect(page.getByRole('columnheader', { name: 'Fewest' })).toBeVisible();

  await page.getByRole('tab', { name: 'Section' }).click();
  await page.getByRole('button', { name: 'Wires' }).click();
  await page.getByRole('button', { name: 'Ideal form' }).click();
  await expect(page.locator('[data-part="wire"]')).toBeAttached();
  await expect(page.locator('[data-part="ideal"]')).toBeAttached();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the passes as DXF, full size' }).click();
  expect(readFileSync(await (await saved).path(), 'utf8')).toContain('PASS_01');

  await page.getByRole('tab', { name: 'Fair?' }).click();
  await page.getByRole('button', { name: 'Try it' }).click();
  await expect(page.getByText('of 100 land in the band')).toBeVisible({ timeout: 60_000 });

  await page.getByRole('tab', { name: 'What if' }).click();
  await page.getByLabel('Compound set from the wrong axis').check();
  await expect(page.getByText('the flanks are unlike', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Let the class spot it' }).click();
  const link = page.getByRole('link', { name: 'See it and its answers' });
  await expect(link).toBeVisible();
  const address = await link.getAttribute('href');

  await workAs(page, 'Ana Brandt');
  await page.goto('/');
  await page.locator(`a[href="${address ?? ''}"]`).click();
  await expect(page.getByRole('heading', { name: 'One thing went wrong. Which?' })).toBeVisible();
  await page.getByLabel('Compound set from the wrong axis').check();
  await page.getByRole('button', { name: 'This is it' }).click();
  await expect(page.getByRole('heading', { name: /Right/ })).toBeVisible();

  await workAs(page, INSTRUCTOR);
  await page.goto(address ?? '');
  await expect(page.getByRole('cell', { name: 'Ana Brandt' })).toBeVisible();
});
