import { exerciseId } from './database';
import { entryBody } from './fixtures';
import { INSTRUCTOR, requestAs, workAs } from './people';
import { handOutTo, plan, stage, type Way } from './plan-a-way';
import { expect, test, type Page } from './test';
import { cutAndProve, MOSTLY_SENT, predictionOf, sheetOfAttempt } from './work-a-way';

const WAYS: Way[] = [
  {
    name: 'nut as the proof, half nut reversed, metric on an inch lead screw',
    title: 'Way a',
    thread: 'M16x2-6g',
    lathe: 'Lathe 1',
    student: 'Ana Brandt',
    starter: 'Half nut closed, proved by the nut',
  },
  {
    name: 'a bore without a recess, far side, a plug as the proof',
    title: 'Way b',
    thread: 'M30x2-6H',
    lathe: 'Lathe 5',
    student: 'Bela Okoro',
    starter: 'Through bore, far side, plug',
  },
];

/** Their steps and cuts are touched by the ways above; here planning, first cut, proof and mark are. */
const MORE_WAYS: Way[] = [
  {
    name: 'away from the headstock, plunged by the readout',
    title: 'Way c',
    thread: 'M20x1.5-6g',
    lathe: 'Lathe 5',
    student: 'Chidi Lind',
    starter: 'Away from the headstock',
    settings: [{ stage: 'Infeed', select: [['Fed by', 'Readout set to diameter']] }],
  },
  {
    name: 'between centres, left-hand, thread micrometer',
    title: 'Way d',
    thread: 'M20x1.5-6g-LH',
    lathe: 'Lathe 3',
    student: 'Daria Novak',
    starter: 'Between centres, thread micrometer',
  },
  {
    name: 'two starts by the compound, wires at one place',
    title: 'Way e',
    thread: '3/4-16 UNF-2A (2 starts)',
    lathe: 'Lathe 1',
    student: 'Emil Sato',
    settings: [
      { stage: 'Infeed', select: [['Fed by', 'Plunge by dial']] },
      { stage: 'Thread', radio: ['the compound, one pitch along the bed'] },
      { stage: 'Proof', fill: [['Places', 'middle']] },
    ],
  },
  {
    name: 'the default',
    title: 'Way f',
    thread: '3/4-16 UNF-2A',
    lathe: 'Lathe 1',
    student: 'Farah Weiss',
  },
  {
    name: 'a chart’s diameter readings, an insert, pulled out at a line, the infeed constant',
    title: 'Way g',
    thread: 'M16x2-6g',
    lathe: 'Lathe 5',
    student: 'Goran Pike',
    starter: 'Insert, plunged, pulled out at a line',
    settings: [
      {
        stage: 'Passes',
        select: [['Schedule', 'Readings of a chart']],
        fill: [['Readings, cumulative', '0.4 0.8 1.2 1.6 2.0 2.4']],
      },
    ],
  },
];

for (const way of [...WAYS, ...MORE_WAYS])
  test(`${way.name}: planned, cut and marked, full marks for right work`, async ({ page, request }) => {
    await plan(page, way);
    const attemptId = await handOutTo(page, way);
    const hands = MORE_WAYS.includes(way) ? [MOSTLY_SENT] : [];
    await cutAndProve(page, request, attemptId, way.student, ...hands);
    await fullMarks(page, attemptId);
  });

test('dial and reversing mixed, the nut tried with the centre out, a thread file to the mate, after one scrapped try', async ({
  page,
  request,
}) => {
  const way: Way = {
    name: 'h',
    title: 'Way h',
    thread: '3/4-16 UNF-2A',
    lathe: 'Lathe 1',
    student: 'Hana Ruiz',
    settings: [{ stage: 'Passes', select: [['Schedule', 'Own table']] }],
  };
  await plan(page, way);
  const cuts: [string, string, string?][] = [
    ['scratch', '0.002', 'reversing'],
    ['rough', '0.010', 'reversing'],
    ['rough', '0.010', 'reversing'],
    ['rough', '0.010', 'half-nut'],
    ['rough', '0.008'],
    ['stop', 'nut'],
    ['finish', '0.003'],
    ['finish', '0.002'],
    ['stop', 'thread-file'],
  ];
  for (const [index, [kind, value, drive]] of cuts.entries()) {
    await page
      .getByRole('button', { name: kind === 'stop' ? 'Add a stop' : 'Add a cut', exact: true })
      .click();
    const row = page.locator('section[aria-label^="Fields of"] .border-l-4').nth(index);
    if (kind === 'stop') await row.getByRole('combobox', { name: 'Stop' }).selectOption(value);
    else {
      await row.getByRole('combobox', { name: /^Cut/ }).selectOption(kind);
      await row.getByRole('textbox', { name: 'Infeed' }).fill(value);
      if (drive !== undefined) await row.getByRole('combobox', { name: 'Driven' }).selectOption(drive);
    }
  }
  await stage(page, 'Proof');
  await page.getByRole('combobox', { name: 'Proved by' }).selectOption('mate');
  const first = await handOutTo(page, way);

  await workAs(page, way.student);
  await page.goto(`/attempts/${first}`);
  await page.getByRole('button', { name: 'Done', exact: true }).click();
  await page.getByRole('button', { name: 'Hand in' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'Scrapped' }).click();
  await dialog.getByLabel('What you think went wrong').fill('Turned the blank far too small');
  await dialog.getByLabel('What the next try changes').fill('Measure before each cut of the blank');
  await dialog.getByRole('button', { name: 'Hand in', exact: true }).click();
  await expect(page.getByText('Waiting for mark')).toBeVisible();
  await requestAs(request, INSTRUCTOR);
  const marked = await request.post(`/api/attempts/${first}/mark`, {
    data: { lines: [], capReason: '', comment: 'Again.', entriesSeen: 2, supersedes: null },
  });
  expect(marked.status()).toBe(201);

  await workAs(page, INSTRUCTOR);
  await page.goto(`/exercises/${await exerciseId(way.title)}`);
  const second = await handOutTo(page, way);
  await cutAndProve(page, request, second, way.student);
  const { cuts: made } = await predictionOf(page, await sheetOfAttempt(second), second);
  expect(made.map(({ entry }) => entry.content.drive)).toEqual([
    ...['reversing', 'reversing', 'reversing'],
    // The nut said enough after these: the last two rows were left.
    ...['half-nut', 'half-nut'],
  ]);
  await fullMarks(page, second);
});

async function fullMarks(page: Page, attemptId: number): Promise<void> {
  await workAs(page, INSTRUCTOR);
  // With the part in hand: what was only ticked at the end is looked over by it.
  const look = { kind: 'look', subject: 'look:burrs', level: 0, of: 3, sentence: 'No burr', asked: '' };
  const sent = await page.request.post(`/api/attempts/${attemptId}/entries`, { data: entryBody(look) });
  expect(sent.status()).toBe(201);
  await page.goto(`/attempts/${attemptId}/mark`);
  await expect(page.getByTestId('total')).toContainText('100 / 100');
  await page.getByRole('button', { name: 'Confirm the mark' }).click();
  await page.getByRole('button', { name: 'Confirm', exact: true }).click();
  await expect(page.getByText(/Confirmed by Mio Tanabe/)).toBeVisible();
}
