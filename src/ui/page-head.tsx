import { useEffect, useRef, type ReactNode, type RefObject } from 'react';

const APP = 'Amber Ledger';

/** For the heading of a page: the window, its history and what is printed of it are called what it says, whatever it is made of. */
export function usePageTitle(): RefObject<HTMLHeadingElement | null> {
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    const said = heading.current?.textContent;
    document.title = said ? `${said} · ${APP}` : APP;
  });
  useEffect(() => () => void (document.title = APP), []);
  return heading;
}

/** The heading itself. */
export function PageTitle({ children }: { children: ReactNode }) {
  return (
    <h1 ref={usePageTitle()} className="text-title leading-9 font-medium max-sm:text-2xl">
      {children}
    </h1>
  );
}

/** The name of a page, a line beneath it, and what can be done or is to be known at the right. */
export function PageHead({ title, under, aside }: { title: ReactNode; under?: ReactNode; aside?: ReactNode }) {
  return (
    <header className="mb-3 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
      <div>
        <PageTitle>{title}</PageTitle>
        {under && <p className="text-ink2">{under}</p>}
      </div>
      {aside}
    </header>
  );
}

/** What can be done with what a page shows, what is done most first: under the thumb on a phone, at the edge of a desk. */
export function HeadActions({ children }: { children: ReactNode }) {
  return <div className="flex flex-wrap items-center gap-2 sm:flex-row-reverse">{children}</div>;
}

/** What an empty screen says: what belongs here and how it gets here. */
export function Empty({ children }: { children: ReactNode }) {
  return <div className="border border-dashed border-rule2 px-6 py-8 text-center text-ink2">{children}</div>;
}
