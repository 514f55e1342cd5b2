import { routes } from '../routes';
/**
 * The sections of the book, in the order of the spine; each has its figure as its key. `rail` is its place in the foot rail of a phone,
 * where capture comes first; the others are behind "more" there.
 */
export const SECTIONS = [
  { key: '1', path: routes.dayBook, name: 'Day book', rail: 1 },
  { key: '2', path: routes.makes, name: 'Makes', rail: 3 },
  { key: '3', path: routes.patterns, name: 'Patterns', rail: 4 },
  { key: '4', path: routes.fit, name: 'Fit', rail: undefined },
  { key: '5', path: routes.stash, name: 'Stash', rail: 5 },
  { key: '6', path: routes.wear, name: 'Wear', rail: 2 },
  { key: '7', path: routes.sewNext, name: 'Sew next', rail: undefined },
  { key: '8', path: routes.statements, name: 'Statements', rail: undefined },
  { key: '9', path: routes.files, name: 'Files', rail: undefined },
] as const;
