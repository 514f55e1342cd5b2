import 'fake-indexeddb/auto';
import { sampleMake } from '../core/garment/sample-case';
import { blankFabric } from '../core/records/blank';
import { LedgerDatabase } from './database';
import { noteSaved, reachedNow, unsavedActs } from './saved-state';
import { bringBack, emptyOld, redo, removals, undo, write } from './journal';

let count = 0;
let database: LedgerDatabase;
beforeEach(() => {
  database = new LedgerDatabase(`journal-${count++}`);
});
afterEach(() => database.delete());

const maren = { id: 'person', name: 'Maren', child: false };
const make = sampleMake(1, { sources: [], name: 'a make', fabrics: [] });

describe('writing', () => {
  test('all of an act or none of it', async () => {
    const broken = { ...make, cutOn: 'yesterday' };
    await expect(
      write(database, 'two records', [
        { table: 'people', put: maren },
        { table: 'makes', put: broken },
      ]),
    ).rejects.toThrow('in this make, day of cutting: not a calendar date (write 2026-03-09)');
    expect(await database.people.count()).toBe(0);
    expect(await database.journal.count()).toBe(0);
  });

  test('a record is kept as its shape has it, defaults filled in', async () => {
    await write(database, 'person', [{ table: 'people', put: { id: 'p', name: '  Anselm ' } as typeof maren }]);
    expect(await database.people.get('p')).toEqual({ id: 'p', name: 'Anselm', child: false });
  });

  test('an edit writes only what it changed: two from the same reading both stand', async () => {
    await database.people.put(maren);
    await write(database, 'make', [{ table: 'makes', put: make }]);
    await write(database, 'a remark', [{ table: 'makes', from: make, to: { ...make, remark: 'sheds' } }]);
    await write(database, 'two at once', [{ table: 'makes', from: make, to: { ...make, quantity: 2 } }]);
    expect(await database.makes.get(make.id)).toEqual({ ...make, remark: 'sheds', quantity: 2 });
    const { size: _, ...unsized } = make;
    await write(database, 'size not known', [{ table: 'makes', from: make, to: unsized }]);
    expect(await database.makes.get(make.id)).not.toHaveProperty('size');
    await undo(database);
    expect((await database.makes.get(make.id))?.size).toEqual(make.size);
  });

  test('edits of many clients from one reading all stand: each measure, each verdict, each piece', async () => {
    const set = { id: 'set', personId: 'person', date: '2026-01-01', measures: { height: 168 } };
    const fabric = { ...blankFabric('linen', 'storm linen'), pieces: [{ length: 300, width: 140 }] };
    await write(database, 'start', [
      { table: 'people', put: maren },
      { table: 'bodies', put: set },
      { table: 'fabrics', put: fabric },
      { table: 'makes', put: make },
    ]);
    const measures = ['waist', 'hip', 'bust', 'neck', 'wrist', 'thigh'] as const;
    const verdict = (id: string) => ({ id, date: '2026-02-01', wears: 3, love: 4 as const, reasons: [] });
    await Promise.all([
      ...measures.map((m, i) => write(database, m, [{ table: 'bodies', from: set, to: { ...set, measures: { ...set.measures, [m]: 40 + i } } }])),
      ...['one', 'other'].map((id) =>
        write(database, id, [{ table: 'makes', from: make, to: { ...make, verdicts: [...make.verdicts, verdict(id)] } }]),
      ),
      write(database, 'cut', [{ table: 'fabrics', from: fabric, to: { ...fabric, pieces: [{ length: 110, width: 140 }] } }]),
      write(database, 'bought', [{ table: 'fabrics', from: fabric, to: { ...fabric, pieces: [...fabric.pieces, { length: 80, width: 140 }] } }]),
    ]);
    expect((await database.bodies.get('set'))?.measures).toEqual({ height: 168, waist: 40, hip: 41, bust: 42, neck: 43, wrist: 44, thigh: 45 });
    expect((await database.makes.get(make.id))?.verdicts.map((v) => v.id).sort()).toEqual(['one', 'other']);
    expect((await database.fabrics.get('linen'))?.pieces.map((p) => p.length)).toEqual([110, 80]);
  });

  test('an act that reckons with a record finds it as it stands: two quick ones both count', async () => {
    await database.people.put(maren);
    await write(database, 'make', [{ table: 'makes', put: make }]);
    const once = (label: string) =>
      write(database, label, [{ table: 'makes', id: make.id, edit: (now) => ({ ...now, quantity: now.quantity * 2 }) }]);
    await Promise.all([once('doubled'), once('doubled again')]);
    expect((await database.makes.get(make.id))!.quantity).toBe(4);
    await undo(database);
    expect((await database.makes.get(make.id))!.quantity).toBe(2);
    await write(database, 'gone', [{ table: 'makes', remove: make.id }]);
    await once('doubled what is gone');
    expect(await database.makes.count()).toBe(0);
  });

  test('acts that are not waited for are written in the order in which they were done', async () => {
    const names = ['Ada', 'Bele', 'Cora', 'Dorit'];
    await Promise.all(names.map((name) => write(database, name, [{ table: 'people', put: { ...maren, name } }])));
    expect((await database.journal.orderBy('seq').toArray()).map((entry) => entry.label)).toEqual(names);
    expect(await database.people.get(maren.id)).toMatchObject({ name: 'Dorit' });
  });

  test('an edit of what was removed meanwhile does not bring half of it back', async () => {
    await write(database, 'a remark', [{ table: 'makes', from: make, to: { ...make, remark: 'late' } }]);
    expect(await database.makes.count()).toBe(0);
  });

  test('removing what is not there is no error', async () => {
    await write(database, 'gone', [{ table: 'people', remove: 'nobody' }]);
    expect(await undo(database)).toBe('gone');
    expect(await database.people.count()).toBe(0);
  });
});

describe('what records speak of', () => {
  test('is asked when they are written: a make whose person went meanwhile is not entered, and nothing of the act is', async () => {
    const linen = blankFabric('linen', 'storm linen');
    const act = write(database, 'a make', [
      { table: 'fabrics', put: linen },
      { table: 'makes', put: make },
    ]);
    await expect(act).rejects.toThrow(/^the person that this make speaks of is no longer in the ledger.*Ctrl Z/);
    expect([await database.fabrics.count(), await database.makes.count(), await database.journal.count()]).toEqual([0, 0, 0]);
  });

  test('is not removed while something needs it', async () => {
    await database.people.put(maren);
    await database.fabrics.put(blankFabric('linen', 'storm linen'));
    await write(database, 'a make', [{ table: 'makes', put: { ...make, fabrics: [{ id: 'u', fabricId: 'linen', part: 'main' }] } }]);
    await expect(write(database, 'gone', [{ table: 'fabrics', remove: 'linen' }])).rejects.toThrow('1 make still needs this fabric');
    await expect(write(database, 'gone', [{ table: 'people', remove: 'person' }])).rejects.toThrow('1 make still needs this person');
    expect(await database.fabrics.count()).toBe(1);
    await write(database, 'both', [
      { table: 'makes', remove: make.id },
      { table: 'fabrics', remove: 'linen' },
    ]);
    expect(await database.fabrics.count()).toBe(0);
  });

  test('of one that spoke of something missing before, the rest can be changed', async () => {
    await database.makes.put(make);
    await write(database, 'a remark', [{ table: 'makes', from: make, to: { ...make, remark: 'sheds' } }]);
    expect((await database.makes.get(make.id))?.remark).toBe('sheds');
  });
});

describe('what is in no file yet', () => {
  test('is counted by acts, with what was taken back and done again, whatever the clock says', async () => {
    const act = (name: string, now: number) => write(database, name, [{ table: 'people', put: { ...maren, name } }], now);
    await act('a', 5 * 86_400_000);
    expect(await unsavedActs(database)).toBe(1);
    await noteSaved(database, await reachedNow(database), 40 * 86_400_000);
    expect(await unsavedActs(database)).toBe(0);
    await act('b', 6 * 86_400_000);
    expect(await unsavedActs(database)).toBe(1);
    await undo(database);
    expect(await unsavedActs(database)).toBeGreaterThan(0);
    await noteSaved(database, await reachedNow(database), 41 * 86_400_000);
    await redo(database);
    expect(await unsavedActs(database)).toBeGreaterThan(0);
  });

  test('of a ledger saved by an app that noted only when, goes by that', async () => {
    await write(database, 'a', [{ table: 'people', put: maren }], 10);
    await write(database, 'b', [{ table: 'people', put: { ...maren, name: 'Maren L.' } }], 30);
    await database.settings.put({ key: 'savedAt', value: 20 });
    expect(await unsavedActs(database)).toBe(1);
  });
});

describe('undo and redo', () => {
  test('a new record goes and comes again', async () => {
    await write(database, 'Maren added', [{ table: 'people', put: maren }]);
    expect(await undo(database)).toBe('Maren added');
    expect(await database.people.get('person')).toBeUndefined();
    expect(await redo(database)).toBe('Maren added');
    expect(await database.people.get('person')).toEqual(maren);
  });

  test('a change goes back to what was before, step by step', async () => {
    await write(database, 'one', [{ table: 'people', put: maren }]);
    await write(database, 'two', [{ table: 'people', put: { ...maren, name: 'Maren L.' } }]);
    await write(database, 'three', [{ table: 'people', remove: 'person' }]);
    const names: (string | undefined)[] = [];
    for (let i = 0; i < 3; i++) {
      await undo(database);
      names.push((await database.people.get('person'))?.name);
    }
    expect(names).toEqual(['Maren L.', 'Maren', undefined]);
    expect(await undo(database)).toBeUndefined();
  });

  test('an act on several tables is one step', async () => {
    await write(database, 'both', [
      { table: 'people', put: maren },
      { table: 'makes', put: make },
    ]);
    await undo(database);
    expect([await database.people.count(), await database.makes.count()]).toEqual([0, 0]);
    await redo(database);
    expect([await database.people.count(), await database.makes.count()]).toEqual([1, 1]);
  });

  test('redo walks forwards in the order of the acts', async () => {
    for (const name of ['a', 'b', 'c']) await write(database, name, [{ table: 'people', put: { ...maren, name } }]);
    await undo(database);
    await undo(database);
    expect(await redo(database)).toBe('b');
    expect((await database.people.get('person'))?.name).toBe('b');
    expect(await redo(database)).toBe('c');
    expect(await redo(database)).toBeUndefined();
  });

  test('after a new act there is nothing to do again', async () => {
    await write(database, 'a', [{ table: 'people', put: maren }]);
    await undo(database);
    await write(database, 'b', [{ table: 'people', put: { ...maren, name: 'Tilda' } }]);
    expect(await redo(database)).toBeUndefined();
    expect((await database.people.get('person'))?.name).toBe('Tilda');
  });
});

describe('pictures', () => {
  const bytes = new Blob([new Uint8Array([1, 2, 3])], { type: 'image/png' });
  const small = new Blob([new Uint8Array([1])]);
  const picture = { id: 'picture', makeId: make.id, side: 'front', place: 0, type: 'image/png', blob: bytes, small } as const;
  const inJournal = async () =>
    (await database.journal.toArray()).flatMap((entry) => entry.changes.flatMap((c) => [c.before, c.after])).filter((r) => r && 'blob' in r).length;

  test('that are there do not lie in the journal too; those that went do, and all of it can be taken back and done again', async () => {
    await database.people.put(maren);
    await database.makes.put({ ...make, sources: [], fabrics: [] });
    await write(database, 'added', [{ table: 'pictures', put: picture }]);
    await write(database, 'turned', [{ table: 'pictures', from: picture, to: { ...picture, side: 'back' } }]);
    expect(await inJournal()).toBe(0);
    await undo(database);
    expect(await database.pictures.get('picture')).toEqual(picture);
    await undo(database);
    expect(await database.pictures.count()).toBe(0);
    expect(await inJournal()).toBe(1);
    await redo(database);
    await redo(database);
    const again = (await database.pictures.get('picture'))!;
    expect([again.side, again.blob, again.small]).toEqual(['back', bytes, small]);
    expect(await inJournal()).toBe(0);
    await write(database, 'removed', [{ table: 'pictures', remove: 'picture' }]);
    expect(await inJournal()).toBe(1);
    await bringBack(database, (await removals(database))[0]!.seq);
    expect((await database.pictures.get('picture'))!.blob).toBe(bytes);
  });
});

describe('what was removed', () => {
  const DAY = 86_400_000;
  const add = (now: number) => write(database, 'added', [{ table: 'people', put: maren }], now);
  const remove = (now: number) => write(database, 'Maren removed', [{ table: 'people', remove: 'person' }], now);

  test('is listed until it comes back, and comes back whatever happened since', async () => {
    await add(1);
    await remove(2);
    await write(database, 'a fabric', [{ table: 'fabrics', put: blankFabric('linen', 'storm linen') }], 3);
    const [removal] = await removals(database);
    expect(removal).toMatchObject({ label: 'Maren removed', records: 1 });
    expect(await bringBack(database, removal!.seq)).toBe('Maren removed');
    expect(await database.people.get('person')).toEqual(maren);
    expect(await database.fabrics.count()).toBe(1);
    expect(await removals(database)).toEqual([]);
    expect(await bringBack(database, removal!.seq)).toBeUndefined();
  });

  test('bringing back is an act that can be taken back', async () => {
    await add(1);
    await remove(2);
    await bringBack(database, (await removals(database))[0]!.seq);
    expect(await undo(database)).toBe('brought back: Maren removed');
    expect(await database.people.count()).toBe(0);
  });

  test('what undo brought back is not listed', async () => {
    await add(1);
    await remove(2);
    await undo(database);
    expect(await removals(database)).toEqual([]);
  });

  test('a change is no removal', async () => {
    await add(1);
    await write(database, 'renamed', [{ table: 'people', from: maren, to: { ...maren, name: 'Maren L.' } }], 2);
    expect(await removals(database)).toEqual([]);
  });

  test('after thirty days it is gone for good, and not a day before', async () => {
    await add(0);
    await remove(5 * DAY);
    for (const start of [34.8, 34.9, 35.1]) await emptyOld(database, start * DAY);
    expect(await removals(database)).toHaveLength(1);
    await emptyOld(database, 35.2 * DAY);
    expect(await removals(database)).toEqual([]);
    expect(await database.journal.count()).toBe(0);
  });

  test('a clock that was ahead once takes nothing, and one that stays ahead a day’s worth at a start', async () => {
    await emptyOld(database, 0);
    for (let day = 0; day < 20; day++)
      await write(database, `day ${day}`, [{ table: 'fabrics', put: blankFabric(`${day}`, `linen ${day}`) }], day * DAY);
    await remove(20 * DAY);
    await emptyOld(database, 60 * DAY);
    await emptyOld(database, 20.5 * DAY);
    expect(await database.journal.count()).toBe(21);
    for (const start of [60, 60.1]) await emptyOld(database, start * DAY);
    expect((await database.journal.orderBy('seq').first())?.label).toBe('day 2');
    // What was done under the clock that was ahead does not hold up what came after it.
    await write(database, 'ahead', [{ table: 'people', put: maren }], 400 * DAY);
    await write(database, 'true again', [{ table: 'people', put: { ...maren, name: 'Maren L.' } }], 22 * DAY);
    for (let start = 90; start < 120; start++) await emptyOld(database, start * DAY);
    expect(await database.journal.count()).toBe(0);
  });

  test('what a removed record held, for other devices, goes by the same rule', async () => {
    await emptyOld(database, 0);
    await add(1 * DAY);
    await remove(2 * DAY);
    const held = async () => (await database.histories.get('people/person'))?.last;
    await emptyOld(database, 90 * DAY);
    expect(await held()).toBeDefined();
    await emptyOld(database, 91 * DAY);
    expect(await held()).toBeUndefined();
  });
});
