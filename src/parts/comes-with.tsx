import type { LogDraft } from '../core/make/log-draft';

/** What is made along with a make, because the ledger does not have it: a pattern, a person, fabrics. */
export function ComesWith({ draft }: { draft: LogDraft }) {
  const { newPattern, newPerson, sewist, newFabrics, newSet, make } = draft;
  const used = newFabrics.filter((f) => make.fabrics.some((u) => u.fabricId === f.id));
  const parts = [
    newPattern &&
      `the pattern ${newPattern.name} (${newPattern.kind}, ${newPattern.wants.structure}${newPattern.designer ? `, by ${newPattern.designer}` : ''})`,
    newPerson && newPerson.name,
    sewist && `${sewist.name}, who sews`,
    newSet && newSet.id === make.setId ? `the set ${newSet.name}` : undefined,
    ...used.map((f) => `the fabric ${f.name}`),
  ].filter((part) => part !== undefined);
  return parts.length === 0 ? null : <p className="mt-2 text-ink2">New with it, and undone with it: {parts.join('; ')}.</p>;
}
