import { useMemo } from 'react';
import type { EngineSession } from '../../core/engine/session';
import type { PlannedCut } from '../../core/forecast/next-cut';
import { useCaseTablesToAsk } from '../../data/engine-tables';
import { personOf, useReadSettings } from '../../data/queries';
import { today } from '../../data/today';
import { useEngine, type Asked } from '../../workers/use-engine';

/** What was asked of a pattern, and what the engine says to it. */
export interface AskedAccount {
  readonly plan: PlannedCut;
  readonly asked: Asked<ReturnType<EngineSession['accountFor']>>;
}

/**
 * Asks for a pattern's account as soon as the engine can be asked: the page that shows it reads the makes meanwhile.
 *
 * @param fabricId the fabric that is planned; empty for the one that the pattern asks for
 */
export function useAccount(patternId: string | undefined, fabricId: string): AskedAccount {
  const settings = useReadSettings();
  const tables = useCaseTablesToAsk();
  const unit = settings?.unit ?? 'cm';
  const plan = useMemo(() => ({ date: today(), unit, ...(fabricId === '' ? {} : { fabricId }) }), [unit, fabricId]);
  const spokenOf = tables && settings && personOf(tables.people, settings);
  const asked = useEngine('accountFor', tables, spokenOf && patternId !== undefined ? [spokenOf.id, patternId, plan] : undefined, { tolerant: true });
  return { plan, asked };
}
