import type { TableChange } from '../../core/archive/what-would-change';
import { TABLE_WORDS } from '../../core/records/table-names';

/** What is said of records that come, are otherwise, and go. */
export interface ChangeWords {
  readonly come: string;
  readonly differ: string;
  readonly go: string;
}

export const OF_A_FILE: ChangeWords = { come: 'new', differ: 'changed', go: 'removed' };

/** The tables in which something would change, a line for each. */
export function WhatWouldChange({ changes, words }: { changes: readonly TableChange[]; words: ChangeWords }) {
  return changes.map((change) => (
    <li key={change.table}>
      {TABLE_WORDS[change.table]}:{' '}
      {(['come', 'differ', 'go'] as const)
        .filter((how) => change[how] > 0)
        .map((how) => `${change[how]} ${words[how]}`)
        .join(', ')}
    </li>
  ));
}
