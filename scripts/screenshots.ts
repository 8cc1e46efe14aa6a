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
  /** Who looks; the instructor where nobody is named. */
  as?: string;
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
    file: 'plan-machine',
    path: '/exercises/1',
    before: async (page) => {
      await page.getByRole('combobox').first().selectOption({ label: 'Lathe 3' });
      await page.getByRole('tab', { name: 'Machine' }).click();
      await page.getByRole('heading', { name: 'Travel and zeros' }).waitFor();
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
  { file: 'bench-home', path: '/bench', size: TABLET, as: 'Kofi Albers' },
  {
    file: 'worksheet',
    path: '/bench#20',
    size: TABLET,
    as: 'Farah Weiss',
    before: async (page) => {
      // The feed given as the radial depth: a slip of most first years.
      await page.getByRole('button', { name: /Feed on the compound/ }).click();
      await page.getByLabel('Your answer').fill('0.0396');
      await page.getByRole('button', { name: 'Check it' }).click();
      await page.getByText('divide by the cosine').waitFor();
    },
  },
  {
    file: 'bench-cutting',
    path: '/bench#7',
    size: TABLET,
    as: 'Farah Weiss',
    before: (page) => page.getByRole('button', { name: 'Cut', exact: true }).waitFor(),
  },
  { file: 'record-set-up', path: '/attempts/8', size: TABLET },
  { file: 'record-cutting', path: '/attempts/7' },
  { file: 'record-proof', path: '/attempts/17' },
  { file: 'mark', path: '/attempts/4/mark' },
  { file: 'set-up-sheet', path: '/attempts/14/sheet', size: { width: 794, height: 1000 }, print: true },
  { file: 'tables', path: '/tables?thread=3/4-16 UNF-2A' },
  { file: 'shop', path: '/shop' },
  {
    file: 'lathe',
    path: '/shop/lathes/2',
    before: (page) => page.getByRole('tab', { name: 'Lead screw and dial' }).click(),
  },
];

const browser = await chromium.launch({
  executablePath: process.env.OYAKATA_CHROMIUM ?? '/usr/bin/chromium-headless-shell',
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu', '--disable-background-networking'],
});
for (const { file, path, size, before, print, as } of SHOTS) {
  const context = await browser.newContext({ baseURL: base, viewport: size ?? { width: 1280, height: 800 } });
  const page = await context.newPage();
  if (as === undefined) {
    await context.request.post('/api/session', { data: { name: INSTRUCTOR, password: DEMO_PASSWORD } });
  } else {
    await page.goto('/sign-in');
    await page.getByRole('button', { name: as, exact: true }).click();
    await page.getByRole('link', { name: /Working here/ }).waitFor();
  }
  await page.goto(path);
  // A place on the same page is no new page.
  if (path.includes('#')) await page.reload();
  await page.getByRole('main').waitFor();
  await before?.(page);
  if (print === true) await page.emulateMedia({ media: 'print' });
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${file}.png` });
  console.log(`docs/screenshots/${file}.png`);
  await context.close();
}
await browser.close();
