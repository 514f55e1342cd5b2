import type { Alteration } from '../records';

/** Two alterations with one key are the same change at the same places, by whatever amount. */
export const alterationKey = ({ kind, part, zones = [] }: Pick<Alteration, 'kind' | 'part' | 'zones'>) => [kind, part, ...zones].join(' ');
