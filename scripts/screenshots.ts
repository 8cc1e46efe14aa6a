import { chromium, type Page } from '@playwright/test';
import { DEMO_PASSWORD } from '@/demo/accounts';
import { INSTRUCTOR } from '@/demo/shop';

/** Takes the pictures of docs/screenshots/ from a running application with the demo shop: npm run screenshots. */
const base = `http://127.0.0.1:${process.env.OYAKATA_PORT ?? '3210'}`;

interface Shot {
  file: string;
  path: string;
  size?: { width: number; height: number };
  before?: (page: Page) => Promise<unknown>;
  print?: boolean;
}

const TABLET = { width: 1024, height: 768 };

const SHOTS: Shot[] = [
  { file: 'class', path: '/' },
  {
    file: 'floor',
    path: '/floor',
    size: TABLET,
    before: async (page) => {
      await page.getByRole('button', { name: /Hana Ruiz.*Hold point/ }).click();
      await page.getByRole('button', { name: 'Sign off' }).waitFor();
    },
  },
  { file: 'people', path: '/classes/1' },
  {
    file: 'plan-section',
    path: '/exercises/1',
    before: async (page) => {
      await page.getByRole('slider', { name: 'Pass shown' }).focus();
      for (let presses = 0; presses < 8; presses += 1) await page.keyboard.press('ArrowLeft');
    },
  },
  {
    file: 'plan-technique',
    path: '/exercises/4',
    before: async (page) => {
      await page.getByRole('combobox').first().selectOption({ label: 'Lathe 3' });
      await page.getByRole('button', { name: /^4 Technique/ }).click();
    },
  },
  {
    file: 'plan-machine',
    path: '/exercises/1',
    before: async (page) => {
      await page.getByRole('combobox').first().selectOption({ label: 'Lathe 3' });
      await page.getByRole('tab', { name: 'Machine' }).click();
      await page.getByRole('heading', { name: 'Travel and zeros' }).waitFor();
    },
  },
  {
    file: 'which-lathe',
    path: '/exercises/2',
    before: async (page) => {
      await page.getByRole('tab', { name: 'Lathes' }).click();
      await page.getByRole('row', { name: /^Lathe 6 / }).waitFor();
    },
  },
  {
    file: 'plan-chart',
    path: '/exercises/2',
    before: async (page) => {
      await page.getByRole('button', { name: /^8 Passes/ }).click();
      await page.getByRole('tab', { name: 'Chart' }).click();
      await page.getByRole('img', { name: /Chart of/ }).waitFor();
      await page.getByLabel('Compare with the fewest passes').selectOption('bears');
      await page.getByRole('slider', { name: 'Pass shown' }).focus();
      for (let presses = 0; presses < 6; presses += 1) await page.keyboard.press('ArrowLeft');
    },
  },
  {
    file: 'plan-what-if',
    path: '/exercises/1',
    before: async (page) => {
      await page.getByRole('tab', { name: 'What if' }).click();
      await page.getByLabel('Compound set from the wrong axis').check();
      await page.getByText('the flanks are unlike', { exact: false }).waitFor();
    },
  },
  {
    file: 'plan-fair',
    path: '/exercises/1',
    before: async (page) => {
      await page.getByRole('tab', { name: 'Fair?' }).click();
      await page.getByLabel('Proved by').selectOption('nut');
      await page.getByRole('button', { name: 'Try it' }).click();
      await page.getByText('of 100 land in the band').waitFor({ timeout: 60_000 });
    },
  },
  {
    file: 'hand-out',
    path: '/exercises/3',
    before: (page) => page.getByRole('button', { name: 'Hand out…' }).click(),
  },
  { file: 'record-set-up', path: '/attempts/8', size: TABLET },
  { file: 'record-cutting', path: '/attempts/7' },
  { file: 'record-proof', path: '/attempts/17' },
  { file: 'mark', path: '/attempts/4/mark' },
  { file: 'set-up-sheet', path: '/attempts/14/card', size: { width: 794, height: 1000 }, print: true },
  { file: 'tables', path: '/tables?thread=3/4-16 UNF-2A' },
  { file: 'shop', path: '/shop' },
  {
    file: 'lathe',
    path: '/shop/lathes/2',
    before: (page) => page.getByRole('tab', { name: 'Lead screw and dial' }).click(),
  },
];

const browser = await chromium.launch({
  executablePath: process.env.OYAKATA_CHROMIUM ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu', '--disable-background-networking'],
});
for (const { file, path, size, before, print } of SHOTS) {
  const context = await browser.newContext({ baseURL: base, viewport: size ?? { width: 1280, height: 800 } });
  await context.request.post('/api/session', { data: { name: INSTRUCTOR, password: DEMO_PASSWORD } });
  const page = await context.newPage();
  await page.goto(path);
  await page.getByRole('main').waitFor();
  await before?.(page);
  if (print === true) await page.emulateMedia({ media: 'print' });
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${file}.png` });
  console.log(`docs/screenshots/${file}.png`);
  await context.close();
}
await browser.close();
