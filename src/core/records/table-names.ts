/** The tables of a ledger, in the order in which records speak of each other. */
export const TABLE_NAMES = ['people', 'bodies', 'patterns', 'cloths', 'makes', 'wears', 'lists', 'plans', 'pictures'] as const;
export type TableName = (typeof TABLE_NAMES)[number];
