import { checkLedgerText, ledgerText } from '../src/core/ledger/check-ledger';
import { demoLedger } from '../demo/ledger';
import { largeLedger, PERSON } from './large-ledger';

test('the large ledger is one that the app would read', () => {
  const demo = demoLedger();
  const person = { ...demo.people[0]!, id: PERSON };
  const large = { ...demo, ...largeLedger(500), people: [person], plans: [], pictures: [] };
  expect(checkLedgerText(ledgerText(large, '2026-11-25T12:00:00Z'))).toMatchObject({ ok: true });
});
