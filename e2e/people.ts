import { expect, type APIRequestContext, type Page } from '@playwright/test';

export const INSTRUCTOR = 'Mio Tanabe';

/** The order in which the demo shop is loaded. */
export const INSTRUCTOR_ID = 1;

/** Opens the book as somebody, the way a person does. */
export async function workAs(page: Page, name: string): Promise<void> {
  await page.goto('/who');
  await page.getByRole('button', { name, exact: true }).click();
  await expect(page.getByRole('link', { name: new RegExp(`Working here: ${name}`) })).toBeVisible();
}

/** The same for requests without a page; ids follow the order in which the demo shop is loaded. */
export async function requestAs(request: APIRequestContext, personId: number): Promise<void> {
  const response = await request.post('/api/session', { data: { personId } });
  expect(response.status()).toBe(200);
}

/** A new exercise by the button; answers its address. */
export async function newExercise(page: Page): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'New exercise' }).click();
  await page.waitForURL(/\/exercises\/\d+$/);
  return new URL(page.url()).pathname;
}
