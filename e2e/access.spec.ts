import { violationsOn } from './axe';
import { expect, test, type Page } from './test';

const PAGES = [
  '/',
  '/makes',
  '/makes/new?pattern=pattern-skerry',
  '/makes/make-skerry-2',
  '/makes/make-skerry-2/change',
  '/patterns',
  '/patterns/pattern-skerry',
  '/patterns/pattern-skerry/change',
  '/stash',
  '/people/person-maren',
  '/files',
  '/files/table',
  '/line',
  '/patterns/new',
  '/makes/make-music-bag',
  '/makes/make-tidewater-3/review',
  '/fit',
  '/wear',
  '/sew-next',
  '/sew-next/plan-skerry-2026-10-04',
  '/statements',
  '/sew-next/shop',
  '/sew-next/plan-skerry-2026-10-04/sheet',
  '/sew-next/plan-skerry-2026-10-04/lay',
  '/measure',
  '/measure/picture-to-measure-shirt',
  '/bench',
  '/wear/most-worn',
  '/occasions/occasion-wedding',
  '/makes/compare?m=make-gangway-1&m=make-kelp-1&m=make-skerry-2',
];

/** Opens a page and waits until it has drawn what it holds. */
async function open(page: Page, path: string) {
  await page.goto(path);
  await page.locator('h1').waitFor();
  await page.waitForLoadState('networkidle');
}

// One visit a page for all that is looked at, in thirds that run side by side.
const THIRD = Math.ceil(PAGES.length / 3);
for (const [third, paths] of (['first', 'second', 'last'] as const).map((name, i) => [name, PAGES.slice(i * THIRD, (i + 1) * THIRD)] as const))
  test(`pages, ${third} third: clean to axe by daylight and by lamp light, and no wider than a phone`, async ({ page }) => {
    test.slow();
    for (const path of paths) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await page.emulateMedia({ colorScheme: 'light' });
      await open(page, path);
      expect(await violationsOn(page, path)).toEqual([]);
      // The themes differ in colours and in nothing else.
      await page.emulateMedia({ colorScheme: 'dark' });
      expect(await violationsOn(page, path, 'colours')).toEqual([]);
      await page.setViewportSize({ width: 390, height: 844 });
      const wider = async () => [
        path,
        await page.evaluate(() => document.documentElement.scrollWidth),
        await page.locator('main').evaluate((m) => m.scrollWidth - m.clientWidth),
      ];
      await expect.poll(wider).toEqual([path, 390, 0]);
    }
  });

test('what floats is clean to axe too: the line, a fabric, the reasons, a pasted chart', async ({ page }) => {
  const clean = async () => expect(await violationsOn(page, page.url())).toEqual([]);
  await page.goto('/');
  await page.keyboard.press('/');
  await page.getByLabel('Find, or write a make in one line').fill('tidewater C, hip D, tight armhole 2');
  await expect(page.getByRole('region', { name: 'The make in this line' })).toBeVisible();
  await clean();
  await page.goto('/stash?fabric=fabric-sand-linen');
  await expect(page.getByRole('heading', { name: 'sand washed linen' })).toBeVisible();
  await clean();
  await page.goto('/patterns/pattern-skerry');
  await page.getByRole('button', { name: /^across back: change/i }).click();
  await expect(page.getByRole('heading', { name: 'Why: across back' })).toBeVisible();
  await clean();
  await page.goto('/patterns/pattern-skerry/change');
  await page.getByRole('button', { name: 'Paste a chart' }).click();
  await page.getByLabel('Paste the table here').fill('Size\tA\tB\nBust\t82\t86');
  await clean();
  await page.goto('/files/table');
  await page.getByLabel('or paste it here').fill('Name,Width,On hand\nteal jersey,150,1.2\nodd one,wide,1');
  await expect(page.getByText('1 cannot be taken as it is')).toBeVisible();
  await clean();
});

test('the keyboard reaches everything in the log, in the order of the page, and the focus shows', async ({ page }) => {
  await page.goto('/makes/new?pattern=pattern-skerry');
  await expect(page.getByRole('heading', { name: 'Do you like it?' })).toBeVisible();
  await page.getByRole('button', { name: 'Discard draft' }).focus();
  const seen: string[] = [];
  for (let i = 0; i < 60; i++) {
    await page.keyboard.press('Tab');
    const focus = await page.evaluate(() => {
      const e = document.activeElement as HTMLElement;
      const style = getComputedStyle(e);
      const name = e.getAttribute('aria-label') ?? document.querySelector(`label[for="${e.id}"]`)?.textContent ?? e.textContent ?? '';
      return { name: name.trim(), shown: style.outlineStyle !== 'none' || style.borderBottomStyle !== 'none', inMain: e.closest('main') !== null };
    });
    if (!focus.inMain) break;
    expect([focus.name, focus.shown]).toEqual([focus.name, true]);
    expect(focus.name).not.toBe('');
    seen.push(focus.name);
  }
  const at = (part: RegExp) => seen.findIndex((name) => part.test(name));
  const order = [
    /Save make/,
    /^Size cut all over/,
    /^Size at the across back/,
    /sleeve length: amount/,
    /^Fabric/,
    /^Cut on/,
    /^Loose ends/,
    /^1: not at all/,
  ];
  for (const part of order) expect([part.source, at(part) >= 0]).toEqual([part.source, true]);
  expect(order.map(at)).toEqual([...order.map(at)].sort((a, b) => a - b));
});

test('a telling with its questions, and the line that asks, are clean to axe in both themes', async ({ page }) => {
  await page.goto('/tell');
  await page.getByLabel('What did you sew?').fill('Gangway trousers 40, took in 1 cm at the hip\nCurlew skirt 42, love 4\na day by the sea');
  await expect(page.getByText('2 makes · 1 question')).toBeVisible();
  for (const colorScheme of ['light', 'dark'] as const) {
    await page.emulateMedia({ colorScheme });
    expect(await violationsOn(page, `tell it, ${colorScheme}`, colorScheme === 'dark' ? 'colours' : 'all')).toEqual([]);
  }
});

test.describe('who begins', () => {
  test.use({ chooses: true });

  test('the first visit, an empty ledger, the first garment as it is logged, and the account of sizes that are only labels: clean to axe in both themes', async ({
    page,
  }) => {
    const clean = async (what: string) => {
      for (const colorScheme of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme });
        expect(await violationsOn(page, what, colorScheme === 'dark' ? 'colours' : 'all')).toEqual([]);
      }
    };
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Amber Ledger' })).toBeVisible();
    await clean('first visit');
    await page.getByRole('button', { name: 'Start your own' }).click();
    await expect(page.getByText('An empty ledger.')).toBeVisible();
    await clean('empty day book');
    await page.getByRole('link', { name: 'Log the first garment' }).click();
    await page.getByLabel('Pattern', { exact: true }).fill('Curlew jeans');
    await page.getByRole('option', { name: 'New pattern: Curlew jeans' }).click();
    await page.getByLabel('Size cut', { exact: true }).fill('M');
    await page.getByLabel('Size cut', { exact: true }).blur();
    await page.getByRole('group', { name: 'waistband: how it fitted' }).getByRole('button', { name: 'tight' }).click();
    await clean('first garment');
    await page.keyboard.press('Control+Enter');
    await expect(page.getByRole('heading', { name: 'What would sharpen this' })).toBeVisible();
    await clean('account of labels');
    await page.getByRole('button', { name: 'Why?', exact: true }).click();
    await expect(page.getByText('Sizes without a chart: steps of about')).toBeVisible();
    await clean('why of labels');
  });
});
