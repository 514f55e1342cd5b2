import { SAMPLE_BODY, SAMPLE_PATTERN, sampleAlteration, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import type { Make } from '../records';
import { MOST_COMPARED } from './most-compared';
import { compareMakes } from './compare-makes';

const OTHER = { ...SAMPLE_PATTERN, id: 'other', name: 'Other blouse', fitClass: 'loose' as const };
const KNIT = { ...SAMPLE_PATTERN, id: 'knit', fitClass: 'close' as const, wants: { structure: 'knit' as const, stretch: 40 } };
const of = (id: string, patternId: string, rest: Partial<Make> = {}) => ({ ...sampleMake(1, rest), id, sources: [{ patternId, viewId: 'view' }] });
const makes: Make[] = [
  of('a', 'pattern', {
    size: { size: 'D' },
    fitNotes: [sampleNote('bust', 0), sampleNote('sleeve', -1)],
    alterations: [sampleAlteration('sleeve-length', 2)],
  }),
  of('b', 'other', { fitNotes: [sampleNote('bust', 1)] }),
  of('c', 'knit', { fabrics: [{ id: 'u', fabricId: 'firm', part: 'main' }], fitNotes: [sampleNote('bust', -1)] }),
  { ...sampleMake(1), id: 'bag', sources: [], name: 'a bag' },
];
const TABLES = {
  patterns: [SAMPLE_PATTERN, OTHER, KNIT],
  makes,
  bodies: [SAMPLE_BODY],
  fabrics: [sampleFabric('poplin'), sampleFabric('firm', { structure: 'knit', stretchAcross: 15 })],
};
const zone = (ids: readonly string[], i: number, id: 'bust' | 'sleeve' | 'bodice') => compareMakes(ids, TABLES).compared[i]!.zones.get(id);

describe('garments side by side', () => {
  test('offset against each its own pattern; ease on the one body: semi 8 and cut 4 above, loose 12 as drafted', () => {
    expect(zone(['a', 'b'], 0, 'bust')).toMatchObject({ offset: 4, ease: 12, note: { outcome: 0 } });
    expect(zone(['a', 'b'], 1, 'bust')).toMatchObject({ offset: 0, ease: 12, note: { outcome: 1 } });
  });

  test('the ease is that of the tape: what a firm knit lacks in give is in the offset and not in it', () => {
    const found = zone(['c'], 0, 'bust')!;
    expect(found.ease).toBeCloseTo(0, 9);
    expect(found.offset).toBeCloseTo((0.4 * 90 * (15 - 40)) / 100, 9);
  });

  test('a length has an offset and no ease; what nothing is known of is a gap', () => {
    expect(zone(['a'], 0, 'sleeve')).toEqual({ offset: 2, ofBody: true, note: expect.objectContaining({ outcome: -1 }) as unknown });
    expect(zone(['a'], 0, 'bodice')).toBeUndefined();
  });

  test('in the order in which they were chosen, each once, those that are there, six at most', () => {
    const many = Array.from({ length: 9 }, (_, i) => of(`m${i}`, 'pattern'));
    const ids = (chosen: readonly string[]) => compareMakes(chosen, { ...TABLES, makes: [...makes, ...many] }).compared.map((c) => c.make.id);
    expect(ids(['b', 'gone', 'a', 'b'])).toEqual(['b', 'a']);
    expect(ids(many.map((m) => m.id))).toHaveLength(MOST_COMPARED);
  });

  test('a thing without a pattern stands beside them with no fit; zones run from the neck down', () => {
    const { compared, zones } = compareMakes(['bag', 'a', 'b'], TABLES);
    expect(compared[0]).toMatchObject({ pattern: undefined });
    expect(compared[0]!.zones.size).toBe(0);
    expect(zones).toEqual(['acrossBack', 'bust', 'sleeve']);
  });
});
