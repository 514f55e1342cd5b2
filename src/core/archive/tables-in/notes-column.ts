import { itemAt } from '../../units/item-at';
import { readSheet } from './read-sheet';

/** A column of notes is called so, in a spreadsheet of one's sewing. */
const NOTES = /\b(?:notes?|remarks?|description|details|what i (?:made|sewed)|diary|text)\b/i;

/**
 * The notes of a table that a spreadsheet wrote: the column that is called so, else the one in which most is written; a blank line between two rows.
 *
 * @returns the text itself where it is no table
 * @example notesOfTable('Date,Notes\n2 May,"Tidewater shirt C, love it"\n9 May,Gangway trousers 40') // 'Tidewater shirt C, love it\n\nGangway trousers 40'
 */
export function notesOfTable(text: string): string {
  const read = readSheet(text);
  if (!read.ok) return text;
  const { heads, rows } = read.sheet;
  const written = heads.map((_, i) => rows.reduce((sum, { cells }) => sum + itemAt(cells, i).length, 0));
  const named = heads.findIndex((head) => NOTES.test(head));
  const column = named >= 0 ? named : written.indexOf(Math.max(...written));
  return rows
    .map(({ cells }) => itemAt(cells, column).trim())
    .filter((cell) => cell !== '')
    .join('\n\n');
}
