import clsx from 'clsx';
import { TECHNIQUES, techniquesIn } from '../core/catalogue/techniques';
import type { ConstructionNote, Fabric, Make, NoteSubject } from '../core/records';
import { keysOf } from '../core/units/keys';
import { Pick } from '../ui/pick';

const same = (a: NoteSubject, b: NoteSubject) => JSON.stringify(a) === JSON.stringify(b);

/** What a note can be about: its pattern, its fabrics and their like, and techniques, those that it speaks of first. */
function offered(make: Pick<Make, 'sources' | 'fabrics'>, words: string, about: readonly NoteSubject[], fabrics: readonly Fabric[]) {
  const named = [...new Set([...about.flatMap((s) => (s.of === 'technique' ? [s.name] : [])), ...techniquesIn(words)])];
  return [
    ...make.fabrics.flatMap((use): { subject: NoteSubject; words: string }[] => {
      const fabric = fabrics.find((f) => f.id === use.fabricId);
      return fabric
        ? [
            { subject: { of: 'fabrics like it', fabricId: fabric.id }, words: `fabrics like ${fabric.name}` },
            { subject: { of: 'fabric', fabricId: fabric.id }, words: `only ${fabric.name}` },
          ]
        : [];
    }),
    ...named.map((name) => ({ subject: { of: 'technique' as const, name }, words: name })),
    ...(make.sources.length > 0 ? [{ subject: { of: 'pattern' as const }, words: 'this pattern' }] : []),
  ];
}

/** What a note is a lesson about: each subject a switch, and any technique by its name. */
export function LessonSubjects({
  make,
  note,
  fabrics,
  onAbout,
}: {
  make: Pick<Make, 'sources' | 'fabrics'>;
  note: Pick<ConstructionNote, 'words' | 'about'>;
  fabrics: readonly Fabric[];
  onAbout: (about: NoteSubject[]) => void;
}) {
  const about = note.about ?? [];
  const add = (name: string) => onAbout([...about.filter((s) => !(s.of === 'technique' && s.name === name)), { of: 'technique', name }]);
  return (
    <div role="group" aria-label="A lesson about" className="flex flex-wrap items-center gap-1.5">
      <span className="text-small text-ink2">A lesson about</span>
      {offered(make, note.words, about, fabrics).map(({ subject, words }) => {
        const on = about.some((s) => same(s, subject));
        return (
          <button
            key={words}
            type="button"
            aria-pressed={on}
            onClick={() => onAbout(on ? about.filter((s) => !same(s, subject)) : [...about, subject])}
            className={clsx(
              'min-h-6 rounded-md border px-1.5 text-small max-sm:min-h-11 max-sm:px-3',
              on ? 'border-ink bg-tint font-semibold' : 'border-rule2 text-ink2 hover:bg-tint',
            )}
          >
            {words}
          </button>
        );
      })}
      <Pick
        label="Another technique"
        labelHidden
        placeholder="another technique …"
        value={undefined}
        options={keysOf(TECHNIQUES).map((name) => ({ id: name, label: name, detail: '' }))}
        onPick={add}
        onNew={add}
        newLabel={(name) => `Technique: ${name}`}
        className="w-40"
      />
    </div>
  );
}
