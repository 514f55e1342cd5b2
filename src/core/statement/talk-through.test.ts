import { sampleAlteration, sampleFabric, sampleMake, SAMPLE_PATTERN } from '../garment/sample-case';
import { talkThrough } from './talk-through';

const fabrics = [sampleFabric('poplin', { source: 'Quay Cloth' }), sampleFabric('rib')];
const patterns = [SAMPLE_PATTERN, { ...SAMPLE_PATTERN, id: 'other', name: 'Brent shirt', designer: 'Slack & Ebb' }];
const told = (make: ReturnType<typeof sampleMake>) =>
  talkThrough(make, { patterns, fabrics, makes: [make] }, 'cm').map((l) => `${l.what}: ${l.words}`);

test('in the order in which one talks: pattern and designer, size, changes, fabric and shop, verdict, next time', () => {
  const make = sampleMake(1, {
    sizeLines: [{ zone: 'bust', line: { size: 'D' } }],
    alterations: [sampleAlteration('sleeve-length', 2)],
    fabrics: [
      { id: 'u', fabricId: 'poplin', part: 'main' },
      { id: 'v', fabricId: 'rib', part: 'contrast', pieces: 'cuffs' },
    ],
    verdicts: [{ id: 'v', date: '2025-05-01', wears: 3, love: 4, reasons: [], words: 'worn every week' }],
    notes: [{ id: 'n', kind: 'next time', words: 'next time a deeper hem' }],
  });
  expect(told(make)).toEqual([
    'Pattern: Sandbar blouse by Lowtide Drafts',
    'Size: C, bust D',
    expect.stringMatching(/^Changed: .*sleeve/) as string,
    'Fabric: poplin, from Quay Cloth; contrast: rib (cuffs)',
    expect.stringMatching(/^Verdict: 4 of 5, .*: worn every week$/) as string,
    'Next time: a deeper hem',
  ]);
});

test('parts of others and what a garment was before are told with the pattern; what nobody noted is left out', () => {
  const joined = sampleMake(1, { fabrics: [], sources: [...sampleMake(1).sources, { patternId: 'other', viewId: 'v', zones: ['sleeve'] }] });
  expect(told(joined)[0]).toBe('Pattern: Sandbar blouse by Lowtide Drafts; sleeve of Brent shirt by Slack & Ebb');
  const over = { ...sampleMake(1, { fabrics: [] }), name: 'skirt from a dress', sources: [], bought: { what: 'a bought maxi dress' } };
  expect(told(over)).toEqual(['Pattern: made over from a bought maxi dress', 'Size: C']);
});
