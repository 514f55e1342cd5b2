import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';

const PAGES = [
  '/',
  '/makes',
  '/makes/new?pattern=pattern-skerry',
  '/makes/make-skerry-2',
  '/makes/make-skerry-2/change',
  '/patterns',
  '/patterns/pattern-skerry',
  '/patterns/pattern-skerry/change',
  '/shelf',
  '/people/person-maren',
  '/files',
];

for (const colorScheme of ['light', 'dark'] as const)
  test.describe(`by ${colorScheme === 'light' ? 'daylight' : 'lamp light'}`, () => {
    test.use({ colorScheme });
    for (const path of PAGES)
      test(`${path} is clean to axe`, async ({ page }) => {
        await page.goto(path);
        await page.locator('h1').waitFor();
        await page.waitForLoadState('networkidle');
        const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
        expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([]);
      });
  });

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  for (const path of PAGES)
    test(`${path} is no wider than the screen`, async ({ page }) => {
      await page.goto(path);
      await page.locator('h1').waitFor();
      await page.waitForLoadState('networkidle');
      const width = await page.evaluate(() => document.documentElement.scrollWidth);
      const main = await page.locator('main').evaluate((m) => m.scrollWidth - m.clientWidth);
      expect([width, main]).toEqual([390, 0]);
    });
});
