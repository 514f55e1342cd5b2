import { casesFor } from '../garment/case';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleFabric, sampleMake, sampleNote } from '../garment/sample-case';
import type { Make } from '../records';
import { easeByClass, girthsOf } from './ease-by-class';

const loose = { ...SAMPLE_PATTERN, id: 'loose', fitClass: 'loose' as const };
const loved = (love: 1 | 2 | 3 | 4 | 5) => ({ verdicts: [{ id: 'v', date: '2025-05-01', wears: 4, love, reasons: [] }] });
const of = (id: string, patternId: string, rest: Partial<Make> = {}) => ({ ...sampleMake(1, rest), id, sources: [{ patternId, viewId: 'view' }] });
const makes = [
  of('a', 'pattern', { size: { size: 'D' }, ...loved(5) }),
  of('b', 'pattern', { size: { size: 'B' }, ...loved(3) }),
  of('c', 'loose', loved(2)),
  of('d', 'loose'),
  of('toile', 'pattern', { kind: 'toile', ...loved(5) }),
];
const cases = casesFor('person', { patterns: [SAMPLE_PATTERN, loose], makes, bodies: [SAMPLE_BODY], fabrics: [sampleFabric('poplin')] });

test('each make stands in its class at the ease it has on the body, with what was thought of it', () => {
  const found = easeByClass(cases, 'bust');
  expect([...found.keys()]).toEqual(['semi', 'loose']);
  // Semi-fitted is meant with 8 cm; D is 4 cm more than the body, B 4 cm less.
  expect(found.get('semi')!.map((d) => [d.make.id, d.ease, d.liking])).toEqual([
    ['a', 12, 'loved'],
    ['b', 4, 'liked'],
  ]);
  expect(found.get('loose')!.map((d) => [d.make.id, d.ease, d.liking])).toEqual([
    ['c', 12, 'not loved'],
    ['d', 12, 'unsaid'],
  ]);
});

test('a length has no ease, and a toile was never worn with love', () => {
  expect(easeByClass(cases, 'sleeve').size).toBe(0);
  expect([...easeByClass(cases, 'bust').values()].flat().some((d) => d.make.kind === 'toile')).toBe(false);
});

test('only girths of what was sewn are offered', () => {
  expect(girthsOf(cases)).toEqual(['bust']);
  const noted = casesFor('person', {
    patterns: [SAMPLE_PATTERN],
    makes: [of('a', 'pattern', { fitNotes: [sampleNote('upperArm', -1)] })],
    bodies: [SAMPLE_BODY],
    fabrics: [],
  });
  expect(girthsOf(noted)).toEqual(['bust', 'upperArm']);
});
