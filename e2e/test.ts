import { test as base } from '@playwright/test';

export { expect, type Page } from '@playwright/test';

/**
 * A page that is not left while an act is being written. A sewist is asked by her browser then (parts/save.ts); a test, which is quicker
 * than any hand, waits for it.
 */
export const test = base.extend({
  page: async ({ page }, use) => {
    const kept = () => page.waitForFunction(() => document.documentElement.dataset['keeping'] === undefined);
    const goto = page.goto.bind(page);
    const reload = page.reload.bind(page);
    page.goto = async (...to) => {
      await kept();
      return goto(...to);
    };
    page.reload = async (...how) => {
      await kept();
      return reload(...how);
    };
    await use(page);
  },
});
