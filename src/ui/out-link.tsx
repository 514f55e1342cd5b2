import type { ReactNode } from 'react';

/** A link out of the app, to a page that the sewist noted: opened apart, and told nothing of where she comes from. */
export function OutLink({ to, children }: { to: string; children: ReactNode }) {
  return (
    <a className="underline underline-offset-2" href={to} target="_blank" rel="noopener noreferrer">
      {children}
    </a>
  );
}
