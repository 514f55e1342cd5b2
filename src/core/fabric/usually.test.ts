import { FABRIC_FAMILIES, fabricFamily } from '../catalogue/fabric-families';
import { blankFabric } from '../records/blank';
import { Fabric } from '../records';
import { usually } from './usually';

test.each([
  ['navy ponte', 'ponte'],
  ['mustard needlecord', 'needlecord'],
  ['viscose jersey with dots', 'viscose jersey'],
  ['viscose', 'viscose'],
  ['Stretch denim, black', 'stretch denim'],
  ['double gauze “moss”', 'double gauze'],
  ['wool suiting', 'wool flannel'],
])('%s is of the family %s', (name, family) => expect(fabricFamily(name)?.names[0]).toBe(family));

test.each(['the blue one', 'curtain remnant', 'corduroyish'])('%s is of none', (name) => expect(fabricFamily(name)).toBeUndefined());

test('no two families share a name, and every range runs upwards', () => {
  const names = FABRIC_FAMILIES.flatMap((f) => f.names);
  expect(new Set(names).size).toBe(names.length);
  for (const { weight, stretch, structure } of FABRIC_FAMILIES) {
    expect(weight[0]).toBeLessThan(weight[1]);
    expect(stretch[0]).toBeLessThanOrEqual(stretch[1]);
    if (structure === 'knit') expect(stretch[1]).toBeGreaterThanOrEqual(25);
  }
});

test('only what nobody said is guessed, and what is guessed is a fabric that its shape takes', () => {
  const said: Fabric = { ...blankFabric('f', 'navy ponte', 'knit'), stretchAcross: 22, care: 'by hand' };
  const found = usually(said)!;
  expect(found.fields).toMatchObject({ weave: 'ponte', weight: 320, drape: 3 });
  expect(found.fields).not.toHaveProperty('stretchAcross');
  expect(found.fields).not.toHaveProperty('care');
  for (const { names } of FABRIC_FAMILIES) {
    const fabric = blankFabric('f', names[0], fabricFamily(names[0])!.structure);
    expect(Fabric.safeParse({ ...fabric, ...usually(fabric)!.fields }).error?.issues).toBeUndefined();
  }
});

test('light, medium or heavy by feel stands: no weight in grams is guessed beside it', () => {
  expect(usually({ ...blankFabric('f', 'lawn'), weightClass: 'medium' })?.fields.weight).toBeUndefined();
});
