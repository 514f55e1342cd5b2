import { useEffect, useState } from 'react';
import type { FeatureTables } from '../core/wardrobe/features';
import type { WhatIsWorn } from '../core/wardrobe/what-is-worn';
import type { Hanging } from '../core/wear/wardrobe';
import { useOwnWorker } from './use-own-worker';
import type { WardrobeAsked } from './wardrobe.worker';

const start = () => new Worker(new URL('./wardrobe.worker.ts', import.meta.url), { type: 'module', name: 'wardrobe' });

/**
 * What a wardrobe says of wear and love, worked out in a worker of its own; undefined until it is.
 *
 * @param personId whose it is
 * @param hanging what hangs of theirs; undefined until it is known
 * @param tables with that person's makes
 */
export function useWhatIsWorn(personId: string | undefined, hanging: readonly Hanging[] | undefined, tables: FeatureTables): WhatIsWorn | undefined {
  const wardrobe = useOwnWorker<WardrobeAsked>(start);
  const [answer, setAnswer] = useState<{ readonly of: string | undefined; readonly told: WhatIsWorn }>();
  useEffect(() => {
    if (!hanging) return;
    let overtaken = false;
    void wardrobe()
      .whatIsWorn(hanging, tables)
      .then((told) => !overtaken && setAnswer({ of: personId, told }));
    return () => {
      overtaken = true;
    };
  }, [wardrobe, personId, hanging, tables]);
  // What was told of one person is never shown under another.
  return answer?.of === personId ? answer?.told : undefined;
}
