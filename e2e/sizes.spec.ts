import { expect, test } from './test';

test('the size three ways, why they differ, and a plan from the blend', async ({ page }) => {
  await page.goto('/patterns/pattern-slackwater');
  const sizes = page.getByRole('region', { name: 'The size, three ways' });
  await expect(sizes.getByRole('row', { name: /^By the chart 40 Bust 90\s?cm/i })).toBeVisible();
  await expect(sizes.getByRole('row', { name: /^By finished measures 40 leaves 10\s?cm .* as in what you love to wear/i })).toBeVisible();
  await expect(sizes.getByRole('row', { name: /^By experience 42/ })).toBeVisible();
  await expect(sizes.getByRole('row', { name: /^waist/i })).toContainText(/9\d\s?%/);
  await sizes.getByRole('button', { name: 'Plan the blend for version 4' }).click();
  await expect(page.getByRole('heading', { name: /^Plan: Slackwater dress/ })).toBeVisible();
  await expect(page.getByRole('slider', { name: 'Size cut all over' })).toHaveAttribute('aria-valuetext', '40');
  await expect(page.getByRole('slider', { name: /^Size at the waist/i })).toHaveAttribute('aria-valuetext', '42');
});

test('a setting of the person: tops sized by high bust', async ({ page }) => {
  await page.goto('/people/person-maren');
  await page.getByLabel('Tops sized by').selectOption('high bust');
  await page.goto('/patterns/pattern-skerry');
  const sizes = page.getByRole('region', { name: 'The size, three ways' });
  await expect(sizes.getByRole('row', { name: /^By the chart .* high bust/i })).toBeVisible();
});

test('a child’s pattern is sized by the child’s measures', async ({ page }) => {
  await page.goto('/patterns/pattern-puffin');
  await expect(
    page
      .getByRole('region', { name: 'The size, three ways' })
      .getByRole('row', { name: /^By the chart 122 Bust 61.1.cm expected, 60.5.cm measured in June 2026/i }),
  ).toBeVisible();
});

test('a plan takes the size of one sizing method or the blend of the chances', async ({ page }) => {
  await page.goto('/sew-next/plan-puffin-2026-11-08');
  const sizes = page.getByRole('region', { name: 'The size, three ways' });
  await sizes.getByRole('button', { name: 'Cut 122, by the chart' }).click();
  const all = page.getByRole('slider', { name: 'Size cut all over' });
  await expect(all).toHaveAttribute('aria-valuetext', '122');
  await expect(page.getByRole('region', { name: 'Chance of right, as planned' }).getByRole('row', { name: /^bust/i })).toContainText(/7\d\s*%/);
  await page.keyboard.press('Control+z');
  await expect(all).not.toHaveAttribute('aria-valuetext', '122');
  await sizes.getByRole('button', { name: 'Cut the blend' }).click();
  await expect(all).toHaveAttribute('aria-valuetext', '116');
});
