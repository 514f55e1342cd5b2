import { expect, test } from './test';

test('what is seen leads to what may be behind it, and an answer goes on the next plan', async ({ page }) => {
  await page.goto('/fit');
  const finder = page.getByRole('region', { name: 'What do you see?' });
  await finder.getByLabel('In the mirror').fill('small of the back');
  await page.getByRole('option', { name: /small of the back/ }).click();
  await expect(finder.getByText('How to tell.')).toBeVisible();
  await expect(finder.getByRole('row', { name: /^bodice (long|short)/ })).toContainText(/\d\s?%/);
  await finder.getByLabel('For the plan of').selectOption('Skerry concert jacket');
  await finder
    .getByRole('row', { name: /^bodice long/ })
    .getByRole('button', { name: 'Put on the plan' })
    .click();
  await expect(page.getByText(/on the plan of Skerry concert jacket/)).toBeVisible();
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  await expect(page.getByRole('button', { name: /^Remove .*sway back/i })).toBeVisible();
  await page.goto('/fit');
  await finder.getByLabel('In the mirror').waitFor();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: an alteration on a plan').last()).toBeVisible();
  await page.goto('/sew-next/plan-skerry-2026-10-04');
  await expect(page.getByRole('button', { name: 'Remove length at the hem' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Remove .*sway back/i })).toHaveCount(0);
});
