import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { takeUp } from './keyboard';
import { expect, test } from './test';

/** A list item of the bench, by what it is. */
const item = (page: Page, name: string) => page.getByRole('listitem').filter({ has: page.getByRole('link', { name, exact: true }) });
const clock = (page: Page) => page.getByRole('group', { name: 'The clock' });

test('a step is ticked and its time taken by a clock that outlives a reload; the day book shows the same bench', async ({ page }) => {
  await page.goto('/bench');
  const coat = item(page, 'Fogbell coat, version 2');
  await expect(coat).toContainText('Next: fuse the interfacing');
  await expect(coat).toContainText(/nine in ten by/);
  await coat.getByRole('button', { name: /^Start the clock/ }).click();
  await expect(clock(page)).toContainText(/fuse the interfacing, Fogbell coat, version 2: 1\s*min/);
  await page.reload();
  await expect(clock(page)).toContainText('fuse the interfacing');
  await clock(page).getByRole('button', { name: 'Done' }).click();
  await expect(clock(page)).toBeHidden();
  await expect(coat).toContainText('Next: darts and tucks');
  await expect(coat).toContainText(/nine in ten by/);
  await coat.getByRole('button', { name: /^all its steps/ }).click();
  await expect(coat.getByRole('listitem').filter({ hasText: 'fuse the interfacing' })).toContainText(/took 1\s*min/);
  // It counts with the make, and is taken back in one act.
  await page.keyboard.press('Control+z');
  await expect(coat).toContainText('Next: fuse the interfacing');
  // Washed on the bench is washed in the stash and in the day book.
  const shirt = item(page, 'Tidewater shirt');
  await shirt.getByRole('button', { name: /^Done: wash and dry the fabric/ }).click();
  await expect(shirt).not.toContainText('wash and dry');
  await page.goto('/stash?fabric=fabric-wine-silk');
  await expect(page.getByText(/^washed \d+ \w+ 20\d\d$/)).toBeVisible();
  // What is under way stands in the day book too, and leaves both at once.
  await page.goto('/');
  await page.getByRole('button', { name: 'Done: hem by hand' }).click();
  await page.goto('/bench');
  await expect(item(page, 'Bollard overshirt, version 2')).toContainText('Next: two snaps at the cuffs');
});

test('steps split, left out, timed by hand, put in order by keys, and one of her own; what it waits for takes it out of tonight', async ({
  page,
}) => {
  await page.goto('/bench');
  const coat = item(page, 'Fogbell coat, version 2');
  await coat.getByRole('button', { name: /^all its steps/ }).click();
  const steps = coat.getByRole('list').first();
  await coat.getByRole('button', { name: 'In two: collar' }).click();
  await expect(steps).toContainText('collar, first part');
  await expect(steps).toContainText('collar, the rest');
  await coat.getByRole('button', { name: 'Leave out: take its picture' }).click();
  await expect(coat.getByRole('button', { name: 'Take in again: take its picture' })).toBeVisible();
  await coat.getByLabel('Minutes for hem').fill('1h30');
  await coat.getByLabel('Minutes for hem').press('Enter');
  await coat.getByLabel('A step of your own').fill('cover the buttons');
  await coat.getByLabel('Takes', { exact: true }).fill('25');
  await coat.getByRole('button', { name: 'Add it' }).click();
  await expect(steps).toContainText('cover the buttons');
  await takeUp(page, coat.getByRole('button', { name: /^Move darts and tucks/ }));
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(/^Over place 1 of/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(coat).toContainText('Next: darts and tucks');
  const tonight = page.getByRole('region', { name: 'In the time I have' });
  await tonight.getByLabel('I have').fill('2h');
  await tonight.getByLabel('I have').press('Enter');
  await expect(tonight.getByRole('list', { name: 'Steps that fit' })).toContainText('darts and tucks');
  await coat.getByLabel('It waits for').fill('the horn buttons');
  await coat.getByLabel('It waits for').blur();
  await expect(coat).toContainText('waits for the horn buttons since today');
  await expect(tonight.getByRole('list', { name: 'Steps that fit' })).not.toContainText('Fogbell');
  await page.reload();
  await expect(coat).toContainText('waits for the horn buttons');
  await coat.getByRole('button', { name: /^all its steps/ }).click();
  await coat.getByRole('button', { name: 'It came' }).click();
  await expect(coat).not.toContainText('waits for the horn buttons');
});

test.describe('on a day of its own', () => {
  test.use({ ownContext: true });

  test('a sitting is moved, a calendar file with a weekly rehearsal read, a date slips and it is said what would help', async ({ page }) => {
    await page.clock.setFixedTime(new Date('2026-11-23T12:00:00'));
    await page.goto('/bench');
    const skerry = item(page, 'Skerry concert jacket');
    await expect(skerry).toContainText('wanted by Sat 12 Dec: hardly in time');
    await expect(skerry).toContainText(/In time it would need .* before then/);
    const sittings = page.getByRole('region', { name: 'What falls into the next sittings' });
    await expect(sittings).toContainText('Tue 24 Nov, 19:30');
    await sittings.getByRole('button', { name: 'Move the sitting of Tue 24 Nov, 19:30' }).click();
    await sittings.getByLabel('To the day').fill('2026-11-25');
    await sittings.getByLabel('To the day').press('Enter');
    await expect(sittings).toContainText('Wed 25 Nov, 19:30');
    await expect(sittings).not.toContainText('Tue 24 Nov');
    await page.keyboard.press('Control+z');
    await expect(sittings).toContainText('Tue 24 Nov, 19:30');

    await page.getByRole('button', { name: /^Busy hours from a calendar/ }).click();
    const chosen = page.getByLabel('A calendar file');
    await chosen.setInputFiles({ name: 'wrong.ics', mimeType: 'text/calendar', buffer: Buffer.from('no calendar') });
    await expect(page.getByRole('alert')).toContainText('wrong.ics is no calendar file');
    const weekly = [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//harbour//EN',
      'BEGIN:VEVENT',
      'UID:rehearsal@harbour',
      'SUMMARY:Rehearsal',
      'DTSTART:20261103T190000',
      'DTEND:20261103T210000',
      'RRULE:FREQ=WEEKLY',
      'END:VEVENT',
      'END:VCALENDAR',
    ].join('\r\n');
    await chosen.setInputFiles({ name: 'choir.ics', mimeType: 'text/calendar', buffer: Buffer.from(weekly) });
    await expect(page.getByText(/^5\d busy times of choir\.ics in the year ahead/)).toBeVisible();
    await expect(sittings.getByRole('listitem').filter({ hasText: 'Tue 24 Nov' })).toContainText('nothing is left of it');
    // What another order would do is told before it is done.
    await skerry.getByRole('button', { name: /^all its steps/ }).click();
    await skerry.getByRole('button', { name: 'it goes first' }).click();
    await expect(skerry.getByText(/^With it first: /)).toBeVisible();

    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save the sittings for a calendar' }).click();
    const file = await readFile(await (await download).path(), 'utf8');
    expect(file).toContain('SUMMARY:Sewing: Fogbell coat');
    expect(file).toMatch(/DTSTART:20261128T100000\r\n/);
  });
});

test('the order by days with few changes of thread, and her own by keys, which rules', async ({ page }) => {
  await page.goto('/bench');
  await page.getByRole('button', { name: 'Order it by its days, with few changes of thread' }).click();
  const first = page
    .locator('main ul > li')
    .filter({ has: page.getByRole('button', { name: /^Move .*space, arrows/ }) })
    .first();
  await expect(first).toContainText('Skerry concert jacket');
  await expect(page.getByRole('button', { name: /^Order it by its days/ })).toBeHidden();
  await takeUp(page, page.getByRole('button', { name: /^Move Skerry concert jacket/ }));
  await page.keyboard.press('ArrowDown');
  await expect(page.getByText(/^Over place 2 of/)).toBeAttached();
  await page.keyboard.press('Space');
  await expect(first).not.toContainText('Skerry concert jacket');
  await page.reload();
  await expect(first).not.toContainText('Skerry concert jacket');
});

test('an occasion is answered: what could be sewn, two side by side, one planned for it with its day; outfits from what hangs', async ({ page }) => {
  await page.goto('/sew-next');
  await page.getByLabel('Another occasion').fill('a day at the regatta');
  await page.getByRole('region', { name: 'Occasions' }).getByLabel('On', { exact: true }).fill('2027-06-05');
  await page.getByRole('button', { name: 'Dress for it' }).click();
  await expect(page.getByRole('heading', { name: 'a day at the regatta' })).toBeVisible();
  await page.getByLabel('How warm it is').selectOption('cold');
  const could = page.getByRole('region', { name: 'What could I sew for it?' });
  await expect(could.getByRole('button', { name: /^Plan / }).first()).toBeVisible({ timeout: 60_000 });
  await page.getByLabel('How warm it is').selectOption('hot');
  await expect(could).toContainText('as warm as a hot day wants', { timeout: 60_000 });
  await could.getByRole('checkbox').first().click();
  await could.getByRole('checkbox').nth(1).click();
  await could.getByRole('button', { name: 'See the 2 side by side' }).click();
  await expect(could.getByRole('region', { name: 'Side by side' }).getByRole('columnheader')).toHaveCount(2);
  await could
    .getByRole('button', { name: /^Plan / })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: /^Plan: / })).toBeVisible();
  await expect(page.getByLabel('Wanted by')).toHaveValue('2027-06-05');
  await page.getByRole('button', { name: /^Worn with/ }).click();
  await page.getByRole('combobox', { name: 'It will be worn with' }).fill('Gang');
  await page
    .getByRole('option', { name: /Gangway/ })
    .first()
    .click();
  await expect(page.getByRole('button', { name: /^Not with Gangway/ })).toBeVisible();
  await page.goto('/occasions/occasion-wedding');
  await expect(page.getByRole('region', { name: 'From what hangs' })).toContainText('3 outfits from');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });

  test('a make that is cut and a usual week are enough: forty minutes, one thumb', async ({ page }) => {
    await page.goto('/bench');
    await page.getByRole('button', { name: /^When there is time/ }).click();
    await page.getByLabel('Sunday, how long').fill('2h');
    await page.getByLabel('Sunday, how long').blur();
    await expect(page.getByText(/6.h 30.min a week/)).toBeVisible();
    const puffin = item(page, 'Puffin pinafore, version 4');
    await puffin.getByRole('button', { name: /^Done: pockets/ }).click();
    await expect(puffin).toContainText('Next: shoulder seams');
    await puffin.getByRole('button', { name: 'Being sewn: Puffin pinafore, version 4' }).click();
    await expect(puffin).toContainText('half sewn');
    await puffin.getByRole('button', { name: 'Finished: Puffin pinafore, version 4' }).click();
    await expect(page).toHaveURL(/make-puffin-4#fit$/);
  });
});
