import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type axe from 'axe-core';
import { expect, type Page } from './test';

declare global {
  interface Window {
    axe?: typeof axe;
  }
}

/** The packed one of two: a browser reads it in half the time. */
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * Nobody is kept out: by the rules of WCAG 2.2, level AA, for the page or the parts of it that a selector names. The
 * rules are half a megabyte of program, so a page reads them once.
 */
export async function expectNoViolations(page: Page, part?: string): Promise<void> {
  if (!(await page.evaluate(() => window.axe !== undefined))) await page.evaluate(AXE);
  const violations = await page.evaluate(
    async ({ part, tags }) => {
      // Nobody reads what is right.
      const found = await window.axe?.run(part ?? document, {
        runOnly: tags,
        resultTypes: ['violations'],
      });
      return found?.violations.map(
        ({ id, nodes }) => `${id}: ${nodes.map(({ target }) => target.join(' ')).join(', ')}`,
      );
    },
    { part, tags: TAGS },
  );
  expect(violations).toEqual([]);
}

/**
 * A view as everybody should find it: open to all, and nothing wider than the screen of a desk or a tablet. Looked at where
 * a test has come to it anyway. That it throws nothing and asks nothing of other machines is watched in the whole window (`test.ts`).
 */
export async function expectGoodView(page: Page): Promise<void> {
  await expect(page.getByRole('main')).toBeVisible();
  await expectNoViolations(page);
  const before = page.viewportSize();
  for (const size of [
    { width: 1280, height: 800 },
    { width: 1024, height: 768 },
  ]) {
    if (page.viewportSize()?.width !== size.width) await page.setViewportSize(size);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(size.width);
  }
  if (before !== null) await page.setViewportSize(before);
}
