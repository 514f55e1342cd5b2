import { mkdtempSync, readdirSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { CopiesFolder } from '../server/copies-folder';
import { ownServer, type OwnServer } from './own-server';
import { expect, test, type Page } from './test';

let folder: string;
let server: OwnServer;
const serve = async (wished = 4450) => (server = await ownServer(resolve('dist'), wished, new CopiesFolder(folder)));

async function addPerson(page: Page, name: string): Promise<void> {
  await page.goto(`${server.address}/people/new`);
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByLabel('Name', { exact: true }).blur();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}
const copies = (page: Page) => page.getByRole('region', { name: 'Copies on this machine' });

test.beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'copies-'));
  await serve();
});
test.afterEach(async () => {
  await server.stop();
  rmSync(folder, { recursive: true, force: true });
});

test('a copy is made by itself after changes, and another is put back after a look; undo brings back what was', async ({ page }) => {
  await page.goto(`${server.address}/files`);
  await page.getByRole('button', { name: 'Start an empty ledger' }).click();
  await page.getByRole('button', { name: 'Remove and start empty' }).click();
  await expect(page.getByText('An empty ledger.')).toBeVisible();
  await addPerson(page, 'Runa');
  await expect.poll(() => readdirSync(folder).length, { timeout: 40_000 }).toBe(1);

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
  await copies(page).getByRole('button', { name: 'Make a copy now' }).click();
  await expect(copies(page).getByRole('listitem')).toHaveCount(1);
  const [whole] = readdirSync(folder);

  // Half of a copy has come in when the server goes.
  const half = request({
    host: '127.0.0.1',
    port: server.port,
    method: 'POST',
    path: '/copies',
    headers: { 'x-amber-ledger': 'copies' },
    agent: false,
  });
  half.on('error', () => undefined);
  half.write(Buffer.concat([Buffer.from('PK'), Buffer.alloc(200_000)]));
  await expect.poll(() => readdirSync(folder).length).toBe(2);
  const was = server.port;
  await server.stop();
  await serve(was);
  await page.reload();
  await expect(copies(page).getByRole('listitem')).toHaveCount(1);
  await copies(page)
    .getByRole('button', { name: /^Look through the copy/ })
    .click();
  await expect(page.getByRole('dialog')).toContainText('nothing would change');
  expect(readdirSync(folder)).toContain(whole);
  await page.keyboard.press('Escape');

  await server.stop();
  await copies(page).getByRole('button', { name: 'Make a copy now' }).click();
  await expect(copies(page).getByRole('alert')).toBeVisible();
});
