import { useTradeWords } from '../../data/queries';
import { useState } from 'react';
import type { Make } from '../../core/records';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { WordsField } from '../../ui/field';
import { save } from '../save';

/**
 * Which versions the reckoning counts: one is left out with a reason and can return at any time. It stays in the account and is shown as
 * left out.
 */
export function VersionsThatCount({ makes, counted }: { makes: readonly Make[]; counted: readonly Make[] }) {
  const inWords = useTradeWords();
  const [open, setOpen] = useState(false);
  const [asked, setAsked] = useState<string>();
  const set = (make: Make, why: string | undefined) => {
    setAsked(undefined);
    const { setAside: _, ...rest } = make;
    const label = why === undefined ? `version ${make.version} counts again` : `left out of the reckoning: version ${make.version}`;
    void save(label, [{ table: 'makes', from: make, to: why === undefined ? rest : { ...make, setAside: why } }]);
  };
  const left = makes.length - counted.length;
  return (
    <>
      <Button quiet onClick={() => setOpen(true)}>
        {left === 0 ? 'All versions count' : `${counted.length} of ${makes.length} versions count`} …
      </Button>
      <Dialog title="Versions that count" open={open} onClose={() => setOpen(false)}>
        <p className="mt-1 text-small text-ink2">
          A version cut for another purpose, or in a fabric that says nothing of the next, can be left out of what is carried forward.
        </p>
        <ul className="mt-2 border-t border-rule">
          {makes.map((m) => (
            <li key={m.id} className="flex flex-wrap items-center justify-between gap-x-3 border-b border-rule py-1">
              <span>
                Version {m.version}
                {m.kind !== 'garment' && <span className="text-ink2">, {inWords(m.kind)}</span>}
                {m.setAside !== undefined && <span className="block text-small text-ink2">left out: {m.setAside}</span>}
                {m.setAside === undefined && !counted.includes(m) && (
                  <span className="block text-small text-ink2">{m.state}, nothing seen of it</span>
                )}
              </span>
              {m.setAside !== undefined ? (
                <Button quiet aria-label={`Count version ${m.version} again`} onClick={() => set(m, undefined)}>
                  Count it again
                </Button>
              ) : asked === m.id ? (
                <WordsField label="Why is it left out?" words="" autoFocus onWords={(why) => set(m, why)} />
              ) : (
                counted.includes(m) && (
                  <Button quiet aria-label={`Leave version ${m.version} out`} onClick={() => setAsked(m.id)}>
                    Leave it out …
                  </Button>
                )
              )}
            </li>
          ))}
        </ul>
      </Dialog>
    </>
  );
}
