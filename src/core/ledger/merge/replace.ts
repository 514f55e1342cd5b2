import equal from 'fast-deep-equal';
import { TABLE_NAMES } from '../../records/table-names';
import { newestOf, noted, tidyHistory, type RecordHistory } from './history';
import { join, newer, type Versioned } from './join';
import { sayTheSame } from './leaves';
import { isThere, pairs, type Side } from './merge';
import { later, NEVER, type Stamp } from './stamp';

/**
 * What is to be noted where the ledger of `there` takes the place of the one `here`: what it holds is from now on what was meant. Where it
 * says the same, or something later, its own stamps stand, so that a ledger carried to a new device goes on as one; where it says
 * something older (a copy put back), that was chosen now.
 *
 * @returns the histories that change
 */
export function replacedHistory(here: Side, there: Side, fresh: Stamp): RecordHistory[] {
  const changed: RecordHistory[] = [];
  for (const table of TABLE_NAMES)
    for (const [id, [a, b]] of pairs(table, here, there)) {
      const history = replaced({ table, id }, a, b, fresh);
      if (history && !equal(history, a.history)) changed.push(history);
    }
  return changed;
}

function replaced(at: { table: (typeof TABLE_NAMES)[number]; id: string }, a: Versioned, b: Versioned, fresh: Stamp): RecordHistory | undefined {
  const { table } = at;
  if (isThere(a) && isThere(b) && sayTheSame(table, a.record, b.record) && equal(a.history, b.history)) return a.history;
  if (!isThere(b)) {
    const gone = b.history?.removed ?? NEVER;
    const { history, record } = join(at, a, b, (_, here, there) => newer(table, here, there));
    const removed = isThere(a) && gone <= newestOf(a.history) ? fresh : history?.removed;
    return tidyHistory({ ...at, ...history, removed, last: record && table !== 'pictures' ? { ...record } : undefined });
  }
  if (!isThere(a)) {
    const removed = later(a.history?.removed ?? NEVER, b.history?.removed ?? NEVER);
    // It is there again as it was then: what differs from what it held when it was removed was chosen now, the rest was not written by that.
    if (removed !== NEVER && newestOf(b.history) <= removed) {
      const again = a.record && noted(at, a.history, a.record, b.record, fresh);
      return again ? tidyHistory({ ...again, removed, back: fresh, last: undefined }) : tidyHistory({ ...at, all: fresh, removed });
    }
    return b.history && tidyHistory({ ...b.history, removed });
  }
  return join(at, a, b, (_, here, there) => {
    if (sayTheSame(table, here.value, there.value)) return { value: there.value, stamp: later(here.stamp, there.stamp) };
    return { value: there.value, stamp: there.stamp > here.stamp ? there.stamp : fresh };
  }).history;
}
