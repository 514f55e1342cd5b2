import { expect, test } from './test';

test.describe('makes', () => {
  test('are filtered by typing, sorted by a head, and walked with the arrow keys', async ({ page }) => {
    await page.goto('/makes');
    const rows = page.locator('tbody tr[data-index]');
    await page.getByLabel('Filter').fill('gangway');
    await expect(page.getByText(/^3 of \d+ garments$/)).toBeVisible();
    await page.getByRole('button', { name: 'Worn' }).click();
    await expect(page.getByRole('columnheader', { name: 'Worn' })).toHaveAttribute('aria-sort', 'descending');
    const worn = async () => (await rows.allInnerTexts()).map((t) => Number(/(\d+)\s×/.exec(t)![1]));
    expect(await worn()).toEqual([...(await worn())].sort((a, b) => b - a));
    await rows.first().getByRole('link').focus();
    await page.keyboard.press('ArrowDown');
    await expect(rows.nth(1).getByRole('link')).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: /^Gangway trousers, version/ })).toBeVisible();
  });

  test('a thing without a pattern stands among them by its own name', async ({ page }) => {
    await page.goto('/makes');
    await page.getByLabel('Filter').fill('rosin');
    await page.getByRole('link', { name: /rosin pouches/ }).click();
    await expect(page.getByText(/without fit × 6 for Maren · given, since 24 December 2023, to the section/)).toBeVisible();
  });

  test('a make says what it was joined from, how it was mended, and what else was cut from its fabric', async ({ page }) => {
    await page.goto('/makes/make-slackwater-3');
    await expect(page.getByText('Tidewater shirt · sleeve')).toBeVisible();
    await expect(page.getByText('wore out: the bias dropped')).toBeVisible();
    await page.goto('/makes/make-nocturne-4');
    await expect(page.getByRole('link', { name: 'Nocturne skirt, version 2' })).toBeVisible();
    await page.goto('/makes/make-slackwater-2');
    await expect(page.getByText('fit 5 · style 5 · fabric 4 · comfort 5 · making 3')).toBeVisible();
  });
});

test.describe('the account', () => {
  test('folds, takes a planned fabric into the reckoning, and marks an alteration on the paper', async ({ page }) => {
    await page.goto('/patterns/pattern-kelp');
    const account = page.getByRole('region', { name: 'Account of Kelp leggings' });
    const hip = account.getByRole('button', { name: /^hip: / });
    const before = await hip.getAttribute('aria-label');
    await page.getByLabel('Planned fabric').selectOption({ label: 'ink firm jersey' });
    await expect(hip).not.toHaveAttribute('aria-label', before!);
    await account.getByRole('button', { name: 'Wear' }).click();
    await expect(account.getByRole('row', { name: /^Worn/ })).toBeHidden();
    await page.goto('/patterns/pattern-skerry');
    await page
      .getByRole('checkbox', { name: /length at the hem/ })
      .or(page.getByRole('button', { name: /length at the hem/ }))
      .first()
      .click();
    await expect(page.getByText('Marked on the paper.')).toBeVisible();
    await expect(page.getByText('Everything that is carried on stands on the paper.')).toBeVisible();
  });

  test('a version left out of the reckoning changes what is carried forward, and can return', async ({ page }) => {
    await page.goto('/patterns/pattern-skerry');
    const back = page.getByRole('button', { name: /^across back: / });
    const before = await back.getAttribute('aria-label');
    await page.goto('/makes/make-skerry-1/change');
    const why = page.getByLabel(/^Left out of the reckoning/);
    await why.fill('cut for the stage, over a coat');
    await why.blur();
    await expect(page.getByRole('button', { name: /^Undo: left out of the reckoning/ })).toBeVisible();
    await page.goto('/patterns/pattern-skerry');
    await expect(page.getByText('left out of the reckoning', { exact: true })).toBeVisible();
    await expect(back).not.toHaveAttribute('aria-label', before!);
    await page.keyboard.press('Control+z');
    await expect(back).toHaveAttribute('aria-label', before!);
  });

  test('a pattern sewn for a child only is spoken of for the child', async ({ page }) => {
    await page.goto('/patterns/pattern-sandpiper');
    await page
      .getByRole('button', { name: 'Tilda' })
      .or(page.getByRole('region', { name: 'Account of Sandpiper shorts' }))
      .first()
      .waitFor();
    const choose = page.getByRole('button', { name: 'Tilda' });
    if (await choose.isVisible()) await choose.click();
    await expect(page.getByRole('region', { name: 'Account of Sandpiper shorts' }).getByText('Version 3', { exact: true })).toBeVisible();
  });
});

test.describe('the day book', () => {
  test('a loose end is done with one key and comes back with undo', async ({ page }) => {
    await page.goto('/');
    const end = page.getByRole('main').getByText('two snaps at the cuffs');
    await expect(end).toBeVisible();
    await page.getByRole('listitem').filter({ hasText: 'two snaps at the cuffs' }).getByRole('button', { name: 'Done' }).focus();
    await page.keyboard.press('Enter');
    await expect(end).toBeHidden();
    // The next stands under the key: a list is worked off with one key.
    await expect(page.locator('[data-waits]:focus')).toHaveCount(1);
    await page.keyboard.press('Control+z');
    await expect(end).toBeVisible();
  });

  test('arrow keys walk over what waits; still so is one key, and is taken back', async ({ page }) => {
    await page.goto('/');
    const asked = page.getByRole('region', { name: 'How do you like it now?' }).getByRole('button', { name: /^Still so/ });
    await asked.first().waitFor();
    const name = (await asked.first().getAttribute('aria-label'))!;
    await page.keyboard.press('ArrowDown');
    await expect(page.getByRole('button', { name: /^Mark as cut: Skerry/ })).toBeFocused();
    const waits = await page.locator('[data-waits]').count();
    for (let i = 0; i < waits && !(await asked.first().evaluate((b) => b === document.activeElement)); i++) await page.keyboard.press('ArrowDown');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('button', { name, exact: true })).toBeHidden();
    await page.keyboard.press('Control+z');
    await expect(page.getByRole('button', { name, exact: true })).toBeVisible();
  });
});

test.describe('a pattern', () => {
  test('gets a second view, a zone of another class, a closing, an erratum and a tracing', async ({ page }) => {
    await page.goto('/patterns/pattern-skerry/change');
    await page.getByRole('button', { name: 'Another view' }).click();
    await expect(page.getByRole('radio', { name: 'view 2' })).toBeChecked();
    const name = page.getByLabel('Name of the view');
    await name.fill('without lining');
    await name.blur();
    await expect(page.getByRole('radio', { name: 'without lining' })).toBeVisible();
    await page.getByRole('button', { name: /^Another intended ease/ }).click();
    await page.getByLabel('At: another place').fill('bust');
    await page.getByRole('option', { name: 'bust', exact: true }).click();
    await page.getByLabel('Intended ease, bust').selectOption('loose');
    await page.getByRole('button', { name: /^Errata/ }).click();
    await page.getByRole('button', { name: 'an erratum' }).click();
    const erratum = page.getByRole('textbox', { name: 'Erratum' });
    await erratum.fill('the pocket mark is missing');
    await erratum.blur();
    await page.getByRole('button', { name: /^The paper/ }).click();
    await page.getByRole('button', { name: 'a tracing' }).click();
    await page.reload();
    await page.getByRole('radio', { name: 'without lining' }).click();
    await expect(page.getByRole('button', { name: /^Another intended ease/ })).toContainText('bust loose');
    await expect(page.getByRole('button', { name: /^Errata/ })).toContainText('the pocket mark is missing');
    await expect(page.getByRole('button', { name: /^The paper/ })).toContainText('traced');
  });

  test('that makes speak of is not removed, and one of the same name is pointed out', async ({ page }) => {
    await page.goto('/patterns/pattern-skerry/change');
    await page.getByRole('button', { name: 'Remove this pattern' }).click();
    await expect(page.getByText(/makes speak of this pattern/)).toBeVisible();
    await page.goto('/patterns/new');
    await page.getByLabel('Name', { exact: true }).fill('saltmarsh dress');
    await expect(page.getByText(/retired/)).toBeVisible();
  });
});

test('a key goes to each section, and the sheet of keys says which', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1, name: 'Day book' })).toBeVisible();
  for (const [key, heading] of [
    ['2', 'Makes'],
    ['3', 'Patterns'],
    ['4', 'Fit'],
    ['5', 'Stash'],
    ['6', 'Wear'],
    ['7', 'Sew next'],
    ['8', 'Bench'],
    ['9', /^Statement: /],
    ['0', 'Files'],
    ['1', 'Day book'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
    // Windows and their history tell pages apart by it.
    await expect(page).toHaveTitle(heading instanceof RegExp ? /^Statement: .* · Amber Ledger$/ : `${heading} · Amber Ledger`);
  }
  for (const question of ['?', 'Shift+Slash']) {
    await page.keyboard.press(question);
    await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
    await page.keyboard.press('Escape');
    await expect(page.getByRole('heading', { name: 'Keys' })).toBeHidden();
    // The key of the question mark is the key of the slash on many keyboards, and means one of them.
    await expect(page.getByLabel('Find, or write a make in one line')).not.toBeFocused();
  }
});

test('a page begins at its top, and stands where it stood when one goes back to it', async ({ page }) => {
  await page.goto('/');
  const main = page.locator('#page');
  const place = () => main.evaluate((element) => Math.round(element.scrollTop));
  await page.getByRole('link', { name: 'Patterns', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Patterns' })).toBeVisible();
  await main.getByRole('link', { name: 'Gangway trousers' }).last().click();
  await expect(page.getByRole('heading', { level: 1, name: 'Gangway trousers' })).toBeVisible();
  await expect.poll(place).toBe(0);
  // The account is reckoned before the page is high enough to go down.
  await expect.poll(() => main.evaluate((element) => (element.scrollTo({ top: 120 }), Math.round(element.scrollTop)))).toBe(120);
  await page.getByRole('link', { name: 'Fit', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Fit' })).toBeVisible();
  await expect.poll(place).toBe(0);
  await page.goBack();
  await expect(page.getByRole('heading', { level: 1, name: 'Gangway trousers' })).toBeVisible();
  await expect.poll(place).toBe(120);
  await page.goForward();
  await expect(page.getByRole('heading', { level: 1, name: 'Fit' })).toBeVisible();
  await expect.poll(place).toBe(0);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('where the window scrolls and not the page in it, a page begins at its top too, and a list stands where it stood', async ({ page }) => {
    await page.goto('/makes');
    const place = () => page.evaluate(() => Math.round(window.scrollY));
    await expect(page.getByRole('heading', { level: 1, name: 'Makes' })).toBeVisible();
    await page.evaluate(() => window.scrollTo({ top: 900 }));
    await expect.poll(place).toBe(900);
    await page
      .getByRole('link', { name: /^Nocturne skirt/ })
      .last()
      .click();
    await expect(page.getByRole('heading', { level: 1, name: /^Nocturne skirt/ })).toBeVisible();
    await expect.poll(place).toBe(0);
    await page.goBack();
    await expect(page.getByRole('heading', { level: 1, name: 'Makes' })).toBeVisible();
    // The click itself brought its link into view.
    await expect.poll(place).toBeGreaterThan(600);
  });
});

test('an address that leads nowhere says so, and the way back', async ({ page }) => {
  await page.goto('/patterns/pattern-skerry/nowhere');
  await expect(page.getByRole('heading', { name: 'There is no such page' })).toBeVisible();
  await expect(page.getByText('null')).toHaveCount(0);
  await page.getByRole('link', { name: 'Go to the day book' }).click();
  await expect(page.getByRole('heading', { name: 'Day book' })).toBeVisible();
  // So does one of a record that is not there, whatever became of it.
  await page.goto('/patterns/pattern-nobody');
  await expect(page.getByRole('heading', { name: 'No such pattern' })).toBeVisible();
  await expect(page.getByText('This pattern is not in the ledger.')).toContainText('Ctrl Shift Z what was just undone');
  await page.locator('#page').getByRole('link', { name: 'Files' }).click();
  await expect(page.getByRole('heading', { name: 'Files', level: 1 })).toBeVisible();
});

test.describe('listened to', () => {
  test.use({ ownContext: true });

  test('nothing is asked of any other machine', async ({ page }) => {
    const asked: string[] = [];
    page.on('request', (r) => asked.push(r.url()));
    for (const path of ['/', '/makes', '/patterns/pattern-skerry', '/stash', '/line', '/wear', '/statements']) {
      await page.goto(path);
      await page.waitForLoadState('networkidle');
    }
    expect(asked.filter((url) => !/^(http:\/\/127\.0\.0\.1:|data:|blob:)/.test(url))).toEqual([]);
  });
});
