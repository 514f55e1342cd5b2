import { useMemo } from 'react';
import type { Answers } from '../core/shorthand/chip';
import { readMake, type ReadMake } from '../core/shorthand/draft-from-line';
import type { LineContext } from '../core/shorthand/sentence';
import { newId } from '../data/new-id';
import { usePerson } from '../data/queries';
import { useLineTables } from '../parts/use-line-context';

/** Reads a line as it is typed. */
export function useReadLine(text: string, context: LineContext, answers: Answers): ReadMake {
  const tables = useLineTables();
  const spoken = usePerson();
  return useMemo(() => readMake(text, tables, { context, spoken, answers, newId }), [text, context, answers, tables, spoken]);
}
