import { expect, test } from './test';

const LINE = 'Find, or write a make in one line';
const NOTEBOOK = `March and April

Tidewater shirt in C, blue stripe poplin 1.9 m, lengthened the bodice by an inch and a half, sleeves still a bit long. Love it.

Gangway trousers 40, took in the side seams by 1 cm at the hip, not tight at the waist, zip 2.80

Foreshore tee M, tern white jersey 1.2 m, took every scrap, neck too wide
Curlew skirt 42 in rust corduroy 1.6 m at 18 a metre, waistband tight by 2 cm, love 4
Curlew skirt 44, hem still to do, next time lengthen by 3 cm
Puffin pinafore 122 for Tilda, worn 3 times
- Nocturne skirt 40, waist right, 6 hours
- Bollard overshirt L for Anselm, gave up at the collar`;

test('a notebook page of eight makes: questions by their digits, a reload in the middle, all of it one act and one undo', async ({ page }) => {
  await page.goto('/tell');
  await page.getByLabel('What did you sew?').fill(NOTEBOOK);
  const items = page.getByRole('region', { name: 'As it is read' }).getByRole('heading', { level: 3 });
  await expect(items).toHaveCount(8);
  await expect(items.nth(4)).toHaveText('Curlew skirt, version 2 for Maren; else as version 1 · no day said');
  await expect(page.getByText('New with it, and undone with it: the pattern Curlew skirt (skirt, woven); the fabric rust corduroy.')).toBeVisible();

  // What is asked comes first.
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('button', { name: 'altered side seams at hip −1 cm per seam' })).toBeFocused();
  await page.keyboard.press('1');
  await expect(page.getByRole('button', { name: 'fit waistband right' })).toBeFocused();
  await page.reload();
  await expect(page.getByText('8 makes · 1 question')).toBeVisible();
  await page.getByLabel('What did you sew?').focus();
  await page.keyboard.press('Control+Enter');
  await page.keyboard.press('1');
  await expect(page.getByText('8 makes · nothing is asked')).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('8 makes saved. Ctrl Z takes it all back.')).toBeVisible();
  await expect(page.getByLabel('What did you sew?')).toHaveValue('');

  await page.goto('/');
  await expect(page.getByRole('link', { name: 'Curlew skirt, version 2' }).first()).toBeVisible();
  await expect(page.getByText('Gangway trousers, version 4').first()).toBeVisible();
  await page.goto('/patterns');
  await page
    .getByRole('link', { name: /Curlew skirt/ })
    .first()
    .click();
  await expect(page.getByText(/Meant in version \d: next time lengthen by 3 cm/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('Undone: 8 makes')).toBeVisible();
  await page.goto('/patterns');
  await expect(page.getByRole('heading', { name: 'Patterns' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Curlew skirt/ })).toHaveCount(0);
});

test('dictated without a stop, from a file, and one make at a time; what names nothing stays and says so', async ({ page }) => {
  await page.goto('/tell');
  await page.getByLabel('A file of text').setInputFiles([
    {
      name: 'talk.txt',
      mimeType: 'text/plain',
      buffer: Buffer.from('so i made the tidewater shirt in c and the sleeves are too long then i made the gangway trousers in 40 love them'),
    },
    { name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from('When,Notes\n2 May,"Nocturne skirt 40, love 3"\n') },
  ]);
  const read = page.getByRole('region', { name: 'As it is read' });
  await expect(read.getByRole('heading', { level: 3 })).toHaveText([
    /^Tidewater shirt, version 4/,
    /^Gangway trousers, version 4/,
    /^Nocturne skirt/,
  ]);
  await read.getByRole('button', { name: 'Save this one' }).first().click();
  await expect(page.getByText('Tidewater shirt, version 4 saved.')).toBeVisible();
  await expect(read.getByRole('heading', { level: 3 })).toHaveCount(2);
  await page.getByLabel('What did you sew?').fill('a sunny day by the sea');
  await expect(read.getByText('Of which pattern?')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Save it/ })).toBeDisabled();
});

test('what a telling says that is no make is noted as what it is, by itself', async ({ page }) => {
  await page.goto('/tell');
  const field = page.getByLabel('What did you sew?');
  await field.fill(
    'Made the Plover dress in 14, tight at the waist.\n\nWore the Tidewater shirt yesterday to work.\n\nPlan the Fogbell coat in grey wool for Robin.',
  );
  await expect(page.getByText('1 make · nothing is asked · 2 more to note')).toBeVisible();
  await page.getByRole('button', { name: 'Note the wear' }).click();
  await expect(page.getByText(/^Worn Friday, 27 November 2026: Tidewater shirt, version 3/)).toBeVisible();
  // Robin is nobody of the ledger: whether it is for her is asked.
  await page.getByRole('group', { name: 'Which is meant' }).getByRole('button', { name: 'for Robin, who comes with it' }).click();
  await page.getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByText(/^Planned: Fogbell coat/)).toBeVisible();
  await expect(page.getByRole('option', { name: 'Robin' })).toBeAttached();
  await expect(field).toHaveValue('Made the Plover dress in 14, tight at the waist.\n\n');
  await page.getByRole('button', { name: /^Save/ }).first().click();
  await expect(page.getByText(/^Plover dress, version 1 saved/)).toBeVisible();
  await expect(field).toHaveValue('');
});

test('told by what they are: one coat is finished, of three skirts it is asked, and nothing of it is a make', async ({ page }) => {
  await page.goto('/tell');
  const field = page.getByLabel('What did you sew?');
  await field.fill('Finished the coat.\n\nMended the skirt, new zip.');
  await expect(page.getByText('0 makes · nothing is asked · 2 more to note')).toBeVisible();
  await page.getByRole('button', { name: 'Finish it' }).click();
  await expect(field).toHaveValue('Mended the skirt, new zip.');
  await page.getByRole('button', { name: /^Grebe skirt/ }).click();
  await page.getByRole('button', { name: 'Note the mend' }).click();
  await expect(field).toHaveValue('');
  // What it would call new is asked about before it is entered.
  await field.fill('Made the coat again in green wool, love 5');
  await expect(page.getByText('1 make · 1 question')).toBeVisible();
  await field.press('Control+Enter');
  await expect(page.getByRole('button', { name: /^Fogbell coat/ })).toBeFocused();
  await page.keyboard.press('1');
  await expect(field).toHaveValue('Made the Fogbell coat again in green wool, love 5');
  await expect(page.getByRole('heading', { name: 'Fogbell coat, version 3' })).toBeVisible();
  await page.goto('/makes/make-grebe-2');
  await expect(page.locator('dd', { hasText: 'mended, new zip' })).toContainText('28 November 2026');
});

test('what is told of a garment that comes with the telling waits until that is saved', async ({ page }) => {
  await page.goto('/tell');
  const field = page.getByLabel('What did you sew?');
  await field.fill('Teasel skirt in 40, brown needlecord. I also wore the Teasel skirt to work yesterday.');
  await expect(page.getByRole('status').filter({ hasText: '1 make' })).toContainText('1 more to note');
  await expect(page.getByText(/tells of a garment that is not saved yet/)).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(field).toHaveValue('I also wore the Teasel skirt to work yesterday.');
  await page.getByRole('button', { name: 'Note the wear' }).click();
  await expect(page.getByText(/^Worn .*: Teasel skirt, version 1/)).toBeVisible();
  await expect(field).toHaveValue('');
});

test('a question in the line: Enter goes to it, a digit answers, and the make has what was chosen', async ({ page }) => {
  await page.goto('/patterns/pattern-nocturne');
  await expect(page.getByRole('region', { name: 'Account of Nocturne skirt' })).toBeVisible();
  await page.keyboard.press('/');
  await page.keyboard.press('/');
  const field = page.getByLabel(LINE);
  await expect(field).toBeFocused();
  await expect(field).toHaveValue('');
  await page.keyboard.insertText('nocturne skirt 42, took in 1 cm at the hip, mustard linen 1.5 m, next time in wool');
  await expect(page.getByText('1 question first')).toBeVisible();
  // Nothing is entered before it is answered.
  await page.keyboard.press('Control+Enter');
  await expect(page.getByRole('button', { name: 'altered side seams at hip −1 cm per seam' })).toBeFocused();
  await page.keyboard.press('3');
  await expect(field).toBeFocused();
  await expect(page.getByText('New with it, and undone with it: the fabric mustard linen.')).toBeVisible();
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText(/of Nocturne skirt is saved/)).toBeVisible();
  await expect(field).toHaveValue('');
  await page.keyboard.press('Escape');
  await expect(page.getByText(/Meant in version \d: next time in wool/)).toBeVisible();
});

test.describe('with leave to paste', () => {
  test.use({ ownContext: true });

  test('several makes pasted into the line are told on their own page', async ({ page, context }) => {
    await context.grantPermissions(['clipboard-read', 'clipboard-write']);
    await page.goto('/');
    await page.keyboard.press('/');
    await page.evaluate(() => navigator.clipboard.writeText('Tidewater shirt C, love 4\nGangway trousers 40'));
    await page.getByRole('combobox', { name: LINE }).focus();
    await page.keyboard.press('Control+v');
    await expect(page.getByRole('heading', { name: 'Tell it' })).toBeVisible();
    await expect(page.getByText('2 makes · nothing is asked')).toBeVisible();
  });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('the line lies under the thumb, and a question is answered by a touch', async ({ page }) => {
    await page.goto('/');
    const field = page.getByLabel(LINE);
    const box = await field.boundingBox();
    expect(box!.y).toBeGreaterThan(600);
    await field.click();
    await page.getByRole('combobox', { name: LINE }).fill('nocturne skirt 42, not tight at the waist');
    const choice = page.getByRole('button', { name: 'fit waistband right' });
    await expect(choice).toBeVisible();
    expect((await choice.boundingBox())!.height).toBeGreaterThanOrEqual(44);
    await choice.click();
    await page.getByRole('button', { name: /^Save make/ }).click();
    await expect(page.getByText(/of Nocturne skirt is saved/)).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
});

test('a notebook’s year dates what stands below it; a second pair is one, and what is said of another goes with that', async ({ page }) => {
  await page.goto('/tell');
  const field = page.getByLabel('What did you sew?');
  await field.fill(
    'Notebook 2025\n12 Jan - Ternlet cardi M. Gannet jeans 31, waistband gapes. Then I made a second pair in 32. The cardi is tight at the hip.',
  );
  await expect(page.getByText('3 makes · nothing is asked · 1 more to note')).toBeVisible();
  await expect(page.locator('h3').filter({ hasText: /· 2025$/ })).toHaveCount(2);
  await page.keyboard.press('Control+Enter');
  // What was said of the cardigan stays, by its name, and goes into no jeans.
  await expect(field).toHaveValue(/The Ternlet cardi is tight at the hip\.$/);
  await page.getByRole('button', { name: 'Note it with version 1' }).click();
  await expect(field).toHaveValue('');
  await page.goto('/makes');
  const row = (name: RegExp) => page.getByRole('row', { name });
  await page.getByLabel('Filter').fill('ternlet');
  await expect(row(/Ternlet cardi version 1.*hip tight.*12 Jan 2025/)).toBeVisible();
  await page.getByLabel('Filter').fill('gannet');
  await expect(row(/Gannet jeans version 2/)).not.toContainText('hip');
});

test('what is told without its day is of none, and so are its wears, until that is said', async ({ page }) => {
  await page.goto('/tell');
  await page.getByLabel('What did you sew?').fill('Teal cardigan M, worn 60 times, love 5\nReed tee S, finished 3 May 2026, worn 4 times');
  await expect(page.getByText('2 makes · nothing is asked')).toBeVisible();
  await expect(page.getByText('Of 1 make no day is said, so it stands in no year')).toBeVisible();
  await expect(page.getByText('· no day said')).toHaveCount(1);
  await page.keyboard.press('Control+Enter');
  await expect(page.getByText('2 makes saved. Ctrl Z takes it all back.')).toBeVisible();

  await page.goto('/wear');
  await expect(page.getByText('And 60 wears of which nobody noted when, in this year or before.')).toBeVisible();
  await page.goto('/');
  await page.getByRole('link', { name: 'Teal cardigan, version 1' }).first().click();
  await expect(page.getByText('nobody noted when')).toBeVisible();
  await page.getByRole('link', { name: 'Change what was cut' }).click();
  const known = page.getByLabel('Known of the day');
  await expect(known).toHaveValue('nothing');
  await expect(page.getByLabel('Cut on')).toHaveCount(0);
  await page.getByLabel('Finished on').fill('2025-11-02');
  await page.getByLabel('Finished on').press('Enter');
  await expect(known).toHaveValue('day');
  // Only its year, after all: no day is asked for, and none is shown.
  await known.selectOption('only its year');
  await page.getByLabel('Made in').fill('2019');
  await page.getByLabel('Made in').press('Enter');
  await expect(page.getByLabel('Finished on', { exact: true })).toHaveCount(0);
  // Its month is asked for, and none is stated before it is given.
  await known.selectOption('only its month');
  await expect(page.getByLabel('Made in')).toHaveValue('');
  await page.getByRole('link', { name: 'Back to the make' }).click();
  await expect(page.getByText('cut in 2019')).toBeVisible();
  // What was told to have been worn is spread since then.
  await expect(page.getByRole('button', { name: /^2019 ?to .* about 60 times/ })).toBeVisible();
});

test('a line that tells of two makes says that they would be one, and takes them to where they are told apart', async ({ page }) => {
  await page.goto('/');
  await page.keyboard.press('/');
  await page.keyboard.insertText('Gannet jeans toile in 31, hips tight. ');
  const panel = page.getByRole('region', { name: 'The make in this line' });
  await expect(panel).toContainText('Gannet jeans');
  await expect(panel.getByText('It may tell of')).toHaveCount(0);
  await page.keyboard.insertText('Final in 32, black denim, hips right');
  await expect(panel.getByText('It may tell of 2 makes: saved here, they would be one.')).toBeVisible();
  await panel.getByRole('button', { name: 'Tell them apart' }).click();
  await expect(page.getByLabel('What did you sew?')).toHaveValue('Gannet jeans toile in 31, hips tight. Final in 32, black denim, hips right');
  await expect(page.getByText('Gannet jeans, version 2')).toBeVisible();
});
