import { defineConfig } from '@playwright/test';

/** What kills the server, changes the shop for all, or counts what a server bears: nothing else may run meanwhile. */
const ALONE = [
  '**/bad-input.spec.ts',
  '**/hostile.spec.ts',
  '**/role-table.spec.ts',
  '**/server-refusals.spec.ts',
  '**/starters.spec.ts',
  '**/tables.spec.ts',
  '**/typed-stays.spec.ts',
  '**/whole-path.spec.ts',
];

/** Runs against the application that `./oyakata test` has started; settings come from its environment. */
export default defineConfig({
  testDir: './e2e',
  workers: 2,
  projects: [
    { name: 'alone', testMatch: ALONE, workers: 1 },
    { name: 'side by side', testIgnore: ALONE, dependencies: ['alone'], fullyParallel: true },
  ],
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
