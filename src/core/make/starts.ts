/** Where a new make starts from: apart from the shapes, which are loaded late. */
export const STARTS = ['last', 'carry', 'plan', 'drafted'] as const;
export type Start = (typeof STARTS)[number];
