import { ALTERATION_KIND_IDS, alterationKind } from './alterations';
import { ZONE_IDS, type ZoneId } from '../body/zones';
import { movesAt } from '../symptom/finder';
import { SYMPTOM_IDS, symptomOf, symptomsAt, type Answer, type Direction, type SymptomId } from './symptoms';

const moves = (answer: Answer, zone: ZoneId) => Math.sign(movesAt(answer, zone));

test('there are at least thirty, each with a name of its own', () => {
  expect(SYMPTOM_IDS.length).toBeGreaterThanOrEqual(30);
  const labels = SYMPTOM_IDS.map((id) => symptomOf(id).label);
  expect(new Set(labels).size).toBe(labels.length);
});

describe.each(SYMPTOM_IDS)('%s', (id) => {
  const symptom = symptomOf(id);

  test('its usual cause is answered by an alteration that moves that zone the other way', () => {
    const { zone, direction } = symptom.causes[0];
    expect(symptom.answers.map((a) => moves(a, zone))).toContain(-direction);
  });

  test('names zones and alterations of the catalogues, and no cause twice', () => {
    for (const { zone } of symptom.causes) expect(ZONE_IDS).toContain(zone);
    for (const { kind } of symptom.answers) expect(ALTERATION_KIND_IDS).toContain(kind);
    const keys = symptom.causes.map((c) => `${c.zone} ${c.direction}`);
    expect(new Set(keys).size).toBe(keys.length);
  });

  test('an answer asks only for a direction that its kind has', () => {
    for (const { kind, direction } of symptom.answers) if (direction < 0) expect(alterationKind(kind).minus).toBeDefined();
  });

  test('says what to look at, and presents no cause as certain', () => {
    expect(symptom.tell).toMatch(/^[A-Z].*\.$/);
    expect(`${symptom.tell} ${symptom.causes.map((c) => c.words).join(' ')}`).not.toMatch(/\b(certainly|must be|definitely|proves)\b/i);
  });
});

test.each<[SymptomId, ZoneId]>([
  ['cap-ridges', 'sleeve'],
  ['crotch-whiskers', 'crotch'],
  ['back-opening-gapes', 'acrossBack'],
  ['shoulder-drags', 'armhole'],
  ['waistband-rolls', 'rise'],
  ['knee-off', 'kneePoint'],
  ['sleeve-twists', 'acrossBack'],
])('%s has opposite causes at the %s, and both are offered and answered', (id, zone) => {
  const { causes } = symptomOf(id);
  const directions = causes.filter((c) => c.zone === zone).map((c): Direction => c.direction);
  expect(directions.sort((a, b) => a - b)).toEqual([-1, 1]);
});

test.each<[string, ZoneId, Direction]>([
  ['bust-pulls', 'bust', -1],
  ['swayback-folds', 'bodice', 1],
  ['straps-slip', 'strapSpacing', 1],
  ['rise-pulls-down', 'crotch', -1],
  ['neckline-gapes', 'neckline', 1],
  ['back-pulls', 'acrossBack', -1],
])('%s usually means the %s by %d', (id, zone, direction) => {
  expect(symptomOf(id as SymptomId).causes[0]).toMatchObject({ zone, direction });
});

test('only what can show on a garment is offered for it', () => {
  const forTrousers = symptomsAt(['waistband', 'hip', 'rise', 'thigh', 'leg']);
  expect(forTrousers).toContain('crotch-whiskers');
  expect(forTrousers).not.toContain('cap-ridges');
  expect(symptomsAt([])).toEqual([]);
});
