import clsx from 'clsx';
import type { ComponentProps } from 'react';
import { Link } from 'react-router';

const look = (quiet: boolean, className?: string) =>
  clsx(
    'inline-flex min-h-[30px] items-center gap-2 rounded-md px-3 py-1 max-sm:min-h-11',
    'disabled:cursor-not-allowed disabled:opacity-55',
    quiet ? 'text-ink2 hover:bg-tint hover:text-ink' : 'border border-ink bg-page text-ink hover:bg-tint',
    className,
  );

/** Ink on page; `quiet` has no frame until it is pointed at. */
export function Button({ quiet = false, className, type = 'button', ...rest }: ComponentProps<'button'> & { quiet?: boolean }) {
  return <button type={type} className={look(quiet, className)} {...rest} />;
}

/** A link to another page that looks as a button does: where a press leads somewhere, it is a link. */
export function LinkButton({ quiet = false, className, ...rest }: ComponentProps<typeof Link> & { quiet?: boolean }) {
  return <Link className={look(quiet, className)} {...rest} />;
}
