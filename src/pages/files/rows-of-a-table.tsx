import { useState } from 'react';
import type { TakenRow } from '../../core/archive/tables-in/take-rows';
import { Button } from '../../ui/button';

/** So many rows are shown of each sort before one asks for more. */
const SHOWN = 40;

const SORTS: readonly { readonly state: TakenRow['state']; readonly words: (count: number) => string }[] = [
  { state: 'not taken', words: (n) => `${n} cannot be taken as ${n === 1 ? 'it is' : 'they are'}` },
  { state: 'new', words: (n) => `${n} new` },
  { state: 'there already', words: (n) => `${n} in the ledger already` },
];

/** What became of the rows of a table: those that need mending first. */
export function RowsOfATable({ rows }: { rows: readonly TakenRow[] }) {
  return SORTS.map(({ state, words }) => {
    const of = rows.filter((r) => r.state === state);
    return of.length > 0 && <Sort key={state} title={words(of.length)} rows={of} bare={state === 'there already'} />;
  });
}

function Sort({ title, rows, bare }: { title: string; rows: readonly TakenRow[]; bare: boolean }) {
  const [all, setAll] = useState(false);
  const shown = bare ? [] : all ? rows : rows.slice(0, SHOWN);
  return (
    <div className="mb-4">
      <h3 className="border-b border-rule2 font-sans text-small text-ink2">{title}</h3>
      <ul>
        {shown.map((r) => (
          <li key={r.line} className="flex gap-3 border-b border-rule py-1">
            <span className="w-14 shrink-0 text-small text-ink2">row {r.line}</span>
            <span className="min-w-0 break-words">{r.words}</span>
          </li>
        ))}
      </ul>
      {shown.length < rows.length && !bare && (
        <Button quiet onClick={() => setAll(true)}>
          Show all {rows.length}
        </Button>
      )}
    </div>
  );
}
