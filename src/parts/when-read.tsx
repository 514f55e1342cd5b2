import { notifyManager, useQueryClient } from '@tanstack/react-query';
import { Suspense, useEffect, useReducer, type ReactNode } from 'react';

/** What stands there meanwhile: nothing. It says whenever something was read. */
function Reading({ onRead }: { onRead: () => void }) {
  const client = useQueryClient();
  useEffect(() => {
    // What was read before this listened is told of too.
    notifyManager.schedule(onRead);
    return client.getQueryCache().subscribe((event) => {
      if (event.type === 'updated' && event.action.type === 'success') notifyManager.schedule(onRead);
    });
  }, [client, onRead]);
  return null;
}

/**
 * A part of the page that stands once all that it asks for is read. React by itself shows what waited no sooner than 300 ms after it began
 * to wait, lest a page come in many small steps; what is read here is there long before. So it is drawn again whenever something was read.
 *
 * @param children what asks for it (`useSuspenseQuery`)
 */
export function WhenRead({ children }: { children: ReactNode }) {
  const [, drawAgain] = useReducer((times: number) => times + 1, 0);
  return <Suspense fallback={<Reading onRead={drawAgain} />}>{children}</Suspense>;
}
