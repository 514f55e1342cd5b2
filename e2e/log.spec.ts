import { expect, test, type Page } from './test';
import { tabTo } from './keyboard';

const account = (page: Page) => page.getByRole('region', { name: 'Account of Skerry concert jacket' });
const carried = (page: Page, zone: string) => account(page).getByRole('button', { name: new RegExp(`^${zone}:`, 'i') });

/** Logs version 3 of the jacket, from the account, with the keyboard alone. */
async function logThird(page: Page) {
  await page.goto('/patterns/pattern-skerry');
  await expect(carried(page, 'sleeve')).toBeVisible();
  await page.keyboard.press('n');
  await expect(page.getByText('Skerry concert jacket, version 3')).toBeVisible();

  await tabTo(page, page.getByRole('radio', { name: 'version 2' }));
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'carried forward' })).toBeChecked();
  await expect(page.getByRole('slider', { name: 'Size at the across back' })).toHaveAttribute('aria-valuetext', 'between C and D');

  const at = (zone: string) => page.getByRole('group', { name: `${zone}: how it fitted` });
  const row = (zone: string) => page.getByRole('listitem').filter({ has: at(zone) });
  await tabTo(page, at('across back').getByRole('button', { name: 'right' }));
  await page.keyboard.press('r');
  // r goes on to the next zone: the bust; the sleeve comes after it.
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('u');
  await page.keyboard.press('u');
  await expect(at('sleeve').getByRole('button', { pressed: true })).toContainText('short');
  await expect(row('sleeve')).toContainText('clear');
  await page.keyboard.press('a');
  await expect(at('body length').getByRole('button', { pressed: true })).toContainText('right');

  await page.keyboard.press('Control+ArrowDown');
  await page.keyboard.press('4');
  await expect(page.getByRole('button', { name: '4: much' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('Version 3 of Skerry concert jacket is saved.')).toBeVisible();
}

test.describe('before what reads the line is there', () => {
  test.use({ ownContext: true });

  test('a line that is entered at once is saved when it can be read, and what is typed on meanwhile is another', async ({ page }) => {
    await page.route('**/assets/find-*.js', async (route) => {
      await new Promise((done) => setTimeout(done, 1500));
      await route.continue();
    });
    await page.goto('/');
    const line = page.getByLabel('Find, or write a make in one line');
    await page.keyboard.press('/');
    await page.keyboard.insertText('Curlew jeans M, waistband tight, love 4');
    await page.keyboard.press('Control+Enter');
    await expect(page.getByText('Version 1 of Curlew jeans is saved.')).toBeVisible();
    await expect(line).toHaveValue('');
    await page.keyboard.insertText('Curlew jeans L, love 5');
    await expect(page.getByRole('region', { name: 'The make in this line' })).toBeVisible();
    await page.keyboard.press('Control+Enter');
    await page.keyboard.insertText(' Dunlin skirt 40');
    await expect(page.getByText('Version 2 of Curlew jeans is saved.')).toBeVisible();
    await expect(line).toHaveValue('Dunlin skirt 40');
    await expect(line).toBeFocused();
    // Of one evening the later version stands first.
    await expect(page.getByRole('region', { name: 'Latest makes' }).getByRole('link', { name: /^Curlew jeans/ })).toHaveText([
      'Curlew jeans, version 2',
      'Curlew jeans, version 1',
    ]);
  });
});

test('a third version is logged with the keyboard alone, and what is carried forward changes', async ({ page }) => {
  await page.goto('/patterns/pattern-skerry');
  const before = await carried(page, 'sleeve').getAttribute('aria-label');
  await logThird(page);
  await expect(account(page).getByText('Version 3', { exact: true })).toBeVisible();
  await expect(carried(page, 'sleeve')).not.toHaveAttribute('aria-label', before!);
  await expect(carried(page, 'sleeve')).toHaveAttribute('aria-label', /change to \+[23]/);

  const after = await carried(page, 'sleeve').getAttribute('aria-label');
  await page.reload();
  await expect(account(page).getByText('Version 3', { exact: true })).toBeVisible();
  await expect(carried(page, 'sleeve')).toHaveAttribute('aria-label', after!);
});

test('an entry is taken back and done again, also after a reload', async ({ page }) => {
  await logThird(page);
  await page.reload();
  const third = account(page).getByText('Version 3', { exact: true });
  await expect(third).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: Skerry concert jacket, version 3')).toBeVisible();
  await expect(third).toBeHidden();
  await page.keyboard.press('Control+Shift+z');
  await expect(third).toBeVisible();
});

test('what is half logged outlives a reload, and is offered again', async ({ page }) => {
  await page.goto('/makes/new?pattern=pattern-skerry');
  await page.getByLabel('In words, if you like').fill('sits well at the neck');
  await page.getByLabel('In words, if you like').blur();
  await page.goto('/makes');
  await page.goto('/makes/new');
  await page.getByRole('link', { name: 'Go on with it' }).click();
  await expect(page.getByLabel('In words, if you like')).toHaveValue('sits well at the neck');
});

test('the unit changes everywhere at once, and typed fractions come back as they were', async ({ page }) => {
  await page.goto('/patterns/pattern-skerry');
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await expect(account(page).getByText('offset against the pattern, in')).toBeVisible();
  await expect(
    account(page)
      .getByText(/length at the hem/)
      .first(),
  ).toContainText('−1⅛');
  await page.goto('/makes/new?pattern=pattern-skerry');
  const sleeve = page.getByRole('textbox', { name: /^sleeve length: amount/ });
  await sleeve.fill('5/8');
  await sleeve.blur();
  await expect(page.getByText(/sleeve \+⅝/)).toBeVisible();
  await page.getByRole('radio', { name: 'cm', exact: true }).click();
  await expect(sleeve).toHaveValue('1.5875');
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await expect(sleeve).toHaveValue('5/8');
});
