import type { LogDraft } from '../../core/make/log-draft';
import type { Fabric, Pattern } from '../../core/records';
import type { LedgerDatabase } from '../database';
import type { Write } from '../journal';
import { enterMake, nextNumber, refuseTwice } from './enter-make';

/**
 * Entering several makes that were told together, as one act: each numbered after those before it, and each taking from the stash what the
 * others left. To be worked out within the transaction that writes it.
 *
 * @throws with a sentence where one of them is in the ledger
 */
export async function enterTelling(database: LedgerDatabase, drafts: readonly LogDraft[]): Promise<Write[]> {
  const fabrics = new Map<string, Fabric>((await database.fabrics.toArray()).map((f) => [f.id, f]));
  const patterns = new Map<string, Pattern>((await database.patterns.toArray()).map((p) => [p.id, p]));
  const numbers = new Map<string, number>();
  const writes: Write[] = [];
  for (const draft of drafts) {
    const { make } = draft;
    await refuseTwice(database, make);
    const patternId = make.sources[0]?.patternId;
    const key = `${patternId} ${make.personId}`;
    const version = patternId === undefined ? make.version : (numbers.get(key) ?? (await nextNumber(database, patternId, make.personId)));
    numbers.set(key, version + 1);
    const entered = enterMake({ ...draft, make: { ...make, version } }, [...fabrics.values()], {
      pattern: patternId === undefined ? undefined : patterns.get(patternId),
    });
    for (const w of entered) {
      if (w.table === 'fabrics' && 'put' in w) fabrics.set(w.put.id, w.put);
      if (w.table === 'fabrics' && 'to' in w) fabrics.set(w.to.id, w.to);
      if (w.table === 'patterns' && 'put' in w) patterns.set(w.put.id, w.put);
    }
    writes.push(...entered);
  }
  return writes;
}
