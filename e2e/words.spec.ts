import { expect, test } from './test';

test.describe('in a browser of American English', () => {
  test.use({ locale: 'en-US' });

  test('the trade’s words are American until they are chosen, names stay as they were written, and fabric goes by the yard', async ({ page }) => {
    await page.goto('/patterns');
    // The kind is ours to name, the pattern's name is not.
    await expect(page.getByRole('row', { name: /Gangway trousers/ })).toContainText('pants, fitted');
    await page.goto('/makes/make-skerry-1');
    await expect(page.getByText('muslin for Maren')).toBeVisible();

    await page.goto('/files');
    await page.getByRole('radio', { name: 'yards' }).click();
    await page.getByRole('radio', { name: /^British/ }).click();
    await page.goto('/patterns');
    await expect(page.getByRole('row', { name: /Gangway trousers/ })).toContainText('trousers, fitted');
    await page.goto('/patterns/pattern-tidewater');
    await expect(
      page
        .getByRole('region', { name: 'Account of Tidewater shirt' })
        .getByText(/\d\syd/)
        .first(),
    ).toBeVisible();
  });
});
