import type { PrintPage } from '../../core/measure/frame-pdf';
import { saveFile } from '../../parts/save-file';
import { Button } from '../../ui/button';

/** The writer of PDF comes with the first page. */
async function saveFrame(page: PrintPage): Promise<void> {
  const { framePdf } = await import('../../core/measure/frame-pdf');
  saveFile(new Blob([new Uint8Array(await framePdf(page))], { type: 'application/pdf' }), `frame-${page.toLowerCase()}.pdf`);
}

/** A frame of known size to print, for where no sheet of paper is at hand or the table is light. */
export function PrintFrame() {
  return (
    <div className="flex flex-wrap gap-2">
      {(['A4', 'Letter'] as const).map((page) => (
        <Button key={page} quiet onClick={() => void saveFrame(page)}>
          A frame to print, {page}
        </Button>
      ))}
    </div>
  );
}
