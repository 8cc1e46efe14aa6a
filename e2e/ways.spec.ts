import { overWires } from '../core/measuring/gauging/three-wires';
import { NUT_ANSWER_WORDS, type NutAnswer } from '../core/measuring/nut/nut-answer';
import { pitchDiameterAt } from '../core/thread/depth/radial-depth';
import { EVIDENCE_DATA } from '../core/measuring/proof/evidence-kinds';
import { predict, type Prediction } from '../core/exercise/record/state/predict';
import type { Entry } from '../core/exercise/record/entry/entry';
import { readSheet, type Sheet } from '../core/exercise/sheet/sheet';
import { sheetDepth, sheetWires } from '../core/exercise/sheet/sheet-geometry';
import { stopData } from '../core/machine/stops/stops';
import { ask, exerciseId } from './database';
import { entryBody } from './fixtures';
import { INSTRUCTOR, newExercise, requestAs, workAs } from './people';
import { expect, test, type APIRequestContext, type Page } from './test';

/** What the instructor sets at a stage, by the labels that she sees. */
interface Setting {
  stage: string;
  select?: [label: string, option: string][];
  radio?: string[];
  fill?: [label: string, text: string][];
}

interface Way {
  name: string;
  title: string;
  thread: string;
  lathe: string;
  student: string;
  starter?: string;
  settings?: Setting[];
}

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

for (const way of WAYS)
  test(`${way.name}: planned, cut and marked, full marks for right work`, async ({ page, request }) => {
    await plan(page, way);
    const attemptId = await handOutTo(page, way);
    await cutAndProve(page, request, attemptId, way.student);
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
    ...['half-nut', 'half-nut', 'half-nut', 'half-nut'],
  ]);
  await fullMarks(page, second);
});

async function plan(page: Page, { title, thread, starter, settings = [] }: Way): Promise<void> {
  await workAs(page, INSTRUCTOR);
  await newExercise(page);
  if (starter !== undefined) await page.getByRole('button', { name: starter }).click();
  await page.getByLabel('Exercise', { exact: true }).fill(title);
  await page.getByLabel('Thread', { exact: true }).fill(thread);
  for (const { stage: at, select = [], radio = [], fill = [] } of settings) {
    await stage(page, at);
    for (const [label, option] of select)
      await page.getByRole('combobox', { name: label, exact: true }).selectOption({ label: option });
    for (const name of radio) await page.getByRole('radio', { name }).click();
    for (const [label, text] of fill) await page.getByLabel(label, { exact: true }).fill(text);
  }
}

async function stage(page: Page, title: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stages of the plan' })
    .getByRole('button', { name: new RegExp(title) })
    .click();
}

async function handOutTo(page: Page, { lathe, student, title }: Way): Promise<number> {
  await page.getByRole('button', { name: 'Hand out…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('checkbox', { name: student }).check();
  const lathes = dialog.getByRole('group', { name: 'Lathes allowed' }).getByRole('checkbox');
  for (const box of await lathes.all()) {
    const named = ((await box.locator('xpath=..').textContent()) ?? '').trim();
    if (!named.startsWith(lathe) && (await box.isEnabled())) await box.uncheck();
  }
  await dialog.getByRole('button', { name: 'Hand out to 1' }).click();
  await page.waitForURL('**/');
  const [row] = await ask<{ id: number }>(
    `SELECT s.attempt_id AS id FROM attempt_summaries s JOIN exercises e ON e.id = s.exercise_id JOIN people p ON p.id = s.student_id
      WHERE e.title = ? AND p.name = ? ORDER BY s.attempt_id DESC LIMIT 1`,
    [title, student],
  );
  return row?.id ?? 0;
}

async function sheetOfAttempt(attemptId: number): Promise<Sheet> {
  const [row] = await ask<{ document: unknown }>(
    'SELECT s.document FROM sheets s JOIN attempt_summaries a ON a.sheet_id = s.id WHERE a.attempt_id = ?',
    [attemptId],
  );
  const { document } = row ?? {};
  return readSheet(typeof document === 'string' ? JSON.parse(document) : document);
}

async function predictionOf(page: Page, sheet: Sheet, attemptId: number): Promise<Prediction> {
  const { entries } = (await (await page.request.get(`/api/attempts/${attemptId}/news?after=0`)).json()) as {
    entries: Entry[];
  };
  return predict(sheet, entries);
}

/** The pitch diameter that the cuts of the record really leave. */
function sizeOf(sheet: Sheet, { cuts }: Prediction): number {
  const last = cuts.at(-1);
  return last?.pitchDiameter ?? pitchDiameterAt(sheetDepth(sheet), last?.depth ?? 0);
}

/** What a nut or a mate of the middle of its band answers. */
function nutAnswer(sheet: Sheet, size: number): NutAnswer {
  const nut = sheet.proof[0]?.nut;
  const mate = nut === null || nut === undefined ? sheet.limits.pitchDiameter.max : (nut.min + nut.max) / 2;
  const play = sheet.thread.side === 'external' ? mate - size : size - mate;
  return play < 0 ? 'will-not-start' : 'free';
}

/** Does what records an entry, and waits until the server has taken it. */
async function recording(page: Page, act: () => Promise<void>): Promise<void> {
  const taken = page.waitForResponse(
    (answer) => answer.request().method() === 'POST' && answer.url().endsWith('/entries'),
  );
  await act();
  expect((await taken).status()).toBe(201);
}

/** Works as the student does: every step as it is, every stop, every cut by one touch, then the proof. */
async function cutAndProve(
  page: Page,
  request: APIRequestContext,
  attemptId: number,
  student: string,
): Promise<void> {
  await workAs(page, student);
  await page.goto(`/attempts/${attemptId}`);
  const sheet = await sheetOfAttempt(attemptId);
  const rail = page.getByRole('navigation', { name: 'Set-up in the order of work' });
  const doStep = async ({ title, expected, kind, choices }: Sheet['steps'][number]) => {
    await rail
      .getByRole('button', { name: new RegExp(`^\\d+ ${title}`) })
      .first()
      .click();
    await expect(page.getByRole('heading', { name: title, exact: true })).toBeVisible();
    if (expected !== null) await page.locator('main form input').first().fill(String(expected.value));
    if (kind === 'looks')
      for (const look of choices) await page.getByRole('checkbox', { name: look }).check();
    const words = { settings: 'All stand so', looks: 'All seen' };
    const button = expected !== null ? 'Record' : kind in words ? words[kind as keyof typeof words] : 'Done';
    await recording(page, () => page.getByRole('button', { name: button, exact: true }).click());
  };
  const doSteps = async (when: string) => {
    const steps = sheet.steps.filter((step) => step.when === when && step.kind !== 'sign-off');
    for (const step of steps) await doStep(step);
    const { steps: now } = await predictionOf(page, sheet, attemptId);
    const open = now.filter(({ verdict }) => verdict === 'open').map(({ step }) => step.id);
    expect(steps.filter(({ id }) => open.includes(id))).toEqual([]);
  };
  await doSteps('before-cutting');
  await requestAs(request, INSTRUCTOR);
  const look = entryBody({ kind: 'sign-off', stepId: 'instructor-look' });
  expect((await request.post(`/api/attempts/${attemptId}/entries`, { data: look })).status()).toBe(201);
  await page.reload();

  let now = await predictionOf(page, sheet, attemptId);
  for (let guard = 0; guard < 120 && (now.due !== null || now.next !== null); guard += 1) {
    const { due, cuts, stops } = now;
    const answersTo = (all: typeof stops) =>
      all.find(({ stop }) => stop.id === due?.stop.id)?.entries.length ?? 0;
    await rail.getByRole('button', { name: /^\d+ Passes/ }).click();
    await recording(page, () =>
      due === null
        ? page.getByRole('button', { name: 'Cut as planned' }).click()
        : answerStop(page, sheet, now, due.stop.check),
    );
    now = await predictionOf(page, sheet, attemptId);
    if (due === null) expect(now.cuts).toHaveLength(cuts.length + 1);
    else expect(answersTo(now.stops)).toBeGreaterThan(answersTo(stops));
    if (due === null && cuts.length === 0) {
      await doSteps('after-scratch');
      now = await predictionOf(page, sheet, attemptId);
    }
  }
  await doSteps('after-cutting');
  await prove(page, sheet, await predictionOf(page, sheet, attemptId));
  await page.getByRole('button', { name: 'Hand in' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Hand in', exact: true }).click();
  await expect(page.getByText('Waiting for mark')).toBeVisible();
}

async function answerStop(page: Page, sheet: Sheet, prediction: Prediction, check: string): Promise<void> {
  const stop = page.getByRole('region', { name: /^Stop: / });
  await expect(stop).toBeVisible();
  if (check === 'wires' && sheet.proof.some(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement'))
    return measure(page, sheet, prediction, 'Record, go on cutting');
  if (check === 'nut' || check === 'mate') {
    const words = NUT_ANSWER_WORDS[nutAnswer(sheet, sizeOf(sheet, prediction))];
    return stop.getByRole('button', { name: new RegExp(`^${words}$`, 'i') }).click();
  }
  if (check === 'gauge') {
    const { min, max } = sheet.limits.pitchDiameter;
    const size = sizeOf(sheet, prediction);
    const goes = sheet.thread.side === 'external' ? size <= max : size >= min;
    return stop.getByRole('button', { name: goes ? 'GO goes' : 'GO stops' }).click();
  }
  const right = stopData(check)?.answers[0]?.text ?? 'Done';
  await stop.getByRole('button', { name: right }).click();
}

async function measure(page: Page, sheet: Sheet, prediction: Prediction, button: string): Promise<void> {
  const evidence = sheet.proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement');
  const size = sizeOf(sheet, prediction);
  const reading = evidence?.kind === 'wires' ? overWires(sheetWires(sheet), size) : size;
  for (const place of evidence?.places ?? [])
    await page
      .getByLabel(place.charAt(0).toUpperCase() + place.slice(1), { exact: true })
      .fill(reading.toFixed(sheet.thread.unit === 'in' ? 4 : 3));
  if (button === 'Record as final')
    await page.getByLabel(/^(Major|Minor) diameter$/).fill(String(sheet.workDiameter));
  await page.getByRole('button', { name: button }).click();
  await expect(page.getByRole('region', { name: 'Remaining feed' })).toBeVisible();
}

async function prove(page: Page, sheet: Sheet, prediction: Prediction): Promise<void> {
  for (const { kind, title } of sheet.proof) {
    const region = page.getByRole('region', { name: title, exact: true });
    switch (EVIDENCE_DATA[kind].recordedAs) {
      case 'measurement':
        await measure(page, sheet, prediction, 'Record as final');
        break;
      case 'trial': {
        const words = NUT_ANSWER_WORDS[nutAnswer(sheet, sizeOf(sheet, prediction))];
        await region.getByRole('button', { name: new RegExp(`^${words}$`, 'i') }).click();
        break;
      }
      case 'gauge':
        await region.getByRole('button', { name: 'GO goes, NO-GO stops' }).click();
        break;
    }
  }
  await expect(page.getByText('Measured', { exact: true }).first()).toBeVisible();
}

async function fullMarks(page: Page, attemptId: number): Promise<void> {
  await workAs(page, INSTRUCTOR);
  await page.goto(`/attempts/${attemptId}/mark`);
  await expect(page.getByTestId('total')).toContainText('100 / 100');
  await page.getByRole('button', { name: 'Confirm the mark' }).click();
  await page.getByRole('button', { name: 'Confirm', exact: true }).click();
  await expect(page.getByText(/Confirmed by Mio Tanabe/)).toBeVisible();
}
