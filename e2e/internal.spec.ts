import { expect, test } from './test';
import { INSTRUCTOR, newExercise, requestAs } from './people';

/** ASME B1.1, from memory: 7/8-9 UNC-2B pitch diameter 0.8028 to 0.8110, minor 0.755 to 0.778. */
test('an internal thread: bored, planned outward, measured over balls', async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR);
  await newExercise(page);
  await page.getByLabel('Exercise', { exact: true }).fill('Press nut');
  await page.getByLabel('Thread', { exact: true }).fill('7/8-9 UNC-2B');
  const strip = page.getByRole('region', { name: 'Target', exact: true });
  await expect(strip).toContainText('Over balls');
  await expect(strip).toContainText('0.8028 – 0.8110');
  await expect(page.getByRole('img', { name: 'Section of work and tool' })).toContainText('bore ⌀ 0.7665');

  await page.getByRole('button', { name: /Bore and end/ }).click();
  await expect(page.getByRole('region', { name: 'Fields of Bore and end' })).toContainText('47/64 in');
  await page.getByLabel('Real bore').fill('0.810');
  await expect(
    page
      .getByRole('region', { name: 'Fields of Bore and end' })
      .getByText('A bore of 0.8100 leaves no thread. Bore it to 0.7550 to 0.7780 in.'),
  ).toBeVisible();
  await page.getByLabel('Real bore').fill('0.785');
  await expect(
    page.getByText(/Over the minor limit 0\.7780: the thread overlaps its mate less than its class asks/),
  ).toBeVisible();
  await page.getByLabel('Real bore').fill('0.766');

  await page.getByRole('tab', { name: 'Rules', exact: true }).click();
  await expect(page.getByRole('row', { name: /compound 0.75 P/ })).toContainText('too deep here');
  await page.getByRole('tab', { name: 'Limits' }).click();
  await expect(page.getByRole('table', { name: 'Limits of size' })).toContainText('7/8-9 UNC-2A');

  await page.getByRole('button', { name: 'Hand out…' }).click();
  await page.getByRole('checkbox', { name: 'Ivo Mensah' }).click();
  await page.getByRole('button', { name: 'Hand out to 1' }).click();
  await page.getByRole('link', { name: /Ivo Mensah, Press nut, try 1: Not begun/ }).click();
  await page.getByRole('button', { name: 'Lathe 1', exact: true }).click();

  await expect(page.getByRole('button', { name: /Recess/ })).toBeVisible();
  await page.getByLabel('Start', { exact: true }).fill('0.8329');
  await page.getByRole('button', { name: 'Record, go on cutting' }).click();
  const remaining = page.getByRole('region', { name: 'Remaining feed' });
  await expect(remaining).toContainText('Still to cut');
  // Target over balls 0.8389: (0.8389 - 0.8329) / 2 = 0.0030 outward.
  await expect(remaining).toContainText('0.0030');
  await page.getByLabel('Start', { exact: true }).fill('0.8440');
  await page.getByLabel('Middle', { exact: true }).fill('0.8440');
  await page.getByLabel('End', { exact: true }).fill('0.8440');
  await page.getByRole('button', { name: 'Record as final' }).click();
  await expect(page.getByText('The final measurement wants the minor diameter too.')).toBeVisible();
  await page.getByLabel('Minor diameter').fill('0.7660');
  await page.getByRole('button', { name: 'Record as final' }).click();
  await expect(remaining).toContainText('Over-cut');
});

test('left hand and several starts are planned, start by start or all at each depth', async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR);
  await newExercise(page);
  const thread = page.getByLabel('Thread', { exact: true });
  const drawing = page.getByRole('img', { name: 'Section of work and tool' });
  await thread.fill('3/4-16 UNF-2A LH');
  await expect(drawing).toBeVisible();
  await thread.fill('Tr40x14(P7)-7e');
  await expect(drawing).toBeVisible();
  await page.getByRole('button', { name: /^8 Passes/ }).click();
  await page.getByRole('tab', { name: 'Passes' }).click();
  const starts = page
    .getByRole('table', { name: 'Passes of the plan' })
    .getByRole('cell', { name: /^[12]$/ });
  await expect(starts.first()).toBeVisible();
  await expect(page.getByRole('columnheader', { name: 'Start' })).toBeVisible();
});
