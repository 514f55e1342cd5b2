import { expect, test } from './test';

test('what is carried forward becomes a plan, the plan a make with nothing typed twice, and one undo plans it again', async ({ page }) => {
  await page.goto('/patterns/pattern-gangway');
  await page.getByRole('button', { name: /^Plan version \d/ }).click();
  await expect(page.getByRole('heading', { name: /^Plan: Gangway trousers/ })).toBeVisible();
  const sizes = await page.getByRole('slider', { name: 'Size cut all over' }).getAttribute('aria-valuetext');
  await page.getByLabel('On the list').selectOption('Winter concerts');
  await page.getByLabel('Wanted by').fill('2026-12-10');
  await page.getByLabel('What for, in words').fill('the long sit');
  await page.keyboard.press('Tab');
  await page.reload();
  await expect(page.getByLabel('What for, in words')).toHaveValue('the long sit');

  await page.goto('/sew-next');
  const row = page.getByRole('region', { name: 'Winter concerts' }).getByRole('listitem').filter({ hasText: 'Gangway' });
  await expect(row).toContainText('by 10 Dec 2026');
  await row.getByRole('button', { name: 'Mark as cut: Gangway trousers' }).click();
  await expect(page.getByText('Gangway trousers is cut: it lies on the table in the day book.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Winter concerts' })).toContainText('1 of 3 made');
  await expect(row.getByRole('link', { name: 'made' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('region', { name: 'Winter concerts' })).toContainText('0 of 3 made');
  await row.getByRole('button', { name: 'Mark as cut: Gangway trousers' }).click();
  await expect(page.getByRole('region', { name: 'Winter concerts' })).toContainText('1 of 3 made');

  // Nothing is asked of its fit until it is finished; one key moves it on each time.
  await page.goto('/');
  const table = page.getByRole('region', { name: 'On the table' });
  await expect(table.getByRole('listitem').filter({ hasText: 'Gangway' })).toContainText('cut on');
  await table.getByRole('button', { name: /^Being sewn: Gangway/ }).press('Enter');
  await expect(table.getByRole('listitem').filter({ hasText: 'Gangway' })).toContainText('half sewn');
  await page.reload();
  await table.getByRole('button', { name: /^Finished: Gangway/ }).press('Enter');
  await expect(page).toHaveURL(/#fit$/);
  await page.getByRole('button', { name: /The rest is right/ }).click();
  await page
    .getByRole('link', { name: /change/i })
    .first()
    .click();
  await expect(page.getByRole('slider', { name: 'Size cut all over' })).toHaveAttribute('aria-valuetext', sizes!);
});

test('two makes half logged do not take each other’s place', async ({ page }) => {
  for (const [pattern, words] of [
    ['pattern-skerry', 'the jacket’s words'],
    ['pattern-tidewater', 'the shirt’s words'],
  ] as const) {
    await page.goto(`/makes/new?pattern=${pattern}`);
    await page.getByLabel('In words, if you like').or(page.getByLabel('In words')).first().fill(words);
    await page.keyboard.press('Tab');
  }
  await page.goto('/');
  await expect(page.getByText('You were logging Tidewater shirt, version 4.')).toBeVisible();
  await page.getByRole('listitem').filter({ hasText: 'You were logging Skerry concert jacket' }).getByRole('link').click();
  await expect(page.getByLabel('In words, if you like')).toHaveValue('the jacket’s words');
  await page.getByRole('button', { name: 'Discard draft' }).click();
  await page.goto('/');
  await expect(page.getByText('You were logging Skerry')).toBeHidden();
  await expect(page.getByText('You were logging Tidewater shirt, version 4.')).toBeVisible();
});

test('the lines traced on a pattern’s paper are drawn, and kept', async ({ page }) => {
  await page.goto('/patterns/pattern-skerry/change');
  await page.getByRole('button', { name: /^The paper/ }).click();
  await page.getByRole('button', { name: 'a tracing' }).click();
  const size = page.getByRole('slider', { name: 'Size cut all over' });
  await size.focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  await expect(size).toHaveAttribute('aria-valuetext', 'between A and B');
  await page.reload();
  await page.getByRole('button', { name: /^The paper.*between A and B/ }).click();
  await expect(page.getByRole('slider', { name: 'Size cut all over' })).toHaveAttribute('aria-valuetext', 'between A and B');
});
