import { useState } from 'react';
import { useNavigate } from 'react-router';
import { nameCombination } from '../../core/make/name-combination';
import type { Make } from '../../core/records';
import { newId } from '../../data/new-id';
import { useMakes, usePatterns } from '../../data/queries';
import { today } from '../../data/today';
import { save } from '../../parts/save';
import { routes } from '../../routes';
import { Button } from '../../ui/button';
import { TextField } from '../../ui/field';

/** Gives what a garment is joined from a name: from then on it has versions and an account of its own. */
export function NameCombination({ make }: { make: Make }) {
  const navigate = useNavigate();
  const makes = useMakes();
  const patterns = usePatterns();
  const [name, setName] = useState('');
  const said = name.trim();
  const keep = async () => {
    if (said === '') return;
    const named = nameCombination(said, make, makes, patterns, newId, today());
    const done = `${said} has an account of its own${named.makes.length > 1 ? `, with ${named.makes.length} versions` : ''}. Ctrl Z takes it back.`;
    const writes = [
      { table: 'patterns' as const, put: named.pattern },
      ...named.makes.map(({ from, to }) => ({ table: 'makes' as const, from, to })),
    ];
    if (await save(`combination “${said}”`, writes, { done })) void navigate(routes.pattern(named.pattern.id));
  };
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <TextField
        label="Sewn like this again? Give it a name"
        placeholder="the Sunday blouse"
        value={name}
        maxLength={200}
        onChange={(event) => setName(event.target.value)}
        className="min-w-40 flex-1"
      />
      <Button type="submit" disabled={said === ''}>
        Name it
      </Button>
    </form>
  );
}
