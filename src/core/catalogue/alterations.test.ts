import { ALTERATION_KIND_IDS, alterationKind, reminderOf } from './alterations';

describe('what an alteration changes beside', () => {
  test('depends on its places, where it reaches the armhole at some of them only', () => {
    const at = (...zones: NonNullable<Parameters<typeof reminderOf>[0]['zones']>) => reminderOf({ kind: 'side-seams', zones });
    expect(at('bust', 'waist')).toBe('Where the armhole is reached, walk the sleeve in.');
    expect(at('waistband')).toBe('Change the waistband by the same.');
    expect(at('hip', 'thigh')).toBeUndefined();
    // Of no place that is named it may reach it.
    expect(at()).toBe('Where the armhole is reached, walk the sleeve in.');
  });

  test('is the same wherever it is done, for every other kind', () => {
    for (const kind of ALTERATION_KIND_IDS.filter((id) => id !== 'side-seams'))
      expect(reminderOf({ kind, zones: ['waistband', 'hip'] })).toBe(alterationKind(kind).remind);
  });
});
