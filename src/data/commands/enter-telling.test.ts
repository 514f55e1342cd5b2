import 'fake-indexeddb/auto';
import { sampleFabric, sampleMake, SAMPLE_PATTERN } from '../../core/garment/sample-case';
import { freshDraft, type LogDraft } from '../../core/make/log-draft';
import { LedgerDatabase } from '../database';
import { undo, writeReckoned } from '../journal';
import { enterTelling } from './enter-telling';

const database = new LedgerDatabase('telling');
const source = [{ patternId: SAMPLE_PATTERN.id, viewId: SAMPLE_PATTERN.views[0]!.id }];
const draft = (id: string, length: number, more: Partial<LogDraft> = {}): LogDraft => ({
  ...freshDraft(sampleMake(1, { id, sources: source, fabrics: [{ id: `use-${id}`, fabricId: 'poplin', part: 'main', length }] })),
  ...more,
});

test('makes told together are numbered one after the other, take from the stash what the others left, and go together', async () => {
  const poplin = sampleFabric('poplin', { width: 140, pieces: [{ length: 400, width: 140 }] });
  await database.people.put({ id: sampleMake(1).personId, name: 'Maren', child: false });
  await database.patterns.put(SAMPLE_PATTERN);
  await database.fabrics.put(poplin);
  await database.makes.put(sampleMake(1, { sources: source }));
  await writeReckoned(database, 'three makes', async () => ({
    writes: await enterTelling(database, [draft('a', 190), draft('b', 150), draft('c', 20, { newFabrics: [sampleFabric('linen', {})] })]),
  }));
  expect((await database.makes.bulkGet(['a', 'b', 'c'])).map((m) => m!.version)).toEqual([2, 3, 4]);
  expect((await database.fabrics.get('poplin'))!.pieces).toEqual([{ length: 40, width: 140 }]);
  // What no make uses does not come with them.
  expect(await database.fabrics.get('linen')).toBeUndefined();
  // A second press enters nothing twice.
  await expect(writeReckoned(database, 'again', async () => ({ writes: await enterTelling(database, [draft('a', 190)]) }))).rejects.toThrow(
    'in the ledger already',
  );
  await undo(database);
  expect(await database.makes.count()).toBe(1);
  expect((await database.fabrics.get('poplin'))!.pieces).toEqual(poplin.pieces);
});
