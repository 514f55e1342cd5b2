import { useEffect, useRef, useState } from 'react';
import type { FeatureTables } from '../core/wardrobe/features';
import type { WhatIsWorn } from '../core/wardrobe/what-is-worn';
import type { Hanging } from '../core/wear/wardrobe';

/** What a wardrobe says of wear and love, worked out in a worker of its own; undefined until it is. */
export function useWhatIsWorn(hanging: readonly Hanging[] | undefined, tables: FeatureTables): WhatIsWorn | undefined {
  const [answer, setAnswer] = useState<WhatIsWorn>();
  const asked = useRef(0);
  const worker = useRef<Worker>(undefined);
  useEffect(() => {
    if (!hanging) return;
    worker.current ??= new Worker(new URL('./wardrobe.worker.ts', import.meta.url), { type: 'module' });
    const number = ++asked.current;
    worker.current.onmessage = ({ data }: MessageEvent<{ readonly asked: number; readonly answer: WhatIsWorn }>) => {
      if (data.asked === asked.current) setAnswer(data.answer);
    };
    worker.current.postMessage({ asked: number, hanging, tables });
  }, [hanging, tables]);
  useEffect(
    () => () => {
      worker.current?.terminate();
      worker.current = undefined;
    },
    [],
  );
  return answer;
}
