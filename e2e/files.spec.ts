import { expect, test, type Page } from './test';
import { unzipSync } from 'fflate';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

interface LedgerFile {
  written: string;
  makes: { id: string; size?: unknown; fitNotes: { outcome: number }[] }[];
  [table: string]: unknown;
}

/** Saves the ledger to a file, by hand, and reads it back. */
async function saved(page: Page): Promise<{ path: string; file: LedgerFile }> {
  await page.goto('/files');
  await expect(page.getByText(/\d+ makes, \d+ patterns/).first()).not.toHaveText(/^0 makes/);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save as one text file' }).click()]);
  const path = await download.path();
  return { path, file: JSON.parse(await readFile(path, 'utf8')) as LedgerFile };
}

/** The ledger itself: not when it was written, nor what is noted for merges. */
const tablesOf = ({ written: _, history: __, ...tables }: LedgerFile) => tables;

async function read(page: Page, name: string, text: string) {
  await page.getByLabel('Ledger file').setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
  const question = page.getByRole('button', { name: 'Read the file' });
  const refused = page.getByRole('alert');
  // What is said of it goes after five seconds, in which a busy machine may not look; that it can be undone stays.
  const undo = page.getByRole('button', { name: 'Undo: ledger read from a file' });
  await expect(question.or(refused).or(undo).first()).toBeVisible();
  if (!(await question.isVisible())) return;
  await question.click();
  await expect(refused.or(undo).first()).toBeVisible();
}

test('the way out of the demo: at once where nothing was tried in it, else with what goes', async ({ page }) => {
  await page.goto('/makes/make-skerry-2');
  await page.getByRole('button', { name: 'Worn today', exact: true }).click();
  await expect(page.getByText(/^Worn today\./)).toBeVisible();
  await page.getByRole('button', { name: 'start your own' }).click();
  await expect(page.getByRole('dialog')).toContainText('what you tried in it (one entry)');
  await page.getByRole('dialog').getByRole('button', { name: 'Go on with the demo' }).click();
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Undone/)).toBeVisible();
  await page.getByRole('button', { name: 'start your own' }).click();
  await expect(page.getByText('An empty ledger.')).toBeVisible();
});

test('export, start empty, import: the same ledger', async ({ page }) => {
  const { path, file } = await saved(page);
  expect(file.makes.length).toBeGreaterThanOrEqual(24);

  await page.getByRole('button', { name: 'Start an empty ledger' }).click();
  await page.getByRole('button', { name: 'Remove and start empty' }).click();
  await expect(page).toHaveURL('/');
  await page.goto('/makes');
  await expect(page.getByText('Every garment you finish stands here')).toBeVisible();

  await page.goto('/files');
  await read(page, 'ledger.json', await readFile(path, 'utf8'));
  await expect(page.getByText(new RegExp(`^${file.makes.length} makes, \\d+ patterns`))).toBeVisible();
  const again = await saved(page);
  expect(tablesOf(again.file)).toEqual(tablesOf(file));
});

test('the archive: saved, opened without the app, and read back with every picture; a hurt one is refused', async ({ page }) => {
  const { file } = await saved(page);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save to a file' }).click()]);
  expect(download.suggestedFilename()).toMatch(/^amber-ledger-\d{4}-\d{2}-\d{2}\.zip$/);
  const zip = await readFile(await download.path());
  await expect(page.getByText('The whole ledger is in the file.')).toBeVisible();
  const files = unzipSync(zip);
  expect(Object.keys(files).filter((f) => f.startsWith('pictures/'))).toHaveLength((file['pictures'] as unknown[]).length);

  // The page of all makes, as it lies in the archive, with its pictures.
  const folder = mkdtempSync(join(tmpdir(), 'archive-'));
  mkdirSync(join(folder, 'pictures'));
  for (const [name, bytes] of Object.entries(files)) writeFileSync(join(folder, name), bytes);
  const reader = await page.context().newPage();
  await reader.goto(`file://${join(folder, 'index.html')}`);
  await expect(reader.getByRole('article')).toHaveCount(file.makes.length);
  await expect(reader.getByRole('heading', { name: 'Skerry concert jacket, version 2' })).toBeVisible();
  expect(
    await reader
      .locator('article img')
      .first()
      .evaluate((img: HTMLImageElement) => img.naturalWidth),
  ).toBeGreaterThan(0);
  await reader.close();
  rmSync(folder, { recursive: true });

  const hand = (name: string, buffer: Buffer) => page.getByLabel('Ledger file').setInputFiles({ name, mimeType: 'application/zip', buffer });
  // It is looked through before anybody is asked whether it may take the place of the ledger.
  await hand('cut-off.zip', zip.subarray(0, zip.length - 9000));
  await expect(page.getByRole('alert')).toContainText(/cut-off\.zip was not read\. .*The ledger is as it was\./);
  await expect(page.getByRole('dialog')).toBeHidden();
  await hand('whole.zip', zip);
  await expect(page.getByRole('alert')).toBeHidden();
  await expect(page.getByRole('dialog', { name: /^Put whole\.zip/ })).toContainText('nothing would change');
  await page.getByRole('button', { name: 'Read the file' }).click();
  await expect(page.getByText(new RegExp(`Read: ${file.makes.length} makes`))).toBeVisible();
  expect(tablesOf((await saved(page)).file)).toEqual(tablesOf(file));

  // Where a picture is not what is known of it, the file is there and is not called saved.
  await page.evaluate(async () => {
    const done = <T>(request: IDBRequest<T>) => new Promise<T>((ready) => (request.onsuccess = () => ready(request.result)));
    const pictures = (await done(indexedDB.open('amber-ledger'))).transaction('pictures', 'readwrite').objectStore('pictures');
    const [picture] = await done(pictures.getAll(undefined, 1));
    await done(pictures.put({ ...picture, sha256: '0'.repeat(64), crc32: 1 }));
  });
  await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save to a file' }).click()]);
  await expect(page.getByText(/^The file is not to be relied on: what was written does not read back\. The picture \S+ is damaged\. /)).toBeVisible();
});

test('a table for a spreadsheet: the fabrics, with prices only where they are asked for', async ({ page }) => {
  await page.goto('/files');
  const sheets = page.getByRole('region', { name: 'Tables of a spreadsheet' });
  await sheets.getByLabel('Table').selectOption('fabrics');
  const table = async () => {
    const [download] = await Promise.all([page.waitForEvent('download'), sheets.getByRole('button', { name: 'Save the table' }).click()]);
    return { name: download.suggestedFilename(), text: await readFile(await download.path(), 'utf8') };
  };
  const plain = await table();
  expect(plain.name).toMatch(/^amber-ledger-fabrics-.*\.csv$/);
  expect(plain.text.split('\r\n')[0]).toMatch(/^\uFEFF?Name,Structure,.*Bought on,Care$/);
  await sheets.getByText('with prices').click();
  await sheets.getByLabel('Written with').selectOption('tabs (TSV)');
  const priced = await table();
  expect(priced.name).toMatch(/\.tsv$/);
  expect(priced.text.split('\r\n')[0]!.split('\t').at(-1)).toBe('Price');
});

test('damaged and foreign files are refused with the place, and nothing is lost', async ({ page }) => {
  const { file } = await saved(page);
  const whole = JSON.stringify(file);
  const hurt = structuredClone(file);
  hurt.makes[2]!.fitNotes = [{ outcome: 7 }];
  const cases: [string, string, RegExp][] = [
    ['cut-off.json', whole.slice(0, whole.length / 2), /cannot be read as JSON/],
    ['foreign.json', JSON.stringify({ name: 'a shopping list' }), /not written by Amber Ledger/],
    ['hurt.json', JSON.stringify(hurt), /make 3 .*fit/i],
    ['later.json', JSON.stringify({ ...file, version: 99 }), /format 99/],
  ];
  for (const [name, text, says] of cases) {
    await read(page, name, text);
    await expect(page.getByRole('alert')).toContainText(says);
    await expect(page.getByRole('alert')).toContainText('The ledger is as it was.');
  }
  const again = await saved(page);
  expect(tablesOf(again.file)).toEqual(tablesOf(file));
});

test('a file read in the place of a ledger is taken back by undo', async ({ page }) => {
  const { file } = await saved(page);
  const small = { ...file, makes: [], wears: [], pictures: [] };
  const choose = () =>
    page.getByLabel('Ledger file').setInputFiles({ name: 'small.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(small)) });
  await choose();
  const dialog = page.getByRole('dialog', { name: 'Put small.json in the place of this ledger?' });
  await expect(dialog).toContainText(`makes: ${file.makes.length} removed`);
  // Whoever thinks better of it has lost nothing, and may choose the same file again.
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  expect(tablesOf((await saved(page)).file)).toEqual(tablesOf(file));
  await choose();
  await dialog.getByRole('button', { name: 'Read the file' }).click();
  await expect(page.getByText('Read: 0 makes')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: ledger read from a file')).toBeVisible();
  expect(tablesOf((await saved(page)).file)).toEqual(tablesOf(file));
});

test('two tabs agree: what one writes, the other shows', async ({ context }) => {
  const [one, two] = [await context.newPage(), await context.newPage()];
  await one.goto('/makes/make-skerry-2');
  await two.goto('/patterns/pattern-skerry');
  const worn = two.getByRole('row', { name: /^Worn/ });
  const before = Number(/(\d+)\s?×/.exec(await worn.innerText())![1]);
  await one.getByRole('button', { name: 'Worn today' }).click();
  await expect(worn).toContainText(new RegExp(`${before + 1}\\s?×`));
  await two.keyboard.press('Control+z');
  await expect(one.getByText(new RegExp(`^${before}\\s×`))).toBeVisible();
});

test('a file with the signs of markup in its words shows them as words', async ({ page }) => {
  const { file } = await saved(page);
  const name = '<img src=x onerror="document.title=\'reached\'">';
  (file['patterns'] as { name: string }[])[0]!.name = name;
  await read(page, 'markup.json', JSON.stringify(file));
  await page.goto('/patterns');
  await expect(page.getByText(name)).toBeVisible();
  expect(await page.title()).not.toBe('reached');
});

test.describe('where the browser fails', () => {
  test.use({ ownContext: true });

  test('a ledger that the browser does not give out: the page says so, and saves what can be read', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByText('Latest makes')).toBeVisible();
    // The database opens for nobody who names a version, as the app does.
    await page.addInitScript(() => {
      const open = IDBFactory.prototype.open;
      IDBFactory.prototype.open = function (name, version) {
        if (version !== undefined) throw new DOMException('Internal error opening backing store', 'UnknownError');
        return open.call(this, name);
      };
    });
    await page.reload();
    await expect(page.getByRole('heading', { name: 'The ledger cannot be opened' })).toBeVisible();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save what can be read to a file' }).click(),
    ]);
    const saved = JSON.parse(await readFile(await download.path(), 'utf8')) as { makes: unknown[] };
    expect(saved.makes.length).toBeGreaterThan(40);
    await expect(page.getByText('All of its records are in the file.')).toBeVisible();
  });
});

test('a window left open on an older layout writes nothing more and says so; what is there stays', async ({ page }) => {
  await page.goto('/makes/make-skerry-2');
  const worn = page.getByRole('button', { name: 'Worn today' });
  await expect(worn).toBeVisible();
  // What a later app would do in another window.
  const newer = await page.context().newPage();
  await newer.goto('/icon.svg');
  await newer.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const asked = indexedDB.open('amber-ledger', 990);
        asked.onupgradeneeded = () => asked.result.createObjectStore('hats', { keyPath: 'id' });
        asked.onsuccess = () => done();
        asked.onerror = () => failed(asked.error!);
      }),
  );
  await expect(page.getByText('A newer Amber Ledger was opened in another window.')).toBeVisible();
  await worn.click();
  await expect(page.getByText(/^Not saved: a newer Amber Ledger has opened this ledger/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'The ledger cannot be opened' })).toBeVisible();
  await expect(page.getByText('This page is of an older Amber Ledger than the ledger')).toBeVisible();
});

test('a browser without room: what is typed is not kept and says why, and is there to be kept once there is room', async ({ page }) => {
  await page.goto('/stash?fabric=fabric-bed-linen');
  const name = page.getByRole('dialog').getByLabel('Name', { exact: true });
  await expect(name).toHaveValue('old bed linen');
  // A browser that is full says so at whatever is written next.
  await page.evaluate(() => {
    const put = IDBObjectStore.prototype.put;
    const full = function (): never {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
    IDBObjectStore.prototype.put = full;
    Object.assign(window, { makeRoom: () => (IDBObjectStore.prototype.put = put) });
  });
  await name.fill('linen of a full browser');
  await name.blur();
  await expect(page.getByText(/^Not saved: this browser has no room left\. Save the ledger to a file/)).toBeVisible();
  await expect(name).toHaveValue('linen of a full browser');
  await page.evaluate(() => (window as unknown as { makeRoom: () => void }).makeRoom());
  await name.focus();
  await name.press('Enter');
  await expect(page.getByRole('heading', { name: 'linen of a full browser' })).toBeVisible();
  await page.reload();
  await expect(name).toHaveValue('linen of a full browser');
});
