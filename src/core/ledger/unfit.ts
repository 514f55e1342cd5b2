import type { z } from 'zod';
import { calledField } from '../records/fields';
import { TABLES } from '../records/ledger';
import { ONE_OF, type TableName } from '../records/table-names';

/**
 * Why a record does not have its shape, for whoever typed it.
 *
 * @example unfitWords('people', issueOf({ id: 'p', name: '' })) // 'in this person, name: a name is missing'
 */
export function unfitWords(table: TableName, { path, message }: z.core.$ZodIssue): string {
  const [field, ...inner] = path;
  const place =
    field === undefined
      ? ''
      : `, ${[calledField(TABLES[table].shape, String(field)), ...inner.filter((p) => typeof p !== 'number').map(String)].join(', ')}`;
  return `in this ${ONE_OF[table]}${place}: ${message.charAt(0).toLowerCase()}${message.slice(1)}`;
}
