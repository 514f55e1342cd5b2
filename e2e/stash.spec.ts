import { expect, test, type Page } from './test';

const row = (page: Page, name: string) => page.getByRole('row').filter({ hasText: name });

test('the stash is narrowed by structure, weight, season and length', async ({ page }) => {
  await page.goto('/stash');
  const rows = page.getByRole('row');
  await expect(row(page, 'black barathea')).toBeVisible();
  const all = await rows.count();
  await page.getByLabel('Structure').selectOption('knit');
  await expect(row(page, 'black barathea')).toBeHidden();
  await expect(row(page, 'oatmeal merino rib')).toBeVisible();
  await page.getByLabel('Weight').selectOption('heavy');
  await expect(row(page, 'ink firm jersey')).toBeVisible();
  await expect(row(page, 'tern white jersey')).toBeHidden();
  await page.getByLabel('Structure').selectOption('');
  await page.getByLabel('Weight').selectOption('');
  await page.getByLabel('A piece of').fill('1.8 m');
  await page.getByLabel('A piece of').blur();
  await expect(row(page, 'moss herringbone tweed')).toBeVisible();
  await expect(row(page, 'sand washed linen')).toBeVisible();
  expect(await rows.count()).toBeLessThan(all);
  await page.getByLabel('Season').selectOption('summer');
  await expect(row(page, 'moss herringbone tweed')).toBeHidden();
});

test('a stretch test is saved as a test, and what it found changes the account', async ({ page }) => {
  await page.goto('/stash?fabric=fabric-dark-denim');
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Pulled to').fill('10.4');
  await sheet.getByRole('button', { name: /It stretches 4\s% across/ }).click();
  await expect(sheet.getByText(/: stretches 4\s% across/)).toBeVisible();
  await sheet.getByRole('button', { name: 'How it behaves' }).click();
  await expect(sheet.getByLabel('Crosswise stretch, %')).toHaveValue('4');
  await page.keyboard.press('Escape');
  await expect(row(page, 'dark denim')).toContainText('4');
  await page.keyboard.press('Control+z');
  await expect(row(page, 'dark denim')).toContainText('not tested');
});

test('a wash shortens the pieces once, by what the fabric shrinks', async ({ page }) => {
  await page.goto('/stash?fabric=fabric-dark-denim');
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'How it behaves' }).click();
  const shrinks = sheet.getByLabel('Shrinks along, %');
  await shrinks.fill('5');
  await shrinks.blur();
  await sheet.getByRole('button', { name: 'It was washed' }).click();
  const length = sheet.getByLabel('Length', { exact: true });
  await expect(length).toHaveValue('1.33 m');
  await sheet.getByRole('button', { name: 'It was washed' }).click();
  await expect(page.getByText('Washed again; it shrank the first time.')).toBeVisible();
  await expect(length).toHaveValue('1.33 m');
});

test('a fabric that makes were cut from is not removed; a new one is, and comes back', async ({ page }) => {
  await page.goto('/stash?fabric=fabric-black-barathea');
  await page.getByRole('button', { name: 'Remove this fabric' }).click();
  await expect(page.getByText(/of your makes were cut from black barathea/)).toBeVisible();
  await page.goto('/stash');
  await page.getByRole('button', { name: 'Add a fabric' }).click();
  const name = page.getByRole('dialog').getByLabel('Name', { exact: true });
  await name.fill('gorse yellow twill');
  await name.blur();
  await page.getByRole('button', { name: 'Remove this fabric' }).click();
  await expect(row(page, 'gorse yellow twill')).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect(row(page, 'gorse yellow twill')).toBeVisible();
});
