/** The sections of the book, in the order of the spine. Keys keep their figure when further sections come between. */
export const SECTIONS = [
  { key: '1', path: '/', name: 'Day book' },
  { key: '2', path: '/makes', name: 'Makes' },
  { key: '3', path: '/patterns', name: 'Patterns' },
  { key: '5', path: '/shelf', name: 'Cloth shelf' },
  { key: '7', path: '/sew-next', name: 'Sew next' },
  { key: '9', path: '/files', name: 'Files' },
] as const;
