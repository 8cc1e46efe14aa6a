import { expect, listens, test, type Page } from './test';
import { BOARD, INSTRUCTOR, workAs } from './people';

/** Tabs until the element with this role and name has the focus; fails when it can not be reached. */
async function tabTo(
  page: Page,
  role: 'button' | 'link' | 'textbox' | 'checkbox' | 'radio' | 'tab',
  name: string | RegExp,
  most = 200,
) {
  const wanted = page.getByRole(role, typeof name === 'string' ? { name, exact: true } : { name }).first();
  for (let presses = 0; presses < most; presses += 1) {
    if (
      (await wanted.count()) > 0 &&
      (await wanted.evaluate((element) => element === document.activeElement))
    )
      return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`${role} ${String(name)} can not be reached with Tab`);
}

test('the whole path with the keyboard alone', async ({ page }) => {
  await page.goto('/sign-in');
  await tabTo(page, 'button', INSTRUCTOR);
  await page.keyboard.press('Enter');
  await page.waitForURL(BOARD);
  await listens(page);
  await page.keyboard.press('n');
  await page.waitForURL(/\/exercises\/\d+$/);

  await expect(page.getByLabel('Exercise', { exact: true })).toBeFocused();
  await page.keyboard.type('Keyboard piece');
  await page.keyboard.press('Tab');
  await page.keyboard.type('3/8-24 UNF-3A');
  await expect(page.getByRole('region', { name: 'Target', exact: true })).toContainText('0.3450 – 0.3479');
  await tabTo(page, 'button', 'Hand out…');
  await page.keyboard.press('Enter');
  await tabTo(page, 'checkbox', 'Bela Okoro');
  await page.keyboard.press('Space');
  await tabTo(page, 'button', 'Hand out to 1');
  await page.keyboard.press('Enter');
  await page.waitForURL(BOARD);

  await expect(page.getByRole('link', { name: /Bela Okoro, Keyboard piece/ })).toBeVisible();
  await tabTo(page, 'link', /Bela Okoro, Keyboard piece/);
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/attempts\/\d+$/);
  await tabTo(page, 'button', 'Lathe 1');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Safety' })).toBeVisible();
  for (const next of ['Machine safe', 'Target over wires']) {
    await tabTo(page, 'button', 'Done');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: next })).toBeVisible();
  }
  await page.keyboard.type('.3706');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Blank' })).toBeVisible();

  await tabTo(page, 'button', /Passes 0 cut/);
  await page.keyboard.press('Enter');
  // Nobody has looked yet: the panel offers no cut but “all the same”.
  await tabTo(page, 'button', 'Cut all the same…');
  await page.keyboard.press('Enter');
  await tabTo(page, 'button', 'I have cut');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Pitch', exact: true })).toBeVisible();
  await tabTo(page, 'textbox', 'Start');
  await page.keyboard.type('.3850');
  // To the next place, which stays empty; then that is all.
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Remaining feed' })).toContainText('Still to cut');

  await tabTo(page, 'link', 'Mark');
  await page.keyboard.press('Enter');
  await page.waitForURL(/\/mark$/);
  await tabTo(page, 'textbox', 'Points for Safety');
  await page.keyboard.type('0');
  await page.keyboard.press('Tab');
  await page.keyboard.type('gloves on');
  await tabTo(page, 'button', 'Confirm the mark');
  await page.keyboard.press('Enter');
  await tabTo(page, 'button', 'Confirm');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Confirmed by/)).toBeVisible();
});

test('? lists the keys, and they can be switched off', async ({ page }) => {
  await workAs(page, INSTRUCTOR);
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'New exercise' })).toBeVisible();
  await page.keyboard.press('?');
  const dialog = page.getByRole('dialog', { name: 'Keys' });
  await expect(dialog).toContainText('New exercise');
  await dialog.getByRole('radio', { name: 'Off' }).click();
  await page.keyboard.press('Escape');
  await expect(dialog).toHaveCount(0);
  await page.keyboard.press('?');
  await expect(dialog).toHaveCount(0);
});
