import { expect, test } from './test';
import { demoLedger } from '../demo/ledger';
import { sizeLineWords } from '../src/core/alteration/words';
import { EngineSession } from '../src/core/engine/session';
import { newsBetween } from '../src/core/engine/tables';
import type { Account } from '../src/core/engine/account';
import { zoneOf } from '../src/core/body/zones';

/** What the core computes for the concert jacket of the demo ledger, on this side of the browser, with what the other patterns taught. */
function jacket(): Account {
  const ledger = new EngineSession();
  ledger.learn(newsBetween({}, demoLedger()));
  return ledger.account('person-maren', 'pattern-skerry', { date: '2026-11-24', unit: 'cm' })!;
}

test('the account of the concert jacket shows what the core computes', async ({ page }) => {
  const carried = jacket();
  await page.goto('/patterns/pattern-skerry');
  const account = page.getByRole('region', { name: 'Account of Skerry concert jacket' });
  for (const zone of carried.zones) {
    const cell = account.getByRole('button', { name: new RegExp(`chance of right ${Math.round(zone.chance! * 100)}\\s?%`) });
    await expect(cell.first()).toBeVisible();
  }
  const back = carried.next.sizeLines.find((l) => l.zone === 'acrossBack')!;
  await expect(account.getByText(`across back ${sizeLineWords(back.line)}`)).toBeVisible();
  await expect(page.getByText(`weakest place: ${zoneOf(carried.weakest!.zone).label}, ${Math.round(carried.weakest!.chance * 100)}`)).toBeVisible();
  await expect(account.getByRole('img', { name: /changed since/ }).first()).toBeVisible();
});

test('each figure opens its reasons: versions, notes, how much each counts', async ({ page }) => {
  const carried = jacket();
  await page.goto('/patterns/pattern-skerry');
  await page.getByRole('button', { name: /^across back: change/i }).click();
  const why = page.getByRole('dialog');
  await expect(why.getByText('cannot draw the bow to the tip')).toBeVisible();
  await expect(why.getByText('folds stand at the armholes')).toBeVisible();
  for (const reason of carried.why.acrossBack!.reasons)
    await expect(why.getByRole('cell', { name: new RegExp(`^${Math.round(reason.share * 100)}\\s?%`) })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(why).toBeHidden();
});
