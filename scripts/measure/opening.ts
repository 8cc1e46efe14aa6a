import { openBrowser } from './browser';
import { BUDGETS } from './budgets';
import { slowness } from './fixed-work';
import { kept, percentile } from './figures';

const OPENINGS = 9;
/** An old PC at the lathe: its processor is so many times slower. */
const SLOWER = 4;

/** The bench on an old PC: when it shows something, and when what is next stands there. */
export async function measureOpening(address: string): Promise<boolean> {
  const browser = await openBrowser();
  const first: number[] = [];
  const next: number[] = [];
  const slow: number[] = [];
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
    }));
    first.push(found.painted);
    next.push(found.whole);
    // The work is four times slower too.
    slow.push((await slowness(page)) / SLOWER);
    await context.close();
  }
  await browser.close();
  const times = percentile(slow, 0.5);
  const { benchFirstContent, benchNext } = BUDGETS.browserMs;
  return [
    kept(
      `the bench, processor ${SLOWER} times slower: first content, median`,
      percentile(first, 0.5),
      benchFirstContent * times,
      'ms',
    ),
    kept('the same, what is next stands there, median', percentile(next, 0.5), benchNext * times, 'ms'),
  ].every(Boolean);
}
