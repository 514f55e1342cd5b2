import { readFile } from 'node:fs/promises';
import { expect, onTheDay, test, type Page } from './test';

// A ledger of one's own, and a small one: it is carried there and back five times.
test.use({ chooses: true });

const section = (page: Page) => page.getByRole('region', { name: 'Merge two ledgers' });

async function startEmpty(page: Page) {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start your own' }).click();
  await expect(page.getByText('An empty ledger.')).toBeVisible();
}

async function archiveOf(page: Page): Promise<Buffer> {
  await page.goto('/files');
  await expect(page.getByText(/\d+ makes?, \d+ patterns?/).first()).not.toHaveText(/^0 makes/);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save to a file' }).click()]);
  return readFile(await download.path());
}

const choose = (page: Page, name: string, buffer: Buffer) =>
  page.getByLabel('File of the other ledger').setInputFiles({ name, mimeType: 'application/zip', buffer });

/** The one fabric, opened from the list. */
async function openFabric(page: Page, called: string) {
  await page.goto('/stash');
  await page.getByRole('button', { name: called }).first().click();
  return page.getByRole('dialog');
}

async function rename(page: Page, name: string) {
  const field = (await openFabric(page, 'bed linen')).getByLabel('Name', { exact: true });
  await field.fill(name);
  await field.blur();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

test('a phone’s ledger and a desktop’s: both go on, are brought together, and what both changed is asked', async ({ page, browser }) => {
  await startEmpty(page);
  await page.keyboard.press('/');
  await page.keyboard.insertText('Curlew skirt 40 in bed linen, love 4');
  await expect(page.getByRole('region', { name: 'The make in this line' })).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Version 1 of Curlew skirt is saved.')).toBeVisible();
  const whole = await archiveOf(page);

  // The file takes the place of an empty ledger without a question.
  const pocket = await browser.newContext({ viewport: { width: 390, height: 844 } });
  await onTheDay(pocket);
  const phone = await pocket.newPage();
  await startEmpty(phone);
  await phone.goto('/files');
  await phone.getByLabel('Ledger file').setInputFiles({ name: 'mine.zip', mimeType: 'application/zip', buffer: whole });
  await expect(phone.getByText(/^Read: 1 make/)).toBeVisible();

  await phone.goto('/');
  await phone.getByRole('link', { name: 'Curlew skirt, version 1' }).first().click();
  await phone.getByRole('button', { name: 'Worn today' }).click();
  await expect(phone.getByText(/^Worn today/).first()).toBeVisible();
  await rename(page, 'linen as the desk calls it');
  await rename(phone, 'linen as the phone calls it');
  const carried = await archiveOf(phone);

  await page.goto('/files');
  await choose(page, 'hurt.zip', carried.subarray(0, carried.length - 900));
  await expect(section(page).getByRole('alert')).toContainText(/hurt\.zip was not taken in\. .*The ledger is as it was\./);
  await choose(page, 'phone.zip', carried);
  const dialog = page.getByRole('dialog', { name: 'With phone.zip' });
  await expect(dialog.getByText('wears: 1 new')).toBeVisible();
  await expect(dialog.getByText('One thing was changed on both sides.')).toBeVisible();
  await expect(dialog.getByRole('radio', { name: 'as in the file (later)' })).toBeChecked();
  await dialog.getByText('as here', { exact: true }).click();
  await dialog.getByRole('button', { name: 'Merge' }).click();
  await expect(page.getByText('Both are here now.')).toBeVisible();

  // On the phone too, where the answer is known by now: nobody is asked again.
  const back = await archiveOf(page);
  await phone.goto('/files');
  await choose(phone, 'desk.zip', back);
  await expect(phone.getByRole('dialog').getByText('fabrics: 1 changed')).toBeVisible();
  await phone.getByRole('button', { name: 'Merge' }).click();
  await expect(phone.getByText('Both are here now.')).toBeVisible();
  await openFabric(phone, 'linen as the desk calls it');
  await expect(phone.getByRole('heading', { name: 'linen as the desk calls it' })).toBeVisible();

  // A second time nothing would change; and the first is taken back as one act.
  await choose(page, 'phone.zip', carried);
  await expect(page.getByText('All that is in the file is here already')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: merged with phone.zip')).toBeVisible();
  await pocket.close();
});
