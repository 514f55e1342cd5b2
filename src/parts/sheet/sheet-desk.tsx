import { useRef, useState, type ReactNode } from 'react';
import { toast } from 'react-toastify';
import type { Sheet, SheetOptions } from '../../core/statement/sheet';
import type { Fabric, Make, Pattern } from '../../core/records';
import { Button } from '../../ui/button';
import { Tick } from '../../ui/tick';
import { saveFile } from '../save-file';
import { SheetView } from './sheet-view';

/** A sheet with what can be done with it: print it, save it to show others; prices and body measures only if they are asked for. */
export function SheetDesk({
  fileName,
  sheetOf,
  above,
  makes,
  patterns,
  fabrics,
}: {
  /** Without an ending. */
  fileName: string;
  sheetOf: (options: SheetOptions) => Sheet;
  /** Further controls, before those of the sheet. */
  above?: ReactNode;
  makes: readonly Make[];
  patterns: readonly Pattern[];
  fabrics: readonly Fabric[];
}) {
  const [options, setOptions] = useState<SheetOptions>({ prices: false, body: false });
  const shown = useRef<HTMLElement>(null);
  const sheet = sheetOf(options);
  const save = async (ending: 'html' | 'zip') => {
    if (!shown.current) return;
    try {
      // Only needed by those who save.
      const { sheetAsHtml, sheetAsMarkdown } = await import('./save-sheet');
      const blob = ending === 'html' ? await sheetAsHtml(sheet, shown.current) : await sheetAsMarkdown(sheet, shown.current, fileName);
      saveFile(blob, `${fileName}.${ending}`);
    } catch (error) {
      toast.error(`Not saved: ${error instanceof Error ? error.message : String(error)}. The ledger is as it was; try again, or print it.`);
    }
  };
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-x-4 gap-y-2 border-y border-rule py-2 print:hidden">
        {above}
        <Tick on={options.prices} onChange={(prices) => setOptions({ ...options, prices })}>
          with prices
        </Tick>
        <Tick on={options.body} onChange={(body) => setOptions({ ...options, body })}>
          with body measures
        </Tick>
        <span className="flex flex-wrap gap-2">
          <Button onClick={() => window.print()}>Print</Button>
          <Button onClick={() => void save('html')}>Save as a web page</Button>
          <Button onClick={() => void save('zip')}>Save as Markdown with pictures</Button>
        </span>
      </div>
      <SheetView ref={shown} sheet={sheet} makes={makes} patterns={patterns} fabrics={fabrics} />
    </>
  );
}
