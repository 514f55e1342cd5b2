/** What is to be told of a file that was read, besides what would change. */
export function Notices({ of }: { of: readonly string[] }) {
  return of.map((notice) => (
    <p key={notice} className="border-l-4 border-ink bg-tint px-3 py-1.5">
      {notice}
    </p>
  ));
}
