/** The key that does the same as the control beside it. */
export function KeyCap({ children }: { children: string }) {
  return (
    <kbd aria-hidden className="rounded-sm border border-rule2 bg-paper px-1.5 font-sans text-small leading-4 text-ink2 max-sm:hidden">
      {children}
    </kbd>
  );
}
