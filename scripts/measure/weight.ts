import type { BrowserContext } from '@playwright/test';
import { openBrowser } from './browser';
import { BUDGETS, type Page } from './budgets';
import { kept } from './figures';

/** Scripts of the first load of each page, as they are sent, in an otherwise empty browser. */
export async function measureWeight(address: string): Promise<boolean> {
  const browser = await openBrowser();
  const signedIn = async (name: string): Promise<BrowserContext> => {
    const context = await browser.newContext({
      viewport: { width: 1280, height: 800 },
      serviceWorkers: 'block',
    });
    const page = await context.newPage();
    await page.goto(`${address}/sign-in`);
    await page.getByRole('button', { name, exact: true }).click();
    await page.waitForURL((url) => !url.pathname.startsWith('/sign-in'));
    await page.waitForLoadState('networkidle');
    return context;
  };
  const staff = await signedIn('Mio Tanabe');
  const student = await signedIn('Hana Ruiz');
  const [board] = staff.pages();
  const hrefs =
    (await board
      ?.locator('a[href]')
      .evaluateAll((all) => all.map((each) => each.getAttribute('href') ?? ''))) ?? [];
  const first = (pattern: RegExp) => hrefs.find((href) => pattern.test(href)) ?? '/';
  const pages: [Page, BrowserContext, string][] = [
    ['sign-in', await browser.newContext(), '/sign-in'],
    ['class', staff, '/'],
    ['roster', staff, first(/^\/classes\/\d+$/)],
    ['floor', staff, '/floor'],
    ['tables', staff, '/tables'],
    ['mark', staff, first(/^\/attempts\/\d+\/mark$/)],
    ['record', staff, first(/^\/attempts\/\d+$/)],
    ['planning', staff, first(/^\/exercises\/\d+$/)],
    ['shop', staff, '/shop'],
    ['bench', student, '/bench'],
  ];
  const good: boolean[] = [];
  for (const [name, context, path] of pages)
    good.push(
      kept(
        `${name}: scripts of the first load`,
        await weigh(context, address + path),
        BUDGETS.weightKb[name],
        'kB',
      ),
    );
  await browser.close();
  return good.every(Boolean);
}

/** Of the bench: what was asked for before what is next stood there. */
async function weigh(context: BrowserContext, url: string): Promise<number> {
  const page = await context.newPage();
  const client = await context.newCDPSession(page);
  await client.send('Network.setCacheDisabled', { cacheDisabled: true });
  await page.addInitScript(() => {
    const watch = new MutationObserver(() => {
      if (document.querySelector('section[aria-label="Next"]') === null) return;
      performance.mark('next');
      watch.disconnect();
    });
    watch.observe(document, { childList: true, subtree: true });
  });
  await page.goto(url);
  if (url.endsWith('/bench')) await page.getByRole('region', { name: 'Next' }).waitFor();
  else await page.waitForLoadState('networkidle');
  const bytes = await page.evaluate(() => {
    const until = performance.getEntriesByName('next')[0]?.startTime ?? Infinity;
    return performance
      .getEntriesByType('resource')
      .filter(({ name, startTime }) => startTime < until && new URL(name).pathname.endsWith('.js'))
      .reduce((sum, entry) => sum + (entry as PerformanceResourceTiming).encodedBodySize, 0);
  });
  await page.close();
  return bytes / 1000;
}
