import { routes } from '../routes';
/** The key of a section by its place in the spine: 1 to 9, 0 for the tenth, and with Shift those of the next ten. */
const keyAt = (place: number): string => `${place >= 10 ? 'shift+' : ''}${(place + 1) % 10}`;

/**
 * The sections of the book, in the order of the spine; each has its figure as its key. `rail` is its place in the foot rail of a phone,
 * where capture comes first; the others are behind "more" there.
 */
export const SECTIONS = [
  { path: routes.dayBook, name: 'Day book', rail: 1 },
  { path: routes.makes, name: 'Makes', rail: 3 },
  { path: routes.patterns, name: 'Patterns', rail: 4 },
  { path: routes.fit, name: 'Fit', rail: undefined },
  { path: routes.stash, name: 'Stash', rail: 5 },
  { path: routes.wear, name: 'Wear', rail: 2 },
  { path: routes.sewNext, name: 'Sew next', rail: undefined },
  { path: routes.bench, name: 'Bench', rail: undefined },
  { path: routes.statements, name: 'Statements', rail: undefined },
  { path: routes.files, name: 'Files', rail: undefined },
].map((section, place) => ({ ...section, key: keyAt(place) }));
