import { Plan } from '../records';
import { sampleFabric } from '../garment/sample-case';
import { freeCase, freePlan, freePlanKind } from './free-plan';
import { makeOfPlan } from './plan-to-make';
import { checksFor } from './checks';

test.each([
  ['shorten the maxi dress', 'refashion'],
  ['slim the pyjama trousers', 'refashion'],
  ['mend the pile', 'mend'],
  ['sew on the coat buttons', 'mend'],
  ['a cushion for the bench', 'without fit'],
  ['a skirt from a rectangle', 'garment'],
] as const)('%s is planned as %s', (words, kind) => expect(freePlanKind(words)).toBe(kind));

test('it is a plan that its shape takes, names what it is of, and becomes a make with a name and no pattern', () => {
  const plan = freePlan('p', 'person', 'cut the blue dress down to a skirt', '2026-03-01');
  expect(Plan.safeParse(plan).error?.issues).toBeUndefined();
  expect(plan).toMatchObject({ kind: 'refashion', garment: 'skirt' });
  expect(makeOfPlan({ ...plan, bought: { what: 'a dress' } }, 'm', 1, '2026-03-02')).toMatchObject({
    name: plan.name,
    sources: [],
    garment: 'skirt',
    kind: 'refashion',
    bought: { what: 'a dress' },
  });
});

test('a plan needs a pattern or a name', () => {
  const { name: _, ...nameless } = freePlan('p', 'person', 'a cushion', '2026-03-01');
  expect(Plan.safeParse(nameless).success).toBe(false);
});

test('nothing is asked of its fabric that nobody said: a knit is no mistake', () => {
  const plan = { ...freePlan('p', 'person', 'shorten the dress', '2026-03-01'), fabrics: [{ id: 'u', fabricId: 'rib', part: 'main' as const }] };
  const fabrics = [sampleFabric('rib', { structure: 'knit', washedOn: '2026-01-01' })];
  const make = makeOfPlan(plan, plan.id, 1, '2026-03-01');
  const input = freeCase(plan, make, [], fabrics);
  const person = { id: 'person', name: 'Maren', child: false };
  const ids = checksFor({ input, make, person, today: '2026-03-01', unit: 'cm', plans: [plan] }).map((c) => c.id);
  expect(ids).not.toContain('structure');
  expect(input.pattern.views[0]?.zones).toEqual(['shoulder', 'bust', 'waist', 'hip', 'bodice', 'skirt']);
});
