import { expect, test } from './test';

test('makes are marked in the list, stand side by side across patterns, and the address holds the choice', async ({ page }) => {
  await page.goto('/makes');
  await page.getByLabel('Filter').fill('gangway');
  await page.getByRole('checkbox', { name: /^Mark Gangway trousers version 1 / }).check();
  await page.getByLabel('Filter').fill('kelp leggings');
  await page.getByRole('checkbox', { name: /^Mark Kelp leggings version 1 / }).check();
  await page.getByRole('link', { name: 'Put 2 side by side' }).click();
  const table = page.getByRole('region', { name: 'Makes side by side' });
  await expect(table.getByRole('columnheader')).toHaveCount(2);
  const hip = table.getByRole('row', { name: /^hip/i });
  await expect(hip).toContainText(/ease .*\scm ·\s*offset/);
  await page.reload();
  await expect(table.getByRole('columnheader', { name: /Gangway trousers, version 1/ })).toBeVisible();

  await page.getByLabel('Put beside').fill('tidewater chambray');
  await page.getByRole('option', { name: /Tidewater shirt, version 3/ }).click();
  await expect(table.getByRole('columnheader')).toHaveCount(3);
  await expect(page).toHaveURL(/m=make-tidewater-3$/);
  await page.getByRole('button', { name: 'Take Kelp leggings, version 1 away' }).click();
  await expect(table.getByRole('columnheader')).toHaveCount(2);
});

test('a make is marked from its page and from an account, and stays marked through a reload until the marks are let go', async ({ page }) => {
  await page.goto('/makes/make-bollard-1');
  await page.getByRole('checkbox', { name: /^Mark Bollard overshirt, version 1 / }).check();
  await page.goto('/patterns/pattern-tidewater');
  await page.getByRole('checkbox', { name: /^Mark Tidewater shirt version 3 / }).check();
  await page.reload();
  await page.getByRole('link', { name: 'Put 2 side by side' }).click();
  const table = page.getByRole('region', { name: 'Makes side by side' });
  await expect(table.getByRole('columnheader', { name: /Bollard overshirt, version 1/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take Bollard overshirt, version 1 away' }).click();
  await page.goto('/makes');
  await expect(page.getByRole('link', { name: 'Put it beside others' })).toBeVisible();
  await page.getByRole('button', { name: 'Let the marks go' }).click();
  await expect(page.getByRole('link', { name: 'Put it beside others' })).toBeHidden();
});

test('only what differs: a row that says the same of all is put away', async ({ page }) => {
  await page.goto('/makes/compare?m=make-tidewater-2&m=make-tidewater-3');
  const table = page.getByRole('region', { name: 'Makes side by side' });
  await expect(table.getByRole('rowheader', { name: 'Pattern' })).toBeVisible();
  await page.getByRole('checkbox', { name: 'Only what differs' }).click();
  await expect(table.getByRole('rowheader', { name: 'Pattern' })).toBeHidden();
  await expect(table.getByRole('rowheader', { name: 'Main fabric' })).toBeVisible();
});

test('six at most; one that is gone is left out; none says what to do', async ({ page }) => {
  await page.goto('/makes/compare?m=gone');
  await expect(page.getByText(/Choose the first make above/)).toBeVisible();
  const ids = ['skerry-1', 'skerry-2', 'tidewater-1', 'tidewater-2', 'tidewater-3', 'eider-1'];
  await page.goto(`/makes/compare?${ids.map((id) => `m=make-${id}`).join('&')}`);
  await expect(page.getByRole('region', { name: 'Makes side by side' }).getByRole('columnheader')).toHaveCount(6);
  await expect(page.getByLabel('Put beside')).toBeHidden();
});
