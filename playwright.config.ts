import { defineConfig } from '@playwright/test';

/** Runs against the application that `./oyakata test` has started; settings come from its environment. */
export default defineConfig({
  testDir: './e2e',
  workers: 1,
  fullyParallel: false,
  // Generous: a busy machine may be many times slower, and a slow pass is no failure.
  timeout: 300_000,
  expect: { timeout: 45_000 },
  forbidOnly: true,
  reporter: [['list']],
  use: {
    baseURL: `http://127.0.0.1:${process.env.OYAKATA_PORT ?? '3210'}`,
    viewport: { width: 1280, height: 800 },
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env.OYAKATA_CHROMIUM ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-dev-shm-usage',
        '--disable-gpu',
        '--disable-background-networking',
        '--disable-component-update',
      ],
    },
  },
});
