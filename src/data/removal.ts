import { settleUses } from '../core/fabric/stash';
import type { LedgerDatabase } from './database';
import type { Write } from './journal';

/**
 * What goes with a record that is removed, and what is changed so that nothing speaks of what is gone: to be written as one act,
 * which one undo brings back whole. Whether it may be removed at all (a fabric that makes were cut from) is asked before.
 */
export async function removalOf(
  database: LedgerDatabase,
  table: 'people' | 'patterns' | 'fabrics' | 'makes' | 'plans',
  id: string,
): Promise<Write[]> {
  const plans = await database.plans.toArray();
  const self: Write = { table, remove: id };
  const removed = (other: Write['table'], ids: readonly string[]) => ids.map((gone): Write => ({ table: other, remove: gone }));
  const withPictures = async (of: 'patternId' | 'planId' | 'personId', ids: readonly string[]) =>
    removed('pictures', await database.pictures.where(of).anyOf(ids).primaryKeys());
  if (table === 'people') {
    const bodies = await database.bodies.where('personId').equals(id).primaryKeys();
    const planned = plans.filter((p) => p.personId === id).map((p) => p.id);
    return [
      self,
      ...removed('bodies', bodies),
      ...removed('plans', planned),
      ...(await withPictures('planId', planned)),
      ...(await withPictures('personId', [id])),
    ];
  }
  if (table === 'patterns') {
    const planned = plans.filter((p) => p.patternId === id || (p.joins ?? []).some((s) => s.patternId === id)).map((p) => p.id);
    return [self, ...removed('plans', planned), ...(await withPictures('patternId', [id])), ...(await withPictures('planId', planned))];
  }
  if (table === 'plans') return [self, ...(await withPictures('planId', [id]))];
  if (table === 'fabrics') {
    const pictures = await database.pictures.where('fabricId').equals(id).primaryKeys();
    const planned = plans.filter((p) => p.fabrics.some((u) => u.fabricId === id));
    return [
      self,
      ...removed('pictures', pictures),
      ...planned.map((from): Write => ({ table: 'plans', from, to: { ...from, fabrics: from.fabrics.filter((u) => u.fabricId !== id) } })),
    ];
  }
  const make = await database.makes.get(id);
  const wears = await database.wears.where('makeIds').equals(id).toArray();
  const pictures = await database.pictures.where('makeId').equals(id).primaryKeys();
  const { changed } = settleUses(await database.fabrics.toArray(), make?.fabrics ?? [], []);
  return [
    self,
    // A day's outfit keeps its other garments.
    ...wears.map((from): Write =>
      from.makeIds.length > 1
        ? { table: 'wears', from, to: { ...from, makeIds: from.makeIds.filter((other) => other !== id) } }
        : { table: 'wears', remove: from.id },
    ),
    ...removed('pictures', pictures),
    // What was cut goes back in the stash, and what was planned is to be made again: it never was.
    ...changed.map(({ from, to }): Write => ({ table: 'fabrics', from, to })),
    ...plans.filter((p) => p.makeId === id).map((from): Write => ({ table: 'plans', from, to: { ...from, state: 'open', makeId: undefined } })),
  ];
}
