import { ALTERATION_NAMES, alsoCalled } from './alteration-names';
import { alterationKind, ALTERATION_KIND_IDS } from './alterations';

test('at least 250 other names, no kind without one, none twice for a kind, all in small letters', () => {
  expect(ALTERATION_NAMES.length).toBeGreaterThanOrEqual(250);
  for (const kind of ALTERATION_KIND_IDS) {
    const names = ALTERATION_NAMES.filter((n) => n.kind === kind).map((n) => n.name);
    expect([kind, names.length]).toEqual([kind, new Set(names).size]);
    expect([kind, names.length > 0]).toEqual([kind, true]);
    for (const name of names) expect(name).toBe(name.toLowerCase());
  }
});

test('a name that means a way belongs to a kind that has that way', () => {
  for (const { kind, name, sign } of ALTERATION_NAMES) if (sign === -1) expect([name, alterationKind(kind).minus]).not.toEqual([name, undefined]);
});

test.each([
  ['fba', 'full-bust', 1],
  ['sba', 'full-bust', -1],
  ['swayback', 'sway-back', 1],
  ['sleeve seam', 'sleeve-seam', undefined],
  ['cuff', 'wrist-girth', undefined],
  ['cuff', 'band', undefined],
  ['crop', 'body-at-hem', -1],
  ['crop', 'leg-at-hem', -1],
  ['hem', 'skirt-length', undefined],
  ['dart', 'bust-dart', undefined],
  ['armscye', 'armhole-depth', undefined],
  ['center back seam', 'centre-back-seam', undefined],
] as const)('%s is %s', (name, kind, sign) => expect(ALTERATION_NAMES.find((n) => n.name === name && n.kind === kind)?.sign).toBe(sign));

test('what the picker finds a kind by', () => expect(alsoCalled('sway-back')).toContain('lordosis'));
