import clsx from 'clsx';
import { useId } from 'react';
import { printPattern } from '../core/drawing/print';
import type { Swatch as SwatchRecord } from '../core/records';

/** A square of the fabric as it is drawn: about 9 cm of it, so that a print shows its repeat. */
export function Swatch({ swatch, className }: { swatch: SwatchRecord; className?: string }) {
  const id = useId();
  return (
    <svg viewBox="0 0 36 36" className={clsx('block rounded-sm border border-rule2', className)} aria-hidden>
      {/* Only figures and colours that the record's shape allows reach this markup. */}
      <defs dangerouslySetInnerHTML={{ __html: printPattern(swatch, id, 4) }} />
      <rect width={36} height={36} fill={`url(#${id})`} />
    </svg>
  );
}
