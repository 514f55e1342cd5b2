import type { ReactNode } from 'react';

/** The name of a page, a line beneath it, and what can be done or is to be known at the right. */
export function PageHead({ title, under, aside }: { title: ReactNode; under?: ReactNode; aside?: ReactNode }) {
  return (
    <header className="mb-3 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
      <div>
        <h1 className="text-title leading-9 font-medium max-sm:text-2xl">{title}</h1>
        {under && <p className="text-ink2">{under}</p>}
      </div>
      {aside}
    </header>
  );
}

/** What an empty screen says: what belongs here and how it gets here. */
export function Empty({ children }: { children: ReactNode }) {
  return <div className="border border-dashed border-rule2 px-6 py-8 text-center text-ink2">{children}</div>;
}
