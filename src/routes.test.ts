import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { matchPath, matchRoutes } from 'react-router';
import { routes } from './routes';

/** The paths that the app answers, as its router has them. */
const PATHS = [...readFileSync(join(__dirname, 'app/router.tsx'), 'utf8').matchAll(/path: '([^']+)'/g)]
  .flatMap(([, path]) => (path === undefined || path === '*' ? [] : path))
  .map((path) => `/${path}`.replace('//', '/'));

const ID = 'a b/c?';
const addresses = {
  ...Object.fromEntries(Object.entries(routes).filter(([, to]) => typeof to === 'string')),
  newMake: routes.newMake({ plan: ID }),
  make: routes.make(ID),
  changeMake: routes.changeMake(ID),
  review: routes.review(ID),
  compare: routes.compare([ID]),
  newPattern: routes.newPattern({ name: ID }),
  pattern: routes.pattern(ID),
  changePattern: routes.changePattern(ID),
  fabric: routes.fabric(ID),
  plan: routes.plan(ID),
  cutSheet: routes.cutSheet(ID),
  lay: routes.lay(ID),
  measure: routes.measure(ID),
  occasion: routes.occasion(ID),
  person: routes.person(ID),
};

test('every address is tried', () => {
  expect(Object.keys(addresses).sort()).toEqual(Object.keys(routes).sort());
});

test.each(Object.entries(addresses))('%s leads to a page', (_, address) => {
  const [path = ''] = String(address).split(/[?#]/);
  expect(PATHS.filter((known) => matchPath(known, path) !== null)).not.toEqual([]);
});

test('an id with signs of its own comes out as it went in, and what is not asked for is left out', () => {
  expect(matchRoutes([{ path: '/makes/:makeId' }], routes.make(ID))?.[0]?.params.makeId).toBe(ID);
  expect(routes.newMake({ pattern: 'kelpie', name: undefined })).toBe('/makes/new?pattern=kelpie');
  expect(routes.newMake()).toBe('/makes/new');
  expect(new URLSearchParams(routes.compare(['1', '2']).split('?')[1]).getAll('m')).toEqual(['1', '2']);
});
