import { sampleFabric, sampleMake } from '../garment/sample-case';
import type { ConstructionNote, NoteSubject } from '../records';
import { blankView } from '../records/blank';
import { areAlike, learnedOn, lessonsIn, recalledFor, subjectWords, techniquesOf, type LessonRequest } from './lessons';

const plum = sampleFabric('plum viscose', { fibre: '100 % viscose' });
const sage = sampleFabric('sage challis', { fibre: 'rayon' });
const ponte = sampleFabric('navy ponte', { fibre: 'viscose, elastane', structure: 'knit' });
const nameless = sampleFabric('remnant');
const fabrics = [plum, sage, ponte, nameless];
const note = (id: string, about: NoteSubject[], rest: Partial<ConstructionNote> = {}): ConstructionNote => ({
  id,
  kind: 'tip',
  words: id,
  about,
  ...rest,
});
const of = (fabricId: string) => [{ id: 'u', fabricId, part: 'main' as const }];
const starch = note('starch it', [{ of: 'fabrics like it', fabricId: plum.id }]);
const steam = note('steam only', [{ of: 'fabric', fabricId: plum.id }]);
const quarters = note('walk the elastic in quarters', [{ of: 'technique', name: 'elastic' }]);
const step = note('step 9 is the wrong way round', [{ of: 'pattern' }]);
const makes = [
  sampleMake(1, { notes: [quarters, { id: 'plain', kind: 'tip', words: 'no lesson' }], state: 'abandoned' }),
  sampleMake(2, { notes: [starch, steam, step], fabrics: of(plum.id), verdicts: [{ id: 'v', date: '2025-05-01', wears: 3, love: 4, reasons: [] }] }),
];
const view = { ...blankView('v', 'plain', ['waistband']), openings: [{ zone: 'waistband' as const, closes: 'elastic' as const }] };
const plan = (fabricId: string, rest: Partial<LessonRequest> = {}): LessonRequest => ({
  make: { fabrics: of(fabricId), alterations: [], notions: [], sources: [{ patternId: 'another', viewId: 'v' }] },
  pattern: { id: 'another', name: 'Grebe dress' },
  view,
  fabrics,
  ...rest,
});
const recalled = (request: LessonRequest, from = makes) => recalledFor(request, from).map(({ note: n, because }) => [n.id, because]);

test('in another pattern: the same fabric first, then its like, then the technique', () => {
  expect(recalled(plan(plum.id))).toEqual([
    ['starch it', 'this fabric'],
    ['steam only', 'this fabric'],
    ['walk the elastic in quarters', 'the technique'],
  ]);
  // What was said of one piece only is not said of its like.
  expect(recalled(plan(sage.id))).toEqual([
    ['starch it', 'a fabric like it'],
    ['walk the elastic in quarters', 'the technique'],
  ]);
});

test('a lesson of the pattern comes with the pattern, and one with two subjects comes once, by the nearer', () => {
  const own = plan(nameless.id, { pattern: { id: 'pattern', name: 'Sandbar blouse' }, view: blankView('v', 'plain', []) });
  expect(recalled(own)).toEqual([['step 9 is the wrong way round', 'the pattern']]);
  const both = note('both', [
    { of: 'technique', name: 'elastic' },
    { of: 'fabrics like it', fabricId: plum.id },
  ]);
  expect(recalled(plan(sage.id), [sampleMake(1, { notes: [both] })])).toEqual([['both', 'a fabric like it']]);
});

test('put to rest it is not found, and can be brought back', () => {
  const resting = [sampleMake(1, { notes: [{ ...quarters, rested: '2026-01-01' }] })];
  expect(recalled(plan(sage.id), resting)).toEqual([]);
  expect(lessonsIn(resting, { rested: true })).toHaveLength(1);
});

test('alike is the same structure and the same fibre first named; of an unknown fibre it is not known', () => {
  expect(areAlike(plum, sage)).toBe(true);
  expect(areAlike(plum, ponte)).toBe(false);
  expect(areAlike(nameless, nameless)).toBe(false);
  expect(
    areAlike({ structure: 'woven', name: 'a', fibre: '70 % linen, 30 % cotton' }, { structure: 'woven', name: 'b', fibre: 'cotton, linen' }),
  ).toBe(false);
});

test('techniques come from openings, the fabric, the drawing and what is said', () => {
  expect([...techniquesOf(plan(ponte.id))].sort()).toEqual(['elastic', 'hem of a knit', 'waistband']);
  const zipped = plan(sage.id, { view: { ...view, openings: [{ zone: 'waistband', closes: 'zip' }], flat: { pockets: 'welt', neck: 'collar' } } });
  expect([...techniquesOf(zipped)].sort()).toEqual(['collar', 'waistband', 'welt pocket', 'zip']);
  // A zip that was left out of this one needs no lesson on zips.
  const without = { ...zipped, make: { ...zipped.make, openings: [{ zone: 'waistband' as const, closes: 'wrap' as const }] } };
  expect(techniquesOf(without).has('zip')).toBe(false);
  expect(techniquesOf({ ...zipped, make: { ...zipped.make, notions: [{ id: 'n', what: '6 buttons' }] } }).has('buttonhole')).toBe(true);
});

test('each says where it was learned and how that make fared', () => {
  const patterns = [{ id: 'pattern', name: 'Sandbar blouse' }];
  expect(learnedOn({ make: makes[1]! }, patterns)).toBe('learned on Sandbar blouse, version 2, liked 4 of 5');
  expect(learnedOn({ make: makes[0]! }, patterns)).toBe('learned on Sandbar blouse, version 1, given up');
  expect(subjectWords([...starch.about!, ...quarters.about!, ...step.about!], fabrics)).toBe('fabrics like plum viscose; elastic; this pattern');
});
