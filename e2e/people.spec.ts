import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Secret, TOTP } from 'otpauth';
import { DEMO_CLASS_CODE, DEMO_PASSWORD, DEMO_PIN } from '../demo/accounts';
import { ask, attemptIn } from './database';
import { expectGoodView } from './good-view';
import { ownInstallation } from './installation';
import { INSTRUCTOR, requestAs, signIn, workAs } from './people';
import { expect, test } from './test';

/** Names of their own for each run, so that the tests can be repeated on one book. */
const run = Date.now().toString(36);
const ODA = `Oda ${run}`;
const UMAR = `Umar ${run}`;
const PETRA = `Petra ${run}`;

test('an instructor fills the class, gives a slip, and the student chooses a PIN with it', async ({
  page,
  browser,
}) => {
  await signIn(page, INSTRUCTOR);
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByLabel(/Names, one a line/).fill(`Name;Group\n${ODA};a\nana brandt;b\n${UMAR};a`);
  await expect(page.getByText('Line 3, ana brandt: Stands there already.')).toBeVisible();
  await page.getByRole('button', { name: 'Add 2' }).click();
  await expect(page.getByText('2 added.', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: `Slip for ${ODA}` }).click();
  const slip = page.getByRole('dialog').getByRole('listitem');
  const code = await slip.locator('.figures').innerText();
  expect(code).toMatch(/^[A-Z0-9]{4} [A-Z0-9]{4}$/);
  await page.emulateMedia({ media: 'print' });
  await expect(slip).toBeVisible();
  await expect(page.getByRole('table')).toBeHidden();
  await page.emulateMedia({ media: null });
  await page.getByRole('button', { name: 'Done' }).click();

  const bench = await (await browser.newContext()).newPage();
  await bench.goto('/sign-in');
  await bench.getByLabel('Code of the class').fill(`${DEMO_CLASS_CODE.slice(0, 3)} nope`);
  await bench.getByRole('button', { name: 'Show the names' }).click();
  await expect(bench.getByText('There is no class with this code.')).toBeVisible();
  await bench.getByLabel('Code of the class').fill(DEMO_CLASS_CODE.toLowerCase());
  await bench.getByRole('button', { name: 'Show the names' }).click();
  const names = bench.getByRole('region', { name: 'At the bench' });
  await names.getByRole('button', { name: ODA }).click();
  await bench.getByLabel('Code on your slip').fill(code.toLowerCase());
  for (const key of '1234') await bench.getByRole('button', { name: key, exact: true }).click();
  await bench.getByRole('button', { name: 'Choose the PIN' }).click();
  await expect(bench.getByText('This is guessed at once. Take other figures.')).toBeVisible();
  await bench.getByLabel('Choose a PIN').fill('3690');
  await bench.getByRole('button', { name: 'Choose the PIN' }).click();
  await expect(bench.getByRole('link', { name: new RegExp(ODA) })).toBeVisible();

  // The device keeps the code of the class; the PIN is asked again.
  await bench.goto('/account');
  await bench.getByRole('button', { name: 'Sign out' }).click();
  await expect(bench.getByLabel('Code of the class')).toHaveValue(DEMO_CLASS_CODE.toLowerCase());
  await bench.getByRole('button', { name: 'Show the names' }).click();
  await names.getByRole('button', { name: ODA }).click();
  await bench.getByLabel('PIN', { exact: true }).fill('3691');
  await bench.getByLabel('PIN', { exact: true }).press('Enter');
  await expect(bench.getByText('This is not your PIN.')).toBeVisible();
  await bench.getByLabel('PIN', { exact: true }).fill('3690');
  await bench.getByLabel('PIN', { exact: true }).press('Enter');
  await expect(bench.getByRole('link', { name: new RegExp(ODA) })).toBeVisible();
  await bench.context().close();

  // Archived: out of the class, and signed out.
  await page.getByRole('button', { name: `Archive ${ODA}` }).click();
  await expect(page.getByText(`${ODA} is archived. Records and marks stay.`, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: `Archive ${UMAR}` }).click();
  await expect(page.getByRole('button', { name: /^Archived/ })).toBeVisible();
});

test('a colleague gets a code, chooses a password, and ends the session of a second device', async ({
  page,
  playwright,
  baseURL,
}) => {
  await requestAs(page.context().request, INSTRUCTOR);
  await page.goto('/classes/1');
  await expectGoodView(page);
  await page.getByRole('radio', { name: 'Instructor' }).click();
  await page.getByLabel(/Names, one a line/).fill(PETRA);
  await page.getByRole('button', { name: 'Add 1' }).click();
  await page.getByRole('button', { name: `Slip for ${PETRA}` }).click();
  const code = await page.getByRole('dialog').getByRole('listitem').locator('.figures').innerText();
  await page.context().clearCookies();
  await page.goto('/sign-in');
  await expectGoodView(page);
  await page.getByRole('button', { name: 'I have a one-time code' }).click();
  await page.getByLabel('One-time code').fill(code);
  await page.getByLabel('New password').fill(`${PETRA.toUpperCase()} 1`);
  await page.getByRole('button', { name: 'Choose the password' }).click();
  await expect(page.getByText('This is guessed at once. Take something else.')).toBeVisible();
  await page.getByLabel('New password').fill(DEMO_PASSWORD);
  await page.getByRole('button', { name: 'Choose the password' }).click();
  await expect(page.getByRole('link', { name: new RegExp(PETRA) })).toBeVisible();
  const tablet = await playwright.request.newContext({ baseURL, userAgent: 'Firefox/130.0 (Android)' });
  const enter = { data: { name: PETRA.toLowerCase(), password: DEMO_PASSWORD } };
  expect((await tablet.post('/api/session', enter)).status()).toBe(200);
  await page.goto('/account');
  await expectGoodView(page);
  await page.getByRole('button', { name: 'End the session on Firefox on Android' }).click();
  await expect(page.getByText('That session is ended.', { exact: true })).toBeVisible();
  expect((await tablet.get('/account', { maxRedirects: 0 })).status()).toBe(307);
  // A second factor: read into an authenticator, and asked for from then on.
  await page.getByRole('button', { name: 'Set up a second factor' }).click();
  await expect(page.getByRole('img', { name: 'Secret of your authenticator' })).toBeVisible();
  const secret = (
    await page.getByRole('region', { name: 'Second factor' }).locator('p.figures').innerText()
  ).replace(/ /g, '');
  const figures = (steps: number) =>
    new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + steps * 30_000 });
  await page.getByLabel('Six figures that it shows now').fill('000000');
  await page.getByRole('button', { name: 'Use it from now on' }).click();
  await expect(page.getByText('These are not the six figures of now.')).toBeVisible();
  await page.getByLabel('Six figures that it shows now').fill(figures(0));
  await page.getByRole('button', { name: 'Use it from now on' }).click();
  await expect(page.getByRole('heading', { name: 'Second factor: on' })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  const door = page.getByRole('form', { name: 'Instructor or helper' });
  await door.getByLabel('Name').fill(PETRA);
  await door.getByLabel('Password').fill(DEMO_PASSWORD);
  await door.getByRole('button', { name: 'Sign in' }).click();
  await door.getByLabel('Six figures of your second factor').fill(figures(1));
  await door.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('link', { name: new RegExp(PETRA) })).toBeVisible();
  // Nobody has used the page for a while: whoever comes to it then signs in.
  await ask(
    'UPDATE sessions SET seen_at = seen_at - INTERVAL 31 MINUTE WHERE person_id = (SELECT id FROM people WHERE name = ?)',
    [PETRA],
  );
  await page.goto('/');
  await expect(page).toHaveURL(/\/sign-in$/);
  // Who came in, who was turned away and what was changed stands in a log of its own, without any secret.
  const lines = readFileSync(join(ownInstallation().state, 'log', 'sign-in.log'), 'utf8');
  for (const what of ['"signed in"', '"signed out"', '"second factor on"', '"refused":"wrong-code"'])
    expect(lines).toContain(what);
  for (const kept of [DEMO_PASSWORD, secret]) expect(lines).not.toContain(kept);
  // Nobody but she has the password: it is not shown among the demo's.
  expect(await ask('SELECT 1 FROM credentials WHERE sign_in_name = ? AND demo = 1', [PETRA])).toHaveLength(0);
});

test('a shop that demands a second factor opens nothing else to whoever marks without one', async ({
  page,
}) => {
  await requestAs(page.context().request, INSTRUCTOR);
  await page.goto('/shop');
  await page.getByRole('tab', { name: 'Signing in' }).click();
  const rules = page.getByRole('region', { name: 'Signing in' });
  await rules.getByRole('checkbox', { name: 'Those who mark need a second factor' }).click();
  await expect(page.getByText('Kept.', { exact: true })).toBeVisible();
  await page.goto('/');
  await expect(page).toHaveURL(/\/account$/);
  await expect(page.getByText('The shop demands it of those who mark')).toBeVisible();
  const refused = await page.request.post('/api/exercises');
  expect([refused.status(), (await refused.json()) as object]).toMatchObject([
    403,
    { error: { code: 'second-factor-needed' } },
  ]);
  await ask('UPDATE shop SET second_factor = 0');
  await page.goto('/');
  await expect(page.getByRole('region', { name: 'Today' })).toBeVisible();
});

test('a bench asks for the PIN alone on another day, and goes on', async ({ page }) => {
  await workAs(page, 'Ana Brandt');
  await page.goto('/bench');
  await expect(page.getByRole('heading', { name: 'Bench: Ana Brandt' })).toBeVisible();
  await ask(
    "UPDATE sessions SET opened_at = opened_at - INTERVAL 13 HOUR WHERE person_id = (SELECT id FROM people WHERE name = 'Ana Brandt')",
  );
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Ana Brandt: your PIN again' })).toBeVisible();
  await page.getByRole('textbox', { name: 'PIN' }).fill('0007');
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText('This is not your PIN.')).toBeVisible();
  await page.getByRole('textbox', { name: 'PIN' }).fill(DEMO_PIN);
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByRole('heading', { name: 'Bench: Ana Brandt' })).toBeVisible();
});

test('a helper sees the class and its records, and neither plans nor marks', async ({ page }) => {
  await workAs(page, 'Ilan Rosskopf');
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'New exercise' })).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'Shop' })).toHaveCount(0);
  await expect(page.getByRole('link', { name: 'People' })).toHaveCount(0);
  await page.goto(`/attempts/${await attemptIn('cutting')}`);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Levelling foot: ');
  await expect(page.getByRole('link', { name: /^Mark/ })).toHaveCount(0);
});
