import { checkLedgerText } from '../core/ledger/check-ledger';
import 'fake-indexeddb/auto';
import { demoLedger } from '../../demo/ledger';
import { startLedger } from './archive/start-ledger';
import { exportLedger } from './archive/ledger-file';
import { LedgerDatabase } from './database';
import { bringBack, removals, undo, write } from './journal';
import { removalOf } from './removal';

const ledger = { ...demoLedger(), pictures: [] };
let database: LedgerDatabase;
beforeEach(async () => {
  database = new LedgerDatabase(`removal-${Math.floor(performance.now() * 1000)}`);
  await startLedger(database, ledger);
});
afterEach(() => database.delete());

/** Removes, checks that the ledger is still one that can be read from a file, and takes it back. */
async function removeAndBringBack(table: Parameters<typeof removalOf>[1], id: string, then: () => Promise<void>) {
  const records = async () => ({ ...(JSON.parse(await exportLedger(database, 'x')) as object), history: undefined });
  const before = await records();
  await write(database, 'removed', await removalOf(database, table, id));
  expect(await database.table(table).get(id)).toBeUndefined();
  expect(checkLedgerText(await exportLedger(database, 'x'))).toMatchObject({ ok: true });
  await then();
  await undo(database);
  expect(await records()).toEqual(before);
}

test('a planned fabric leaves the plan without a fabric', async () => {
  // A fabric that a make was cut from is not removed.
  await database.makes.clear();
  await database.wears.clear();
  await removeAndBringBack('fabrics', 'fabric-wine-silk', async () => {
    expect((await database.plans.get('plan-tidewater-2026-10-18'))!.fabrics).toEqual([]);
  });
});

test('a make gives back its fabric, keeps the others of an outfit, and is planned again', async () => {
  const plan = (await database.plans.get('plan-skerry-2026-10-04'))!;
  await database.plans.put({ ...plan, state: 'made', makeId: 'make-skerry-2' });
  await removeAndBringBack('makes', 'make-skerry-2', async () => {
    const { makeId, state } = (await database.plans.get(plan.id))!;
    expect([makeId, state]).toEqual([undefined, 'open']);
    const outfits = await database.wears.where('date').equals('2025-10-18').toArray();
    expect(outfits.filter((w) => w.occasion === 'concert').map((w) => w.makeIds)).toEqual([['make-nocturne-2']]);
  });
});

test('a pattern takes its plans along, a person her plans and measures', async () => {
  // Only what no make speaks of is removed.
  await database.makes.clear();
  await database.wears.clear();
  await removeAndBringBack('patterns', 'pattern-skerry', async () => {
    expect(await database.plans.where('patternId').equals('pattern-skerry').count()).toBe(0);
  });
  await removeAndBringBack('people', 'person-tilda', async () => {
    expect(await database.bodies.where('personId').equals('person-tilda').count()).toBe(0);
    expect(await database.plans.where('personId').equals('person-tilda').count()).toBe(0);
  });
});

const readable = async () => expect(checkLedgerText(await exportLedger(database, 'x'))).toMatchObject({ ok: true });

test('a make brought back brings what it speaks of, which was removed after it', async () => {
  const make = (await database.makes.toArray()).find((m) => m.personId === 'person-tilda' && m.sources.length === 1)!;
  const others = (await database.makes.where('id').notEqual(make.id).toArray()).map((m) => m.id);
  for (const id of others) await write(database, id, await removalOf(database, 'makes', id));
  await write(database, 'the make', await removalOf(database, 'makes', make.id));
  const { seq } = (await removals(database))[0]!;
  await write(database, 'the person', await removalOf(database, 'people', make.personId));
  await write(database, 'the pattern', await removalOf(database, 'patterns', make.sources[0]!.patternId));
  expect(await bringBack(database, seq)).toBe('the make');
  expect(await database.people.get(make.personId)).toBeDefined();
  expect(await database.patterns.get(make.sources[0]!.patternId)).toBeDefined();
  await readable();
  await undo(database);
  expect(await database.people.get(make.personId)).toBeUndefined();
  await readable();
});

test('a make brought back is in its outfits again, and its fabric out of the stash, whatever was done since', async () => {
  const outfit = (await database.wears.toArray()).find((w) => w.makeIds.length > 1 && w.makeIds.includes('make-skerry-2'))!;
  const used = (await database.makes.get('make-skerry-2'))!.fabrics.find((u) => (u.taken ?? 0) > 0);
  const before = used && (await database.fabrics.get(used.fabricId))!.pieces;
  await write(database, 'the make', await removalOf(database, 'makes', 'make-skerry-2'));
  const { seq } = (await removals(database))[0]!;
  await write(database, 'a word', [{ table: 'wears', id: outfit.id, edit: (now) => ({ ...now, occasion: 'rehearsal' }) }]);
  await bringBack(database, seq);
  expect(await database.wears.get(outfit.id)).toEqual({ ...outfit, occasion: 'rehearsal' });
  if (used) expect((await database.fabrics.get(used.fabricId))!.pieces).toEqual(before);
  await readable();
});

test('a plan takes its pictures along; a pattern those of its own and of its plans, a person hers', async () => {
  const picture = { side: 'front' as const, place: 0, type: 'image/png' as const, blob: new Blob(['x']) };
  await database.pictures.bulkPut([
    { ...picture, id: 'of the plan', planId: 'plan-elbow' },
    { ...picture, id: 'of the pattern', patternId: 'pattern-rehearsal' },
    { ...picture, id: 'of the person', personId: 'person-tilda' },
  ]);
  await write(database, 'removed', await removalOf(database, 'plans', 'plan-elbow'));
  expect(await database.pictures.get('of the plan')).toBeUndefined();
  await undo(database);
  expect(await database.pictures.get('of the plan')).toBeDefined();
  await database.makes.clear();
  await database.wears.clear();
  await write(database, 'removed', await removalOf(database, 'patterns', 'pattern-rehearsal'));
  expect(await database.pictures.get('of the pattern')).toBeUndefined();
  await write(database, 'removed', await removalOf(database, 'people', 'person-tilda'));
  expect(await database.pictures.get('of the person')).toBeUndefined();
});

test.each([
  ['patterns', 'pattern-saltmarsh', /still need/],
  ['sets', 'set-pyjamas', /2 makes still need this set/],
  ['collections', 'collection-quarterly', /3 patterns still need this book/],
] as const)('of the %s one that others speak of is not removed, and it is said who', async (table, id, words) => {
  await expect(write(database, 'removed', [{ table, remove: id }])).rejects.toThrow(words);
});
