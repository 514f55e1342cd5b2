import { readFile } from 'node:fs/promises';
import { expect, onTheDay, test, type Page } from './test';

const section = (page: Page) => page.getByRole('region', { name: 'Merge two ledgers' });

async function archiveOf(page: Page): Promise<Buffer> {
  await page.goto('/files');
  await expect(page.getByText(/\d+ makes, \d+ patterns/).first()).not.toHaveText(/^0 makes/);
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save to a file' }).click()]);
  return readFile(await download.path());
}

/** The file takes the place of the demo. */
async function start(page: Page, buffer: Buffer) {
  await page.goto('/files');
  await expect(section(page)).toContainText('What is here is the demo');
  await page.getByLabel('Ledger file').setInputFiles({ name: 'mine.zip', mimeType: 'application/zip', buffer });
  await page.getByRole('button', { name: 'Read the file' }).click();
  await expect(page.getByText(/^Read: /)).toBeVisible();
}

const choose = (page: Page, name: string, buffer: Buffer) =>
  page.getByLabel('File of the other ledger').setInputFiles({ name, mimeType: 'application/zip', buffer });

async function rename(page: Page, name: string) {
  await page.goto('/stash?fabric=fabric-bed-linen');
  const field = page.getByRole('dialog').getByLabel('Name', { exact: true });
  await field.fill(name);
  await field.blur();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

test('a phone’s ledger and a desktop’s: both go on, are brought together, and what both changed is asked', async ({ page, browser }) => {
  const whole = await archiveOf(page);
  await start(page, whole);
  const pocket = await browser.newContext({ viewport: { width: 390, height: 844 } });
  await onTheDay(pocket);
  const phone = await pocket.newPage();
  await start(phone, whole);

  await phone.goto('/makes/make-skerry-2');
  await phone.getByRole('button', { name: 'Worn today' }).click();
  await expect(phone.getByText(/^Worn today/).first()).toBeVisible();
  await rename(page, 'linen as the desk calls it');
  await rename(phone, 'linen as the phone calls it');
  const carried = await archiveOf(phone);

  await page.goto('/files');
  await choose(page, 'hurt.zip', carried.subarray(0, carried.length - 9000));
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
  await phone.goto('/stash?fabric=fabric-bed-linen');
  await expect(phone.getByRole('heading', { name: 'linen as the desk calls it' })).toBeVisible();

  // A second time nothing would change; and the first is taken back as one act.
  await choose(await filesOf(page), 'phone.zip', carried);
  await expect(page.getByText('All that is in the file is here already')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: merged with phone.zip')).toBeVisible();
  await choose(page, 'phone.zip', carried);
  await expect(page.getByRole('dialog').getByText('wears: 1 new')).toBeVisible();
  await pocket.close();
});

async function filesOf(page: Page): Promise<Page> {
  await page.goto('/files');
  return page;
}
