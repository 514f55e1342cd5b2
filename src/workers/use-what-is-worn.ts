import { useEffect, useState } from 'react';
import type { FeatureTables } from '../core/wardrobe/features';
import type { WhatIsWorn } from '../core/wardrobe/what-is-worn';
import type { Hanging } from '../core/wear/wardrobe';
import { EngineError } from './engine-error';
import { useOwnWorker } from './use-own-worker';
import type { WardrobeAsked } from './wardrobe.worker';

const start = () => new Worker(new URL('./wardrobe.worker.ts', import.meta.url), { type: 'module', name: 'wardrobe' });

/** What came of asking of one person's. */
interface Answered {
  readonly of: string | undefined;
  readonly told?: WhatIsWorn;
  readonly error?: EngineError;
}

/**
 * What a wardrobe says of wear and love, worked out in a worker of its own; undefined until it is.
 *
 * @param personId whose it is
 * @param hanging what hangs of theirs; undefined until it is known
 * @param tables with that person's makes
 * @param tolerant where the page goes on without it
 * @throws EngineError to the nearest boundary
 */
export function useWhatIsWorn(
  personId: string | undefined,
  hanging: readonly Hanging[] | undefined,
  tables: FeatureTables,
  tolerant: boolean,
): WhatIsWorn | undefined {
  const ask = useOwnWorker<WardrobeAsked>(start);
  const [answer, setAnswer] = useState<Answered>();
  useEffect(() => {
    if (!hanging) return;
    let overtaken = false;
    ask((wardrobe) => wardrobe.whatIsWorn(hanging, tables)).then(
      (told) => !overtaken && setAnswer({ of: personId, told }),
      (error: unknown) => !overtaken && setAnswer({ of: personId, error: EngineError.of(error) }),
    );
    return () => {
      overtaken = true;
    };
  }, [ask, personId, hanging, tables]);
  // What was told of one person is never shown under another.
  if (answer?.of !== personId) return undefined;
  if (answer?.error && !tolerant) throw answer.error;
  return answer?.told;
}
