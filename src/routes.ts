/** An address with what it asks for after the question mark; what is undefined is left out. */
function asking(path: string, of: Readonly<Record<string, string | undefined>>): string {
  const query = Object.entries(of).flatMap(([name, value]) => (value === undefined ? [] : `${name}=${encodeURIComponent(value)}`));
  return query.length === 0 ? path : `${path}?${query.join('&')}`;
}

const below = (path: string, ...parts: readonly string[]) => [path, ...parts.map(encodeURIComponent)].join('/');

/**
 * The addresses of the app's pages. Every link and every way on is written through these, so that a page can move.
 *
 * @example routes.newMake({ pattern: 'kelpie' }) // '/makes/new?pattern=kelpie'
 */
export const routes = {
  dayBook: '/',
  makes: '/makes',
  /** Logging a make: of a pattern, as a plan has it, or going on with a half-logged one. */
  newMake: (
    of: {
      readonly pattern?: string | undefined;
      readonly name?: string | undefined;
      readonly plan?: string;
      readonly for?: string;
      readonly draft?: string;
    } = {},
  ) => asking('/makes/new', of),
  make: (id: string) => below('/makes', id),
  changeMake: (id: string) => below('/makes', id, 'change'),
  review: (makeId: string) => below('/makes', makeId, 'review'),
  compare: (makeIds: readonly string[] = []) =>
    ['/makes/compare', makeIds.map((id) => `m=${encodeURIComponent(id)}`).join('&')].filter(Boolean).join('?'),
  patterns: '/patterns',
  newPattern: (of: { readonly name?: string } = {}) => asking('/patterns/new', of),
  pattern: (id: string) => below('/patterns', id),
  changePattern: (id: string) => below('/patterns', id, 'change'),
  fit: '/fit',
  stash: '/stash',
  fabric: (id: string) => asking('/stash', { fabric: id }),
  newFabric: '/stash?new=1',
  wear: '/wear',
  mostWorn: '/wear/most-worn',
  sewNext: '/sew-next',
  shopCard: '/sew-next/shop',
  plan: (id: string) => below('/sew-next', id),
  cutSheet: (planId: string) => below('/sew-next', planId, 'sheet'),
  lay: (planId: string) => below('/sew-next', planId, 'lay'),
  measure: (pictureId: string) => below('/measure', pictureId),
  practice: '/measure',
  bench: '/bench',
  occasion: (id: string) => below('/occasions', id),
  statements: '/statements',
  files: '/files',
  table: '/files/table',
  person: (id: string) => below('/people', id),
  newPerson: '/people/new',
  line: '/line',
  tell: '/tell',
} as const;
