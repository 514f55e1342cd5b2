import { plannedZones } from '../forecast/planned-chance';
import { Recollection } from '../forecast/recollection';
import { sizeRemarks } from '../forecast/size-words';
import { sizesFor } from '../forecast/sizes';
import { heightTerm } from './by-height';
import { draftOf } from './draft';
import { offsetOf } from './offset';
import { SAMPLE_BODY, SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleMake, sampleNote } from './sample-case';

const pattern = { ...SAMPLE_PATTERN, draftedHeight: 168 };
const tall = { ...SAMPLE_BODY, measures: { ...SAMPLE_BODY.measures, height: 178 } };
const of = (makes: Parameters<typeof sampleCase>[0], rest = {}) => sampleCase(makes, { pattern, bodies: [tall], ...rest });
const draft = draftOf(pattern, pattern.views[0]!, pattern.charts[0]);

test('a length of which no chart speaks falls short of a taller body by its share of the height', () => {
  expect(heightTerm(draft, 'sleeve', 178)).toEqual({ cm: -3.5, drafted: 168, height: 178 });
  expect(heightTerm(draft, 'bodice', 158)!.cm).toBeCloseTo(2.2, 9);
  expect(offsetOf(of([sampleMake(1)]), sampleMake(1), 'sleeve').x).toBeCloseTo(-3.5, 9);
});

test.each([
  ['a girth', () => heightTerm(draft, 'bust', 178)],
  ['a body nobody measured', () => heightTerm(draft, 'sleeve', undefined)],
  ['the very height', () => heightTerm(draft, 'sleeve', 168)],
  ['a pattern that says none', () => heightTerm(draftOf(SAMPLE_PATTERN, pattern.views[0]!, undefined), 'sleeve', 178)],
  [
    'a length that the chart has',
    () => {
      const chart = { ...pattern.charts[0]!, body: { ...pattern.charts[0]!.body, armLength: [58, 59, 60, 61, 62] } };
      return heightTerm(draftOf(pattern, pattern.views[0]!, chart), 'sleeve', 178);
    },
  ],
])('%s: nothing is said', (_, term) => expect(term()).toBeUndefined());

test('what a tall sewist notes is told beyond her height: lengthened by it and right, nothing more is wanted', () => {
  const make = sampleMake(1, { alterations: [sampleAlteration('sleeve-length', 3.5)], fitNotes: [sampleNote('sleeve', 0)] });
  const input = of([make]);
  const next = plannedZones(input, sampleMake(2, { alterations: make.alterations }), { date: '2025-07-01', unit: 'cm' }).find(
    (z) => z.zone === 'sleeve',
  )!;
  expect(next.x).toBeCloseTo(0, 9);
  expect(next.best.median).toBeCloseTo(0, 1);
});

test('before a first make it is said, with what to alter, though no other pattern speaks', () => {
  const first = new Recollection([]).firstCut(of([]), '2025-07-01');
  expect(first.map((f) => f.zone)).toEqual(['bodice', 'sleeve']);
  const sleeve = first.find((f) => f.zone === 'sleeve')!;
  expect(sleeve.best.median - sleeve.height!.cm).toBeCloseTo(3.5, 1);
  expect(sleeve.asDrafted).toBeLessThan(sleeve.atBest);
  const sizes = sizesFor({ input: of([]), view: pattern.views[0]!, plan: { date: '2025-07-01', unit: 'cm' } })!;
  expect(sizeRemarks(sizes, 'cm').join(' ')).toMatch(
    /Drafted for a height of 168.cm, the body is 178.cm: as drafted the bodice is 2\.2.cm too short/,
  );
});

test('a body that grew since the first make is not counted twice', () => {
  const bodies = [tall, { ...tall, id: 'later', date: '2026-01-01', measures: { height: 180 } }];
  const input = of([sampleMake(1)], { bodies });
  const later = sampleMake(2, { cutOn: '2026-01-01' });
  // Ten centimetres taller than drafted for, and two more since.
  expect(offsetOf({ ...input, makes: [...input.makes, later] }, later, 'bodice').x).toBeCloseTo(-0.22 * 12, 9);
});
