import type { LogDraft } from './draft-shapes';

/**
 * Where the log page goes on with a draft: by what it is of and whom it is for, as far as the ledger knows them already.
 *
 * @returns the parameters of its address
 */
export function whereToLog({ make, newPattern, newPerson, planId }: LogDraft): {
  pattern?: string;
  name?: string;
  plan?: string;
  for?: string;
  draft: string;
} {
  if (newPattern || newPerson) return { draft: make.id };
  const pattern = make.sources[0]?.patternId;
  return {
    ...(pattern ? { pattern } : { name: make.name ?? '' }),
    ...(planId === undefined ? {} : { plan: planId }),
    for: make.personId,
    draft: make.id,
  };
}
