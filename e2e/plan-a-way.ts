import { ask } from './database';
import { BOARD, INSTRUCTOR, newExercise, workAs } from './people';
import type { Page } from './test';

/** What the instructor sets at a stage, by the labels that she sees. */
interface Setting {
  stage: string;
  select?: [label: string, option: string][];
  radio?: string[];
  fill?: [label: string, text: string][];
}

export interface Way {
  name: string;
  title: string;
  thread: string;
  lathe: string;
  student: string;
  starter?: string;
  settings?: Setting[];
}

/** For tests: a way of working planned by its instructor, by the labels that she sees. */
export async function plan(page: Page, { title, thread, starter, settings = [] }: Way): Promise<void> {
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

export async function stage(page: Page, title: string): Promise<void> {
  await page
    .getByRole('navigation', { name: 'Stages of the plan' })
    .getByRole('button', { name: new RegExp(title) })
    .click();
}

/** For tests: handed out to its student on its lathe alone; answers the attempt. */
export async function handOutTo(page: Page, { lathe, student, title }: Way): Promise<number> {
  await page.getByRole('button', { name: 'Hand out…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('checkbox', { name: student }).check();
  const lathes = dialog.getByRole('group', { name: 'Lathes allowed' }).getByRole('checkbox');
  for (const box of await lathes.all()) {
    const named = ((await box.locator('xpath=..').textContent()) ?? '').trim();
    if (!named.startsWith(lathe) && (await box.isEnabled())) await box.uncheck();
  }
  await dialog.getByRole('button', { name: 'Hand out to 1' }).click();
  await page.waitForURL(BOARD);
  const [row] = await ask<{ id: number }>(
    `SELECT s.attempt_id AS id FROM attempt_summaries s JOIN exercises e ON e.id = s.exercise_id JOIN people p ON p.id = s.student_id
      WHERE e.title = ? AND p.name = ? ORDER BY s.attempt_id DESC LIMIT 1`,
    [title, student],
  );
  return row?.id ?? 0;
}
