import clsx from 'clsx';
import type { ReactNode } from 'react';

/** Why something was not taken, in a sentence that is read out. */
export function Refusal({ className = 'mt-2', children }: { className?: string; children: ReactNode }) {
  return (
    <p role="alert" className={clsx('border-l-4 border-garnet bg-page px-3 py-2', className)}>
      {children}
    </p>
  );
}
