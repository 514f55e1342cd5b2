import { edgesOf, FIT_CLASSES } from './fit-class';
import { DIRECTION_WORDS, ZONE_IDS, zoneOf, type ZoneId } from './zones';

describe('the zone table', () => {
  test('every zone has rising edges, a doubt and spreads that are not negative', () => {
    for (const id of ZONE_IDS) {
      const { edges, sigma, spread } = zoneOf(id);
      expect(edges[0]).toBeGreaterThan(0);
      expect(edges[1]).toBeGreaterThan(edges[0]);
      expect(edges[2]).toBeGreaterThan(edges[1]);
      expect(sigma).toBeGreaterThan(0);
      expect(spread.person).toBeGreaterThan(0);
      expect(spread.fitClass).toBeGreaterThanOrEqual(0);
    }
  });

  // A second hand copied these from the table of the engine's description.
  test.each<[ZoneId, number[], number, number[]]>([
    ['bust', [2, 5, 9], 1, [4, 2, 1.5, 2]],
    ['waist', [2, 4.5, 8], 1, [4, 2, 1.5, 2]],
    ['waistband', [1, 2, 3.5], 0.6, [3, 0, 1.2, 1.6]],
    ['acrossBack', [0.8, 2, 4], 0.5, [2, 0.5, 0.5, 0.8]],
    ['sleeve', [1, 2.5, 5], 0.6, [2.5, 0, 0.7, 1.2]],
    ['leg', [1.2, 3, 6], 0.7, [4, 0, 0.8, 1.5]],
    ['hemSweep', [4, 10, 20], 2, [6, 2, 2, 4]],
    ['rise', [0.8, 2, 4], 0.5, [2, 0, 0.5, 0.8]],
    ['shoulder', [0.6, 1.5, 3], 0.4, [1.2, 0.3, 0.4, 0.5]],
    ['kneePoint', [1.5, 3, 6], 1, [3, 0, 0.6, 0.8]],
  ])('%s', (zone, edges, sigma, [person, fitClass, designer, pattern]) => {
    expect(zoneOf(zone)).toMatchObject({ edges, sigma, spread: { person, fitClass, designer, pattern } });
  });

  test('zones that stand for another measure name it', () => {
    expect(zoneOf('waistband').measure).toBe('waist');
    expect(zoneOf('sleeve').measure).toBe('armLength');
    expect(zoneOf('bodice').measure).toBe('napeToWaist');
    expect(zoneOf('leg').measure).toBe('inseam');
    expect(zoneOf('torso').measure).toBe('torsoLoop');
    expect(zoneOf('bustPoint').measure).toBe('bustDepth');
  });

  test('grading factors', () => {
    expect(zoneOf('upperArm').gradedFrom).toEqual([{ measure: 'bust', factor: 0.3 }]);
    expect(zoneOf('thigh').gradedFrom).toEqual([{ measure: 'hip', factor: 0.6 }]);
    expect(zoneOf('waist').gradedFrom?.map((g) => g.measure)).toEqual(['bust', 'hip']);
    expect(zoneOf('sleeve').gradedFrom).toBeUndefined();
  });

  test('the garment is tight, short, narrow or high; never the body', () => {
    expect(Object.values(DIRECTION_WORDS).map((w) => w.under)).toEqual(['tight', 'narrow', 'short', 'high']);
  });
});

describe('edges by intended ease', () => {
  test('girths and widths widen with the looseness of the cut', () => {
    expect(edgesOf('thigh', 'fitted')[0]).toBeCloseTo(1.2, 9);
    expect(edgesOf('bust', 'close')).toEqual([1.2, 3, 5.3999999999999995]);
    expect(edgesOf('acrossBack', 'oversized')[0]).toBeCloseTo(1.76, 9);
  });

  test('bands, lengths and positions do not', () => {
    for (const zone of ['waistband', 'wrist', 'opening', 'head', 'sleeve', 'bodice', 'bustPoint', 'pocket'] as const)
      for (const fitClass of FIT_CLASSES) expect(edgesOf(zone, fitClass)).toEqual(zoneOf(zone).edges);
  });
});
