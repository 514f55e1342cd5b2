import fc from 'fast-check';
import { TABLES } from '../records/ledger';
import { carriedOver, MAPS } from './carry-over';

const note = (id: string, words = '') => ({ id, words });

describe('what an edit did is done to the record as it stands', () => {
  test('one measure of a set, whatever else was entered meanwhile; taken away it is gone', () => {
    const set = (measures: Readonly<Record<string, number>>) => ({ measures });
    expect(carriedOver(set({ waist: 70, hip: 96 }), set({ waist: 70 }), set({ waist: 71 }))).toEqual(set({ waist: 71, hip: 96 }));
    expect(carriedOver(set({ waist: 70, hip: 96 }), set({ waist: 70 }), set({}))).toEqual(set({ hip: 96 }));
  });

  test('one note of a list: added, changed, taken away', () => {
    const from = [note('a'), note('b')];
    const now = [note('a'), note('b'), note('theirs')];
    expect(carriedOver(now, from, [...from, note('ours')])).toEqual([note('a'), note('b'), note('ours'), note('theirs')]);
    expect(carriedOver(now, from, [note('a', 'tight'), note('b')])).toEqual([note('a', 'tight'), note('b'), note('theirs')]);
    expect(carriedOver(now, from, [note('b')])).toEqual([note('b'), note('theirs')]);
  });

  test('what was removed meanwhile is not brought back by a change of it', () => {
    expect(carriedOver([note('b')], [note('a'), note('b')], [note('a', 'tight'), note('b')])).toEqual([note('b')]);
  });

  test('an order that was chosen stands, with what came meanwhile in its place', () => {
    const [a, b, c] = [note('a'), note('b'), note('c')];
    expect(carriedOver([a, note('new'), b, c], [a, b, c], [c, a, b])).toEqual([c, a, note('new'), b]);
  });

  test('sizes at places of the body are told apart by the place', () => {
    const at = (zone: string, size: string) => ({ zone, line: { size } });
    expect(carriedOver([at('waist', 'M'), at('hip', 'L')], [at('waist', 'M')], [at('waist', 'S')])).toEqual([at('waist', 'S'), at('hip', 'L')]);
  });

  test('pieces of a fabric have no names: one that was cut and one that was bought both stand', () => {
    const piece = (length: number) => ({ length, width: 140 });
    expect(carriedOver([piece(110)], [piece(300)], [piece(300), piece(80)])).toEqual([piece(110), piece(80)]);
    expect(carriedOver([piece(300), piece(50)], [piece(300)], [])).toEqual([piece(50)]);
  });

  test('a column of a chart goes by its places', () => {
    expect(carriedOver([66, 70, null], [66, null, null], [66, null, 75])).toEqual([66, 70, 75]);
  });

  test('a price and a size line are one value each: two edits of one are never mixed', () => {
    const price = (minor: number, currency: string) => ({ price: { minor, currency } });
    expect(carriedOver(price(900, 'EUR'), price(500, 'EUR'), price(500, 'GBP'))).toEqual(price(500, 'GBP'));
    const cut = (size: object) => ({ size });
    expect(carriedOver(cut({ size: 'M' }), cut({ size: 'S' }), cut({ size: 'S', to: 'M', at: 0.5 }))).toEqual(cut({ size: 'S', to: 'M', at: 0.5 }));
  });

  test('other bytes are another picture, though none of their parts can be seen', () => {
    const [old, turned] = [new Blob(['old']), new Blob(['turned'])];
    expect(carriedOver({ side: 'back', blob: old }, { side: 'front', blob: old }, { side: 'front', blob: turned })).toEqual({
      side: 'back',
      blob: turned,
    });
    expect((carriedOver({ blob: old }, { blob: old }, { blob: turned }) as { blob: Blob }).blob).toBe(turned);
  });

  test('the maps are those that the shapes of the records declare', () => {
    const found = new Set<string>();
    const look = (shape: unknown): void => {
      const { def } = (shape as { _zod: { def: { innerType?: unknown; element?: unknown; shape?: Record<string, unknown>; options?: unknown[] } } })
        ._zod;
      for (const inner of [def.innerType, def.element, ...(def.options ?? [])]) if (inner) look(inner);
      for (const [name, field] of Object.entries(def.shape ?? {})) {
        if (isMap(field)) found.add(name);
        look(field);
      }
    };
    const isMap = (shape: unknown): boolean => {
      const { def } = (shape as { _zod: { def: { type: string; innerType?: unknown } } })._zod;
      return def.type === 'record' || (def.innerType !== undefined && isMap(def.innerType));
    };
    for (const shape of Object.values(TABLES)) look(shape);
    // What is chosen of a view is asked detail by detail as well.
    expect([...found, 'chosen', 'offers'].sort()).toEqual([...MAPS].sort());
    const [mid, patch] = [{ chosen: { length: 'mid' } }, { chosen: { pockets: 'patch' } }];
    for (const none of [{}, { chosen: {} }]) expect(carriedOver(mid, none, patch)).toEqual({ chosen: { length: 'mid', pockets: 'patch' } });
    // The last value of a map that one edit took away is not given back by another.
    expect(carriedOver({}, mid, { chosen: { length: 'mid', pockets: 'patch' } })).toEqual(patch);
  });

  test('of what both changed the edit stands', () => {
    expect(carriedOver({ love: 3 }, { love: 4 }, { love: 5 })).toEqual({ love: 5 });
  });
});

const item = fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd', 'e'), words: fc.constantFrom('', 'tight', 'loose') }, { noNullPrototype: true });
const record = fc.record(
  {
    notes: fc.uniqueArray(item, { selector: (i) => i.id }),
    seasons: fc.uniqueArray(fc.constantFrom('spring', 'summer', 'autumn')),
    measures: fc.dictionary(fc.constantFrom('waist', 'hip', 'bust'), fc.integer({ min: 60, max: 63 }), { noNullPrototype: true }),
    pieces: fc.array(fc.record({ length: fc.integer({ min: 1, max: 3 }) }, { noNullPrototype: true }), { maxLength: 4 }),
    words: fc.constantFrom('one', 'two'),
  },
  { requiredKeys: ['notes', 'measures'], noNullPrototype: true },
);

test('nothing changed meanwhile: the edit is what it wants; nothing edited: the record stays', () => {
  fc.assert(
    fc.property(record, record, (a, b) => {
      expect(carriedOver(a, a, b)).toEqual(b);
      expect(carriedOver(b, a, a)).toEqual(b);
    }),
  );
});

test('acts of two clients on different things of one record both stand, whichever is written first', () => {
  const ids = ['a', 'b', 'c', 'd', 'e'];
  fc.assert(
    fc.property(
      record,
      fc.shuffledSubarray(ids, { minLength: 2, maxLength: 2 }),
      fc.constantFrom('waist', 'hip'),
      (start, [mine, theirs], measure) => {
        const other = measure === 'waist' ? 'hip' : 'waist';
        type R = { readonly notes: readonly { readonly id: string; readonly words: string }[]; readonly measures: Readonly<Record<string, number>> };
        const set = (r: R, id: string, m: string, cm: number): R => ({
          ...r,
          notes: [...r.notes.filter((n) => n.id !== id), { id, words: `${cm}` }],
          measures: { ...r.measures, [m]: cm },
        });
        const [a, b] = [set(start, mine!, measure, 101), set(start, theirs!, other, 102)];
        for (const after of [carriedOver(a, start, b), carriedOver(b, start, a)] as R[]) {
          expect(after.measures).toMatchObject({ [measure]: 101, [other]: 102 });
          expect(after.notes).toEqual(
            expect.arrayContaining([
              { id: mine, words: '101' },
              { id: theirs, words: '102' },
            ]),
          );
          expect(after.notes.length).toBe(new Set([...start.notes.map((n) => n.id), mine, theirs]).size);
        }
      },
    ),
  );
});
