/** The tables of a ledger, in the order in which records speak of each other. */
export const TABLE_NAMES = [
  'people',
  'bodies',
  'patterns',
  'fabrics',
  'makes',
  'wears',
  'lists',
  'plans',
  'sets',
  'collections',
  'times',
  'occasions',
  'pictures',
] as const;
export type TableName = (typeof TABLE_NAMES)[number];

/** Whether a word is the name of a table, where it came from a file. */
export const isTableName = (name: unknown): name is TableName => TABLE_NAMES.some((table) => table === name);

/** What the records of a table are called on a page. */
export const TABLE_WORDS: Record<TableName, string> = {
  people: 'people',
  bodies: 'body measures',
  patterns: 'patterns',
  fabrics: 'fabrics',
  makes: 'makes',
  wears: 'wears',
  lists: 'lists',
  plans: 'plans',
  sets: 'sets',
  collections: 'books, issues and memberships',
  times: 'sewing times',
  occasions: 'occasions',
  pictures: 'pictures',
};

/** What one record of a table is called. */
export const ONE_OF: Record<TableName, string> = {
  people: 'person',
  bodies: 'measurement set',
  patterns: 'pattern',
  fabrics: 'fabric',
  makes: 'make',
  wears: 'wear',
  lists: 'list',
  plans: 'plan',
  sets: 'set',
  collections: 'book, issue or membership',
  times: 'sewing time',
  occasions: 'occasion',
  pictures: 'picture',
};
