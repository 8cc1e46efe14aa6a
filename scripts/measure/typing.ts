import type { CDPSession, Page } from '@playwright/test';
import { openBrowser } from './browser';
import { BUDGETS } from './budgets';
import { slowness } from './fixed-work';
import { kept, percentile } from './figures';

const STROKES = 200;
/** As many before them: a view in use has been compiled by the browser. */
const WARM = 60;

/** Work of the page's main thread for one key stroke while planning and for one step of the slider, in Chromium. */
export async function measureTyping(address: string): Promise<boolean> {
  const browser = await openBrowser();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/sign-in`);
  await page.getByRole('button', { name: 'Mio Tanabe', exact: true }).click();
  await page.getByRole('link', { name: 'Clamp screw' }).first().click();
  await page.getByRole('button', { name: /^2 / }).click();
  const blank = page.getByLabel('Real blank diameter');
  await blank.waitFor();
  const client = await page.context().newCDPSession(page);
  // The thread's own time: what other programs do on the machine meanwhile is not the page's work.
  await client.send('Performance.enable', { timeDomain: 'threadTicks' });
  const times = await slowness(page);
  console.log(`  This browser is ${times.toFixed(2)} times as slow as the one that is promised for.`);
  await blank.fill('0.740');
  // Another last digit with every stroke: a diameter that was not asked for just before.
  const typing = await strokes(page, client, (round) => String(round % 10), {
    before: () => blank.evaluate((field: HTMLInputElement) => field.setSelectionRange(4, 5)),
  });
  await page.getByRole('slider', { name: 'Pass shown' }).focus();
  const sliding = await strokes(page, client, (round) =>
    Math.floor(round / 8) % 2 === 0 ? 'ArrowLeft' : 'ArrowRight',
  );
  const dragging = await drags(page);
  await browser.close();
  return [
    kept(
      'a key stroke in planning: script, style, layout, 95th percentile',
      percentile(typing, 0.95),
      BUDGETS.browserMs.keyStroke * times,
      'ms',
    ),
    kept(
      'a step of the slider: script, style, layout, 95th percentile',
      percentile(sliding, 0.95),
      BUDGETS.browserMs.sliderStep * times,
      'ms',
    ),
    kept(
      'a bar of the chart dragged: from the pointer to the paint, median',
      percentile(dragging, 0.5),
      BUDGETS.browserMs.barDragged * Math.max(1, times),
      'ms',
    ),
  ].every(Boolean);
}

async function strokes(
  page: Page,
  client: CDPSession,
  key: (round: number) => string,
  { before: prepare }: { before?: () => Promise<void> } = {},
): Promise<number[]> {
  const each: number[] = [];
  for (let round = -WARM; round < STROKES; round += 1) {
    await prepare?.();
    const before = await work(client);
    await page.keyboard.press(key(Math.abs(round)));
    await page.evaluate(
      () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
    );
    const after = await work(client);
    if (round >= 0) each.push(after - before);
  }
  return each;
}

/** Milliseconds that scripts, styles and layout have taken so far; painting is not among them. */
async function work(client: CDPSession): Promise<number> {
  const { metrics } = await client.send('Performance.getMetrics');
  const of = (name: string) => metrics.find((metric) => metric.name === name)?.value ?? 0;
  return 1000 * (of('ScriptDuration') + of('LayoutDuration') + of('RecalcStyleDuration'));
}

/** Milliseconds from each move of a dragged bar to the frame in which it is painted. */
async function drags(page: Page): Promise<number[]> {
  await page.getByRole('tab', { name: 'Chart' }).click();
  const bar = page.locator('g[data-pass="4"]');
  await bar.waitFor();
  const box = await bar.boundingBox();
  if (box === null) throw new Error('the chart has no fourth bar');
  const [x, y] = [box.x + box.width / 2, box.y + 6];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.evaluate(() => {
    const times: number[] = [];
    Object.assign(window, { paintTimes: times });
    window.addEventListener(
      'pointermove',
      ({ timeStamp }) =>
        requestAnimationFrame(() => {
          // The task after the frame: what it drew is painted.
          const { port1, port2 } = new MessageChannel();
          port1.onmessage = () => times.push(performance.now() - timeStamp);
          port2.postMessage(null);
        }),
      { capture: true },
    );
  });
  for (let round = 0; round < 80; round += 1) {
    await page.mouse.move(x, y - 20 + 12 * Math.sin(round / 3));
    await page.evaluate(
      () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
    );
  }
  await page.mouse.up();
  return page.evaluate(() => (window as unknown as { paintTimes: number[] }).paintTimes.slice(20));
}
