import { chromium, type Browser } from '@playwright/test';

/** Debian's headless Chromium, as the tests use it. */
export const openBrowser = (): Promise<Browser> =>
  chromium.launch({
    executablePath: process.env.OYAKATA_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
  });
