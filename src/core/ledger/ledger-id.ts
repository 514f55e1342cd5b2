/** The id of a ledger: under it its copies are kept apart from those of others. */
export const LEDGER_ID = /^[a-z0-9]{12}$/;
