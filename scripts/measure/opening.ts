import { chromium } from '@playwright/test';
import { kept, percentile } from './figures';

const OPENINGS = 9;
/** An old PC at the lathe: its processor is so many times slower. */
const SLOWER = 4;

/** The bench on an old PC: when it shows something, and what of scripts comes before the first touch. */
export async function measureOpening(address: string): Promise<boolean> {
  const browser = await chromium.launch({
    executablePath: process.env.OYAKATA_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
  });
  const first: number[] = [];
  const next: number[] = [];
  let bytes = 0;
  for (let round = 0; round < OPENINGS; round += 1) {
    // A context of its own: nothing of the opening before is kept.
    const context = await browser.newContext({
      viewport: { width: 1024, height: 768 },
      // What the worker keeps it keeps unpacked, and would be counted so.
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    await page.goto(`${address}/sign-in`);
    await page.getByRole('button', { name: 'Kofi Albers', exact: true }).click();
    await page.getByRole('region', { name: 'Next' }).waitFor();
    const client = await context.newCDPSession(page);
    await client.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
    await page.goto('about:blank');
    await page.goto(`${address}/bench`);
    await page.getByRole('region', { name: 'Next' }).waitFor();
    const found = await page.evaluate(() => ({
      painted: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? Number.NaN,
      whole: performance.now(),
      bytes: performance
        .getEntriesByType('resource')
        .filter(({ name }) => name.endsWith('.js'))
        .reduce((sum, entry) => sum + (entry as PerformanceResourceTiming).encodedBodySize, 0),
    }));
    first.push(found.painted);
    next.push(found.whole);
    bytes = Math.max(bytes, found.bytes);
    await context.close();
  }
  await browser.close();
  return [
    kept(
      `the bench, processor ${SLOWER} times slower: first content, median`,
      percentile(first, 0.5),
      1000,
      'ms',
    ),
    kept('the same, what is next stands there, median', percentile(next, 0.5), 2000, 'ms'),
    kept('scripts before the first touch, as sent', bytes / 1000, 150, 'kB'),
  ].every(Boolean);
}
