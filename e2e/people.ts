import { expect, listens, type APIRequestContext, type Page } from './test';
import { demoSignIn } from '@/scripts/test/demo-sign-in';
import { ask, personId } from './database';

export const INSTRUCTOR = 'Mio Tanabe';

/** The board, with or without the class that it shows. */
export const BOARD = /\/(\?class=\d+)?$/;

/** From here on the page is somebody's, whoever's it was before; it shows nothing new by itself. */
export async function workAs(page: Page, name: string): Promise<void> {
  await requestAs(page.request, name);
}

/** Opens the book as somebody, the way a person does. */
export async function signIn(page: Page, name: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByRole('button', { name, exact: true }).click();
  await expect(page.getByRole('link', { name: new RegExp(`Working here: ${name}`) })).toBeVisible();
  await listens(page);
}

/** The same for requests without a page. */
export async function requestAs(request: APIRequestContext, person: number | string): Promise<void> {
  const id = typeof person === 'string' ? await personId(person) : person;
  const [account] = await ask<{ signInName: string | null; classCode: string }>(
    `SELECT c.sign_in_name AS signInName, (SELECT k.code FROM memberships m JOIN classes k ON k.id = m.class_id
      WHERE m.person_id = c.person_id LIMIT 1) AS classCode FROM credentials c WHERE c.person_id = ?`,
    [id],
  );
  if (account === undefined) throw new Error(`Person ${id} can not sign in.`);
  const { path, body } = demoSignIn({ id, ...account });
  const response = await request.post(path, { data: body });
  expect(response.status()).toBe(200);
}

/** A new exercise, open in the page; answers its address. The button for it is touched in starters.spec.ts. */
export async function newExercise(page: Page): Promise<string> {
  const made = await page.request.post('/api/exercises');
  expect(made.status()).toBe(201);
  const address = `/exercises/${((await made.json()) as { id: number }).id}`;
  await page.goto(address);
  return address;
}
