import { useState, type ReactNode } from 'react';
import { Button } from './button';

/** A longer table is made when it is asked for: one of thousands of rows, though only read out, holds the whole page up for seconds. */
const AT_ONCE = 100;
/** So many rows are added at a time. */
const ROWS = 500;

/** The table that says what a chart draws: read out always, seen when asked for, and drawn on paper too; a long one when it is asked for. */
export function ChartTable({
  caption,
  heads,
  rows,
}: {
  caption: string;
  heads: readonly string[];
  /** Cells of each row, the first its head; `key` tells rows apart. */
  rows: readonly { readonly key: string; readonly cells: () => readonly ReactNode[] }[];
}) {
  const [shown, setShown] = useState(0);
  const left = rows.length - shown;
  return (
    <>
      <Button quiet aria-expanded={shown > 0} onClick={() => setShown(shown > 0 ? 0 : ROWS)} className="-ml-3 print:hidden">
        {shown > 0 ? 'Without the table' : 'As a table'}
      </Button>
      {(shown > 0 || rows.length <= AT_ONCE) && (
        <div className={shown > 0 ? 'overflow-x-auto' : 'sr-only print:not-sr-only'} tabIndex={shown > 0 ? 0 : undefined}>
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
              {rows.slice(0, Math.max(shown, AT_ONCE)).map(({ key, cells }) => {
                const [head, ...others] = cells();
                return (
                  <tr key={key} className="border-b border-rule">
                    <th scope="row" className="pr-4 text-left font-normal">
                      {head}
                    </th>
                    {others.map((cell, i) => (
                      <td key={i} className="pr-4">
                        {cell}
                      </td>
                    ))}
                  </tr>
                );
              })}
            </tbody>
          </table>
          {shown > 0 && left > 0 && (
            <Button quiet onClick={() => setShown(shown + ROWS)} className="-ml-3 print:hidden">
              {left === 1 ? 'One more row' : left <= ROWS ? `${left} more rows` : `The next ${ROWS} of ${left} rows`}
            </Button>
          )}
        </div>
      )}
    </>
  );
}
