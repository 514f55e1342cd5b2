import { expect, test } from './test';

test('the account: who gets the credit, and a version left out with a reason that returns', async ({ page }) => {
  await page.goto('/patterns/pattern-gangway');
  const account = page.getByRole('region', { name: 'Account of Gangway trousers' });
  await expect(account.getByRole('row', { name: /^rise/i })).toContainText(/fixed by rise \+2\s*cm/);
  await expect(account.getByRole('row', { name: /^thigh/i })).toContainText('overshot by the size line');

  const thigh = account.getByRole('button', { name: /^thigh: / });
  const before = await thigh.getAttribute('aria-label');
  await page.getByRole('button', { name: 'All versions count …' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Leave version 3 out' }).click();
  await page.keyboard.type('cut from the wrong view');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText('left out: cut from the wrong view')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(thigh).not.toHaveAttribute('aria-label', before!);
  await page.getByRole('button', { name: '2 of 3 versions count …' }).click();
  await dialog.getByRole('button', { name: 'Count version 3 again' }).click();
  await page.keyboard.press('Escape');
  await expect(thigh).toHaveAttribute('aria-label', before!);
});

test('only what differs: what is the same in every version is put away, and so is a group of it', async ({ page }) => {
  await page.goto('/patterns/pattern-tidewater');
  const account = page.getByRole('region', { name: 'Account of Tidewater shirt' });
  await expect(account.getByRole('rowheader', { name: /^shoulder$/i })).toBeVisible();
  await page.getByRole('checkbox', { name: 'Only what differs' }).click();
  await expect(account.getByRole('rowheader', { name: /^shoulder$/i })).toBeHidden();
  await expect(account.getByRole('rowheader', { name: /^hip$/i })).toBeVisible();
  await expect(account.getByRole('rowheader', { name: 'Size lines' })).toBeVisible();
});

test('closing in: the arrow keys show the evidence of each version, and a table says the same', async ({ page }) => {
  await page.goto('/patterns/pattern-tidewater');
  await page.getByRole('button', { name: /^sleeve: / }).click();
  await page.keyboard.press('Escape');
  const chart = page.getByRole('group', { name: /^The best cut at the sleeve, closing in/ });
  await expect(chart).toContainText(/Next: .*right with a chance of/);
  await chart.focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowLeft');
  await expect(chart).toContainText('After version 1');
  await expect(chart).toContainText(/short by 1\.5\s*cm at/);
  const table = page.getByRole('table', { name: 'Best cut at the sleeve, against the pattern' });
  await expect(table.getByRole('row', { name: /^version 1/ })).toContainText(/short by 1\.5\s*cm/);
  await page.getByRole('region', { name: 'sleeve, closing in' }).getByRole('button', { name: 'As a table' }).click();
  await expect(table).toBeVisible();
});

test('on the garment: one version, the difference of two, and one zone in all, by pointer and by keys', async ({ page }) => {
  await page.goto('/patterns/pattern-tidewater');
  const section = page.getByRole('region', { name: 'On the garment' });
  await expect(section.getByRole('button', { name: 'hip right' })).toBeVisible();
  await section.getByLabel('Compare with').selectOption({ label: 'version 2' });
  await expect(section.getByRole('button', { name: 'hip tight, slight in version 2, right in version 3' })).toBeVisible();
  await expect(section.getByRole('listitem').filter({ hasText: /^hip/i })).toContainText('fixed');

  await section.getByRole('button', { name: /^across back right in/ }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(section.getByRole('button', { name: /^bodice long/ })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(section.getByRole('heading', { name: 'bodice, in every version' })).toBeVisible();
  await expect(section.getByRole('listitem')).toHaveCount(3);
  await expect(page.getByRole('heading', { name: 'bodice, closing in' })).toBeVisible();
});

test('the figure takes fit notes by keys on its spots', async ({ page }) => {
  await page.goto('/makes/new?pattern=pattern-gangway');
  const figure = page.getByRole('group', { name: /^The garment, front and back/ });
  await figure.getByRole('button', { name: /^thigh: / }).focus();
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await expect(figure.getByRole('button', { name: 'thigh: tight, clear. Go to it' })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await page.keyboard.press('r');
  await expect(figure.getByRole('button', { name: /: right\. Go to it$/ })).toBeFocused();
  await page.keyboard.press('Backspace');
  await expect(figure.getByRole('button', { name: /: right\. Go to it$/ })).toHaveCount(0);
});

test('two pictures at one scale: laid over by what is pinned, wiped, blinked and beside each other', async ({ page }) => {
  await page.goto('/patterns/pattern-tidewater');
  await page.getByRole('button', { name: 'Two pictures …' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('img', { name: 'version 2, front' })).toBeVisible();
  await expect(dialog.getByText('Laid over each other by the zones pinned in both.')).toBeVisible();
  await expect(dialog.getByRole('img', { name: 'bust right' })).toHaveCount(2);

  const stage = dialog.getByRole('group', { name: /^version 2 and version 3, front/ });
  await stage.focus();
  await page.keyboard.press('ArrowRight');
  await expect(dialog.getByRole('slider')).toHaveValue('54');
  await page.keyboard.press('+');
  await expect(dialog.getByText('The second laid over by hand:')).toBeVisible();
  await dialog.getByRole('button', { name: 'as it was' }).click();
  await stage.focus();
  await page.keyboard.press('b');
  await expect(dialog.getByRole('img', { name: 'version 3, front' })).toBeVisible();
  await expect(dialog.getByRole('img', { name: 'version 2, front' })).toHaveCount(0);
  await dialog.getByRole('button', { name: 'Blink' }).click();
  await expect(dialog.getByRole('img', { name: 'version 2, front' })).toBeVisible();
  await dialog.getByRole('radio', { name: 'beside' }).click();
  await dialog.getByLabel('Side').selectOption('back');
  await expect(dialog.getByRole('img', { name: /, back$/ })).toHaveCount(2);
  const heights = await dialog
    .getByRole('img', { name: /, back$/ })
    .evaluateAll((all) => all.map((i) => Math.round(i.getBoundingClientRect().height)));
  expect(heights[0]).toBe(heights[1]);
});

test('the Fit page: ease by class with what became of it, the body over time, and a symptom found on the figure', async ({ page }) => {
  await page.goto('/fit');
  const ease = page.getByRole('region', { name: 'Ease, and what became of it' });
  await ease.getByLabel('At the').selectOption('hip');
  await ease.getByRole('button', { name: 'As a table' }).click();
  const gangway = ease.getByRole('row', { name: /^Gangway trousers, version 2/ });
  await expect(gangway).toContainText(/\d\s*cm/);
  await expect(gangway).toContainText(/of 5/);

  const body = page.getByRole('region', { name: 'The body over time' });
  await body.getByLabel('Measure').selectOption('hip');
  await body.getByRole('button', { name: 'As a table' }).click();
  await expect(body.getByRole('row', { name: /Tidewater shirt, version 2/ })).toContainText('between two sets');

  const finder = page.getByRole('region', { name: 'What do you see?' });
  await finder.getByLabel('On the figure of').selectOption('trousers');
  await finder.getByRole('button', { name: /^crotch: \d+ things? one may see there/ }).click();
  await finder.getByRole('button', { name: 'whiskers at the crotch' }).click();
  await expect(finder.getByText('How to tell.')).toBeVisible();
});

test('the head of an account says in a word whether to sew it again, and the sewist’s own answer goes before the ledger’s', async ({ page }) => {
  await page.goto('/patterns/pattern-eider');
  const head = page.getByRole('banner').or(page.locator('main header').first());
  await expect(head).toContainText('another fabric');
  await expect(head).toContainText(/change hip · weakest place: upper arm/);
  await page.goto('/patterns/pattern-saltmarsh');
  await expect(head).toContainText('retire');
  await page.goto('/sew-next');
  await page.getByRole('button', { name: 'Disagree about Eider cardigan' }).click();
  await page.getByLabel('My answer').selectOption('later');
  await page.getByLabel('Because').fill('the rib is sold out until spring');
  await page.getByLabel('Because').blur();
  await page.getByRole('button', { name: 'Keep my answer' }).click();
  await page.goto('/patterns/pattern-eider');
  await expect(head).toContainText('you said so: the rib is sold out until spring');
});
