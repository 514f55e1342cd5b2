import { bodyOn } from '../body/measures';
import type { Make } from '../records';
import { evidenceAt } from './evidence';
import { SAMPLE_PATTERN, sampleAlteration, sampleCase, sampleMake, sampleNote } from './sample-case';

const at = (makes: readonly Make[], zone: Parameters<typeof evidenceAt>[1] = 'bust') => evidenceAt(sampleCase(makes), zone);

describe('which notes count', () => {
  test('one a version, with its offset and its sharpness', () => {
    const found = at([
      sampleMake(1, { fitNotes: [sampleNote('bust', -1, { seen: { at: 'firstDay' } })] }),
      sampleMake(2, { size: { size: 'D' }, fitNotes: [sampleNote('bust', 0)] }),
    ]);
    expect(found.used.map((e) => [e.make.version, e.offset.x, e.sharpness])).toEqual([
      [1, 0, 1.3],
      [2, 4, 1],
    ]);
    expect(found.used[0]?.observation.observer).toBeCloseTo(1.3, 9);
  });

  test('one garment seen twice is not two garments: the latest look counts', () => {
    const early = sampleNote('bust', -1, { seen: { at: 'firstDay' }, date: '2025-02-01' });
    const late = sampleNote('bust', 0, { seen: { at: 'worn', wears: 12 }, date: '2025-05-01' });
    const found = at([sampleMake(1, { fitNotes: [late, early] })]);
    expect(found.used.map((e) => e.note)).toEqual([late]);
    expect(found.unused).toEqual([expect.objectContaining({ note: early, why: 'looked at again later' })]);
  });

  test('altered between two looks it is another state, and both count', () => {
    const before = sampleNote('bust', 2, { seen: { at: 'tryOn' }, date: '2025-02-01' });
    const after = sampleNote('bust', 0, { seen: { at: 'worn', wears: 5 }, date: '2025-05-01' });
    const taken = sampleAlteration('side-seams', -4, { zones: ['bust'], when: 'body' });
    const found = at([sampleMake(1, { fitNotes: [before, after], alterations: [taken] })]);
    expect(found.used.map((e) => e.offset.x)).toEqual([0, -4]);
  });

  test('an alteration elsewhere makes no new state here', () => {
    const first = sampleNote('bust', 0, { seen: { at: 'tryOn' }, date: '2025-02-01' });
    const second = sampleNote('bust', 0, { seen: { at: 'worn', wears: 5 }, date: '2025-05-01' });
    const hem = sampleAlteration('body-at-hem', -3, { when: 'body' });
    expect(at([sampleMake(1, { fitNotes: [first, second], alterations: [hem] })]).used).toHaveLength(1);
  });

  test.each([
    ['caused by another zone', sampleMake(1, { fitNotes: [sampleNote('bust', -1, { causedBy: 'acrossBack' })] })],
    ['one side only', sampleMake(1, { fitNotes: [sampleNote('bust', -1, { side: 'left' })] })],
    ['part left out of the toile', sampleMake(1, { kind: 'toile', lacking: ['bust'], fitNotes: [sampleNote('bust', -1)] })],
    ['version left out', sampleMake(1, { setAside: 'cut from the wrong sheet', fitNotes: [sampleNote('bust', -1)] })],
  ] as const)('listed, not used: %s', (why, make) => {
    const found = at([make]);
    expect(found.used).toEqual([]);
    expect(found.unused.map((u) => u.why)).toEqual([why]);
  });

  test('where a make joins several patterns, evidence belongs to the one the piece came from', () => {
    const sources = [
      { patternId: 'pattern', viewId: 'view' },
      { patternId: 'other', viewId: 'other-view', zones: ['sleeve' as const] },
    ];
    const make = sampleMake(1, { sources, fitNotes: [sampleNote('sleeve', -1), sampleNote('bust', 0)] });
    expect(at([make], 'sleeve').unused.map((u) => u.why)).toEqual(['piece of another pattern']);
    expect(at([make], 'bust').used).toHaveLength(1);
    const asOther = evidenceAt(sampleCase([make], { pattern: { ...SAMPLE_PATTERN, id: 'other' } }), 'sleeve');
    expect(asOther.used).toHaveLength(1);
  });

  test('over another layer a look counts as a try-on', () => {
    expect(at([sampleMake(1, { fitNotes: [sampleNote('bust', 0, { over: 'a thick jumper' })] })]).used[0]?.sharpness).toBe(1.3);
  });

  test('doubt about fabric, about an unsized alteration and about the body add in quadrature', () => {
    const make = sampleMake(1, {
      fabrics: [{ id: 'u', fabricId: 'untested', part: 'main' }],
      alterations: [sampleAlteration('side-seams', undefined, { zones: ['bust'] })],
      fitNotes: [sampleNote('bust', 0)],
    });
    // Semi: f = 0.2, so σφ = 0.06 · 90 · 0.2; half of (2 + 5) / 2 for the alteration; and what the body may have changed since it was measured.
    const { note, observation } = at([make]).used[0]!;
    const { changed } = bodyOn(sampleCase([make]).bodies, 'bust', note.date)!;
    expect(changed).toBeGreaterThan(0);
    expect(observation.garment).toBeCloseTo(Math.hypot(1.08, 1.75, changed), 9);
  });

  test('the intended ease of the zone sets the edges', () => {
    const pattern = { ...SAMPLE_PATTERN, views: [{ ...SAMPLE_PATTERN.views[0]!, zoneClass: { bust: 'loose' as const } }] };
    const found = evidenceAt(sampleCase([sampleMake(1, { fitNotes: [sampleNote('bust', 0)] })], { pattern }), 'bust');
    expect(found.used[0]?.observation.edges).toEqual([3, 7.5, 13.5]);
  });
});
