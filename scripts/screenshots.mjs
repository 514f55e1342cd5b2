// npm run screenshots: one picture of each main view, made from the demo ledger in the built app.
import { join } from 'node:path';
import { builtApp, lookRound } from './built-app.mjs';
import { ROOT } from './ready.mjs';

const { address, browser, end } = await builtApp(4480);

const DESKTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const VIEWS = [
  { name: 'account', path: 'patterns/pattern-skerry' },
  { name: 'log-a-make', path: 'makes/new?pattern=pattern-skerry' },
  {
    name: 'the-line',
    path: '',
    act: async (page) => {
      await page.keyboard.press('/');
      await page.getByRole('combobox', { name: /^Find/ }).waitFor();
      await page.keyboard.type(
        'Tidewater shirt in C with a D at the hips, took in 1 cm at the waist, blue stripe poplin 1.9 m, armhole a bit tight, love 4',
      );
    },
  },
  {
    name: 'tell-it',
    path: 'tell',
    act: (page) =>
      page
        .getByLabel('What did you sew?')
        .fill(
          'Tidewater shirt in C, blue stripe poplin 1.9 m, lengthened the bodice by an inch and a half, sleeves still a bit long. Love it.\n\nGangway trousers 40, took in the side seams by 1 cm at the hip, zip 2.80\n\nthen I made the Foreshore tee in M, tern white jersey 1.2 m, took every scrap, neck too wide\nCurlew skirt 42 in rust corduroy 1.6 m at 18 a metre, waistband tight 2 cm, love 4',
        ),
  },
  { name: 'day-book', path: '' },
  { name: 'makes', path: 'makes' },
  { name: 'patterns', path: 'patterns' },
  { name: 'make', path: 'makes/make-skerry-2' },
  {
    name: 'measure',
    path: 'measure/picture-to-measure-shirt',
    act: async (page) => {
      await page.getByText('Found in the picture').waitFor();
      const box = await page.getByRole('application').boundingBox();
      for (const [x, y] of [
        [0.31, 0.5],
        [0.62, 0.5],
      ])
        await page.mouse.click(box.x + box.width * x, box.y + box.height * y);
      await page.getByLabel('line 1', { exact: true }).selectOption('chest, laid flat');
      await page.mouse.move(20, 700);
    },
  },
  {
    name: 'bench',
    path: 'bench',
    act: (page) =>
      page
        .getByText(/nine in ten by/)
        .first()
        .waitFor(),
  },
  { name: 'stash', path: 'stash' },
  {
    name: 'wear',
    path: 'wear',
    act: async (page) => {
      await page.getByRole('button', { name: /^Tidewater shirt, version 3/ }).click();
      await page.getByRole('button', { name: /^Gangway trousers, version 2/ }).click();
    },
  },
  {
    name: 'fit',
    path: 'fit',
    act: async (page) => {
      await page.getByRole('button', { name: /^across back: \d+ things? one may see/ }).click();
      await page.getByRole('button', { name: 'gaping back opening' }).click();
    },
  },
  { name: 'side-by-side', path: 'makes/compare?m=make-tidewater-1&m=make-tidewater-3&m=make-bollard-1&m=make-skerry-2' },
  { name: 'sew-next', path: 'sew-next' },
  { name: 'cut-sheet', path: 'sew-next/plan-skerry-2026-10-04/sheet' },
  {
    name: 'lay',
    path: 'sew-next/plan-skerry-2026-10-04/lay',
    colorScheme: 'dark',
    act: async (page) => {
      await page.getByRole('button', { name: 'Search on' }).waitFor({ timeout: 60_000 });
      await page.getByText('then it fits').waitFor({ timeout: 60_000 });
    },
  },
  { name: 'statement', path: 'statements', act: (page) => page.getByRole('radio', { name: 'year' }).click() },
  { name: 'account-phone', path: 'patterns/pattern-skerry', viewport: PHONE },
];

for (const { name, path, act, viewport = DESKTOP, colorScheme = 'light' } of VIEWS) {
  const page = await browser.newPage({ viewport, colorScheme, locale: 'en-GB', reducedMotion: 'reduce' });
  if (path === '') await lookRound(page, address);
  else await page.goto(address + path);
  await page.locator('h1').waitFor();
  await page.waitForLoadState('networkidle');
  await act?.(page);
  // The worker answers and pictures are drawn after the page has come.
  await page.waitForTimeout(800);
  await page.screenshot({ path: join(ROOT, 'docs/screenshots', `${name}.png`) });
  await page.close();
  console.log(`docs/screenshots/${name}.png`);
}
await end();
