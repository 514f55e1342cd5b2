import clsx from 'clsx';
import type { ComponentProps } from 'react';

/** Ink on page; `quiet` has no frame until it is pointed at. */
export function Button({ quiet = false, className, type = 'button', ...rest }: ComponentProps<'button'> & { quiet?: boolean }) {
  return (
    <button
      type={type}
      className={clsx(
        'inline-flex min-h-[30px] items-center gap-2 rounded-md px-3 py-1 max-sm:min-h-11',
        'disabled:cursor-not-allowed disabled:opacity-55',
        quiet ? 'text-ink2 hover:bg-tint hover:text-ink' : 'border border-ink bg-page text-ink hover:bg-tint',
        className,
      )}
      {...rest}
    />
  );
}
