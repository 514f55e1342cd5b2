import equal from 'fast-deep-equal';
import fc from 'fast-check';
import { sampleMake, SAMPLE_PATTERN } from '../../garment/sample-case';
import { freePlan } from '../../plan/free-plan';
import { blankFabric, blankPlan } from '../../records/blank';
import { Ledger } from '../../records/ledger';
import { referencesOf } from '../references';
import { TABLE_NAMES, type TableName } from '../../records/table-names';
import { noted, type RecordHistory } from './history';
import { historyKey } from './history-key';
import type { AnyRecord } from './leaves';
import { BEING_THERE, mergeLedgers, type Side, type Which } from './merge';
import { knownBefore, twoCourses } from './two-courses';
import { deviceOf, knownTogether, later, latestOf, NEVER, nextStamp, stampOf, timeOf, type Known } from './stamp';

type Loose = AnyRecord & Record<string, unknown>;
type Changes = { table: TableName; id: string; before: Loose | undefined; after: Loose | undefined }[];

/** A device with a ledger: it writes, and takes in what others wrote. */
class Device {
  readonly #name: string;
  #clock = 1000;
  #latest = NEVER;
  tables: Record<TableName, Loose[]>;
  readonly records = new Map<string, RecordHistory>();
  readonly known = new Map<string, string>();
  /** Fields that were written here, by record: not what was only taken in, nor what came back as it was. */
  readonly wrote = new Set<string>();
  #done: Changes[] = [];
  #undone: Changes[] = [];

  constructor(name: string, tables: Record<TableName, Loose[]>) {
    this.#name = name;
    this.tables = tables;
  }

  get side(): Side {
    return { tables: this.tables, history: { known: new Map(this.known), records: new Map(this.records) } };
  }

  setClock(time: number): void {
    this.#clock = time;
  }

  #stamp(knowing: Known = this.known): string {
    this.#latest = nextStamp(this.#clock, later(latestOf(knowing), this.#latest), this.#name);
    this.known.set(this.#name, this.#latest);
    return this.#latest;
  }

  get(table: TableName, id: string): Loose | undefined {
    return this.tables[table].find((r) => r.id === id);
  }

  /** One act: records as they become, or undefined for those that go. */
  write(...changes: readonly (readonly [TableName, string, Loose | undefined])[]): void {
    const act = changes.map(([table, id, after]) => ({ table, id, before: this.get(table, id), after }));
    for (const { table, id, before, after } of act)
      for (const field of Object.keys(after ?? {})) if (!equal(before?.[field], after?.[field])) this.wrote.add(`${historyKey(table, id)}#${field}`);
    this.#done.push(act);
    this.#undone = [];
    this.#write(act);
  }

  undo(): void {
    const act = this.#done.pop();
    if (!act) return;
    this.#undone.push(act);
    this.#write(act.map(({ before, after, ...at }) => ({ ...at, before: after, after: before })).reverse());
  }

  redo(): void {
    const act = this.#undone.pop();
    if (!act) return;
    this.#done.push(act);
    this.#write(act);
  }

  /** Brings back what the last removal took, whatever was done since, as an act of its own. */
  bringBack(): void {
    const removal = this.#done.findLast((act) => act.some((c) => c.before && !c.after));
    const gone = (removal ?? []).filter((c) => !c.after && !this.get(c.table, c.id));
    if (gone.length === 0) return;
    const back = gone.map(({ table, id, before }) => ({ table, id, before: undefined, after: before }));
    this.#done.push(back);
    this.#undone = [];
    this.#write(back);
  }

  #write(changes: Changes): void {
    const stamp = this.#stamp();
    for (const { table, id, after } of changes) {
      const before = this.get(table, id);
      const key = historyKey(table, id);
      const history = noted({ table, id }, this.records.get(key), before, after, stamp);
      if (history) this.records.set(key, history);
      this.tables[table] = [...this.tables[table].filter((r) => r.id !== id), ...(after ? [after] : [])];
    }
  }

  change(table: TableName, id: string, part: object): void {
    const before = this.get(table, id);
    if (before) this.write([table, id, { ...before, ...part }]);
  }

  /** Removes a record and what is nothing without it, as one act. */
  remove(table: TableName, id: string): void {
    if (!this.get(table, id)) return;
    const gone = new Set([historyKey(table, id)]);
    for (let grown = true; grown;) {
      grown = false;
      for (const other of TABLE_NAMES)
        for (const record of this.tables[other]) {
          const key = historyKey(other, record.id);
          if (gone.has(key) || !referencesOf(other, record as never).some(([t, i]) => gone.has(historyKey(t, i)))) continue;
          gone.add(key);
          grown = true;
        }
    }
    this.write(...[...gone].map((key) => [key.split('/')[0] as TableName, key.slice(key.indexOf('/') + 1), undefined] as const));
  }

  takeIn(other: Device, choices: ReadonlyMap<string, Which> = new Map()) {
    const merged = mergeLedgers(
      this.side,
      other.side,
      choices,
      choices.size > 0 ? this.#stamp(knownTogether(this.known, other.known)) : stampOf(0, 'none'),
    );
    this.tables = merged.tables as unknown as Record<TableName, Loose[]>;
    for (const [key, history] of merged.history.records) this.records.set(key, history);
    for (const [device, stamp] of merged.history.known) this.known.set(device, later(stamp, this.known.get(device) ?? NEVER));
    [this.#done, this.#undone] = [[], []];
    return merged;
  }
}

const note = (id: string, words: string) => ({ id, kind: 'tip', words }) as const;

/** What all devices begin with. Records are replaced there and never changed, so that they can share them. */
const COMMON: Record<TableName, Loose[]> = Ledger.parse({
  people: [
    { id: 'person', name: 'Maren' },
    { id: 'other', name: 'Anselm' },
  ],
  bodies: [{ id: 'body', personId: 'person', date: '2025-01-01', measures: { bust: 90 } }],
  patterns: [
    SAMPLE_PATTERN,
    {
      ...SAMPLE_PATTERN,
      id: 'joined',
      name: 'the Sunday blouse',
      charts: [],
      collectionId: 'book',
      joins: [{ patternId: 'pattern', viewId: 'view', zones: ['bust'], pieces: 'front' }],
      offers: { length: ['short', 'long'] },
      reports: [{ id: 'r1', words: 'runs long', zone: 'sleeve', direction: 1 }],
    },
  ],
  fabrics: [blankFabric('linen', 'washed linen'), blankFabric('twill', 'slate twill')],
  makes: [
    sampleMake(1, { fabrics: [], notes: [{ ...note('n1', 'clip the curve') }] }),
    sampleMake(2, { fabrics: [{ id: 'use', fabricId: 'linen', part: 'main', length: 120 }] }),
    {
      ...sampleMake(3, {
        fabrics: [],
        setId: 'set',
        notes: [{ ...note('n1', 'starch it'), about: [{ of: 'fabrics like it', fabricId: 'linen' }], link: 'https://example.org/starch' }],
        bought: { what: 'a maxi dress', price: { minor: 900, currency: 'EUR' } },
        cameOut: [{ id: 'o1', fabricId: 'linen', length: 40, width: 90 }],
      }),
      sources: [],
      name: 'cut down',
      garment: 'skirt',
      kind: 'refashion',
    },
  ],
  lists: [{ id: 'list', name: 'spring', added: '2025-01-01' }],
  plans: [
    { ...freePlan('free', 'person', 'shorten the dress', '2025-02-01'), refashionOf: 'make-1', setId: 'set', listId: 'list' },
    { ...blankPlan('joining', 'person', 'joined', 'view', '2025-02-01'), joins: [{ patternId: 'pattern', viewId: 'view', zones: ['sleeve'] }] },
  ],
  sets: [{ id: 'set', name: 'a skirt with its overskirt' }],
  collections: [{ id: 'book', name: 'Harbour Quarterly 14', kind: 'magazine issue', price: { minor: 1290, currency: 'EUR' } }],
  times: [{ id: 'saturday', kind: 'usual', weekday: 6, minutes: 180 }],
  occasions: [{ id: 'wedding', personId: 'other', name: 'the wedding', date: '2026-07-17' }],
  wears: [{ id: 'wear', date: '2025-03-01', makeIds: ['make-1'] }],
  pictures: [
    { id: 'picture', makeId: 'make-1', side: 'front', type: 'image/png', file: 'pictures/1.png' },
    { id: 'of a note', makeId: 'make-3', noteId: 'n1', side: 'detail', type: 'image/png', file: 'pictures/2.png' },
    { id: 'of a pattern', patternId: 'joined', side: 'line drawing', type: 'image/png', file: 'pictures/3.png' },
    { id: 'of a plan', planId: 'free', side: 'front', type: 'image/png', file: 'pictures/4.png' },
  ],
});
const device = (name: string) => new Device(name, { ...COMMON });

/** A ledger in an order of its own, to be compared. */
function shown({ tables, history }: Side) {
  const byId = (list: readonly AnyRecord[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
  return {
    tables: Object.fromEntries(TABLE_NAMES.map((t) => [t, byId(tables[t])])),
    known: [...history.known].sort(),
    records: [...history.records].sort(([a], [b]) => (a < b ? -1 : 1)),
  };
}
const merge = (a: Side, b: Side) => mergeLedgers(a, b, new Map(), stampOf(0, 'none'));

describe('stamps', () => {
  test('sort by time, and grow on a device whatever its clock says', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(fc.integer(), fc.double(), fc.constant(Number.NaN)), { maxLength: 20 }), (clock) => {
        let latest = stampOf(0, 'a');
        for (const now of clock) {
          const next = nextStamp(now, latest, 'a');
          expect(next > latest).toBe(true);
          expect([deviceOf(next), timeOf(next) > timeOf(latest)]).toEqual(['a', true]);
          latest = next;
        }
      }),
    );
    expect(stampOf(2, 'b') < stampOf(10, 'a')).toBe(true);
  });
});

describe('two ledgers brought together', () => {
  test('what one side changed is taken, fields and notes of one make from both', () => {
    const [desk, phone] = [device('desk'), device('phone')];
    desk.change('makes', 'make-1', { remark: 'sheds', notes: [note('n1', 'clip the curve'), note('n2', 'from the desk')] });
    phone.change('makes', 'make-1', { quantity: 2, notes: [note('n1', 'clip the curve'), note('n3', 'from the phone')] });
    phone.write(['wears', 'w2', { id: 'w2', date: '2025-04-01', makeIds: ['make-2'], count: 1 }]);
    const { conflicts } = desk.takeIn(phone);
    expect(conflicts).toEqual([]);
    expect(desk.get('makes', 'make-1')).toMatchObject({ remark: 'sheds', quantity: 2 });
    expect((desk.get('makes', 'make-1')!['notes'] as AnyRecord[]).map((n) => n.id)).toEqual(['n1', 'n3', 'n2']);
    expect(desk.get('wears', 'w2')).toBeDefined();
  });

  test('what both changed is shown with both, the later one stands, and a choice ends it', () => {
    const [desk, phone] = [device('desk'), device('phone')];
    desk.setClock(2000);
    desk.change('fabrics', 'linen', { name: 'linen, washed' });
    phone.setClock(3000);
    phone.change('fabrics', 'linen', { name: 'oat linen' });
    const before = desk.side;
    const { conflicts } = merge(before, phone.side);
    expect(conflicts).toEqual([
      {
        key: 'fabrics/linen#name',
        table: 'fabrics',
        id: 'linen',
        leaf: 'name',
        here: 'linen, washed',
        there: 'oat linen',
        stands: 'there',
        undated: false,
      },
    ]);
    desk.takeIn(phone, new Map([['fabrics/linen#name', 'here']]));
    expect(desk.get('fabrics', 'linen')!['name']).toBe('linen, washed');
    // The other takes the answer over without being asked again.
    expect(phone.takeIn(desk).conflicts).toEqual([]);
    expect(phone.get('fabrics', 'linen')!['name']).toBe('linen, washed');
    expect(desk.takeIn(phone).conflicts).toEqual([]);
  });

  test('a change made in the knowledge of another is the later one, however wrong the clock', () => {
    const [desk, phone] = [device('desk'), device('phone')];
    desk.setClock(9e12);
    desk.change('fabrics', 'linen', { name: 'from a clock of the far future' });
    phone.takeIn(desk);
    phone.setClock(-5);
    phone.change('fabrics', 'linen', { name: 'put right' });
    expect(desk.takeIn(phone).conflicts).toEqual([]);
    expect(desk.get('fabrics', 'linen')!['name']).toBe('put right');
  });

  test('what was removed on one side is gone, with what went in the same act', () => {
    const [desk, phone] = [device('desk'), device('phone')];
    phone.remove('makes', 'make-1');
    desk.change('makes', 'make-2', { remark: 'another' });
    desk.takeIn(phone);
    expect([desk.get('makes', 'make-1'), desk.get('wears', 'wear'), desk.get('pictures', 'picture')]).toEqual([undefined, undefined, undefined]);
    expect(desk.get('makes', 'make-2')).toMatchObject({ remark: 'another' });
  });

  test('removed on one side and changed on the other: the later stands, whole, and both are shown', () => {
    const [desk, phone] = [device('desk'), device('phone')];
    phone.setClock(2000);
    phone.remove('makes', 'make-1');
    desk.setClock(3000);
    desk.change('makes', 'make-1', { remark: 'still worn' });
    const { conflicts } = merge(phone.side, desk.side);
    expect(conflicts).toMatchObject([{ leaf: BEING_THERE, here: undefined, there: { remark: 'still worn' }, stands: 'there' }]);
    phone.takeIn(desk);
    expect(phone.get('makes', 'make-1')).toMatchObject({ remark: 'still worn' });
    expect(phone.get('wears', 'wear')).toBeDefined();
    expect(phone.get('pictures', 'picture')).toBeDefined();
    desk.takeIn(phone);
    expect(desk.get('wears', 'wear')).toBeDefined();
    const third = device('third');
    third.setClock(4000);
    third.remove('makes', 'make-1');
    const key = merge(third.side, desk.side).conflicts[0]!.key;
    third.takeIn(desk, new Map([[key, 'there']]));
    expect(third.get('makes', 'make-1')).toMatchObject({ remark: 'still worn' });
    expect([third.get('wears', 'wear'), third.get('pictures', 'picture')].map(Boolean)).toEqual([true, true]);
    desk.takeIn(third);
    expect(desk.get('makes', 'make-1')).toMatchObject({ remark: 'still worn' });
  });

  test('a fabric removed on one side comes back where the other side cut something from it', () => {
    const [desk, phone] = [device('desk'), device('phone')];
    phone.remove('fabrics', 'twill');
    desk.change('makes', 'make-1', { fabrics: [{ id: 'u2', fabricId: 'twill', part: 'main' }] });
    const { returned } = phone.takeIn(desk);
    expect(returned).toEqual([{ table: 'fabrics', id: 'twill' }]);
    expect(phone.get('fabrics', 'twill')).toMatchObject({ name: 'slate twill' });
  });

  test('two that differ from before anything was noted are shown, and the same one stands whichever is asked', () => {
    const [desk, phone] = [device('desk'), device('phone')];
    phone.tables = { ...phone.tables, people: phone.tables.people.map((p) => ({ ...p, note: `of the phone: ${p.id}` })) };
    const [one, other] = [merge(desk.side, phone.side), merge(phone.side, desk.side)];
    expect(one.conflicts.map((c) => [c.leaf, c.undated])).toEqual([
      ['note', true],
      ['note', true],
    ]);
    expect(shown(one).tables).toEqual(shown(other).tables);
  });
});

type Act = (d: Device) => void;
const words = fc.constantFrom('a', 'b', 'c', 'd');
const makeId = fc.constantFrom('make-1', 'make-2', 'make-9');
const noteId = fc.constantFrom('n1', 'n2', 'n3', 'n4');
const list = (d: Device, id: string) => (d.get('makes', id)?.['notes'] ?? []) as (AnyRecord & { words: string })[];
/** A record of each kind that is not a make, with a field of words. */
const NAMED: readonly (readonly [TableName, string, string])[] = [
  ['sets', 'set', 'name'],
  ['collections', 'book', 'name'],
  ['lists', 'list', 'note'],
  ['plans', 'free', 'name'],
  ['plans', 'joining', 'words'],
  ['bodies', 'body', 'note'],
  ['times', 'saturday', 'words'],
  ['occasions', 'wedding', 'name'],
  ['patterns', 'joined', 'own'],
  ['makes', 'make-3', 'own'],
];
const act: fc.Arbitrary<Act> = fc.oneof(
  fc.tuple(fc.constantFrom(...NAMED), words).map(
    ([[table, id, field], said]): Act =>
      (d) =>
        d.change(table, id, { [field]: said }),
  ),
  fc.constantFrom(...NAMED).map(
    ([table, id]): Act =>
      (d) =>
        d.remove(table, id),
  ),
  fc.tuple(fc.constantFrom('list', undefined), fc.constantFrom('set', undefined)).map(
    ([listId, setId]): Act =>
      (d) =>
        (listId === undefined || d.get('lists', listId)) &&
        (setId === undefined || d.get('sets', setId)) &&
        d.change('plans', 'joining', { listId, setId }),
  ),
  fc.tuple(fc.constantFrom('wedding', undefined), fc.constantFrom('make-1', undefined)).map(
    ([occasionId, make]): Act =>
      (d) =>
        (occasionId === undefined || d.get('occasions', occasionId)) &&
        (make === undefined || d.get('makes', make)) &&
        d.change('plans', 'joining', { occasionId, wornWith: make === undefined ? undefined : [make] }),
  ),
  fc.tuple(makeId, words).map(
    ([id, remark]): Act =>
      (d) =>
        d.change('makes', id, { remark }),
  ),
  fc.constantFrom('linen', 'twill').chain((id) =>
    words.map(
      (colour): Act =>
        (d) =>
          d.change('fabrics', id, { colour }),
    ),
  ),
  fc.tuple(makeId, noteId, words).map(
    ([id, n, w]): Act =>
      (d) =>
        d.change('makes', id, { notes: [...list(d, id).filter((x) => x.id !== n), note(n, w)] }),
  ),
  fc.tuple(makeId, noteId).map(
    ([id, n]): Act =>
      (d) =>
        d.change('makes', id, { notes: list(d, id).filter((x) => x.id !== n) }),
  ),
  makeId.map(
    (id): Act =>
      (d) =>
        d.change('makes', id, { notes: [...list(d, id)].reverse() }),
  ),
  words.map(
    (w): Act =>
      (d) =>
        d.get('patterns', 'pattern') && d.get('people', 'person') && d.write(['makes', 'make-9', { ...sampleMake(9, { fabrics: [], remark: w }) }]),
  ),
  fc.tuple(fc.constantFrom('w2', 'w3'), makeId).map(
    ([id, make]): Act =>
      (d) =>
        d.get('makes', make) && d.write(['wears', id, { id, date: '2025-05-01', makeIds: [make], count: 1 }]),
  ),
  fc.tuple(makeId, fc.constantFrom('linen', 'twill')).map(
    ([id, fabricId]): Act =>
      (d) =>
        d.get('fabrics', fabricId) && d.change('makes', id, { fabrics: [{ id: 'use', fabricId, part: 'main' }] }),
  ),
  fc
    .constantFrom(
      ['makes', 'make-1'],
      ['makes', 'make-2'],
      ['makes', 'make-9'],
      ['fabrics', 'twill'],
      ['wears', 'wear'],
      ['pictures', 'picture'],
      ['people', 'other'],
      ['people', 'person'],
    )
    .map(
      ([table, id]): Act =>
        (d) =>
          d.remove(table, id),
    ),
  words.map(
    (note): Act =>
      (d) =>
        d.change('people', 'person', { note }),
  ),
  fc.constantFrom<Act>(
    (d) => d.undo(),
    (d) => d.undo(),
    (d) => d.redo(),
    (d) => d.bringBack(),
  ),
  fc.integer({ min: -10, max: 5000 }).map(
    (time): Act =>
      (d) =>
        d.setClock(time),
  ),
);
/** What three devices did, one after another; now and then one takes in what another has. */
const histories = fc.array(
  fc.oneof(
    {
      weight: 6,
      arbitrary: fc.tuple(fc.nat(2), act).map(
        ([i, a]) =>
          (all: Device[]) =>
            void a(all[i]!),
      ),
    },
    {
      weight: 1,
      arbitrary: fc.tuple(fc.nat(2), fc.nat(2)).map(
        ([i, j]) =>
          (all: Device[]) =>
            void all[i]!.takeIn(all[j]!),
      ),
    },
  ),
  { maxLength: 24 },
);
const devicesAfter = (steps: readonly ((all: Device[]) => void)[]) => {
  const all = ['desk', 'phone', 'tablet'].map((name) => device(name));
  for (const step of steps) step(all);
  return all;
};
const played = (steps: readonly ((all: Device[]) => void)[]) => devicesAfter(steps).map((d) => d.side) as [Side, Side, Side];
const of = (merged: Side): Side => ({ tables: merged.tables, history: merged.history });

describe('one device that became two, since its browser was copied to another machine', () => {
  const copyOf = (d: Device) => {
    const copy = device('desk');
    copy.tables = { ...d.tables };
    for (const [key, history] of d.records) copy.records.set(key, history);
    for (const [name, stamp] of d.known) copy.known.set(name, stamp);
    return copy;
  };

  test('is noticed by what each wrote, and both courses are told apart from where they parted', () => {
    const desk = device('desk');
    desk.change('fabrics', 'linen', { colour: 'before' });
    const copy = copyOf(desk);
    expect(twoCourses('desk', desk.side.history, copy.side.history)).toBeUndefined();
    copy.setClock(2000);
    desk.change('makes', 'make-1', { remark: 'of the desk' });
    desk.change('fabrics', 'twill', { colour: 'only here' });
    copy.change('makes', 'make-1', { remark: 'of the copy' });
    const [here, there] = [desk.side, copy.side];
    const common = twoCourses('desk', here.history, there.history);
    expect(common).toBe(desk.records.get('fabrics/linen')!.fields!['colour']);
    expect(twoCourses('desk', there.history, here.history)).toBe(common);
    // Taken for one course, the second of both would be lost without a word.
    expect(merge(here, there).conflicts).toEqual([]);
    const told = (side: Side): Side => ({ ...side, history: { ...side.history, known: knownBefore(side.history.known, 'desk', common!) } });
    const merged = merge(told(here), told(there));
    expect(merged.conflicts.map((c) => [c.id, c.leaf])).toEqual([['make-1', 'remark']]);
    expect(merged.tables.fabrics.find((f) => f.id === 'twill')).toMatchObject({ colour: 'only here' });
  });

  test('is never taken for what several devices do', () => {
    fc.assert(
      fc.property(histories, (steps) => {
        const [a, b, c] = played(steps);
        for (const [name, side] of [
          ['desk', a],
          ['phone', b],
          ['tablet', c],
        ] as const)
          for (const other of [a, b, c]) expect(twoCourses(name, side.history, other.history)).toBeUndefined();
      }),
      { numRuns: 300 },
    );
  });
});

describe('random histories of three devices', () => {
  const holds = (check: (a: Side, b: Side, c: Side) => void) =>
    fc.assert(
      fc.property(histories, (steps) => check(...played(steps))),
      { numRuns: 200 },
    );

  test('it does not matter which of two is asked', () => {
    holds((a, b) => expect(shown(merge(a, b))).toEqual(shown(merge(b, a))));
  });

  test('nor in which order three are brought together', () => {
    // Of a picture that was removed nobody keeps the bytes: whether it comes back with what it belongs to, the third ledger's garment say,
    // depends on whether one of the two that met first still had it. What is noted of it is the same all the same.
    const withoutBytes = (side: Side) => {
      const { tables, ...rest } = shown(side);
      return { ...rest, tables: { ...tables, pictures: [] } };
    };
    holds((a, b, c) => expect(withoutBytes(merge(of(merge(a, b)), c))).toEqual(withoutBytes(merge(a, of(merge(b, c))))));
  });

  test('a second time changes nothing, and asks nothing', () => {
    holds((a, b) => {
      const once = merge(a, b);
      const twice = merge(of(once), b);
      expect(shown(twice)).toEqual(shown(once));
      expect(twice.conflicts).toEqual([]);
    });
  });

  test('no record is left that speaks of one which is gone', () => {
    holds((a, b, c) => {
      const { tables } = merge(of(merge(a, b)), c);
      for (const table of TABLE_NAMES)
        for (const record of tables[table])
          for (const [other, id] of referencesOf(table, record as never)) expect(tables[other].some((r) => r.id === id)).toBe(true);
    });
  });

  test('what one device only wrote is there in the end, whatever was removed and brought back beside it', () => {
    fc.assert(
      fc.property(histories, (steps) => {
        const all = devicesAfter(steps);
        const [a, b, c] = all.map((d) => d.side) as [Side, Side, Side];
        const { tables } = merge(of(merge(a, b)), c);
        for (const writer of all)
          for (const written of writer.wrote) {
            const [key, field] = written.split('#') as [string, string];
            const [table, id] = key.split('/') as [TableName, string];
            // Lists have a property of their own: things in them are written one by one.
            if (field === 'notes' || all.some((d) => d !== writer && d.wrote.has(written))) continue;
            const [said, stands] = [writer.get(table, id), tables[table].find((r) => r.id === id) as Loose | undefined];
            if (said && stands) expect([written, stands[field]]).toEqual([written, said[field]]);
          }
      }),
      { numRuns: Number(process.env['HISTORIES'] ?? 300) },
    );
  });

  test('a ledger that was brought in and went on takes the place of the one it came from', () => {
    fc.assert(
      fc.property(histories, fc.array(act, { maxLength: 8 }), (steps, acts) => {
        const [a] = played(steps);
        const next = device('next');
        next.takeIn(Object.assign(device('x'), { tables: a.tables, records: a.history.records, known: a.history.known }));
        const first = merge(next.side, a);
        expect(shown(first).tables).toEqual(shown(a).tables);
        for (const one of acts) one(next);
        const { conflicts, ...merged } = merge(a, next.side);
        expect(conflicts).toEqual([]);
        expect(shown(merged).tables).toEqual(shown(next.side).tables);
      }),
      { numRuns: 200 },
    );
  });
});
