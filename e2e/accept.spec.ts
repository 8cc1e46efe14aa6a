import { goodSteps, HANDED_IN, measuredAt, plannedWork } from '../core/test/record';
import type { EntryContent } from '../core/exercise/record/entry/kinds';
import { entryBody, pieceOf } from './fixtures';
import { expectGoodView } from './good-view';
import { INSTRUCTOR, workAs } from './people';
import { expect, test } from './test';

test.use({ viewport: { width: 1024, height: 768 } });

test('a piece is judged at the lathe by touches, sent back, mended at the bench, and accepted with its mark', async ({
  page,
  browser,
  playwright,
  baseURL,
}) => {
  const { instructor, request, attemptId, url, sheet } = await pieceOf(
    playwright,
    baseURL,
    'Accept piece',
    'Daria Novak',
  );
  const say = async (content: EntryContent) => {
    const by = content.kind === 'sign-off' ? instructor : request;
    const { status } = await by.post(`${url}/entries`, { data: entryBody(content) }).then((answer) => ({
      status: answer.status(),
    }));
    expect([content.kind, status]).toEqual([content.kind, 201]);
  };
  const steps = goodSteps(sheet);
  const at = (when: string) => steps.filter((_, index) => sheet.steps[index]?.when === when);
  const [scratch, ...rest] = plannedWork(sheet);
  for (const content of [
    ...at('before-cutting'),
    scratch!,
    ...at('after-scratch'),
    ...rest,
    measuredAt(sheet, sheet.wires.overWires.target, 'final'),
    ...at('after-cutting'),
    HANDED_IN,
  ])
    await say(content);

  await workAs(page, INSTRUCTOR);
  await page.goto('/floor');
  const piece = page.getByRole('region', { name: 'Handed in' }).getByRole('button', { name: /Daria Novak/ });
  await piece.click();
  const accept = page.getByRole('region', { name: 'Accept the piece' });
  await expect(accept.getByText('Pitch diameter in limits:')).toBeVisible();
  const touch = (group: string, name: string) =>
    accept.getByRole('group', { name: group }).getByRole('button', { name, exact: true }).click();
  await touch('Flanks', 'Clean and alike');
  await touch('Crests and burrs', 'Burrs: to be filed');
  await expect(accept.getByText('Crests and burrs: Burrs: to be filed')).toBeVisible();
  await expectGoodView(page);
  await accept.getByRole('button', { name: 'Send the piece back' }).click();
  await expect(accept.getByText('Say what has to be mended.')).toBeVisible();
  await accept.getByRole('button', { name: 'File the crests' }).click();
  await accept.getByRole('button', { name: 'Send the piece back' }).click();
  await expect(piece).toHaveCount(0);

  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1024, height: 768 } })
  ).newPage();
  await workAs(bench, 'Daria Novak');
  await bench.goto('/bench');
  await bench.getByRole('button', { name: /Accept piece/ }).click();
  const back = bench.getByRole('region', { name: 'Sent back' });
  await expect(back).toContainText('File the crests, then try again.');
  await expect(back).toContainText('It stands in the machine as it was cut.');
  await expectGoodView(bench);
  const lead = bench.getByRole('button', { name: /Take over|Lead/ });
  if (await lead.count()) await lead.first().click();
  await back.getByRole('button', { name: 'I have read it: go on' }).click();
  await bench.getByRole('button', { name: 'Hand in' }).first().click();
  await bench.getByRole('dialog').getByRole('button', { name: 'Hand in', exact: true }).click();

  await piece.click();
  await touch('Crests and burrs', 'No burr');
  await touch('Question answered', 'Right after a hint');
  await touch('Help needed', 'A hint');
  const take = accept.getByRole('button', { name: /^Confirm 9\d(\.5)?$/ });
  await take.click();
  await expect(page.getByText(/Daria Novak: marked 9/).first()).toBeVisible();
  await expect(piece).toHaveCount(0);
  await page.goto(`/attempts/${attemptId}/mark`);
  await expect(page.locator('[data-line="ask"]')).toContainText('Right after a hint');
  await expect(page.locator('[data-line="look:burrs"]')).toContainText('No burr');
  await bench.context().close();
});
