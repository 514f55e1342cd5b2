import { expect, test, type Page } from './test';

/** From now on the browser's store refuses whatever is written, as a full one does. */
const refuse = (page: Page) =>
  page.evaluate(() => {
    const full = function (): never {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
    for (const method of ['put', 'add', 'delete', 'clear'] as const) IDBObjectStore.prototype[method] = full;
  });

/** Nothing but the reason is said, and once. */
async function saysWhy(page: Page, refused: RegExp): Promise<void> {
  await expect(page.getByText(refused)).toHaveCount(1);
  await expect(page.getByText(/ is removed\.|^Undone|^Brought back|A copy is saved|^Worn today\.|entered\.$/)).toHaveCount(0);
}
const FULL = /^Not saved: this browser has no room left/;

test('a make and a fabric that could not be removed are said to be there, and are', async ({ page }) => {
  await page.goto('/makes/make-skerry-2');
  await page.getByRole('button', { name: 'Remove this make' }).waitFor();
  await refuse(page);
  await page.getByRole('button', { name: 'Remove this make' }).click();
  await saysWhy(page, FULL);
  await expect(page.getByRole('heading', { level: 1, name: /Skerry/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: /Skerry/ })).toBeVisible();

  await page.goto('/stash?fabric=fabric-dark-denim');
  await expect(page.getByRole('dialog').getByLabel('Name', { exact: true })).toBeVisible();
  await refuse(page);
  await page.getByRole('button', { name: 'Remove this fabric' }).click();
  await saysWhy(page, FULL);
  await expect(page.getByRole('dialog').getByLabel('Name', { exact: true })).toBeVisible();
});

test('a look and a verdict that could not be kept stay as drafts, through a reload', async ({ page }) => {
  await page.goto('/makes/make-skerry-2');
  await page.getByRole('button', { name: 'Look at the fit again' }).click();
  const back = page.getByRole('group', { name: 'across back: how it fitted' }).getByRole('button', { name: 'right' });
  await back.click();
  await page.getByRole('button', { name: 'How do you like it now?' }).click();
  await page.getByRole('button', { name: '3: well enough' }).click();
  await refuse(page);
  for (const [i, button] of ['Save this look', 'Keep this verdict'].entries()) {
    await page.getByRole('button', { name: button }).click();
    await expect(page.getByText(FULL)).toHaveCount(i + 1);
    await expect(page.getByRole('button', { name: button })).toBeVisible();
  }
  await page.reload();
  for (const button of ['Save this look', 'Keep this verdict']) await expect(page.getByRole('button', { name: button })).toBeEnabled();
  await expect(back).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('love 4 → 3')).toHaveCount(0);
});

test('undo, redo, bringing back and opening the demo say why they were not done', async ({ page }) => {
  await page.goto('/makes/make-eider-2');
  await page.getByRole('button', { name: 'Remove this make' }).click();
  await expect(page.getByText('The make is removed. Ctrl Z brings it back.')).toBeVisible();
  await page.goto('/files');
  await refuse(page);
  await page
    .getByRole('button', { name: /^Bring back/ })
    .first()
    .click();
  await saysWhy(page, /^Not brought back: this browser has no room left/);
  await page.keyboard.press('Control+z');
  await saysWhy(page, /^Not undone: this browser has no room left/);
  await page.reload();
  await refuse(page);
  await page.getByRole('button', { name: /demo/i }).last().click();
  const sure = page.getByRole('dialog').getByRole('button', { name: /demo/i });
  if ((await sure.count()) > 0) await sure.click();
  await saysWhy(page, /^The demo was not opened: this browser has no room left/);
});

test('a person whose name is too long, or whom the store refuses, is not chosen, and the name is still there', async ({ page }) => {
  await page.goto('/people/new');
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('Runa '.repeat(50));
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/in this person, name/)).toBeVisible();
  await expect(name).toHaveValue(/^Runa Runa/);
  await name.fill('Runa');
  await refuse(page);
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await saysWhy(page, FULL);
  await expect(name).toHaveValue('Runa');
  await page.reload();
  await expect(page.locator('label', { hasText: /^For/ }).first().locator('option')).toHaveText(['Anselm', 'Maren', 'Tilda']);
});
