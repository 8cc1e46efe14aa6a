import { DEMO_PASSWORD } from '../demo/accounts';
import { personId } from './database';
import { handedOut } from './fixtures';
import { killDatabase, killServer, start } from './machine';
import { INSTRUCTOR, newExercise, requestAs, workAs } from './people';
import { expect, listens, test, type Page } from './test';

test.describe.configure({ mode: 'serial' });

const STUDENT = 'Kofi Albers';
const lost = (page: Page) => page.getByRole('status').filter({ hasText: 'Out of touch since' });
const title = (page: Page) => page.getByLabel('Exercise', { exact: true });
const savedNow = (page: Page) =>
  page.waitForResponse((response) => response.url().endsWith('/draft') && response.ok());
const saved = (page: Page) => page.getByRole('status').filter({ hasText: 'Draft saved' });

/** Opens an attempt of its own as the student, with a note half typed; the page's clock can be turned on. */
async function halfTypedNote(page: Page, name: string): Promise<{ attemptId: number }> {
  await requestAs(page.request, await personId(INSTRUCTOR));
  const { attemptId } = await handedOut(page.request, name, await personId(STUDENT));
  await page.clock.install();
  await workAs(page, STUDENT);
  await page.goto(`/attempts/${attemptId}`);
  await page.getByRole('tab', { name: /Record/ }).click();
  await page.getByRole('textbox', { name: 'Note' }).fill('The tool looks dull after');
  return { attemptId };
}

/** Longer than a look for news takes to come round and to fail. */
const LONGER_MS = 14_000;

test('the server is killed: the page stays, says so, and goes on when it is back', async ({ page }) => {
  await halfTypedNote(page, 'Killed server');
  killServer();
  await expect(lost(page)).toBeVisible();
  await page.clock.runFor(LONGER_MS);
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('The tool looks dull after');
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByText('What you typed is still here; try again.')).toBeVisible();
  start();
  await expect(lost(page)).toHaveCount(0);
  await page.getByRole('button', { name: 'Add' }).click();
  await expect(page.getByRole('list', { name: 'Record' }).getByText('The tool looks dull after')).toHaveCount(
    1,
  );
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('');
});

test('the database is killed: open pages stay, a page asked for now comes back by itself', async ({
  page,
  context,
}) => {
  const { attemptId } = await halfTypedNote(page, 'Killed database');
  killDatabase();
  await expect(lost(page)).toContainText('database can not be reached', { timeout: 60_000 });
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('The tool looks dull after');
  const second = await context.newPage();
  await second.goto(`/attempts/${attemptId}`);
  await expect(second.getByRole('heading', { name: 'The database can not be reached' })).toBeVisible();
  expect((await page.request.get('/api/health')).status()).toBe(503);
  start();
  await expect(second.getByRole('navigation', { name: 'Set-up in the order of work' })).toBeVisible();
  await expect(lost(page)).toHaveCount(0);
  await expect(page.getByRole('textbox', { name: 'Note' })).toHaveValue('The tool looks dull after');
});

/** The scripts of the pages that open from now on wait; answers how to let them come. */
async function holdScripts(page: Page): Promise<() => Promise<void>> {
  const scripts = '**/_next/static/**/*.js';
  let letCome = () => {};
  const come = new Promise<void>((resolve) => (letCome = resolve));
  await page.route(scripts, async (route) => {
    await come;
    await route.continue();
  });
  return async () => {
    letCome();
    await listens(page);
    await page.unroute(scripts);
  };
}

test('what is typed and chosen before the scripts of a page have come is known and saved', async ({
  page,
}) => {
  await workAs(page, INSTRUCTOR);
  const address = await newExercise(page);
  const letCome = await holdScripts(page);
  await page.goto(address, { waitUntil: 'commit' });
  await title(page).fill('Typed early');
  await page.getByLabel('Lengths').selectOption('in');
  const savedEarly = savedNow(page);
  await letCome();
  await savedEarly;
  await page.reload();
  await expect(title(page)).toHaveValue('Typed early');
  await expect(page.getByLabel('Lengths')).toHaveValue('in');
});

test('who signs in before the scripts of the page have come is signed in, and no password stands in an address', async ({
  page,
}) => {
  const addresses: string[] = [];
  page.on('request', (request) => addresses.push(request.url()));
  const letCome = await holdScripts(page);
  await page.goto('/sign-in', { waitUntil: 'commit' });
  const form = page.getByRole('form', { name: 'Instructor or helper' });
  await form.getByLabel('Name').fill(INSTRUCTOR);
  await form.getByLabel('Password').fill(DEMO_PASSWORD);
  await form.getByLabel('Password').press('Enter');
  await letCome();
  await expect(page.getByRole('link', { name: `Working here: ${INSTRUCTOR}` })).toBeVisible();
  expect(addresses.filter((address) => /password|paste/.test(address))).toEqual([]);
});

test('two windows type: both versions are shown, one is chosen for each field, none is lost', async ({
  page,
  context,
}) => {
  await workAs(page, INSTRUCTOR);
  const path = await newExercise(page);
  const first = savedNow(page);
  await title(page).fill('First name');
  await first;
  const other = await context.newPage();
  await other.goto(path);
  await title(other).fill('Name of the other window');
  const both = savedNow(other);
  await other.getByLabel('Thread', { exact: true }).fill('M16x2');
  await both;
  await expect(saved(other)).toBeVisible();

  await title(page).fill('Name of this window');
  const dialog = page.getByRole('dialog', { name: 'Two versions of this exercise' });
  await expect(dialog).toBeVisible();
  await expect(dialog.getByText('Name of the other window')).toBeVisible();
  await expect(dialog.getByText('Name of this window')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(title(page)).toHaveValue('Name of this window');
  await page.reload();
  await expect(dialog).toBeVisible();
  await dialog.getByRole('radio', { name: /there: M16x2$/ }).check();
  const chosen = savedNow(page);
  await dialog.getByRole('button', { name: 'Save what is chosen' }).click();
  await chosen;
  await expect(saved(page)).toBeVisible();
  await page.goto(path);
  await expect(title(page)).toHaveValue('Name of this window');
  await expect(page.getByLabel('Thread', { exact: true })).toHaveValue('M16x2');
});
