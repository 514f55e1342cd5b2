/** The seasons in the order of the year; which months they are depends on the hemisphere (wear/season.ts). */
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
