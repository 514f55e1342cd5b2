import 'fake-indexeddb/auto';
import { LedgerDatabase } from '../database';
import { writeReckoned } from '../journal';
import { today } from '../today';
import { takeTape } from './take-tape';

const taken = async (database: LedgerDatabase, measure: 'waist' | 'hip', cm: number) =>
  writeReckoned(database, measure, async () => ({ writes: await takeTape(database, 'maren', { [measure]: cm }) }));

test('measures taken one after the other are one set of today; the sets before it stay as they were', async () => {
  const database = new LedgerDatabase(`tape ${Math.random()}`);
  const before = { id: 'before', personId: 'maren', date: '2024-02-02', measures: { waist: 70 } };
  const another = { id: 'another', personId: 'anselm', date: today(), measures: { waist: 92 } };
  await database.people.bulkPut(['maren', 'anselm'].map((id) => ({ id, name: id, child: false })));
  await database.bodies.bulkPut([before, another]);
  await Promise.all([taken(database, 'waist', 73.4), taken(database, 'hip', 98)]);
  await taken(database, 'waist', 73.2);
  const sets = await database.bodies.toArray();
  expect(sets).toHaveLength(3);
  expect(sets.find((s) => s.personId === 'maren' && s.date === today())?.measures).toEqual({ waist: 73.2, hip: 98 });
  expect(sets).toContainEqual(before);
  expect(sets).toContainEqual(another);
});
