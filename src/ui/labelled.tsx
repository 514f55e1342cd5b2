import type { ReactNode } from 'react';

/** A control that names itself to those who hear it, with the name written above it for those who see it. */
export function Labelled({ label, className, children }: { label: string; className?: string; children: ReactNode }) {
  return (
    <div className={className}>
      <span aria-hidden className="block text-small text-ink2">
        {label}
      </span>
      {children}
    </div>
  );
}
