import { readFile } from 'node:fs/promises';
import { expect, test, type Page } from './test';

const OLD = `Date finished;Pattern;Size;Fabric;Yardage;Rating;Hours;Bought with
3/4/25;Tern shirt dress;C/D;slate twill;2 1/4 yds;4/5;12.5;card
25.4.2025;Tern shirt dress;D;oat linen;2.5;★★★★★;;card
soon;Plover cardigan;M;;;;;cash
12 June 2025;Reed trousers;between 12 and 14;denim;1,8;nine;;cash`;

const hand = (page: Page, name: string, text: string) =>
  page.getByLabel('File of a table').setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text, 'utf8') });

test('an old spreadsheet: columns guessed and put right, rows taken in, the others given back, mended and taken too', async ({ page }) => {
  await page.goto('/files');
  await page.getByRole('link', { name: 'import a spreadsheet' }).click();
  await hand(page, 'what I sewed.csv', OLD);
  await expect(page.getByLabel('Date finished is taken for')).toHaveValue('finishedOn');
  await expect(page.getByLabel('Bought with is taken for')).toHaveValue('');
  await expect(page.getByLabel('Yardage is in')).toHaveValue('yd');
  await expect(page.getByText('row 5')).toBeVisible();
  await expect(page.getByText(/Rating: “nine” is not 1 to 5/)).toBeVisible();
  // The sewist knows better: the bare numbers are metres, and what it was paid with is worth a remark.
  await page.getByLabel('Yardage is in').selectOption('metres');
  await page.getByLabel('Bought with is taken for').selectOption('Remark');
  await page.getByText('4 March').click();
  await expect(page.getByText(/Tern shirt dress, version 1 · size between C and D · 205\.74\scm of slate twill · 4 Mar 2025/)).toBeVisible();
  await expect(page.getByText(/250\scm of oat linen · 25 Apr 2025/)).toBeVisible();
  await page.getByText('3 April', { exact: true }).click();
  // A lid that falls shut loses neither the table nor what was put right in it.
  await page.reload();
  await expect(page.getByText('what I sewed.csv: 4 rows')).toBeVisible();
  await expect(page.getByLabel('Bought with is taken for')).toHaveValue('remark');
  await expect(page.getByText(/205\.74\scm of slate twill · 3 Apr 2025/)).toBeVisible();
  await page.getByRole('button', { name: 'Import 2 rows' }).click();
  await expect(page.getByText('Imported: 2 rows.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Nothing to import' })).toBeDisabled();
  await expect(page.getByText('2 in the ledger already')).toBeVisible();

  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save the 2 rows not taken' }).click()]);
  expect(download.suggestedFilename()).toBe('what-i-sewed-not-taken.csv');
  const back = await readFile(await download.path(), 'utf8');
  expect(back).toContain('“soon” is no date');
  await hand(page, 'mended.csv', back.replace('nine', '4').replace('\r\nsoon,Plover', '\r\n1 March 2024,Plover'));
  await page.getByRole('button', { name: 'Import 2 rows' }).click();
  await expect(page.getByText('Imported: 2 rows.').first()).toBeVisible();
  // All of it is in: the page is empty the next time.
  await page.reload();
  await expect(page.getByLabel('or paste it here')).toBeVisible();

  await page.goto('/makes');
  await page.getByLabel('Filter').fill('reed');
  await expect(page.getByRole('link', { name: /Reed trousers/ }).first()).toBeVisible();
  await page.getByRole('heading', { name: 'Makes', exact: true }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: 2 rows of mended.csv imported')).toBeVisible();
  await expect(page.getByRole('link', { name: /Reed trousers/ })).toHaveCount(0);
});

test('what is no table is refused with what to do, and words of an old machine are read', async ({ page }) => {
  await page.goto('/files/table');
  await hand(page, 'letter.txt', 'Dear ledger');
  await expect(page.getByRole('alert')).toContainText(/letter\.txt was not read\. This is no table with a heading and rows/);
  const old = Buffer.from('Name;Fibre\ncr\u00eape;soie', 'latin1');
  await page.getByLabel('File of a table').setInputFiles({ name: 'fabrics.csv', mimeType: 'text/csv', buffer: old });
  await expect(page.getByText(/^crêpe · woven/)).toBeVisible();
});

test('the first thing in an empty ledger: a pasted table, whose it is, a reload, and all of it taken back', async ({ page }) => {
  await page.goto('/files');
  await page.getByRole('button', { name: 'Start an empty ledger' }).click();
  await page.getByRole('button', { name: 'Remove and start empty' }).click();
  await expect(page).toHaveURL('/');
  await page.goto('/files/table');
  await page.getByLabel('or paste it here').fill('Date\tPattern\tSize\n9 March 2025\tTern shirt dress\tC\n1.4.2025\tTern shirt dress\tC/D');
  await expect(page.getByText(/write above whom these are for/).first()).toBeVisible();
  await page.getByLabel('Whom they are for').fill('Maren');
  await page.keyboard.press('Tab');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Imported: 2 rows.')).toBeVisible();
  await page.goto('/makes');
  await page.reload();
  await expect(page.getByRole('link', { name: /Tern shirt dress/ })).toHaveCount(2);
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Undone: 2 rows of/)).toBeVisible();
  await expect(page.getByText('Every garment you finish stands here')).toBeVisible();
});
