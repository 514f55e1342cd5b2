import { SAMPLE_BODY, SAMPLE_PATTERN, sampleFabric, sampleMake } from '../garment/sample-case';
import type { Fabric, Make, Occasion, Pattern } from '../records';
import { couldSewFor, type AskedFor } from './could-sew-for';
import type { CouldSew } from './for-an-occasion';
import { paceOf } from './pace';
import { SAMPLE_WEEK, sampleTables } from './sample-bench';
import { sittingsFrom } from './sittings';

const TODAY = '2026-11-30';
const OCCASION: Occasion = { id: 'o', personId: 'person', name: 'wedding', date: '2027-07-17', warmth: 'warm' };
const inStash = (id: string, rest: Partial<Fabric> = {}) =>
  sampleFabric(id, { pieces: [{ length: 400, width: 140 }], washedOn: '2026-01-01', ...rest });
const pattern = (id: string, rest: Partial<Pattern> = {}): Pattern => ({ ...SAMPLE_PATTERN, id, name: id, ...rest });
const made = (of: string, rest: Partial<Make> = {}) => sampleMake(1, { id: `of ${of}`, sources: [{ patternId: of, viewId: 'view' }], ...rest });

function ask(patterns: readonly Pattern[], fabrics: readonly Fabric[], makes: readonly Make[] = [], rest: Partial<AskedFor> = {}) {
  const tables = { ...sampleTables(makes), patterns: [...patterns], fabrics: [...fabrics], bodies: [SAMPLE_BODY] };
  let ids = 0;
  const asked = couldSewFor({
    occasion: OCCASION,
    tables,
    ofPerson: { ...tables, makes: makes.filter((m) => m.personId === 'person') },
    pace: paceOf(tables),
    sittings: sittingsFrom(SAMPLE_WEEK, TODAY, 400),
    taken: 0,
    wardrobe: [],
    right: new Map(),
    worn: () => undefined,
    today: TODAY,
    unit: 'cm',
    newId: () => `new-${++ids}`,
    ...rest,
  });
  let pauses = 0;
  for (let next = asked.next(); ; next = asked.next()) {
    if (next.done) return { found: next.value, pauses };
    pauses++;
  }
}
const pairs = (found: readonly CouldSew[]) => found.map((c) => `${c.pattern.id} in ${c.fabric?.id ?? 'nothing'}`);
const words = (c: CouldSew | undefined) => c?.reasons.map((r) => r.words) ?? [];

test('each pattern once, in the fabric that suits the day; what lines a garment is no garment', () => {
  const linen = inStash('linen', { fibre: 'linen', weight: 150 });
  const { found } = ask(
    [pattern('blouse'), pattern('shirt')],
    [inStash('blanket wool', { fibre: 'wool', weight: 400 }), linen, inStash('silk lining')],
  );
  expect(pairs(found).sort()).toEqual(['blouse in linen', 'shirt in linen']);
});

test('a pattern that only somebody else wears is theirs; one of both is hers too; what is not worn is left out', () => {
  const makes = [made('theirs', { personId: 'other' }), made('both', { id: 'a', personId: 'other' }), made('both', { id: 'b' })];
  const { found } = ask(
    [pattern('theirs'), pattern('both'), pattern('gone', { state: 'retired' }), pattern('tote', { kind: 'bag' })],
    [inStash('linen')],
    makes,
  );
  expect(pairs(found)).toEqual(['both in linen']);
});

test('without a fabric of its structure a pattern stands there with what is to be bought', () => {
  const { found } = ask([pattern('blouse'), pattern('tee', { wants: { structure: 'knit' } })], [inStash('linen')]);
  expect(pairs(found)).toEqual(['blouse in linen', 'tee in nothing']);
  expect(words(found[1])).toContain('no fabric of the stash goes with it: one is to be bought');
});

test('what versions say is told: how many were cut, what is loved, how it fits, how often it would be worn', () => {
  const verdict = (love: 2 | 5) => ({ verdicts: [{ id: 'v', date: TODAY, wears: 3, love, reasons: [] }] });
  const makes = [made('blouse', { id: 'a', ...verdict(2) }), made('blouse', { id: 'b', version: 2, ...verdict(5) })];
  const told = (right?: number) =>
    ask([pattern('blouse')], [inStash('linen')], makes, { right: new Map([['blouse', right]]), worn: () => 2.2 }).found[0];
  expect(words(told())).toEqual(
    expect.arrayContaining([
      '2 versions cut, and how it fits was not noted',
      'a version is loved 5 of 5',
      'such garments were worn about 2 times a month',
    ]),
  );
  expect(words(told(0.9)).join()).toMatch(/fits with a chance of 90.% at its weakest place/);
});

test('a little at a time: it pauses at each pattern and each fabric that is looked at closely, and closely only at the best', () => {
  const many = Array.from({ length: 30 }, (_, i) => pattern(`p${i}`));
  const fabrics = Array.from({ length: 10 }, (_, i) => inStash(`linen ${i}`));
  const { found, pauses } = ask(many, fabrics);
  expect(found).toHaveLength(6);
  expect(pauses).toBe(30 + 16 * 4);
});
