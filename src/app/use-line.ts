import { useMemo } from 'react';
import type { Answers } from '../core/shorthand/chip';
import { readMake, type ReadMake, type ReadOptions } from '../core/shorthand/draft-from-line';
import type { LineContext } from '../core/shorthand/sentence';
import { newId } from '../data/new-id';
import { usePerson } from '../data/queries';
import { useLineTables } from '../parts/use-line-context';

/**
 * Reads a line as it is typed.
 *
 * @param asPlanned what is planned of its pattern is taken for what was made
 */
export function useReadLine(text: string, context: LineContext, answers: Answers, asPlanned: NonNullable<ReadOptions['asPlanned']>): ReadMake {
  const tables = useLineTables();
  const spoken = usePerson();
  return useMemo(() => readMake(text, tables, { context, spoken, answers, asPlanned, newId }), [text, context, answers, asPlanned, tables, spoken]);
}
