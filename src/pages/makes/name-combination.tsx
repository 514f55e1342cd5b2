import { useNavigate } from 'react-router';
import { nameCombination } from '../../core/make/name-combination';
import type { Make } from '../../core/records';
import { newId } from '../../data/new-id';
import { useMakes, usePatterns } from '../../data/queries';
import { today } from '../../data/today';
import { OneLineForm } from '../../parts/one-line-form';
import { save } from '../../parts/save';
import { routes } from '../../routes';

/** Gives what a garment is joined from a name: from then on it has versions and an account of its own. */
export function NameCombination({ make }: { make: Make }) {
  const navigate = useNavigate();
  const makes = useMakes();
  const patterns = usePatterns();
  const name = async (words: string) => {
    const named = nameCombination(words, make, makes, patterns, newId, today());
    const done = `${words} has an account of its own${named.makes.length > 1 ? `, with ${named.makes.length} versions` : ''}. Ctrl Z takes it back.`;
    const writes = [
      { table: 'patterns' as const, put: named.pattern },
      ...named.makes.map(({ from, to }) => ({ table: 'makes' as const, from, to })),
    ];
    const kept = await save(`combination “${words}”`, writes, { done });
    if (kept) void navigate(routes.pattern(named.pattern.id));
    return kept;
  };
  return <OneLineForm label="Sewn like this again? Give it a name" placeholder="the Sunday blouse" keep="Name it" most={200} onKeep={name} />;
}
