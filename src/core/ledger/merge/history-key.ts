import type { TableName } from '../../records/table-names';

/** By what the history of a record is looked up. Apart from the shapes, which are loaded late. */
export const historyKey = (table: TableName, id: string) => `${table}/${id}`;
