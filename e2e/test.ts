import { test as base, type BrowserContext, type Page } from '@playwright/test';

export { expect, type Page, type TestInfo } from '@playwright/test';

/** A context that the tests of one worker share, with the demo as it is kept in it while nothing was written; else undefined. */
interface Shared {
  readonly context: BrowserContext;
  demo: string | undefined;
}

/** Through the first visit's front door into the demo, where there is no ledger yet. */
async function lookRound(page: Page) {
  const way = page.getByRole('button', { name: 'Look round in the demo' });
  await way.or(page.locator('#page')).first().waitFor();
  if (!(await way.isVisible())) return;
  await way.click();
  await page.locator('#page').waitFor();
}

/** What the browser keeps of a ledger, short: any act of a sewist's changes it, since each is in the journal. */
async function keptIn(page: Page): Promise<string> {
  return page.evaluate(async () => {
    const ready = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done, failed) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => failed(new Error(request.error?.message));
      });
    const database = await ready(indexedDB.open('amber-ledger'));
    const names = [...database.objectStoreNames];
    const reading = database.transaction(names);
    const counts = await Promise.all(names.map((name) => ready(reading.objectStore(name).count())));
    const settings = await ready<{ readonly key: string }[]>(reading.objectStore('settings').getAll());
    database.close();
    // When the app was last begun is told at every visit.
    return JSON.stringify([names, counts, settings.filter(({ key }) => key !== 'startedAt'), { ...localStorage }]);
  });
}

/** What is kept once the book is open; undefined where it does not open, which is then what is tested. */
const asOpened = (page: Page) =>
  page
    .locator('#page')
    .waitFor({ timeout: 5000 })
    .then(() => keptIn(page))
    .catch(() => undefined);

/** The context as another test would find it: no pages, and nothing kept at the app's address unless that is the demo as it was opened. */
async function cleared(shared: Shared, origin: string) {
  const { context } = shared;
  const left = context.pages().find((page) => page.url().startsWith(origin));
  const kept = shared.demo !== undefined && left ? await keptIn(left).catch(() => undefined) : undefined;
  for (const page of context.pages()) await page.close();
  await context.unrouteAll({ behavior: 'ignoreErrors' });
  if (kept !== undefined && kept === shared.demo) return;
  shared.demo = undefined;
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await page.close();
}

/**
 * A page that is not left while an act is being written. A sewist is asked by her browser then (parts/save.ts); a test, which is quicker
 * than any hand, waits for it. And one that comes by the front door looks round in the demo, unless it is that choice which is tested.
 *
 * Tests of one worker share a context, cleared between them, but for the demo where nothing was written: to open it takes a test longer
 * than most of what it looks at. One that sets the clock, goes offline, is given leave to something or has a server of its own asks for a
 * context of its own, and so does one that chooses how to begin.
 */
export const test = base.extend<{ chooses: boolean; ownContext: boolean }, { shared: Shared }>({
  chooses: [false, { option: true }],
  ownContext: [false, { option: true }],
  shared: [
    async ({ browser }, use, { project }) => {
      const { viewport, locale, serviceWorkers, baseURL } = project.use;
      const context = await browser.newContext({ viewport, locale, serviceWorkers, baseURL });
      await use({ context, demo: undefined });
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ ownContext, chooses, shared, browser, viewport, locale, serviceWorkers, baseURL }, use, { project }) => {
    if (ownContext || chooses || locale !== project.use.locale || serviceWorkers !== project.use.serviceWorkers) {
      const own = await browser.newContext({ viewport, locale, serviceWorkers, baseURL });
      await use(own);
      await own.close();
      return;
    }
    await use(shared.context);
    await cleared(shared, new URL(baseURL ?? '').origin);
  },
  page: async ({ page, context, shared, viewport, chooses }, use) => {
    if (viewport) await page.setViewportSize(viewport);
    const kept = () => page.waitForFunction(() => document.documentElement.dataset['keeping'] === undefined);
    let begun = false;
    const goto = page.goto.bind(page);
    const reload = page.reload.bind(page);
    page.goto = async (...to) => {
      await kept();
      const answer = await goto(...to);
      if (!chooses && to[0] === '/') await lookRound(page);
      if (context === shared.context && !begun) shared.demo ??= await asOpened(page);
      begun = true;
      return answer;
    };
    page.reload = async (...how) => {
      await kept();
      return reload(...how);
    };
    await use(page);
  },
});
