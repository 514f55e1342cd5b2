import { test as base, type Page } from '@playwright/test';

export { expect, type Page, type TestInfo } from '@playwright/test';

/** Through the first visit's front door into the demo, where there is no ledger yet. */
async function lookRound(page: Page) {
  const way = page.getByRole('button', { name: 'Look round in the demo' });
  await way.or(page.locator('#page')).first().waitFor();
  if (!(await way.isVisible())) return;
  await way.click();
  await page.locator('#page').waitFor();
}

/**
 * A page that is not left while an act is being written. A sewist is asked by her browser then (parts/save.ts); a test, which is quicker
 * than any hand, waits for it. And one that comes by the front door looks round in the demo, unless it is that choice which is tested.
 */
export const test = base.extend<{ chooses: boolean }>({
  chooses: [false, { option: true }],
  page: async ({ page, chooses }, use) => {
    const kept = () => page.waitForFunction(() => document.documentElement.dataset['keeping'] === undefined);
    const goto = page.goto.bind(page);
    const reload = page.reload.bind(page);
    page.goto = async (...to) => {
      await kept();
      const answer = await goto(...to);
      if (!chooses && to[0] === '/') await lookRound(page);
      return answer;
    };
    page.reload = async (...how) => {
      await kept();
      return reload(...how);
    };
    await use(page);
  },
});
