import type { Person } from '../core/records';
import { usePerson } from '../data/queries';
import { choose } from './save';

/** Speaks of somebody new where nobody was spoken of before: a coat for Tom is no reason to speak of him from then on. */
export function useSpeakOf(): (person: Person | undefined) => Promise<void> {
  const spoken = usePerson();
  return async (person) => {
    if (person && !spoken) await choose({ personId: person.id });
  };
}
