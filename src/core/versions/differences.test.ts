import { bodyOn } from '../body/measures';
import { SAMPLE_BODY, sampleAlteration, sampleCase, sampleFabric, sampleMake } from '../garment/sample-case';
import type { Make } from '../records';
import { alikeIn, fabricProperties, differencesBetween } from './differences';

const between = (earlier: Partial<Make>, later: Partial<Make>, rest: Parameters<typeof sampleCase>[1] = {}) => {
  const a = sampleMake(1, earlier);
  const b = sampleMake(2, later);
  return differencesBetween(sampleCase([a, b], rest), a, b);
};

describe('what differs between two versions', () => {
  test('the same cut in the same fabric on the same body: nothing', () => {
    expect(between({}, {})).toEqual([]);
  });

  test('the size, and a line of its own', () => {
    expect(between({ size: { size: 'C' } }, { size: { size: 'D' } })).toEqual([
      { what: 'size', zone: 'all', from: { size: 'C' }, to: { size: 'D' } },
    ]);
    expect(between({}, { sizeLines: [{ zone: 'hip', line: { size: 'C', to: 'D', at: 0.5 } }] })).toEqual([
      { what: 'size', zone: 'hip', from: { size: 'C' }, to: { size: 'C', to: 'D', at: 0.5 } },
    ]);
  });

  test('a line that goes back to the size cut', () => {
    expect(between({ sizeLines: [{ zone: 'hip', line: { size: 'D' } }] }, {})).toEqual([
      { what: 'size', zone: 'hip', from: { size: 'D' }, to: { size: 'C' } },
    ]);
  });

  test('an alteration added, changed, taken back', () => {
    const long = sampleAlteration('sleeve-length', 1.5);
    const longer = sampleAlteration('sleeve-length', 2);
    expect(between({}, { alterations: [long] })).toEqual([{ what: 'alteration', from: undefined, to: long }]);
    expect(between({ alterations: [long] }, { alterations: [longer] })).toEqual([{ what: 'alteration', from: long, to: longer }]);
    expect(between({ alterations: [long] }, {})).toEqual([{ what: 'alteration', from: long, to: undefined }]);
  });

  test('the same alteration made on paper and made on the body is no difference; another way of measuring is', () => {
    const paper = sampleAlteration('side-seams', 1, { zones: ['bust'] });
    expect(between({ alterations: [paper] }, { alterations: [{ ...paper, when: 'body' }] })).toEqual([]);
    expect(between({ alterations: [paper] }, { alterations: [{ ...paper, way: 'perSeam' }] })).toHaveLength(1);
  });

  test('for fit and for looks are two things', () => {
    const fit = sampleAlteration('sleeve-length', -5);
    expect(between({ alterations: [fit] }, { alterations: [{ ...fit, purpose: 'style' }] })).toHaveLength(2);
  });

  test('a narrower seam is a seam allowance, not an alteration', () => {
    const { amount: _, ...narrow } = sampleAlteration('allowance', 0, { allowance: { cut: 1.5, sewn: 1 } });
    expect(between({}, { alterations: [narrow] })).toEqual([{ what: 'seam allowance', from: 0, to: 0.5 }]);
  });

  test('another fabric, with the properties that matter', () => {
    const found = between({}, { fabrics: [{ id: 'u', fabricId: 'give', part: 'main' }] });
    expect(found).toEqual([expect.objectContaining({ what: 'fabric', properties: ['stretch'] })]);
  });

  test('the body, where it moved by more than the tape’s doubt at a place that matters', () => {
    const later = { ...SAMPLE_BODY, id: 'later', date: '2025-02-01', measures: { ...SAMPLE_BODY.measures, bust: 92, hip: 104, acrossBack: 36.2 } };
    expect(between({ cutOn: '2025-01-01' }, { cutOn: '2025-02-01' }, { bodies: [SAMPLE_BODY, later] })).toEqual([
      { what: 'body', measure: 'bust', from: 90, to: 92 },
    ]);
  });

  test('what is only expected of a body by then is no difference that was seen', () => {
    const bodies = [88, 90, 93].map((bust, i) => ({ ...SAMPLE_BODY, id: `set ${i}`, date: `202${i + 3}-01-01`, measures: { bust } }));
    expect(bodyOn(bodies, 'bust', '2025-12-01')!.how).toBe('carried on');
    expect(between({ cutOn: '2025-01-01' }, { cutOn: '2025-12-01' }, { bodies })).toEqual([]);
  });
});

describe('properties of fabric', () => {
  const plain = sampleFabric('plain', { weight: 120, drape: 2 });
  test.each([
    ['structure', { structure: 'knit' as const }],
    ['stretch', { stretchAcross: 4 }],
    ['weight', { weight: 160 }],
    ['drape', { drape: 4 }],
  ])('%s', (property, change) => {
    expect(fabricProperties(plain, { ...plain, ...change })).toEqual([property]);
  });

  test('a weight that a hand does not feel is the same', () => {
    expect(fabricProperties(plain, { ...plain, weight: 130 })).toEqual([]);
  });

  test('a fabric that nobody noted is compared with nothing, nor is what nobody tested or felt of one', () => {
    expect(fabricProperties(plain, undefined)).toEqual([]);
    const { stretchAcross: _, stretchAlong: __, weight: ___, drape: ____, ...unfelt } = { ...plain, stretchAcross: 4 };
    expect(fabricProperties(plain, unfelt)).toEqual([]);
    expect(alikeIn(plain, unfelt)).toEqual([]);
    expect(alikeIn(plain, { ...unfelt, weight: 125 })).toEqual(['weight']);
    expect(alikeIn(plain, { ...unfelt, weight: 125, drape: 5 })).toEqual([]);
  });
});
