import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { demoLedger } from './ledger';
import { TO_MEASURE } from './to-measure';

test('every picture to measure is there, and belongs to one record of the demo', () => {
  const { makes, patterns, fabrics } = demoLedger();
  const ids = new Set([...makes, ...patterns, ...fabrics].map((r) => r.id));
  for (const { makeId, patternId, fabricId, url } of TO_MEASURE) {
    const owners = [makeId, patternId, fabricId].flatMap((id) => id ?? []);
    expect(owners).toHaveLength(1);
    expect(ids.has(owners[0] ?? '')).toBe(true);
    expect(existsSync(join(__dirname, '../public', url))).toBe(true);
  }
});
