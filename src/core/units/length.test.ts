import fc from 'fast-check';
import {
  CM_PER_INCH,
  FABRIC_UNITS,
  fabricLengthForEditing,
  formatLength,
  lengthForEditing,
  parseFabricLength,
  parseLength,
  roundToWorkable,
  workableStep,
  type LengthUnit,
} from './length';

const cm = (text: string, unit: LengthUnit) => {
  const parsed = parseLength(text, unit);
  if (!parsed.ok) throw new Error(parsed.problem);
  return parsed.cm;
};
const plain = (text: string) => text.replace(/\u202f/g, ' ');

describe('reading a length', () => {
  test.each<[string, LengthUnit, number]>([
    ['5/8', 'in', 1.5875],
    ['5/8', 'cm', 0.625],
    ['5/8"', 'cm', 1.5875],
    ['1 1/2"', 'cm', 3.81],
    ['1-1/2 in', 'cm', 3.81],
    ['1½', 'in', 3.81],
    ['1½″', 'cm', 3.81],
    ['⅝', 'in', 1.5875],
    ['⅝ in', 'cm', 1.5875],
    ['1.5 cm', 'in', 1.5],
    ['1.5cm', 'in', 1.5],
    ['1,5', 'cm', 1.5],
    ['1,5 cm', 'in', 1.5],
    ['.5', 'cm', 0.5],
    ['15 mm', 'cm', 1.5],
    ['1.85 m', 'cm', 185],
    ['2 1/4 yds', 'cm', 205.74],
    ['1 yard', 'cm', 91.44],
    ['4ft 11', 'cm', 149.86],
    ['1 m 20', 'cm', 120],
    ['1 m 20', 'in', 120],
    ['5\' 6"', 'cm', 167.64],
    ["5'6", 'cm', 167.64],
    ['5 feet 6 inches', 'cm', 167.64],
    ['-3', 'cm', -3],
    ['−3 cm', 'in', -3],
    ['– 3/4in', 'cm', -1.905],
    ['+1.5', 'cm', 1.5],
    ['  2  ', 'cm', 2],
    ['60 in.', 'cm', 152.4],
    ['0', 'cm', 0],
  ])('%s, in a ledger of %s, is %d cm', (text, unit, expected) => {
    expect(cm(text, unit)).toBeCloseTo(expected, 9);
  });

  test.each(['', '   ', 'long', '1/0', '3 cm 4 cm', '12 kg', '1 2', '5/', '1..5', 'NaN', 'Infinity', '--3', '1e3'])(
    '%p is refused with a sentence',
    (text) => {
      const parsed = parseLength(text, 'cm');
      expect(parsed.ok).toBe(false);
      if (!parsed.ok) expect(parsed.problem).toMatch(/^[A-Z“].*\.$/);
    },
  );

  test('the sentence repeats what was written, so that nothing typed is lost', () => {
    expect(parseLength('about a hand', 'cm')).toEqual({ ok: false, problem: expect.stringContaining('“about a hand”') });
  });
});

describe('writing a length', () => {
  test.each<[number, LengthUnit, string]>([
    [1.5875, 'in', '⅝ in'],
    [3.81, 'in', '1½ in'],
    [2.54, 'in', '1 in'],
    [0, 'in', '0 in'],
    [152.4, 'in', '60 in'],
    [1.5875, 'cm', '1.59 cm'],
    [1.5, 'cm', '1.5 cm'],
    [0.25, 'cm', '0.25 cm'],
    [-3, 'cm', '−3 cm'],
    [-1.905, 'in', '−¾ in'],
    [2.5, 'in', '1 in'],
  ])('%d cm in %s is %s', (value, unit, expected) => {
    expect(plain(formatLength(value, unit))).toBe(expected);
  });

  test('a sign where it is asked for, never before nought', () => {
    expect(plain(formatLength(1.5, 'cm', { signed: true }))).toBe('+1.5 cm');
    expect(plain(formatLength(0, 'cm', { signed: true }))).toBe('0 cm');
    expect(plain(formatLength(-0.001, 'cm', { signed: true }))).toBe('0 cm');
  });

  test('an estimate has one decimal, because more would pretend to know', () => {
    expect(plain(formatLength(1.949, 'cm', { about: true }))).toBe('1.9 cm');
    expect(plain(formatLength(1.96, 'cm', { about: true, signed: true }))).toBe('+2 cm');
  });

  test('a real minus sign and a thin space', () => {
    expect(formatLength(-2, 'cm')).toBe('\u22122\u202fcm');
    expect(formatLength(-2, 'cm', { bare: true })).toBe('\u22122');
  });
});

describe('round trips', () => {
  const eighths = fc.integer({ min: -1600, max: 1600 }).map((n) => (n * CM_PER_INCH) / 8);
  const tenthsOfMm = fc.integer({ min: -200_000, max: 200_000 }).map((n) => n / 100);

  test('every eighth of an inch survives editing in inches, to the figure', () => {
    fc.assert(
      fc.property(eighths, (value) => {
        const stored = cm(lengthForEditing(value, 'in'), 'in');
        expect(stored).toBeCloseTo(value, 9);
        // Once stored, it never moves again.
        expect(cm(lengthForEditing(stored, 'in'), 'in')).toBe(stored);
      }),
    );
  });

  test('every tenth of a millimetre survives editing in cm', () => {
    fc.assert(fc.property(tenthsOfMm, (value) => expect(cm(lengthForEditing(value, 'cm'), 'cm')).toBe(value === 0 ? 0 : value)));
  });

  test('a length noted in one unit survives being edited in the other', () => {
    fc.assert(
      fc.property(tenthsOfMm, eighths, (metric, imperial) => {
        expect(cm(lengthForEditing(metric, 'in'), 'in')).toBeCloseTo(metric, 5);
        expect(cm(lengthForEditing(imperial, 'cm'), 'cm')).toBeCloseTo(imperial, 6);
      }),
    );
  });

  test('what is shown in inches is never further than a sixteenth away', () => {
    fc.assert(
      fc.property(tenthsOfMm, (value) => {
        expect(Math.abs(cm(formatLength(value, 'in'), 'in') - value)).toBeLessThanOrEqual(CM_PER_INCH / 16 + 1e-6);
      }),
    );
  });

  test('⅝ in stays ⅝ in', () => {
    expect(lengthForEditing(cm('5/8', 'in'), 'in')).toBe('5/8');
    expect(lengthForEditing(cm('1 1/2', 'in'), 'in')).toBe('1 1/2');
    expect(lengthForEditing(cm('1.5 cm', 'in'), 'in')).toBe('1.5 cm');
  });
});

describe('what can be cut', () => {
  test.each<[number, LengthUnit, boolean, number]>([
    [1.95, 'cm', false, 2],
    [1.7, 'cm', false, 1.5],
    [1.62, 'cm', true, 1.5],
    [1.64, 'cm', true, 1.75],
    [-0.2, 'cm', false, 0],
    [1.95, 'in', false, 1.905],
    [1.95, 'in', true, 1.905],
    [1.7, 'in', true, 1.5875],
  ])('%d cm in %s, fine %p, is cut as %d', (value, unit, fine, expected) => {
    expect(roundToWorkable(value, unit, fine)).toBeCloseTo(expected, 6);
  });

  test('never further away than half a step', () => {
    fc.assert(
      fc.property(fc.double({ min: -50, max: 50, noNaN: true }), fc.constantFrom<LengthUnit>('cm', 'in'), fc.boolean(), (value, unit, fine) => {
        expect(Math.abs(roundToWorkable(value, unit, fine) - value)).toBeLessThanOrEqual(workableStep(unit, fine) / 2 + 1e-6);
      }),
    );
  });
});

describe('lengths of fabric', () => {
  test.each([
    ['1.85', 'm', 185],
    ['185', 'm', 185],
    ['1 1/2', 'yd', 137.16],
    ['60', 'yd', 152.4],
    ['2 1/4 yds', 'm', 205.74],
    ['90 cm', 'yd', 90],
  ] as const)('%s in %s', (text, unit, cm) => {
    const read = parseFabricLength(text, unit);
    expect(read.ok && read.cm).toBeCloseTo(cm, 6);
  });

  test('what a field shows comes back as the same length', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), fc.constantFrom(...FABRIC_UNITS), (mm, unit) => {
        const read = parseFabricLength(fabricLengthForEditing(mm / 10, unit), unit);
        expect(read.ok && read.cm).toBeCloseTo(mm / 10, 4);
      }),
    );
  });
});
