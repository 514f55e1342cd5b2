import { useState, type ReactNode } from 'react';
import { Button } from './button';

/** The table that says what a chart draws: read out always, seen when asked for, and drawn on paper too. */
export function ChartTable({
  caption,
  heads,
  rows,
}: {
  caption: string;
  heads: readonly string[];
  /** Cells of each row, the first its head; `key` tells rows apart. */
  rows: readonly { readonly key: string; readonly cells: readonly ReactNode[] }[];
}) {
  const [shown, setShown] = useState(false);
  return (
    <>
      <Button quiet aria-expanded={shown} onClick={() => setShown(!shown)} className="-ml-3 print:hidden">
        {shown ? 'Without the table' : 'As a table'}
      </Button>
      <div className={shown ? 'overflow-x-auto' : 'sr-only print:not-sr-only'} tabIndex={shown ? 0 : undefined}>
        <table className="border-collapse text-small">
          <caption className="text-left">{caption}</caption>
          <thead>
            <tr className="double-rule-b text-left text-ink2">
              {heads.map((head) => (
                <th key={head} scope="col" className="pr-4 font-normal">
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ key, cells: [head, ...cells] }) => (
              <tr key={key} className="border-b border-rule">
                <th scope="row" className="pr-4 text-left font-normal">
                  {head}
                </th>
                {cells.map((cell, i) => (
                  <td key={i} className="pr-4">
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
