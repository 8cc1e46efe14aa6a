import { defineConfig } from '@playwright/test';
import { ownInstallation } from './e2e/installation';

/** Runs against the applications that `./oyakata test` has started, one for each worker. */
export default defineConfig({
  testDir: './e2e',
  workers: 2,
  fullyParallel: false,
  // Generous: a busy machine may be many times slower, and a slow pass is no failure.
  timeout: 300_000,
  expect: { timeout: 45_000 },
  forbidOnly: true,
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${ownInstallation().port}`,
    viewport: { width: 1280, height: 800 },
    // What can not be touched is said after two minutes, and not when the whole test is over.
    actionTimeout: 120_000,
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: process.env.OYAKATA_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
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
