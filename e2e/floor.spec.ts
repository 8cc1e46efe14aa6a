import { HELPER } from '../demo/shop';
import { goodSteps } from '../core/test/record';
import { entryBody, pieceOf } from './fixtures';
import { INSTRUCTOR, requestAs, workAs } from './people';
import { expect, test } from './test';

test('a student who reaches the hold point is seen, sent back, seen again and signed off, without anybody reloading', async ({
  page,
  browser,
  playwright,
  baseURL,
}) => {
  const { request, attemptId, url, sheet } = await pieceOf(
    playwright,
    baseURL,
    'Floor piece',
    'Juno Hartley',
  );
  const hold = sheet.steps.findIndex(({ kind }) => kind === 'sign-off');
  const steps = goodSteps(sheet).slice(0, hold);
  for (const content of steps.slice(0, -1))
    await request.post(`${url}/entries`, { data: entryBody(content) });

  await workAs(page, INSTRUCTOR);
  await page.goto('/');
  await page.getByRole('link', { name: 'Floor', exact: true }).click();
  const waiting = page.getByRole('region', { name: 'Waiting' });
  const card = waiting.getByRole('button', { name: /Lathe 1 · Juno Hartley/ });
  await expect(page.getByRole('region', { name: 'Lathes' })).toContainText('Floor piece');
  await expect(card).toHaveCount(0);

  const bench = await (await browser.newContext({ baseURL })).newPage();
  await workAs(bench, 'Juno Hartley');
  await bench.goto(`/attempts/${attemptId}`);
  await request.post(`${url}/entries`, { data: entryBody(steps.at(-1)!) });
  await expect(card).toBeVisible();
  await card.click();
  await page.getByLabel('What has to be mended').fill('sleeves');
  await page.getByRole('button', { name: 'Send back' }).click();
  await expect(card).toHaveCount(0);
  await expect(bench.getByText(`Sent back by ${INSTRUCTOR}: sleeves`)).toBeVisible();

  await bench.getByRole('button', { name: 'Raise a hand' }).click();
  await expect(card).toContainText('Hand raised');
  await page.getByRole('button', { name: 'I am here' }).click();
  await expect(card).toContainText('Hold point');
  await page.getByRole('button', { name: 'Sign off' }).click();
  await expect(card).toHaveCount(0);
  await expect(bench.getByRole('button', { name: 'Raise a hand' })).toBeVisible();
  await expect(bench.getByText(/The floor sees that you wait here/)).toHaveCount(0);
  await bench.context().close();
});

test('a helper sees the floor on a tablet; many tabs of a browser share one stream', async ({
  browser,
  baseURL,
}) => {
  const context = await browser.newContext({ baseURL, viewport: { width: 1024, height: 768 } });
  await requestAs(context.request, HELPER);
  let streams = 0;
  context.on('request', (request) => (streams += request.url().endsWith('/api/events') ? 1 : 0));
  for (let tab = 0; tab < 3; tab += 1) {
    const page = await context.newPage();
    await page.goto('/floor');
    await expect(page.getByRole('region', { name: 'Waiting' })).toBeVisible();
  }
  expect(streams).toBe(1);
  await context.close();
});
