import type { KeyboardEvent } from 'react';

/**
 * Walks over a table of fields by its keys, to be heard before the fields hear of them: leaving a field settles what was typed, and the next
 * figure already goes to the next. Enter goes on, with Shift it goes back; the arrows go up and down. What stands there is written over. A
 * field that refused what was typed is not left.
 *
 * @param across how many fields stand in a row
 * @param goesOn where Enter leads: along the row and on to the next, or down the column
 * @example <tbody onKeyDownCapture={(event) => walkGrid(event, sizes.length, 'along')}>
 */
export function walkGrid(event: KeyboardEvent<HTMLElement>, across: number, goesOn: 'along' | 'down'): void {
  const on = goesOn === 'along' ? 1 : across;
  const by = { Enter: event.shiftKey ? -on : on, ArrowDown: across, ArrowUp: -across }[event.key];
  if (by === undefined || !(event.target instanceof HTMLInputElement)) return;
  const fields = [...event.currentTarget.querySelectorAll('input')];
  const next = fields[fields.indexOf(event.target) + by];
  if (!next || event.target.getAttribute('aria-invalid') === 'true') return;
  event.preventDefault();
  event.stopPropagation();
  next.focus();
  next.select();
}
