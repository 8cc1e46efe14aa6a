import { test as base, type BrowserContext, type Page } from '@playwright/test';
import type {} from '../ui/shell/early-input';

export {
  expect,
  type APIRequestContext,
  type APIResponse,
  type Browser,
  type BrowserContext,
  type Page,
} from '@playwright/test';

/**
 * Collects what no page may ever do: throw, try what its security policy forbids, ask anything of another machine, or of
 * ours what nobody has touched.
 */
export function watchErrors(context: BrowserContext): string[] {
  const errors: string[] = [];
  context.on('weberror', (error) => errors.push(String(error.error())));
  context.on('request', (request) => {
    const { protocol, hostname } = new URL(request.url());
    if (protocol.startsWith('http') && hostname !== '127.0.0.1')
      errors.push(`Asked of another machine: ${request.url()}`);
    if (request.headers()['next-router-prefetch'] !== undefined)
      errors.push(`Asked for before it was touched: ${request.url()}`);
  });
  context.on('console', (message) => {
    if (message.type() === 'error' && /content.security.policy/i.test(message.text()))
      errors.push(message.text());
  });
  return errors;
}

/** Nobody signed in, and nothing kept of whoever was here before. */
async function empty(page: Page, origin: string): Promise<void> {
  const context = page.context();
  await context.clearCookies();
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await session.detach();
}

/**
 * Waits until the program of a page listens: on a slow machine it can be seen and touched long before that. Asked within
 * the page: Playwright's own wait brings a third of a megabyte of program into each page first.
 */
export async function listens(page: Page): Promise<void> {
  await page.waitForLoadState();
  const listening = () =>
    page.evaluate(
      () =>
        new Promise<void>((resolve) => {
          const look = () => (window.earlyInput === undefined ? resolve() : setTimeout(look, 20));
          look();
        }),
    );
  // A page may lead on to another one meanwhile; then it is that one.
  await listening().catch(() => page.waitForLoadState().then(listening));
}

/** A person touches again what did not answer. A test touches once, so it waits after each page that it opens. */
function patient(page: Page): Page {
  const goto = page.goto.bind(page);
  const reload = page.reload.bind(page);
  page.goto = async (url, options) => {
    const response = await goto(url, options);
    if (options?.waitUntil === undefined) await listens(page);
    return response;
  };
  page.reload = async (options) => {
    const response = await reload(options);
    await listens(page);
    return response;
  };
  return page;
}

/**
 * The tests of one worker share a window, so that the scripts of a page are read once and not for each of them; each test
 * finds it empty. A test fails when a page of this window did what `watchErrors` collects. A window that a test opens by
 * itself is watched if it says so.
 */
export const test = base.extend<{ page: Page }, { window: { context: BrowserContext; errors: string[] } }>({
  window: [
    async ({ browser }, run, { project }) => {
      const { baseURL = '', viewport = null } = project.use;
      const context = await browser.newContext({ baseURL, viewport });
      await run({ context, errors: watchErrors(context) });
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ window: { context, errors } }, run) => {
    errors.length = 0;
    await run(context);
    await Promise.all(context.pages().map((page) => page.close()));
    if (errors.length > 0) throw new Error(`Errors in the page:\n${errors.join('\n')}`);
  },
  page: async ({ context, baseURL }, run) => {
    const page = patient(await context.newPage());
    await empty(page, baseURL ?? '');
    await run(page);
  },
});
