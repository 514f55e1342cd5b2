import { useMemo } from 'react';
import type { Answers } from '../core/shorthand/chip';
import { readMake, type ReadMake } from '../core/shorthand/draft-from-line';
import type { LineContext } from '../core/shorthand/sentence';
import { newId } from '../data/new-id';
import { useBodies, useFabrics, useMakes, usePatterns, usePeople, usePerson } from '../data/queries';

/** Reads a line as it is typed. */
export function useReadLine(text: string, context: LineContext, answers: Answers): ReadMake {
  const patterns = usePatterns();
  const makes = useMakes();
  const bodies = useBodies();
  const fabrics = useFabrics();
  const people = usePeople();
  const spoken = usePerson();
  return useMemo(
    () => readMake(text, { patterns, makes, bodies, fabrics, people }, { context, spoken, answers, newId }),
    [text, context, answers, patterns, makes, bodies, fabrics, people, spoken],
  );
}
