import { expect, test, type Page } from './test';

/** Chooses in a field that is typed into: the first that is found by the words. */
async function pick(page: Page, label: string | RegExp, words: string, option: string | RegExp = words) {
  await page
    .getByLabel(label, { exact: typeof label === 'string' })
    .first()
    .fill(words);
  await page.getByRole('listbox').getByRole('option', { name: option }).first().click();
}
const unfold = (page: Page, head: string) => page.getByRole('button', { name: new RegExp(`^${head}`) }).click();
const save = (page: Page) => page.getByRole('button', { name: /Save make/ }).click();

test('the body of one pattern with the neckline of another, sewn twice: kept whole, then named, with an account of its own', async ({ page }) => {
  await page.goto('/makes/new?pattern=pattern-foreshore');
  await unfold(page, 'Joined with another pattern or view');
  await pick(page, 'Pieces of another pattern or view', 'saltmarsh', /Saltmarsh dress/);
  await pick(page, 'brings: another place', 'neck depth');
  await page.getByLabel('Pieces that come from it').fill('neckline');
  await page.getByLabel('Pieces that come from it').blur();
  await save(page);
  await expect(page.getByText(/Version \d of Foreshore tee is saved/)).toBeVisible();

  // The next one starts from the whole.
  await page.goto('/makes/new?pattern=pattern-foreshore');
  await expect(page.getByRole('button', { name: /^Joined with another pattern or view neckline of Saltmarsh dress/ })).toBeVisible();
  await save(page);
  await expect(page.getByText(/Version \d of Foreshore tee is saved/).last()).toBeVisible();

  await page.goto('/makes');
  await page.getByLabel('Filter').fill('foreshore');
  await page
    .getByRole('link', { name: /Foreshore tee/ })
    .first()
    .click();
  await page.getByLabel('Sewn like this again? Give it a name').fill('the market tee');
  await page.getByRole('button', { name: 'Name it' }).click();
  await expect(page.getByRole('heading', { name: 'the market tee' })).toBeVisible();
  await expect(page.getByText('Joined from Foreshore tee, neckline of Saltmarsh dress')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Account of the market tee' }).getByText('Version 2')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/Undone: combination “the market tee”/)).toBeVisible();
});

test('view A with the sleeve of view B: the sleeve is judged, and the next version starts from both', async ({ page }) => {
  await page.goto('/makes/new?pattern=pattern-slackwater');
  await page.getByRole('radio', { name: 'as drafted' }).click();
  const fit = page.getByRole('region', { name: 'How did it fit?' });
  await expect(fit.getByText('sleeve', { exact: true })).toHaveCount(0);
  await unfold(page, 'Joined with another pattern or view');
  await pick(page, 'Pieces of another pattern or view', 'B, with', /Slackwater dress, B, with sleeves/);
  await pick(page, 'brings: another place', 'sleeve', 'sleeve');
  await expect(fit.getByText('sleeve', { exact: true }).first()).toBeVisible();
  await save(page);
  await expect(page.getByText(/of Slackwater dress is saved/)).toBeVisible();
  await page.goto('/makes/new?pattern=pattern-slackwater');
  await expect(page.getByRole('button', { name: /^Joined with another pattern or view .*Slackwater dress, B, with sleeves/ })).toBeVisible();
});

test('a bag made three times: no fit is asked, and it is planned again without its front pocket', async ({ page }) => {
  await page.goto('/makes/new');
  await page.getByLabel('Pattern', { exact: true }).fill('Gannet beach bag');
  await page.getByRole('option', { name: /New, without a fit/ }).click();
  await expect(page.getByLabel('Kind', { exact: true }).first()).toHaveValue('bag');
  await save(page);
  await expect(page.getByText('Version 1 of Gannet beach bag is saved.')).toBeVisible();
  for (const version of [2, 3]) {
    await page
      .getByRole('link', { name: `Log version ${version}` })
      .first()
      .click();
    await expect(page.getByRole('heading', { name: 'Log a make' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'How did it fit?' })).toHaveCount(0);
    if (version === 2) {
      await pick(page, 'Add an alteration', 'left out', /^(something )?left out/i);
      await page
        .getByLabel(/: what$/)
        .last()
        .fill('the front pocket');
    }
    await save(page);
    await expect(page.getByText(`Version ${version} of Gannet beach bag is saved.`)).toBeVisible();
  }
  const account = page.getByRole('region', { name: 'Account of Gannet beach bag' });
  await expect(account.getByText(/front pocket/)).toHaveCount(3);
  await expect(account.getByText('Fit', { exact: true })).toHaveCount(0);
});

test('pyjamas of two: planned as one, cut as one, and each a garment of its own', async ({ page }) => {
  const plan = async (name: string) => {
    await page.goto('/sew-next');
    await page.getByLabel('For', { exact: true }).selectOption({ label: 'Anselm' });
    await pick(page, 'Plan the next version of', name, new RegExp(name));
    await expect(page.getByRole('heading', { name: new RegExp(`Plan: ${name}`) })).toBeVisible();
  };
  await plan('Moorings pyjama shirt');
  await page.getByLabel('Made as a set with').fill('striped pyjamas');
  await page.getByRole('option', { name: 'New set: striped pyjamas' }).click();
  await expect(page.getByText(/striped pyjamas: nothing else belongs to it yet/)).toBeVisible();
  await plan('Moorings pyjama trousers');
  await pick(page, 'Made as a set with', 'striped pyjamas');
  await expect(page.getByRole('link', { name: 'Moorings pyjama shirt' })).toBeVisible();
  await page.getByRole('button', { name: 'Mark the whole set as cut' }).click();
  await expect(page.getByText(/All of striped pyjamas is cut/)).toBeVisible();
  await page.goto('/');
  const table = page.getByRole('region', { name: 'On the table' });
  await expect(table.getByText(/Moorings pyjama shirt/)).toBeVisible();
  await expect(table.getByText(/Moorings pyjama trousers/)).toBeVisible();
});

for (const { what, bought, kind, place } of [
  { what: 'cut the blue dress down to a skirt', bought: 'a blue maxi dress', kind: 'skirt', place: 'waistband' },
  { what: 'slim the market trousers', bought: 'wide trousers, size 48', kind: 'trousers', place: 'thigh' },
])
  test(`without a pattern: ${what}, from the plan to a look at its fit`, async ({ page }) => {
    await page.goto('/sew-next');
    await page.getByLabel('Plan the next version of').fill(what);
    await page.getByRole('option', { name: `Plan it without a pattern: ${what}` }).click();
    await expect(page.getByRole('heading', { name: `Plan: ${what}` })).toBeVisible();
    await expect(page.getByLabel('Kind', { exact: true })).toHaveValue('refashion');
    await expect(page.getByLabel('Kind of garment')).toHaveValue(kind);
    await page.getByLabel('or from something else').fill(bought);
    await page.getByLabel('or from something else').blur();
    await page.getByLabel('Paid for it').fill('12');
    await page.getByLabel('Paid for it').blur();
    await page.reload();
    await expect(page.getByLabel('or from something else')).toHaveValue(bought);
    await page.getByRole('button', { name: 'Mark as cut' }).click();
    await expect(page.getByRole('heading', { name: what })).toBeVisible();
    await expect(page.getByText(bought)).toBeVisible();
    await page.getByRole('button', { name: /Note how it fits/ }).click();
    await expect(
      page
        .getByRole('group', { name: new RegExp(`^${place}`, 'i') })
        .or(page.getByText(place, { exact: true }))
        .first(),
    ).toBeVisible();
    await page.goto('/sew-next');
    await expect(page.getByRole('link', { name: 'made' })).toBeVisible();
  });

test('a lesson on viscose is met again in another pattern, goes onto its cut sheet, and can be put to rest', async ({ page }) => {
  await page.goto('/makes/make-nocturne-3');
  await page.getByLabel('It taught').fill('hang it for a night before the hem');
  await page.getByRole('button', { name: /^fabrics like/ }).click();
  await page.getByRole('region', { name: 'Notes and lessons' }).getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText(/a lesson about fabrics like sea-glass viscose/)).toBeVisible();

  await page.goto('/sew-next');
  await pick(page, 'Plan the next version of', 'slackwater', /Slackwater dress/);
  await pick(page, 'Fabric', 'petrol viscose', /petrol viscose crepe/);
  const learned = page.getByRole('region', { name: 'Learned before' });
  await expect(learned.getByText('hang it for a night before the hem')).toBeVisible();
  await expect(learned.getByText(/like sea-glass viscose.*learned on Nocturne skirt, version 3/)).toBeVisible();
  await page.getByRole('link', { name: 'Cut sheet' }).click();
  await expect(page.getByText('starch the viscose and cut it single')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the plan' }).click();
  await learned.getByRole('button', { name: 'Put to rest: hang it for a night before the hem' }).click();
  await expect(learned.getByText('hang it for a night before the hem')).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(learned.getByText('hang it for a night before the hem')).toBeVisible();
});

test('what others report of a pattern counts as hearsay, and a book shares its price out', async ({ page }) => {
  await page.goto('/patterns/new');
  await page.getByLabel('Name', { exact: true }).fill('Petrel shirt');
  await page
    .getByRole('button', { name: /^(Put|Add|Save|Enter)/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Petrel shirt' })).toBeVisible();
  if (!page.url().endsWith('/change')) await page.getByRole('link', { name: 'change the pattern' }).click();
  await unfold(page, 'Reports from elsewhere');
  await page.getByRole('button', { name: 'a report from elsewhere' }).click();
  await page.getByLabel('What was reported').fill('the sleeves run long');
  await page.getByLabel('What was reported').blur();
  await page.getByLabel('Where', { exact: true }).selectOption('sleeve');
  await page.getByLabel('Which way').selectOption({ label: 'long' });
  await expect(page.getByText('counts as weak evidence for the first cut')).toBeVisible();
  await unfold(page, 'The book or membership it came in');
  await pick(page, 'Came in a book, an issue or a membership', 'harbour', /Harbour Quarterly 14/);
  await expect(page.getByText(/3\.2\d\s*EUR of its price is this pattern’s: it is shared out among 4 patterns/)).toBeVisible();
});

test('a fabric that is only a name: what its family is usually is offered, and taken in one touch', async ({ page }) => {
  await page.goto('/stash');
  await page
    .getByRole('button', { name: /fabric/i })
    .first()
    .click();
  const name = page.getByLabel('Name', { exact: true }).last();
  await name.fill('olive ponte');
  await name.blur();
  await expect(page.getByText(/A fabric called ponte is usually/)).toBeVisible();
  await page.getByRole('button', { name: 'Take it where nothing is noted' }).click();
  await expect(page.getByRole('textbox', { name: 'Weight' })).toHaveValue('320 g/m²');
  await page.getByRole('textbox', { name: 'Weight' }).fill('9 oz');
  await page.getByRole('textbox', { name: 'Weight' }).blur();
  await expect(page.getByRole('textbox', { name: 'Weight' })).toHaveValue('305.2 g/m²');
});

test('told in words: a set that is new, a bodice with another’s skirt, a dress made over; the second is saved with what it needs', async ({
  page,
}) => {
  await page.goto('/tell');
  await page
    .getByLabel('What did you sew?')
    .fill(
      'Saltmarsh bodice with Grebe skirt, size 38, part of a new set: harbour evenings\n\nMarram top M, set: Harbour evenings\n\ncut my old linen dress down to a skirt, waistband tight',
    );
  const read = page.getByRole('region', { name: 'As it is read' });
  await expect(read.getByRole('heading', { level: 3 })).toHaveText([
    /^Saltmarsh dress, version 2/,
    /^Marram top, version 1/,
    /^skirt from old linen dress/,
  ]);
  await expect(read).toContainText('it wasold linen dress');
  await page.getByRole('button', { name: 'Save this and 1 that it needs' }).click();
  await expect(page.getByText('2 makes saved. Ctrl Z takes it all back.')).toBeVisible();
  await expect(read.getByRole('heading', { level: 3 })).toHaveText([/^skirt from old linen dress/]);
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('skirt from old linen dress saved. Ctrl Z takes it all back.')).toBeVisible();

  await page.goto('/makes');
  await page.getByRole('link', { name: /^Saltmarsh dress version 2/ }).click();
  await expect(page.getByText('skirt and hem sweep')).toBeVisible();
  await expect(page.getByText('harbour evenings')).toBeVisible();
  await page.goto('/makes');
  await page.getByRole('link', { name: /skirt from old linen dress/ }).click();
  await expect(page.getByText(/^refashion for Maren/)).toBeVisible();
  await expect(
    page
      .getByRole('row', { name: /Waistband/ })
      .or(page.getByText('Waistband'))
      .first(),
  ).toBeVisible();

  // A set of the ledger is known, and not begun anew.
  await page.goto('/tell');
  await page.getByLabel('What did you sew?').fill('Tidewater shirt C, set: winter pyjamas');
  await expect(read).toContainText('of the setwinter pyjamas');
});
