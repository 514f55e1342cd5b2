import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';
import { ownServer, type OwnServer } from './own-server';
import { expect, onTheDay, test, type Page } from './test';

let folder: string;
let server: OwnServer;
const serve = async (wished = 4450) => (server = await ownServer(resolve('dist'), wished, folder));

async function addPerson(page: Page, name: string): Promise<void> {
  await page.goto(`${server.address}/people/new`);
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('Name', { exact: true }).blur();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}
/** Copies as they lie in the folder, in those of their ledgers. */
const lying = () =>
  readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => name.endsWith('.zip'));
const ledgerOf = (copy: string) => dirname(copy).slice(-12);
const copies = (page: Page) => page.getByRole('region', { name: 'Copies on this machine' });

test.use({ ownContext: true });

test.beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'copies-'));
  await serve();
});
test.afterEach(async () => {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

test('a copy is made by itself after changes, and another is put back after a look; undo brings back what was', async ({ page }) => {
  await page.goto(server.open);
  await page.goto(`${server.address}/files`);
  await page.getByRole('button', { name: 'Start an empty ledger' }).click();
  await page.getByRole('button', { name: 'Remove and start empty' }).click();
  await expect(page.getByText('An empty ledger.')).toBeVisible();
  await addPerson(page, 'Runa');
  await expect.poll(() => lying().length, { timeout: 40_000 }).toBe(1);

  await addPerson(page, 'Ottilie');
  await page.goto(`${server.address}/files`);
  await expect(page.getByText('One entry is in no file and no copy yet.')).toBeVisible();
  await copies(page)
    .getByRole('button', { name: /^Look through the copy/ })
    .click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('people: 1 go');
  await dialog.getByRole('button', { name: 'Put this copy back' }).click();
  await expect(page.getByText('The copy is back. Ctrl Z brings back what was here.')).toBeVisible();
  const known = page.locator('label', { hasText: /^For/ }).first().locator('option');
  await expect(known).toHaveText(['Runa']);
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Undone: copy of .* put back/)).toBeVisible();
  await expect(known).toHaveText(['Runa', 'Ottilie']);
});

test('killed while it writes, the server loses no copy; without it the page says that none are made', async ({ page }) => {
  await page.goto(`${server.address}/files`);
  await expect(copies(page)).toContainText('This browser has not been let at the copies yet');
  await page.goto(server.open);
  await page.goto(`${server.address}/files`);
  await copies(page).getByRole('button', { name: 'Make a copy now' }).click();
  // All of the demo's pictures go to the disk, while other tests ask for it too.
  await expect(copies(page).getByRole('listitem')).toHaveCount(1, { timeout: 60_000 });
  const [whole] = lying();
  // The demo's pictures lie beside it, each once.
  expect(readdirSync(join(folder, dirname(whole!), 'pictures')).length).toBeGreaterThan(10);

  // Half of a copy has come in when the server goes.
  const half = request({
    host: '127.0.0.1',
    port: server.port,
    method: 'POST',
    path: `/copies/${ledgerOf(whole!)}`,
    headers: { 'x-amber-ledger': 'copies', cookie: `ledger-key-${server.port}=${server.key}` },
    agent: false,
  });
  half.on('error', () => undefined);
  half.write(Buffer.concat([Buffer.from('PK'), Buffer.alloc(200_000)]));
  await expect.poll(() => readdirSync(join(folder, dirname(whole!))).some((name) => name.startsWith('.writing'))).toBe(true);
  const was = server.port;
  await server.stop();
  await serve(was);
  await page.reload();
  await expect(copies(page).getByRole('listitem')).toHaveCount(1);
  await copies(page)
    .getByRole('button', { name: /^Look through the copy/ })
    .click();
  await expect(page.getByRole('dialog')).toContainText('nothing would change');
  expect(lying()).toContain(whole);
  await page.keyboard.press('Escape');

  await server.stop();
  await copies(page).getByRole('button', { name: 'Make a copy now' }).click();
  await expect(copies(page).getByRole('alert')).toBeVisible();
});

test('a browser that has no ledger is offered the copies first; what was lost is said, and put back whole with its pictures', async ({
  page,
  browser,
}) => {
  await page.goto(server.open);
  await page.goto(`${server.address}/files`);
  await page.getByRole('button', { name: 'Start an empty ledger' }).click();
  await page.getByRole('button', { name: 'Remove and start empty' }).click();
  await addPerson(page, 'Runa');
  await page.goto(`${server.address}/files`);
  await copies(page).getByRole('button', { name: 'Make a copy now' }).click();
  await expect(page.getByText('A copy is saved.')).toBeVisible();

  const elsewhere = await browser.newContext();
  await onTheDay(elsewhere);
  const other = await elsewhere.newPage();
  await other.goto(server.open);
  await expect(other.getByRole('heading', { name: 'Copies of a ledger are on this machine' })).toBeVisible();
  await expect(other.getByRole('listitem')).toContainText(/^Of Runa, /);
  await other.getByRole('button', { name: 'Put it back' }).click();
  await expect(other.locator('label', { hasText: /^For/ }).first().locator('option')).toHaveText(['Runa']);
  await other.context().close();

  // The browser's own store is gone, and the page knows that there was one.
  await page.evaluate(async () => {
    for (const { name } of await indexedDB.databases()) indexedDB.deleteDatabase(name ?? '');
  });
  await page.goto(server.address);
  await expect(page.getByRole('heading', { name: 'Your ledger is not in this browser any more' })).toBeVisible();
  await page.getByRole('button', { name: 'Look round in the demo' }).click();
  await expect(page.getByText('Latest makes')).toBeVisible();
});
