import { SAMPLE_BODY, sampleAlteration, sampleCase, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import type { FabricUse, Make, Pattern, PatternPiece } from '../records';
import { blankView } from '../records/blank';
import { piecesOf } from '../lay/pieces-of';
import { enoughOf } from './checks';
import { fabricEstimate, type AskedFabric } from './fabric-estimate';
import { fabricFor } from './fabric-for-plan';

const use = (length: number | undefined, rest: Partial<FabricUse> = {}): FabricUse => ({
  id: `use ${rest.part ?? 'main'}`,
  fabricId: 'poplin',
  part: 'main',
  ...(length === undefined ? {} : { length }),
  ...rest,
});
const fabrics = [
  sampleFabric('poplin', { width: 140 }),
  sampleFabric('cord', { width: 140, nap: true }),
  sampleFabric('stash', { width: 140, washedOn: '2025-01-01', pieces: [{ length: 150, width: 140 }] }),
];
const dress: Pattern = { ...SAMPLE_PATTERN, kind: 'dress', views: [blankView('view', 'plain', ['bust', 'skirt'])] };
const of = (makes: Make[], pattern = dress) => sampleCase(makes, { pattern, fabrics });
const plan = (rest: Partial<Make> = {}): Make => ({ ...sampleMake(9, { fabrics: [use(undefined, { fabricId: 'stash' })], ...rest }), id: 'plan' });
const ask = (makes: Make[], planned: Make = plan(), asked: AskedFabric = { width: 140 }, pattern = dress) =>
  fabricEstimate(of(makes, pattern), planned, asked)!;

test('a kind and a size alone say how much, and that it is rough', () => {
  const found = ask([]);
  expect(found).toMatchObject({ pieces: 'an estimate', rough: true });
  // A plain dress at 140 cm takes neither half a metre nor five.
  expect(found.middle).toBeGreaterThan(90);
  expect(found.middle).toBeLessThan(300);
  expect(found.enough).toBeGreaterThan(found.middle * 1.15);
});

test('a larger size takes more, one by its chart and one by its label alone', () => {
  expect(ask([], plan({ size: { size: 'E' } })).middle).toBeGreaterThan(ask([], plan({ size: { size: 'A' } })).middle);
  // A coat in pieces that do not lie side by side in any size.
  const labels = { ...dress, kind: 'coat' as const, charts: [] };
  const xs = sampleMake(1, { size: { size: 'XS' }, fabrics: [use(160)] });
  const at = (size: string) => ask([xs], plan({ size: { size } }), { width: 115 }, labels).middle;
  expect(at('XXL')).toBeGreaterThan(at('XS') * 1.05);
  expect(at('XS')).toBeCloseTo(ask([xs], plan({ size: { size: 'XS' } }), { width: 115 }, labels).middle, 6);
});

test('where nothing says for whom, it is drafted for a usual body, and enough is for a large one too; a tape, a chart or a version settles it', () => {
  const trousers: Pattern = { ...dress, kind: 'trousers', charts: [] };
  const nobody = (makes: Make[], pattern = trousers) => ({ ...of(makes, pattern), bodies: [] });
  const needs = (input: ReturnType<typeof of>, planned = plan({ size: { size: 'M' } })) => fabricEstimate(input, planned, { width: 140 })!;
  const unknown = needs(nobody([]));
  expect(unknown.ofUsualBody).toBe(true);
  // Two legs lie side by side at 140 cm on a usual body, and one after the other on a large one.
  expect(unknown.enough).toBeGreaterThan(unknown.middle * 1.7);
  const measured = needs({ ...nobody([]), bodies: [{ ...SAMPLE_BODY, measures: { hip: 99, waist: 75, bust: 92 } }] });
  expect(measured.ofUsualBody).toBeUndefined();
  expect(measured.middle).toBeCloseTo(unknown.middle, 6);
  expect(measured.enough).toBeLessThan(measured.middle * 1.35);
  expect(needs(nobody([], dress), plan({ size: { size: 'B' } })).ofUsualBody).toBeUndefined();
  // What one took was of that very body.
  const sewn = needs(nobody([sampleMake(1, { size: { size: 'M' }, fabrics: [use(130, { squeeze: 'tight' })] })]));
  expect(sewn.enough).toBeLessThan(sewn.middle * 1.25);
});

test('what a version took decides, the tighter it was the more; without that word a tenth of it was slack', () => {
  const middle = (squeeze?: FabricUse['squeeze']) => ask([sampleMake(1, { fabrics: [use(200, squeeze ? { squeeze } : {})] })]).middle;
  expect(middle('every scrap')).toBeCloseTo(200, -0.5);
  expect(middle('tight')).toBeGreaterThan(middle());
  expect(middle()).toBeLessThan(196);
  const one = ask([sampleMake(1, { fabrics: [use(200)] })]);
  expect(one.enough).toBeGreaterThan(195);
  expect(one).toMatchObject({ from: 'a version', version: { number: 1, length: 200, width: 140 }, rough: false });
});

test('two cut from twice as much tell of one what one tells', () => {
  const [one, two] = [sampleMake(1, { fabrics: [use(200)] }), sampleMake(1, { fabrics: [use(400)], quantity: 2 })].map((made) => ask([made]));
  expect(two!.middle).toBeCloseTo(one!.middle, 9);
  expect(two!.version).toEqual({ number: 1, length: 400, width: 140, quantity: 2 });
});

test('a version of a fabric whose width nobody noted tells less, and is not said to be of the usual width', () => {
  const version = sampleMake(1, { fabrics: [use(200, { squeeze: 'tight' })] });
  const unnoted = [sampleFabric('poplin', { width: undefined }), ...fabrics.slice(1)];
  const [known, unknown] = [fabrics, unnoted].map((of) =>
    fabricEstimate(sampleCase([version], { pattern: dress, fabrics: of }), plan(), { width: 140 })!,
  );
  expect(unknown!.version).toEqual({ number: 1, length: 200, width: undefined });
  expect(unknown!.enough / unknown!.middle).toBeGreaterThan(known!.enough / known!.middle);
  expect(unknown!.middle).not.toBeCloseTo(known!.middle, 0);
});

test('a plan 55 cm longer than its cropped version is not said to be enough in what sufficed for that', () => {
  const cropped = sampleMake(1, {
    fabrics: [use(120, { squeeze: 'tight' })],
    alterations: [sampleAlteration('skirt-length', -55, { when: 'cutting', purpose: 'style' })],
  });
  const found = fabricFor(of([cropped]), plan(), fabrics[2]!, '2026-01-01');
  expect(found.needed!.middle).toBeGreaterThan(150);
  expect(found.hand.answer).toBe('not enough');
  expect(enoughOf(found, 'cm')).toMatchObject({ weight: 'blocker' });
  // What was taken up once it was sewn had taken its fabric.
  const takenUp = { ...cropped, alterations: [sampleAlteration('skirt-length', -55, { when: 'body' })] };
  expect(fabricFor(of([takenUp]), plan(), fabrics[2]!, '2026-01-01').needed!.middle).toBeLessThan(140);
});

test('a nap is counted once', () => {
  const napped = sampleMake(1, { fabrics: [use(220, { fabricId: 'cord', squeeze: 'every scrap' })] });
  expect(ask([napped], plan(), { width: 140, nap: true }).middle).toBeCloseTo(220, -0.7);
  expect(ask([napped], plan(), { width: 140 }).middle).toBeLessThanOrEqual(ask([napped], plan(), { width: 140, nap: true }).middle + 1e-6);
});

test('one fabric for all of it holds what had a contrast of its own; with a contrast it need not', () => {
  const blocked = sampleMake(1, { fabrics: [use(90, { squeeze: 'tight' }), use(70, { part: 'contrast', fabricId: 'cord' })] });
  const whole = ask([blocked]).middle;
  expect(whole).toBeGreaterThan(140);
  const again = plan({ fabrics: [use(undefined, { fabricId: 'stash' }), use(undefined, { part: 'contrast', fabricId: 'cord' })] });
  expect(ask([blocked], again).middle).toBeCloseTo((whole * 90) / 160, 0);
  // Pieces that are named are laid apart.
  const sleeves = plan({
    fabrics: [use(undefined, { fabricId: 'stash' }), use(undefined, { part: 'contrast', fabricId: 'cord', pieces: 'sleeves' })],
  });
  expect(ask([blocked], sleeves).middle).toBeLessThan(whole);
});

test('the table of the view is a witness, for the sizes it names', () => {
  const tabled = { ...dress, views: [{ ...dress.views[0]!, fabricTable: [{ width: 140, length: 260, sizes: 'C' }] }] };
  const found = ask([], plan(), { width: 140 }, tabled);
  expect(found).toMatchObject({ from: 'the table of the view', rough: false });
  expect(Math.abs(found.middle - 260)).toBeLessThan(Math.abs(ask([]).middle - 260));
  expect(ask([], plan({ size: { size: 'A' } }), { width: 140 }, tabled).from).toBeUndefined();
});

test('versions that contradict each other leave more doubt', () => {
  const doubt = (...lengths: number[]) => {
    const { enough, middle } = ask(lengths.map((l, i) => sampleMake(i + 1, { fabrics: [use(l)] })));
    return enough / middle;
  };
  expect(doubt(200, 140, 210)).toBeGreaterThan(doubt(200, 198, 202) * 1.05);
});

describe('measured pieces', () => {
  const piece = (name: string, width: number, length: number, count: number, rest: Partial<PatternPiece> = {}): PatternPiece => ({
    id: name,
    name,
    part: 'main',
    count,
    pairs: count === 2,
    width,
    length,
    ...rest,
  });
  // Nothing of this kind is drafted: the pieces are all there are.
  const measured = (pieces: PatternPiece[], kind: Pattern['kind'] = 'bag') => ({ ...dress, kind, views: [{ ...dress.views[0]!, pieces }] });

  test('two rectangles on the fold of 140 cm lie one after the other or side by side', () => {
    const pieces = [piece('front', 34, 100, 1, { fold: 'left' }), piece('back', 34, 100, 1, { fold: 'left' })];
    expect(ask([], plan(), { width: 140 }, measured(pieces))).toMatchObject({
      pieces: 'rectangles',
      rough: false,
      middle: expect.closeTo(100, 0) as number,
    });
    expect(ask([], plan(), { width: 115 }, measured(pieces)).middle).toBeCloseTo(200, 0);
  });

  test('two of them take the place of the drafted ones; three are all of them', () => {
    const two = [piece('front', 34, 100, 1, { fold: 'left' }), piece('back', 34, 100, 1, { fold: 'left' })];
    const names = (pieces: PatternPiece[]) => piecesOf(of([], measured(pieces, 'dress')), plan())?.pieces.map((p) => p.name) ?? [];
    expect(names(two)).toEqual(expect.arrayContaining(['front', 'back', 'sleeve', 'front neck facing']));
    expect(names(two).filter((n) => n === 'front')).toHaveLength(1);
    expect(names([...two, piece('sleeve', 40, 30, 2)])).toEqual(['front', 'back', 'sleeve']);
  });

  test('an outline of another size is graded by the chart, and altered pieces are longer', () => {
    const corners = [0, 0, 60, 0, 60, 90, 0, 90];
    const pieces = [piece('front', 0, 0, 1, { width: undefined, length: undefined, outlines: [{ id: 'o', size: 'C', corners }] })];
    const at = (rest: Partial<Make>, width = 140) => ask([], plan(rest), { width }, measured(pieces));
    expect(at({})).toMatchObject({ pieces: 'outlines', middle: expect.closeTo(90, 1) as number });
    expect(at({ alterations: [sampleAlteration('skirt-length', 7)] }).middle).toBeCloseTo(97, 1);
    // 60 × 98 / 90 is more than 65: no longer on a narrow band.
    expect(at({}, 60)).toMatchObject({ pieces: 'outlines' });
    expect(at({ size: { size: 'E' } }, 60)).toBeUndefined();
  });

  test('what is lining is not laid on the main fabric', () => {
    const pieces = [piece('front', 60, 100, 1), piece('front lining', 60, 100, 2, { part: 'lining' })];
    expect(ask([], plan(), { width: 70 }, measured(pieces)).middle).toBeCloseTo(100, 0);
  });
});
