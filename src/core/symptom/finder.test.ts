import type { Habits } from '../forecast/habits';
import type { ZoneId } from '../body/zones';
import { SYMPTOM_IDS, symptomOf } from '../catalogue/symptoms';
import { likelyCauses, movesAt } from './finder';

const habits = (zone: ZoneId, median: number, under: number, over: number): Habits => ({
  usual: [],
  designers: [],
  zones: [{ zone, best: { median, low: median - 1, high: median + 1 }, patterns: 3, under, over }],
});

describe('what may be behind a symptom', () => {
  test('nothing known of the person: in the order of practice, answers without an amount', () => {
    const [first, second] = likelyCauses('neckline-gapes', undefined, 'cm');
    expect(first).toMatchObject({ zone: 'neckline', direction: 1, patterns: 0 });
    expect(first!.chance).toBeUndefined();
    expect(second).toMatchObject({ zone: 'neckWidth', answers: [{ kind: 'neck-width', direction: -1, purpose: 'fit', when: 'paper' }] });
  });

  test('what her patterns usually show comes first, with the amount they agree on', () => {
    const [first] = likelyCauses('neckline-gapes', habits('neckWidth', -2.1, 0.02, 0.85), 'cm');
    // Neck width is measured per side: 2.1 in all is 1 a side, to a quarter.
    expect(first).toMatchObject({ zone: 'neckWidth', chance: 0.85, patterns: 3, answers: [{ kind: 'neck-width', amount: -1 }] });
  });

  test('a deviation the other way makes a cause unlikely and gives no amount', () => {
    const causes = likelyCauses('bust-pulls', habits('bust', -3, 0.01, 0.7), 'cm');
    const bust = causes.find((c) => c.zone === 'bust')!;
    expect(bust.chance).toBe(0.01);
    for (const answer of bust.answers) expect(answer.amount).toBeUndefined();
  });

  test.each(SYMPTOM_IDS)('%s: every cause stays in the list, and the usual one has an answer that moves it the other way', (id) => {
    const causes = likelyCauses(id, undefined, 'in');
    expect(causes).toHaveLength(symptomOf(id).causes.length);
    const { zone, direction } = symptomOf(id).causes[0];
    const usual = causes.find((c) => c.zone === zone && c.direction === direction)!;
    expect(usual.answers.length).toBeGreaterThan(0);
    for (const a of usual.answers) expect(Math.sign(movesAt({ kind: a.kind, direction: a.direction! }, zone))).toBe(-direction);
  });
});
