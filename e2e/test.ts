import { test as base, type BrowserContext } from '@playwright/test';

export {
  expect,
  type APIRequestContext,
  type APIResponse,
  type Browser,
  type BrowserContext,
  type Page,
} from '@playwright/test';

/** Collects what no page may ever do: throw, or try something that its security policy forbids. */
export function watchErrors(context: BrowserContext): string[] {
  const errors: string[] = [];
  context.on('weberror', (error) => errors.push(String(error.error())));
  context.on('console', (message) => {
    if (message.type() === 'error' && /content.security.policy/i.test(message.text()))
      errors.push(message.text());
  });
  return errors;
}

/** Every end-to-end test fails when one of its pages had a JavaScript error or broke the security policy. */
export const test = base.extend({
  context: async ({ context }, run) => {
    const errors = watchErrors(context);
    await run(context);
    if (errors.length > 0) throw new Error(`Errors in the page:\n${errors.join('\n')}`);
  },
});
