import { expect, test } from './test';

test('what is really worn: one finding, one that leans, two that came together; each opens its garments', async ({ page }) => {
  await page.goto('/wear/most-worn');
  const told = page.getByRole('region', { name: 'What they share' });
  await expect(told.getByRole('button', { name: /^With a knit, or stretch across, which came together here, worn about/ })).toBeVisible();
  const lean = told.getByRole('button', { name: /^It leans: with “rides up at the cello”, worn about 0\.\d times as often/ });
  await lean.focus();
  await page.keyboard.press('Enter');
  await expect(lean).toHaveAttribute('aria-expanded', 'true');
  // The same feature is spoken of twice; only what was opened is open.
  await expect(told.getByRole('button', { name: /^With “rides up at the cello”, loved/ })).toHaveAttribute('aria-expanded', 'false');
  await expect(told.getByText(/^With: /)).toContainText('Tidewater shirt, version 1');
  await expect(page.getByRole('region', { name: 'Least worn' })).toContainText('“rides up at the cello”');
  await expect(page.getByRole('region', { name: 'Enough of a kind?' })).toContainText(/one more would add about \d+ wears/);
  await told.getByRole('link', { name: 'Tidewater shirt, version 1' }).click();
  await expect(page.getByRole('heading', { name: 'Tidewater shirt, version 1' })).toBeVisible();
});

test('it speaks before the fabric is cut, in the reckoning and in the statement of the year', async ({ page }) => {
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  await page.getByRole('button', { name: /^Is it me/ }).click();
  await expect(page.getByText(/Garments like this were worn .* a month, 1 version of it among them/)).toBeVisible();
  await expect(page.getByText(/1 of the kind .* hangs already, worn about \d+ times a year; one more would add about/)).toBeVisible();
  await page.goto('/sew-next');
  const again = page.getByRole('region', { name: 'What to sew again' });
  await expect(again.getByRole('listitem').filter({ hasText: 'Tidewater shirt' }).first()).toContainText(/about \d+ wears a year/);
  // Nothing like it ever hung: nothing is said.
  await expect(again.getByRole('listitem').filter({ hasText: 'Fogbell coat' }).first()).not.toContainText('wears a year');
  await page.goto('/statements');
  await page.getByRole('radio', { name: 'year' }).click();
  await page.getByLabel('Whose').selectOption('for Maren');
  await expect(page.getByText(/With a knit, or stretch across, which came together here/)).toBeVisible();
  await page.getByRole('button', { name: 'Earlier' }).click();
  await expect(page.getByText(/which came together here/)).toBeHidden();
});

test.describe('on a phone, with a few garments', () => {
  test.use({ viewport: { width: 390, height: 844 }, chooses: true });

  test('it is said how many more it takes, and nothing else', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Start your own' }).click();
    await expect(page.getByText('An empty ledger.')).toBeVisible();
    await page.goto('/wear/most-worn');
    await expect(page.getByText(/Nothing hung a month in its season yet/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'What they share' })).toBeHidden();
  });
});
