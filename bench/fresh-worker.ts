import { largeLedger } from './large-ledger';
import { reckonAll } from './reckon-all';

/** The first is what is asked about; those after the second are how long it takes once the browser has compiled what is used most. */
const RUNS = 7;

const { wears, ...tables } = largeLedger(5000);
const text = JSON.stringify({ ...tables, wears });
const took = Array.from({ length: RUNS }, () => {
  // Records come to a worker as copies.
  const [ownTables, ownWears] = structuredClone([tables, wears] as const);
  const started = performance.now();
  reckonAll(ownTables, ownWears);
  return performance.now() - started;
});
const parsed = Array.from({ length: RUNS }, () => {
  const started = performance.now();
  JSON.parse(text);
  return performance.now() - started;
});
postMessage({ took, parsed });
