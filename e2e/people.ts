import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { personId } from './database';

export const INSTRUCTOR = 'Mio Tanabe';

/** Opens the book as somebody, the way a person does. */
export async function workAs(page: Page, name: string): Promise<void> {
  await page.goto('/who');
  await page.getByRole('button', { name, exact: true }).click();
  await expect(page.getByRole('link', { name: new RegExp(`Working here: ${name}`) })).toBeVisible();
}

/** The same for requests without a page. */
export async function requestAs(request: APIRequestContext, person: number | string): Promise<void> {
  const response = await request.post('/api/session', {
    data: { personId: typeof person === 'string' ? await personId(person) : person },
  });
  expect(response.status()).toBe(200);
}

/** A new exercise by the button; answers its address. */
export async function newExercise(page: Page): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New exercise' }).click();
  await page.waitForURL(/\/exercises\/\d+$/);
  return new URL(page.url()).pathname;
}
