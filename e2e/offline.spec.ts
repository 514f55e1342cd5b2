import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ownServer, type OwnServer } from './own-server';
import { expect, test, type Page } from './test';

let folder: string;
/** Stopped in the middle, and its app is renewed. */
let server: OwnServer;

/** Opens the app and waits until the browser has taken all of it into its keeping. */
async function openAndKeep(page: Page, path: string): Promise<void> {
  await page.goto(server.address + path);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect.poll(() => page.evaluate(async () => (await navigator.serviceWorker.getRegistration())?.active?.state)).toBe('activated');
}

test.use({ ownContext: true });

test.use({ serviceWorkers: 'allow' });
test.beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'ledger-'));
  cpSync('dist', folder, { recursive: true });
  server = await ownServer(folder, 4410);
});
test.afterEach(async () => {
  await server.stop();
  rmSync(folder, { recursive: true });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('without the server the shop card opens, takes a fabric bought on the spot, and the cut sheet keeps its ticks', async ({ page }) => {
    await openAndKeep(page, '/');
    await server.stop();

    await page.goto(`${server.address}/sew-next/shop`);
    await page.getByLabel('For the plans of').selectOption({ label: 'Winter concerts' });
    const shirt = page.getByRole('listitem').filter({ has: page.getByRole('heading', { name: 'Tidewater shirt' }) });
    await expect(shirt.getByRole('row', { name: /^140\s*cm/ })).toContainText(/2\.\d+\s*m/);
    await shirt.getByText('Bought something for it').click();
    await shirt.getByLabel('Name').fill('harbour blue poplin');
    await shirt.getByLabel('Length bought').fill('2.6 m');
    await shirt.getByLabel('Width').fill('140');
    await shirt.getByLabel('Width').blur();
    await shirt.getByRole('button', { name: 'In the stash' }).click();
    await expect(page.getByText(/harbour blue poplin is in the stash, and in the plan/)).toBeVisible();

    await page.goto(`${server.address}/sew-next/plan-skerry-2026-10-04/sheet`);
    const box = page.getByRole('article').getByRole('checkbox').first();
    await page.getByRole('article').locator('label').first().click();
    await expect(box).toBeChecked();
    await page.reload();
    await expect(box).toBeChecked();

    await page.goto(`${server.address}/stash`);
    await expect(page.getByText('harbour blue poplin').first()).toBeVisible();
  });
});

test('a newer version is offered and never forced: what is being entered stays, until it is taken', async ({ page }) => {
  await openAndKeep(page, '/people/new');
  // The first visit came from the server; from the second on the browser's own keeping answers.
  await page.reload();
  await page.getByLabel('Name', { exact: true }).fill('Ottilie');
  // The same app, one line newer.
  const index = join(folder, 'index.html');
  writeFileSync(index, readFileSync(index, 'utf8').replace('<div id="root">', '<div id="root" class="newer">'));
  const worker = join(folder, 'sw.js');
  const renewed = readFileSync(worker, 'utf8').replace(/(url:"index\.html",revision:")[^"]+|(revision:")[^"]+(",url:"index\.html")/, '$1$2newer$3');
  expect(renewed).toContain('newer');
  writeFileSync(worker, renewed);
  await page.evaluate(async () => (await navigator.serviceWorker.getRegistration())!.update());

  const offer = page.getByText('A newer Amber Ledger is ready.');
  await expect(offer).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Ottilie');
  await page.reload();
  await expect(page.locator('#root')).not.toHaveClass('newer');
  await expect(offer).toBeVisible();
  await page.getByRole('button', { name: 'Take it now' }).click();
  await expect(page.locator('#root')).toHaveClass('newer');
  await expect(offer).toBeHidden();
});

test.describe('a window that was open while a newer app was put in the place of this one', () => {
  test.use({ serviceWorkers: 'block' });

  test('writes what is typed in it; a page whose parts are gone says so, and comes when it is opened anew', async ({ page }) => {
    const loaded = page.waitForResponse(/assets\/enter-make/);
    await page.goto(`${server.address}/people/person-maren`);
    await loaded;
    await page.waitForLoadState('networkidle');
    // The parts of this build are gone from the server.
    await page.route(/\/assets\//, (route) => route.fulfill({ status: 404, body: 'There is nothing under this address.' }));
    const name = page.getByLabel('Name', { exact: true }).first();
    await name.fill('Maren of the quay');
    await name.blur();
    await expect(page.getByRole('heading', { level: 1 })).toContainText('Maren of the quay');
    await page.getByRole('link', { name: 'Statements' }).click();
    await expect(page.getByText(/A part of it could not be loaded: a newer Amber Ledger/)).toBeVisible();
    await page.unroute(/\/assets\//);
    await page.getByRole('button', { name: 'Open the page anew' }).click();
    await expect(page.getByRole('heading', { level: 1, name: /Statement/ })).toBeVisible();
    await page.goto(`${server.address}/people/person-maren`);
    await expect(name).toHaveValue('Maren of the quay');
  });
});
