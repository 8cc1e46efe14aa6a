import type { Page } from '@playwright/test';
import { WORK_MS } from './budgets';
import { percentile } from './figures';

/**
 * How much slower than the promised machine this one is now: the same work in the same browser, before what is measured.
 * It is of the kinds that a page does: objects made, sorted, turned into text and back, elements made and laid out.
 */
export async function slowness(page: Page): Promise<number> {
  // One function without a name of its own: what compiles this file would ask the page for a helper.
  const took = await page.evaluate(() =>
    Array.from({ length: 25 }, () => {
      const begin = performance.now();
      const rows = Array.from({ length: 1500 }, (_, index) => ({
        id: index,
        name: `row ${(index * 7919) % 1500}`,
        value: Math.sin(index) * 1000,
      }));
      rows.sort((a, b) => a.name.localeCompare(b.name) || a.value - b.value);
      const again = JSON.parse(JSON.stringify(rows)) as typeof rows;
      const box = document.createElement('div');
      for (const { name, value } of again.slice(0, 300)) {
        const line = document.createElement('p');
        line.textContent = `${name}: ${value.toFixed(4)}`;
        box.append(line);
      }
      document.body.append(box);
      const { height } = box.getBoundingClientRect();
      box.remove();
      return height < 0 ? 0 : performance.now() - begin;
    }),
  );
  return percentile(took.slice(5), 0.5) / WORK_MS;
}
