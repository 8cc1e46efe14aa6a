import { ask, personId } from './database';
import type { Sheet } from '../core/exercise/sheet/sheet';
import { goodSteps } from '../core/test/record';
import { entryBody, handedOut } from './fixtures';
import { killDatabase, killServer, start } from './machine';
import { INSTRUCTOR, requestAs, signIn, workAs } from './people';
import { expect, test, watchErrors, type Browser, type BrowserContext, type Page } from './test';

test.describe.configure({ mode: 'serial' });

const STUDENT = 'Juno Hartley';
let attemptId = 0;

interface Row {
  kind: string;
  device: string;
  sequence: number;
  plannedPass: number | null;
}

const recorded = () =>
  ask<Row>(
    `SELECT JSON_VALUE(content, '$.kind') AS kind, device, sequence, JSON_VALUE(content, '$.plannedPass') AS plannedPass
      FROM entries WHERE attempt_id = ? ORDER BY seq`,
    [attemptId],
  );
const cutsOf = async () =>
  (await recorded()).filter(({ kind }) => kind === 'pass').map(({ plannedPass }) => Number(plannedPass));
const line = (page: Page) => page.getByRole('status').filter({ hasText: /sent/ });
const cut = (page: Page) => page.getByRole('button', { name: 'Cut', exact: true });

/** A device of its own at the bench, on this piece, with everything fetched that it needs without a network. */
async function device(browser: Browser, baseURL: string): Promise<{ page: Page; context: BrowserContext }> {
  const context = await browser.newContext({ baseURL, viewport: { width: 1024, height: 768 } });
  const page = await context.newPage();
  await signIn(page, STUDENT);
  await expect(page).toHaveURL(/\/bench$/);
  await page.goto(`/bench#${attemptId}`);
  await page.reload();
  await expect(page.getByRole('navigation', { name: 'Bench' })).toBeVisible();
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
    // What was loaded before there was a worker is kept by it, too.
    const end = Date.now() + 120_000;
    for (let kept = 0; kept < 20; await new Promise((go) => setTimeout(go, 100))) {
      if (Date.now() > end) throw new Error(`The worker keeps ${kept} files only.`);
      for (const name of await caches.keys()) kept = (await (await caches.open(name)).keys()).length;
    }
  });
  return { page, context };
}

/** Everything that the bench of this browser keeps. */
const stored = (page: Page): Promise<string> =>
  page.evaluate(async () => {
    const open = indexedDB.open('oyakata-bench');
    await new Promise((resolve) => (open.onsuccess = resolve));
    const store = open.result;
    const all = await Promise.all(
      [...store.objectStoreNames].map(
        (name) =>
          new Promise((resolve) => {
            const asked = store.transaction(name).objectStore(name).getAll();
            asked.onsuccess = () => resolve(asked.result);
          }),
      ),
    );
    store.close();
    return JSON.stringify(all);
  });

async function passes(page: Page, count: number): Promise<void> {
  for (let n = 0; n < count; n += 1) {
    const over = page.getByRole('button', { name: 'Pass it over' });
    await expect(cut(page).or(over)).toBeVisible();
    if (await over.isVisible()) {
      await over.click();
      await expect(over).toHaveCount(0);
    }
    const heading = page.getByRole('heading', { level: 2 }).first();
    const before = await heading.innerText();
    // Touched twice: one cut.
    await cut(page).dblclick();
    await expect(heading).not.toHaveText(before);
    // A second touch counts again only after a moment.
    await page.waitForTimeout(800);
  }
}

test.beforeAll(async ({ playwright, baseURL }) => {
  const instructor = await playwright.request.newContext({ baseURL: baseURL ?? '' });
  await requestAs(instructor, INSTRUCTOR);
  ({ attemptId } = await handedOut(instructor, 'Nothing lost', await personId(STUDENT)));
  const { sheet } = (await (await instructor.get(`/api/attempts/${attemptId}`)).json()) as { sheet: Sheet };
  // The set-up is another test's: here it is done, and looked at.
  for (const content of goodSteps(sheet))
    expect(
      (await instructor.post(`/api/attempts/${attemptId}/entries`, { data: entryBody(content) })).status(),
    ).toBe(201);
  await instructor.dispose();
});

test('before the first touch little is loaded, and it holds nothing personal', async ({
  browser,
  baseURL,
  request,
}) => {
  // Without the worker: what it keeps it keeps unpacked, and would be counted so.
  const context = await browser.newContext({ baseURL: baseURL ?? '', serviceWorkers: 'block' });
  const page = await context.newPage();
  await workAs(page, STUDENT);
  await page.goto('/bench');
  await expect(page.getByRole('region', { name: 'Next' }).getByRole('heading')).toBeVisible();
  const bytes = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter(({ name }) => name.endsWith('.js'))
      .reduce((sum, entry) => sum + (entry as PerformanceResourceTiming).encodedBodySize, 0),
  );
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(150_000);
  const shell = await (await request.get('/bench')).text();
  expect(shell).not.toContain('Juno');
  // Each release keeps its own files: the worker carries its name.
  expect(await (await request.get('/bench-worker.js')).text()).not.toContain('__RELEASE__');
  await context.close();
});

test('cut with and without network, twice touched, reloaded, with server and database killed: each cut once and in order', async ({
  browser,
  baseURL,
}) => {
  const { page, context } = await device(browser, baseURL ?? '');
  const errors = watchErrors(context);
  await passes(page, 2);
  await expect(line(page)).toContainText('Everything is sent');
  expect(await cutsOf()).toEqual([1, 2]);

  await context.setOffline(true);
  await passes(page, 1);
  await expect(line(page)).toContainText('1 not sent yet');
  await page.reload();
  await passes(page, 1);
  const tab = await context.newPage();
  await tab.goto(`/bench#${attemptId}`);
  await passes(tab, 1);
  await tab.close();
  expect(await cutsOf()).toEqual([1, 2]);
  await context.setOffline(false);
  await expect(line(page)).toContainText('Everything is sent', { timeout: 60_000 });
  expect(await cutsOf()).toEqual([1, 2, 3, 4, 5]);

  killServer();
  await passes(page, 1);
  killDatabase();
  await passes(page, 1);
  start();
  await expect(line(page)).toContainText('Everything is sent', { timeout: 90_000 });
  expect(await cutsOf()).toEqual([1, 2, 3, 4, 5, 6, 7]);
  const rows = await recorded();
  const own = rows.filter(({ device: by }) => by === rows.at(-1)?.device).map(({ sequence }) => sequence);
  expect(own).toEqual(own.map((_, index) => index + 1));
  expect(errors).toEqual([]);
  await context.close();
});

test('a second device takes over; what the first still held comes, is flagged and looked over; somebody else signs in meanwhile', async ({
  browser,
  baseURL,
}) => {
  const first = await device(browser, baseURL ?? '');
  await first.page.getByRole('button', { name: 'Go on here' }).click();
  await expect(cut(first.page)).toBeVisible();
  await expect(line(first.page)).toContainText('Everything is sent');
  const second = await device(browser, baseURL ?? '');
  await expect(second.page.getByRole('heading', { name: 'Another device leads' })).toBeVisible();
  await first.context.setOffline(true);
  await passes(first.page, 1);
  await second.page.getByRole('button', { name: 'Go on here' }).click();
  await passes(second.page, 1);
  await expect(line(second.page)).toContainText('Everything is sent');

  // Whoever signs in at the first device next sends it, under its maker's grant. Until then the entry can not be sent,
  // neither as it is nor closed.
  const sending = /\/api\/outbox(\/sealed)?$/;
  await first.page.route(sending, (route) => route.abort());
  await first.context.setOffline(false);
  await first.page.getByRole('button', { name: 'Bench' }).click();
  await expect(first.page.getByRole('region', { name: 'Next' })).toBeVisible();
  const ending = /\/api\/session(\?|$)/;
  await first.page.route(ending, (route) => route.abort());
  await first.page.getByRole('button', { name: 'Sign out' }).click();
  await expect(line(first.page)).toContainText('sign out again.');
  await first.page.unroute(ending);
  await first.page.getByRole('button', { name: 'Sign out' }).click();
  await expect(first.page).toHaveURL(/\/sign-in$/);
  // Nothing of it can be read there meanwhile: no name, no entry, no right to send.
  const there = await stored(first.page);
  expect(there).toContain('"closed"');
  for (const secret of [STUDENT, '"content"', '"token"', '"key"']) expect(there).not.toContain(secret);
  await first.page.unroute(sending);
  await workAs(first.page, 'Emil Sato');
  await first.page.goto('/bench');
  await expect(first.page.getByRole('heading', { name: 'Bench: Emil Sato' })).toBeVisible();
  await expect(line(first.page)).toContainText('Everything is sent', { timeout: 60_000 });

  const late = second.page.getByRole('region', { name: 'Late from another device' });
  await expect(late.getByText('Pass 8')).toBeVisible();
  await late.getByRole('button', { name: 'It stands' }).click();
  await expect(late).toHaveCount(0);
  await expect(line(second.page)).toContainText('Everything is sent');
  const author = await ask<{ name: string }>(
    `SELECT DISTINCT p.name FROM entries e JOIN people p ON p.id = e.author_id
      WHERE e.attempt_id = ? AND JSON_VALUE(e.content, '$.kind') = 'pass'`,
    [attemptId],
  );
  expect(author).toEqual([{ name: STUDENT }]);
  await expect.poll(async () => (await recorded()).at(-1)?.kind).toBe('looked-over');
  await first.context.close();
  await second.context.close();
});

test('something happened, an own reading with its warning, and undo; a clock of another century harms nothing', async ({
  browser,
  baseURL,
}) => {
  const { page, context } = await device(browser, baseURL ?? '');
  await page.getByRole('button', { name: 'Go on here' }).click();
  await page.clock.setFixedTime(new Date('1970-01-02T00:00:00Z'));
  await page.getByRole('button', { name: 'Something happened…' }).click();
  await page.getByRole('button', { name: 'Spindle stalled' }).click();
  await page.getByRole('button', { name: 'Record', exact: true }).last().click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Otherwise…' }).click();
  const keypad = page.getByRole('group', { name: 'Reading' });
  for (const key of ['0', '.', '0', '0', '1'])
    await keypad.getByRole('button', { name: key, exact: true }).click();
  await expect(page.getByRole('list', { name: 'Before the cut' })).toContainText(
    'back from where the dial stands',
  );
  await page.getByRole('button', { name: 'Cut at this reading' }).click();
  // From there the planned reading is further than the plan lets one cut go.
  await expect(page.getByRole('list', { name: 'Before the cut' })).toContainText(
    'more than the largest infeed',
  );
  await page.getByRole('button', { name: 'Undo…' }).click();
  await page.getByRole('button', { name: 'Wrong reading' }).click();
  const lastThree = () =>
    ask<{ kind: string; at: Date; warnings: string }>(
      `SELECT JSON_VALUE(content, '$.kind') AS kind, device_time AS at, JSON_QUERY(content, '$.told.warnings') AS warnings
        FROM entries WHERE attempt_id = ? ORDER BY seq DESC LIMIT 3`,
      [attemptId],
    );
  await expect
    .poll(async () => (await lastThree()).map(({ kind }) => kind))
    .toEqual(['strike', 'pass', 'event']);
  const rows = await lastThree();
  expect(rows[1]?.warnings).toContain('backwards');
  expect(rows.every(({ at }) => new Date(at).getUTCFullYear() === 2000)).toBe(true);
  await context.close();
});
