import { test as base, type BrowserContext, type Page } from '@playwright/test';

export { expect, type Page, type TestInfo } from '@playwright/test';

/** A context that the tests of one worker share. */
interface Shared {
  readonly context: BrowserContext;
  /** The demo as it is kept in it while nothing was written; else undefined. */
  demo: string | undefined;
  /** The page that tests hand on, as good as new: a browser takes longer to make another than to load the app in it. */
  page: Page | undefined;
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

/** What is kept at the app's address is copied aside there, or put back from that copy: false where there is none, or it fits no more. */
async function copied(page: Page, way: 'aside' | 'back'): Promise<boolean> {
  return page.evaluate(async (way) => {
    const ready = <T>(request: IDBRequest<T>) =>
      new Promise<T>((done, failed) => {
        request.onsuccess = () => done(request.result);
        request.onerror = () => failed(new Error(request.error?.message));
      });
    interface Kept {
      readonly tables: Record<string, { readonly records: unknown[]; readonly keys: IDBValidKey[] | undefined }>;
      readonly chosen: Record<string, string>;
    }
    const opening = indexedDB.open('as-opened');
    opening.onupgradeneeded = () => void opening.result.createObjectStore('kept');
    const aside = await ready(opening);
    const ledger = await ready(indexedDB.open('amber-ledger'));
    try {
      const names = [...ledger.objectStoreNames];
      if (names.length === 0) return false;
      if (way === 'aside') {
        const reading = ledger.transaction(names);
        const tables: Kept['tables'] = {};
        for (const name of names) {
          const table = reading.objectStore(name);
          const [records, keys] = await Promise.all([ready(table.getAll()), ready(table.getAllKeys())]);
          tables[name] = { records: records as unknown[], keys: table.keyPath === null ? keys : undefined };
        }
        const kept: Kept = { tables, chosen: { ...localStorage } };
        await ready(aside.transaction('kept', 'readwrite').objectStore('kept').put(kept, 'demo'));
        return true;
      }
      const kept = await ready<Kept | undefined>(aside.transaction('kept').objectStore('kept').get('demo'));
      if (!kept || names.join() !== Object.keys(kept.tables).join()) return false;
      // A table that is as it was stays: most tests write into few of them, and to write takes longer than to look.
      const reading = ledger.transaction(names);
      const now = await Promise.all(names.map((name) => ready(reading.objectStore(name).getAll())));
      const changed = names.filter((name, i) => JSON.stringify(now[i]) !== JSON.stringify(kept.tables[name]?.records));
      const writing = ledger.transaction(names, 'readwrite');
      for (const name of changed) {
        const { records = [], keys } = kept.tables[name] ?? {};
        const table = writing.objectStore(name);
        table.clear();
        records.forEach((record, i) => table.put(record, keys?.[i]));
      }
      await new Promise<void>((done, failed) => {
        writing.oncomplete = () => done();
        writing.onerror = () => failed(new Error(writing.error?.message));
      });
      localStorage.clear();
      for (const [key, value] of Object.entries(kept.chosen)) localStorage.setItem(key, value);
      return true;
    } finally {
      aside.close();
      ledger.close();
    }
  }, way);
}

/** The demo as it was opened, for the tests to come: looked at, and copied aside. */
async function keepAsOpened(page: Page): Promise<string | undefined> {
  const kept = await asOpened(page);
  return kept !== undefined && (await copied(page, 'aside').catch(() => false)) ? kept : undefined;
}

/** The page that tests hand on; another where one closed it. */
async function pageOf(shared: Shared): Promise<Page> {
  if (!shared.page || shared.page.isClosed()) shared.page = await shared.context.newPage();
  return shared.page;
}

/** Puts the context as another test would find it: one page, and nothing kept at the app's address unless that is the demo as it was opened. */
async function clear(shared: Shared, origin: string) {
  const { context } = shared;
  const open = context.pages().find((page) => page.url().startsWith(origin));
  const kept = shared.demo !== undefined && open ? await keptIn(open).catch(() => undefined) : undefined;
  for (const page of context.pages()) if (page !== shared.page) await page.close();
  await context.unrouteAll({ behavior: 'ignoreErrors' });
  const page = await pageOf(shared);
  // A picture of the app's: at its address, and none of it running.
  await page.goto(`${origin}/icon-192.png`);
  await page.evaluate(() => sessionStorage.clear());
  await page.emulateMedia({ media: null, colorScheme: null, reducedMotion: null });
  await page.mouse.move(0, 0);
  if (kept !== undefined && kept === shared.demo) return;
  if (shared.demo !== undefined && (await copied(page, 'back').catch(() => false))) return;
  shared.demo = undefined;
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await session.detach();
}

/** What stays with a page or with its context, whoever comes next. */
const refused = (): never => {
  throw new Error(
    'A test that listens to the browser, stands between it and the server, or sets the clock, asks for a context of its own: `ownContext`.',
  );
};

/** The day on which all tests are done: the demo's children grow and its garments age by the calendar, whenever and wherever it is looked at. */
const TODAY = new Date('2026-11-28T12:00:00');

/** A clock that goes as others do and stands at that day. A test that sets its own is not hindered. */
export async function onTheDay(context: BrowserContext) {
  await context.addInitScript((shift) => {
    const now = Date.now.bind(Date);
    const Shifted = new Proxy(Date, {
      construct: (date, from, made) => Reflect.construct(date, from.length === 0 ? [now() + shift] : from, made) as Date,
      get: (date, key) => (key === 'now' ? () => now() + shift : (Reflect.get(date, key) as unknown)),
    });
    Object.defineProperty(Date.prototype, 'constructor', { value: Shifted, configurable: true, writable: true });
    globalThis.Date = Shifted;
  }, TODAY.getTime() - Date.now());
}

/** Goes on to another page of the open app as a link would, without loading it anew; false where it is not open. */
async function asByALink(page: Page, path: string): Promise<boolean> {
  return page.evaluate(async (path) => {
    // What is being written is waited for, here as where the page is loaded.
    while (document.documentElement.dataset['keeping'] !== undefined) await new Promise((done) => setTimeout(done, 10));
    const heading = document.querySelector('#page h1');
    // The same page with another question is not told apart from what it was before.
    if (!heading || new URL(path, location.href).pathname === location.pathname) return false;
    // An entry of its own in the history, as the app's links make them: of one without a key it would be taken for the first of all.
    const { idx = 0 } = (history.state ?? {}) as { readonly idx?: number };
    const state = { usr: null, key: `goto ${performance.now()}`, idx: idx + 1 };
    history.pushState(state, '', path);
    dispatchEvent(new PopStateEvent('popstate', { state }));
    // The page before stands until the next is there. One that was itself just going on may stand for good: then it is loaded.
    for (let i = 0; i < 150 && heading.isConnected; i++) await new Promise((done) => setTimeout(done, 20));
    return !heading.isConnected;
  }, path);
}

/**
 * A page that is not left while an act is being written. A sewist is asked by her browser then (parts/save.ts); a test, which is quicker
 * than any hand, waits for it. And one that comes by the front door looks round in the demo, unless it is that choice which is tested.
 *
 * Tests of one worker share a context, put back between them to the demo as it was opened: to open it anew takes a test longer than most of
 * what it looks at. They hand on their page too. For the same reason `goto` goes on within the app where that is open, as a link does;
 * `reload` loads it. One that sets the clock, goes offline, listens to the browser or stands between it and the server, is given leave to
 * something or has a server of its own asks for a context of its own, and so does one that chooses how to begin.
 */
export const test = base.extend<{ chooses: boolean; ownContext: boolean }, { shared: Shared }>({
  chooses: [false, { option: true }],
  ownContext: [false, { option: true }],
  shared: [
    async ({ browser }, use, { project }) => {
      const { viewport, locale, serviceWorkers, baseURL } = project.use;
      const context = await browser.newContext({ viewport, locale, serviceWorkers, baseURL });
      await onTheDay(context);
      for (const set of ['install', 'setFixedTime', 'setSystemTime'] as const) context.clock[set] = refused;
      await use({ context, demo: undefined, page: undefined });
      await context.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ ownContext, chooses, shared, browser, viewport, locale, serviceWorkers, baseURL }, use, { project }) => {
    if (ownContext || chooses || locale !== project.use.locale || serviceWorkers !== project.use.serviceWorkers) {
      const own = await browser.newContext({ viewport, locale, serviceWorkers, baseURL });
      await onTheDay(own);
      await use(own);
      await own.close();
      return;
    }
    await use(shared.context);
    await clear(shared, new URL(baseURL ?? '').origin);
  },
  page: async ({ context, shared, viewport, chooses }, use) => {
    const page = await (context === shared.context ? pageOf(shared) : context.newPage());
    if (viewport) await page.setViewportSize(viewport);
    const kept = () => page.waitForFunction(() => document.documentElement.dataset['keeping'] === undefined);
    let begun = false;
    const goto = page.goto.bind(page);
    const reload = page.reload.bind(page);
    page.goto = async (...to) => {
      const [path, how] = to;
      // What a reload is to show is asked with `reload`.
      if (begun && path.startsWith('/') && !how && (await asByALink(page, path).catch(() => false))) return null;
      if (begun) await kept();
      const answer = await goto(...to);
      if (!chooses && path === '/') await lookRound(page);
      if (context === shared.context && !begun) shared.demo ??= await keepAsOpened(page);
      begun = true;
      return answer;
    };
    page.reload = async (...how) => {
      await kept();
      return reload(...how);
    };
    if (context === shared.context) for (const name of ['on', 'once', 'route', 'addInitScript'] as const) page[name] = refused;
    await use(page);
    // The page's own again, for the test to come.
    for (const name of ['goto', 'reload'] as const) Reflect.deleteProperty(page, name);
  },
});
