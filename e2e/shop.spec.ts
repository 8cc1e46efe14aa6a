import { ask } from './database';
import { GOOD_FORM, latheId } from './fixtures';
import { expectGoodView } from './good-view';
import { INSTRUCTOR, requestAs, workAs } from './people';
import { expect, test, type Page } from './test';

test('the book: a lathe typed and pasted, its chart and plate checked, which lathe, and the machine of a plan', async ({
  page,
}) => {
  const name = `Lathe T${Date.now() % 1_000_000}`;
  await workAs(page, INSTRUCTOR);
  await page.goto('/shop/new-lathe');
  await expectGoodView(page);
  await page.getByLabel('Name in the shop').fill(name);
  await page.getByRole('tab', { name: 'Lead screw and dial' }).click();
  await page.getByLabel('Lead screw', { exact: true }).fill('8 TPI');
  await page.getByRole('radio', { name: 'there and in use' }).click();
  const section = (name: string) => page.getByRole('region', { name });
  await section('Its gears').getByRole('button', { name: 'Row' }).click();
  await page.getByLabel('Its gears, row 1, Teeth').fill('32');
  await page.getByLabel('Its gears, row 1, Marks round the dial').fill('1 - 2 - 3 - 4 -');
  const plate = section('Thread and labels to close at');
  await plate.getByRole('button', { name: 'Row' }).click();
  await paste(page, 'Thread and labels to close at, row 1, Thread', '13 TPI\t1 2 3 4\n11 1/2 TPI\t1 2 3 4');
  await expect(plate.getByRole('row', { name: /agrees/ })).toHaveCount(1);
  await expect(plate.getByText('not safe: only 1, 3')).toBeVisible();

  await page.getByRole('tab', { name: 'Gearing' }).click();
  const chart = section('Thread and lever positions');
  await chart.getByRole('button', { name: 'Row' }).click();
  await paste(page, 'Thread and lever positions, row 1, TPI', 'TPI\tLetter\n16\tB\n13\tA\tlow');
  await page.getByRole('button', { name: 'Put it in the shop' }).click();
  await expect(page.getByText('Row 3 has 3 columns, the first row names 2.').first()).toBeVisible();
  await page.getByLabel('Thread and lever positions, row 3, column 3').fill('');
  await page.getByRole('button', { name: 'Put it in the shop' }).click();
  await expect(page.getByText(`${name} is in the shop.`, { exact: true })).toBeVisible();
  await page.getByLabel('Filter').fill(name);
  await expect(page.getByRole('table', { name: 'Lathes of the shop' }).getByRole('row')).toHaveCount(2);

  await page.goto(`/exercises/${await exerciseOf('Clamp screw')}`);
  await page.getByRole('tab', { name: 'Lathes' }).click();
  const row = page.getByRole('row', { name: new RegExp(`^${name}`) });
  await expect(row).toContainText('with care');
  const asked = page.getByRole('table', { name: 'Lathes of the shop for this plan' });
  await expect(asked).toContainText('Its speeds are not written down');
  await expect(page.getByRole('row', { name: /^Lathe 6 / })).toContainText('no');
  await expect(asked).toContainText(/Lathe 6: its chuck screws onto the nose.*It works/);
  await row.getByRole('button', { name: 'Look at it' }).click();
  await page.getByRole('tab', { name: 'Machine' }).click();
  await expect(page.getByRole('table', { name: 'Levers to set' })).toContainText('LetterB');

  // The search of change gears runs beside the page, and its best train is exact.
  await page.getByLabel('seen on').selectOption({ label: 'Lathe 3' });
  await page.getByRole('button', { name: 'Other trains of change gears' }).click();
  await page.getByLabel('Gears to choose from').fill('20, 0');
  await expect(page.getByText('0 teeth: a change gear has 10 to 400.')).toBeVisible();
  await page.getByLabel('Gears to choose from').fill('20, 30, 45, 50, 60, 63, 65, 80, 127');
  await page.getByRole('button', { name: /^Search trains/ }).click();
  await expect(
    page.getByRole('table', { name: 'Trains, the best first' }).getByRole('row').nth(1),
  ).toContainText('exact');
  // Put away again: the exercises of other tests are not asked of it.
  await page.request.put(`/api/lathes/${await latheId(name)}/archive`, { data: { archived: true } });
});

test('records of the book are made, sorted, filtered, put away, and go out and in as CSV', async ({
  page,
}) => {
  await workAs(page, INSTRUCTOR);
  await page.goto('/shop');
  await expectGoodView(page);
  await page.getByRole('tab', { name: 'Gauges' }).click();
  const table = page.getByRole('table', { name: 'Gauges' });
  await expect(table.getByText('overdue')).toBeVisible();
  await page.getByRole('button', { name: 'New gauge' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name').fill('Ring 9');
  await dialog.getByLabel('Due again').fill('tomorrow');
  await dialog.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(dialog.getByText('Write the day as 2026-05-01.')).toBeVisible();
  await dialog.getByLabel('Due again').fill('2027-05-01');
  await dialog.getByLabel('Kind').selectOption('ring');
  await dialog.getByRole('button', { name: 'Put it in the book' }).click();
  await expect(table.getByRole('button', { name: 'Ring 9' })).toBeVisible();
  await page.getByLabel('Filter').fill('ring 9');
  await expect(table.getByRole('row')).toHaveCount(2);
  await table.getByRole('button', { name: 'Ring 9' }).click();
  await dialog.getByRole('button', { name: 'Put it away' }).click();
  await expect(page.getByText('Nothing fits “ring 9”.')).toBeVisible();

  const csv = await (await page.request.get('/api/book?kind=gauge&as=csv')).text();
  expect(csv.split('\r\n')[0]).toContain('name,kind,sizes');
  expect(csv).not.toContain('Ring 9');
  const wrong = {
    name: 'tools.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('name,kind\nA,ground\nB,air\n'),
  };
  await page.getByRole('tab', { name: 'Tools' }).click();
  await page.getByLabel('Tools: file').setInputFiles(wrong);
  await expect(page.getByText(/Row 3, kind: Choose/)).toBeVisible();
  await page
    .getByLabel('Tools: file')
    .setInputFiles({ ...wrong, buffer: Buffer.from('name,kind\nKeen 1,ground\n') });
  await expect(page.getByRole('button', { name: 'Keen 1' })).toBeVisible();
});

test('at the bench the dial is rehearsed, and levers that stand otherwise stop the cut', async ({ page }) => {
  await requestAs(page.request, INSTRUCTOR);
  const { id } = (await (await page.request.post('/api/exercises')).json()) as { id: number };
  const form = {
    ...GOOD_FORM,
    title: 'Rehearsed',
    thread: { ...GOOD_FORM.thread, designation: '7/8-9 UNC-2A' },
  };
  const [student] = await ask<{ id: number }>("SELECT id FROM people WHERE name = 'Emil Sato'", []);
  const one = await latheId();
  const lathes = [one, await latheId('Lathe 2')];
  const given = await page.request.post(`/api/exercises/${id}/hand-out`, {
    data: {
      form,
      draftVersion: 0,
      studentIds: [student?.id],
      latheIds: lathes,
      latheOf: [{ studentId: student?.id, latheId: one }],
    },
  });
  const { attempts } = (await given.json()) as { attempts: { id: number }[] };
  await workAs(page, 'Emil Sato');
  await page.goto(`/attempts/${attempts[0]?.id}`);
  // The lathe was given: no question, and it can still be changed.
  await expect(page.getByRole('button', { name: 'Lathe: Lathe 1' })).toBeVisible();
  await page.getByRole('button', { name: 'Machine', exact: true }).click();
  await expect(page.getByText('1, 2, 3, 4', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Rehearse' }).click();
  await page.getByRole('button', { name: 'Start the lathe' }).click();
  await page.getByRole('button', { name: /^Close the half nut/ }).click();
  await expect(page.getByText(/First catch at|Between two marks/)).toBeVisible();
  await page
    .getByRole('navigation', { name: 'Set-up in the order of work' })
    .getByRole('button', { name: /Gearing/ })
    .click();
  await page.getByRole('button', { name: 'Something stands otherwise…' }).click();
  for (const [lever, position] of [
    ['Letter', 'C'],
    ['Number', '2'],
    ['Feed reverse', 'R'],
    ['Lead-screw clutch', 'in'],
    ['Apron selector', 'neutral'],
  ] as const)
    await page.getByLabel(lever, { exact: true }).selectOption(position);
  await page.getByRole('button', { name: 'Record what stands' }).click();
  await page.getByRole('button', { name: /^\d+ Passes/ }).click();
  await expect(page.getByText(/Gearing/).first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Cut all the same…' })).toBeVisible();
});

async function paste(page: Page, label: string, text: string): Promise<void> {
  await page.getByLabel(label).evaluate((cell, pasted) => {
    const data = new DataTransfer();
    data.setData('text', pasted);
    cell.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  }, text);
}

async function exerciseOf(title: string): Promise<number> {
  const [row] = await ask<{ id: number }>('SELECT id FROM exercises WHERE title = ? ORDER BY id LIMIT 1', [
    title,
  ]);
  return row?.id ?? 0;
}
