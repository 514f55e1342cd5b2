import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { FIT_CLASS_WORDS, FIT_CLASSES, type FitClass } from '../../core/body/fit-class';
import { GARMENT_KINDS, type GarmentKind, type Pattern } from '../../core/records';
import { blankPattern } from '../../core/records/blank';
import { newId } from '../../data/new-id';
import { usePatterns, useTradeWords } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { Button } from '../../ui/button';
import { ChoiceField, TextField } from '../../ui/field';
import { PageHead } from '../../ui/page-head';
import { routes } from '../../routes';

/** A new pattern: its name and kind are enough to begin; the rest is filled in on the next page. */
export function NewPattern() {
  const inWords = useTradeWords();
  const [params] = useSearchParams();
  const navigate = useNavigate();
  const patterns = usePatterns();
  const [name, setName] = useState(params.get('name') ?? '');
  const [designer, setDesigner] = useState('');
  const [kind, setKind] = useState<GarmentKind>('top');
  const [fitClass, setFitClass] = useState<FitClass>('semi');
  const [structure, setStructure] = useState<'woven' | 'knit'>('woven');
  const [problem, setProblem] = useState<string>();
  const known = patterns.find((p) => p.name.trim().toLowerCase() === name.trim().toLowerCase());

  const add = async () => {
    if (name.trim() === '') return setProblem('Give the pattern its name.');
    const pattern: Pattern = {
      ...blankPattern(newId(), newId(), name.trim(), kind, structure),
      ...(designer.trim() ? { designer: designer.trim() } : {}),
      fitClass,
      added: today(),
    };
    if (!(await save(`pattern “${pattern.name}”`, [{ table: 'patterns', put: pattern }]))) return;
    void navigate(routes.changePattern(pattern.id));
  };

  return (
    <>
      <PageHead title="Add a pattern" under="Its name and kind are enough to begin; a size chart can come later." />
      <form
        className="flex max-w-md flex-col gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void add();
        }}
      >
        <TextField label="Name" autoFocus value={name} onChange={(e) => setName(e.target.value)} problem={problem} />
        {known && (
          <p className="border-l-4 border-ink bg-tint px-3 py-1">
            {known.name} is in the ledger already
            {known.state === 'retired' ? `: retired, ${known.why ?? 'no reason noted'}` : ''}.{' '}
            <Link className="underline" to={routes.pattern(known.id)}>
              Open its account
            </Link>
          </p>
        )}
        <TextField label="Designer" value={designer} onChange={(e) => setDesigner(e.target.value)} />
        <ChoiceField label="Kind of garment" value={kind} all={GARMENT_KINDS} words={inWords} onValue={setKind} />
        <ChoiceField label="Intended ease" value={fitClass} all={FIT_CLASSES} words={(c) => FIT_CLASS_WORDS[c]} onValue={setFitClass} />
        <ChoiceField label="Fabric it wants" value={structure} all={['woven', 'knit']} onValue={setStructure} />
        <Button type="submit" className="self-start">
          Add the pattern
        </Button>
      </form>
    </>
  );
}
