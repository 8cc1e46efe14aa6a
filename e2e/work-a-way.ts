import { overWires } from '../core/measuring/gauging/three-wires';
import { NUT_ANSWER_WORDS, type NutAnswer } from '../core/measuring/nut/nut-answer';
import { pitchDiameterAt } from '../core/thread/depth/radial-depth';
import { EVIDENCE_DATA } from '../core/measuring/proof/evidence';
import type { Advice, Phase } from '../core/exercise/record/advice/advice';
import { adviseOn } from '../core/exercise/record/advice/advise';
import { predict, type Prediction } from '../core/exercise/record/state/predict';
import type { Entry } from '../core/exercise/record/entry/entry';
import { readSheet, type Sheet } from '../core/exercise/sheet/sheet';
import { sheetDepth, sheetWires } from '../core/exercise/sheet/sheet-geometry';
import { roundTo } from '../core/base/units/round';
import { shownOnSheet } from '../core/exercise/sheet/shown-on-sheet';
import type { StopProgress } from '../core/exercise/record/state/stop-progress';
import { readAtBench } from '../core/exercise/record/shown/read-at-bench';
import { wantedChoice } from '../core/exercise/sheet/wanted-choice';
import { isTrial, stopData } from '../core/machine/stops/stops';
import { ask } from './database';
import { entryBody } from './fixtures';
import { INSTRUCTOR, requestAs, workAs } from './people';
import { expect, type APIRequestContext, type Page } from './test';

export async function sheetOfAttempt(attemptId: number): Promise<Sheet> {
  const [row] = await ask<{ document: unknown }>(
    'SELECT s.document FROM sheets s JOIN attempt_summaries a ON a.sheet_id = s.id WHERE a.attempt_id = ?',
    [attemptId],
  );
  const { document } = row ?? {};
  return readSheet(typeof document === 'string' ? JSON.parse(document) : document);
}

export async function predictionOf(page: Page, sheet: Sheet, attemptId: number): Promise<Prediction> {
  return predict(sheet, await entriesOf(page, attemptId));
}

async function entriesOf(page: Page, attemptId: number): Promise<Entry[]> {
  const news = await page.request.get(`/api/attempts/${attemptId}/news?after=0`);
  return ((await news.json()) as { entries: Entry[] }).entries;
}

/** The pitch diameter that the cuts of the record really leave; once a stop has found it on target, that. */
function sizeOf({ sheet, onTarget }: Work, { cuts }: Prediction): number {
  if (onTarget) return sheet.targetPitchDiameter;
  const last = cuts.at(-1);
  return last?.pitchDiameter ?? pitchDiameterAt(sheetDepth(sheet), last?.depth ?? 0);
}

/** What its instrument reads, as it is typed. */
function readingOf(work: Work, prediction: Prediction): string {
  const { sheet } = work;
  const size = sizeOf(work, prediction);
  const overs = sheet.proof.some(({ kind }) => kind === 'wires');
  const reading = overs ? overWires(sheetWires(sheet), size) : size;
  return reading.toFixed(sheet.thread.unit === 'in' ? 4 : 3);
}

function gaugeGoes(work: Work, prediction: Prediction): boolean {
  const { sheet } = work;
  const { min, max } = sheet.limits.pitchDiameter;
  const size = sizeOf(work, prediction);
  return sheet.thread.side === 'external' ? size <= max : size >= min;
}

/** What a nut or a mate of the middle of its band answers. */
function nutAnswer(sheet: Sheet, size: number): NutAnswer {
  const nut = sheet.proof[0]?.nut;
  const mate = nut === null || nut === undefined ? sheet.limits.pitchDiameter.max : (nut.min + nut.max) / 2;
  const play = sheet.thread.side === 'external' ? mate - size : size - mate;
  return play < 0 ? 'will-not-start' : 'free';
}

/** Does what records an entry, and waits until the server has taken it; where it is busy, the page sends it again. */
async function recording(page: Page, act: () => Promise<void>): Promise<void> {
  const taken = page.waitForResponse(
    (answer) =>
      answer.request().method() === 'POST' && answer.url().endsWith('/entries') && answer.status() !== 503,
  );
  await act();
  const answer = await taken;
  expect([answer.status(), await answer.text()]).toEqual([201, expect.any(String)]);
}

interface Work {
  page: Page;
  attemptId: number;
  sheet: Sheet;
  /** The record as the server has it after the last act. */
  entries: Entry[];
  /** A stop has found the size on target, before the rows were cut: it says enough. */
  onTarget: boolean;
}

/** What is touched at the page, or what a device sends for it: a way that others have touched already is quicker so. */
interface Hands {
  /** The page stays open all the while. Where most is sent it would be drawn anew for each entry, and nobody looks. */
  atThePage: boolean;
  step: (work: Work, step: Sheet['steps'][number]) => Promise<void>;
  cut: (work: Work, now: Prediction) => Promise<void>;
  /** A cut to an own figure, typed as it stands on the dial or the readout. */
  ownCut: (work: Work, now: Prediction, figure: string) => Promise<void>;
  /** The zero lost in mid-course, and taken anew in the groove, as near as a hand does it. */
  newZero: (work: Work, uncertainty: string) => Promise<void>;
  stop: (work: Work, now: Prediction, due: StopProgress) => Promise<void>;
}

/** Cuts after which the zero is lost, and from which on a reading is typed. */
const [ZERO_AFTER, OWN_FROM] = [2, 3];
/** Stops that tell the size. */
const TELLS = ['wires', 'nut', 'mate', 'gauge'];

/**
 * Works as the student does: every step as it is, every stop, every cut; then the proof, at the page. On the way the zero
 * is lost once, one reading is typed, and the first stop that tells the size says that it is enough.
 */
export async function cutAndProve(
  page: Page,
  request: APIRequestContext,
  attemptId: number,
  student: string,
  hands: Hands = BY_HAND,
): Promise<void> {
  await workAs(page, student);
  const sheet = await sheetOfAttempt(attemptId);
  const work: Work = { page, attemptId, sheet, entries: await entriesOf(page, attemptId), onTarget: false };
  if (hands.atThePage) await openRecord(work);
  const read = async (): Promise<Prediction> => {
    work.entries = await entriesOf(page, attemptId);
    return predict(sheet, work.entries);
  };
  const doSteps = async (when: string) => {
    const steps = sheet.steps.filter((step) => step.when === when && step.kind !== 'sign-off');
    for (const step of steps) {
      await hands.step(work, step);
      work.entries = await entriesOf(page, attemptId);
    }
    const { steps: now } = predict(sheet, work.entries);
    const open = now.filter(({ verdict }) => verdict === 'open').map(({ step }) => step.id);
    expect(steps.filter(({ id }) => open.includes(id))).toEqual([]);
  };
  await doSteps('before-cutting');
  await requestAs(request, INSTRUCTOR);
  const look = entryBody({ kind: 'sign-off', stepId: 'instructor-look' });
  expect((await request.post(`/api/attempts/${attemptId}/entries`, { data: look })).status()).toBe(201);
  if (hands.atThePage) await page.reload();

  let typed = false;
  let now = await read();
  for (let guard = 0; guard < 120 && ON_THE_WAY.includes(adviceOf(work, now).phase); guard += 1) {
    const { due, cuts, stops } = now;
    const answersTo = (all: typeof stops) =>
      all.find(({ stop }) => stop.id === due?.stop.id)?.entries.length ?? 0;
    const { cut } = adviceOf(work, now);
    if (cut !== null && cuts.length === ZERO_AFTER && now.segment.zero === 'touch-off') {
      await hands.newZero(work, sheet.thread.unit === 'in' ? '0.0005' : '0.01');
      now = await read();
      expect(now.segment.zero).not.toBe('touch-off');
      continue;
    }
    const own: string | null = cut === null || typed ? null : ownFigure(work, cut, cuts.length);
    typed ||= own !== null;
    work.onTarget ||= due !== null && TELLS.includes(due.stop.check);
    if (cut === null && due === null) await findOnTheWay(work, now);
    else if (due !== null) await hands.stop(work, now, due);
    else await (own === null ? hands.cut(work, now) : hands.ownCut(work, now, own));
    now = await read();
    if (cut !== null) expect(now.cuts).toHaveLength(cuts.length + 1);
    else if (due !== null) expect(answersTo(now.stops)).toBeGreaterThan(answersTo(stops));
    if (cut !== null && cuts.length === 0) {
      await doSteps('after-scratch');
      now = await read();
    }
  }
  if (!hands.atThePage) await openRecord(work);
  expect([typed, work.onTarget]).toEqual([true, sheet.stops.some(({ check }) => TELLS.includes(check))]);
  await prove(work, await read());
  work.entries = await entriesOf(page, attemptId);
  await doSteps('after-cutting');
  if (!hands.atThePage) await page.reload();
  await page.getByRole('button', { name: 'Hand in' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Hand in', exact: true }).click();
  await expect(page.getByText('Waiting for mark')).toBeVisible();
}

/** A graduation short of what is advised, as it stands on the dial; null where that would be no cut of its own. */
function ownFigure({ sheet }: Work, cut: NonNullable<Advice['cut']>, made: number): string | null {
  const { value: graduation, unit } = sheet.lathe.dial.graduation;
  if (made < OWN_FROM || cut.infeed < 2.5 * graduation) return null;
  const shown = shownOnSheet({ value: roundTo(cut.reading - graduation, 6), unit }, sheet);
  return /[\d.]+$/.exec(shown)?.[0] ?? null;
}

/** What is still done before the proof. */
const ON_THE_WAY: readonly Phase[] = ['cut', 'check', 'try', 'measure'];

const adviceOf = ({ sheet, entries }: Work, now: Prediction): Advice => adviseOn(sheet, entries, now);

/** Measures or tries because the advice asks for it, and no stop does. */
async function findOnTheWay(work: Work, now: Prediction): Promise<void> {
  const { page, sheet } = work;
  await openRecord(work);
  const { expects } = adviceOf(work, now);
  if (expects?.do === 'measure') return recording(page, () => measure(work, now, 'Record, go on cutting'));
  const words = NUT_ANSWER_WORDS[nutAnswer(sheet, sizeOf(work, now))];
  await recording(page, () => page.getByRole('button', { name: new RegExp(`^${words}$`, 'i') }).click());
}

const openRecord = ({ page, attemptId }: Work) => page.goto(`/attempts/${attemptId}`);

const railOf = (page: Page) => page.getByRole('navigation', { name: 'Set-up in the order of work' });

const BY_HAND: Hands = {
  atThePage: true,
  step: async ({ page }, { title, expected, kind, choices }) => {
    await railOf(page)
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
  },
  cut: async ({ page }) => {
    await railOf(page)
      .getByRole('button', { name: /^\d+ Passes/ })
      .click();
    await recording(page, () => page.getByRole('button', { name: /^Cut as (planned|advised)$/ }).click());
  },
  ownCut: async ({ page }, _now, figure) => {
    await railOf(page)
      .getByRole('button', { name: /^\d+ Passes/ })
      .click();
    await page.getByLabel(/^Own (reading|figure) of/).fill(figure);
    await recording(page, () => page.getByRole('button', { name: 'Record own reading' }).click());
  },
  newZero: async ({ page }, uncertainty) => {
    await railOf(page)
      .getByRole('button', { name: /^\d+ Passes/ })
      .click();
    await page.getByRole('button', { name: 'Something happened…' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByRole('button', { name: /^Zero lost/ }).click();
    await dialog.getByLabel('How far the depth may be off').fill(uncertainty);
    await recording(page, () => dialog.getByRole('button', { name: 'Record' }).click());
  },
  stop: async (work, now, { stop }) => {
    const { page } = work;
    await railOf(page)
      .getByRole('button', { name: /^\d+ Passes/ })
      .click();
    await recording(page, () => answerStop(work, now, stop.check));
  },
};

/** The first cut at the page; all else as a device would send what was touched, read by the reader of the bench. */
export const MOSTLY_SENT: Hands = {
  atThePage: false,
  step: (work, step) =>
    send(work, {
      kind: 'step',
      stepId: step.id,
      value: step.expected === null ? '' : String(step.expected.value),
      choice: wantedChoice(step) ?? '',
    }),
  cut: async (work, now) => {
    if (now.cuts.length > 0) {
      const { cut } = adviceOf(work, now);
      const fields: Record<string, string> = { kind: 'pass', plannedPass: String(cut?.row?.n ?? '') };
      if (cut?.row?.dialReading.value !== cut?.reading) fields.counted = String(cut?.reading);
      return send(work, fields);
    }
    await openRecord(work);
    await BY_HAND.cut(work, now);
    await work.page.goto('about:blank');
  },
  ownCut: (work, now, figure) => {
    const { cut } = adviceOf(work, now);
    return send(work, { kind: 'pass', plannedPass: String(cut?.row?.n ?? ''), reading: figure });
  },
  newZero: (work, uncertainty) => send(work, { kind: 'event', event: 'zero-lost', uncertainty }),
  stop: (work, now, { stop }) => {
    const { sheet } = work;
    const evidence = sheet.proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement');
    if (stop.check === 'wires' && evidence !== undefined)
      return send(work, {
        kind: 'measurement',
        purpose: 'mid',
        evidenceId: evidence.id,
        ...Object.fromEntries(evidence.places.map((place) => [place, readingOf(work, now)])),
      });
    if (isTrial(stop.check))
      return send(work, {
        kind: 'trial',
        stopId: stop.id,
        purpose: 'mid',
        answer: nutAnswer(sheet, sizeOf(work, now)),
      });
    const answer =
      stop.check === 'gauge' ? (gaugeGoes(work, now) ? 'yes' : 'no') : stopData(stop.check)?.answers[0]?.id;
    return send(work, { kind: 'stop', stopId: stop.id, answer: answer ?? 'done' });
  },
};

async function send(
  { page, attemptId, sheet, entries }: Work,
  fields: Record<string, string>,
): Promise<void> {
  const read = readAtBench(sheet, entries, fields);
  if (!read.ok) throw new Error(`${JSON.stringify(fields)}: ${read.issues[0]?.message}`);
  const data = entryBody(read.value, { after: entries.at(-1)?.id ?? null });
  const sent = await page.request.post(`/api/attempts/${attemptId}/entries`, { data });
  expect([fields, sent.status()]).toEqual([fields, 201]);
}

async function answerStop(work: Work, prediction: Prediction, check: string): Promise<void> {
  const { page, sheet } = work;
  const stop = page.getByRole('region', { name: /^Stop: / });
  await expect(stop).toBeVisible();
  if (check === 'wires' && sheet.proof.some(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement'))
    return measure(work, prediction, 'Record, go on cutting');
  if (check === 'nut' || check === 'mate') {
    const words = NUT_ANSWER_WORDS[nutAnswer(sheet, sizeOf(work, prediction))];
    return stop.getByRole('button', { name: new RegExp(`^${words}$`, 'i') }).click();
  }
  if (check === 'gauge')
    return stop.getByRole('button', { name: gaugeGoes(work, prediction) ? 'GO goes' : 'GO stops' }).click();
  const right = stopData(check)?.answers[0]?.text ?? 'Done';
  await stop.getByRole('button', { name: right }).click();
}

async function measure(work: Work, prediction: Prediction, button: string): Promise<void> {
  const { page, sheet } = work;
  const evidence = sheet.proof.find(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement');
  for (const place of evidence?.places ?? [])
    await page
      .getByLabel(place.charAt(0).toUpperCase() + place.slice(1), { exact: true })
      .fill(readingOf(work, prediction));
  if (button === 'Record as final')
    await page.getByLabel(/^(Major|Minor) diameter$/).fill(String(sheet.workDiameter));
  await page.getByRole('button', { name: button }).click();
  await expect(page.getByRole('region', { name: 'Remaining feed' })).toBeVisible();
}

async function prove(work: Work, prediction: Prediction): Promise<void> {
  const { page, sheet } = work;
  for (const { kind, title } of sheet.proof) {
    const region = page.getByRole('region', { name: title, exact: true });
    switch (EVIDENCE_DATA[kind].recordedAs) {
      case 'measurement':
        await measure(work, prediction, 'Record as final');
        break;
      case 'trial': {
        const words = NUT_ANSWER_WORDS[nutAnswer(sheet, sizeOf(work, prediction))];
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
