import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { RouterProvider } from 'react-router';
import { toast } from 'react-toastify';
import { db } from '../data/database';
import { settleDrafts } from '../data/drafts';
import { keepFresh } from '../data/keep-fresh';
import { readAhead } from '../data/queries';
import { tellTogether } from '../data/told-together';
import { whenIdle } from '../data/when-idle';
import { tellText } from '../workers/engine';
import { firstVisit } from './first-visit';
import { routes } from '../routes';
import { router } from './router';
import './style.css';

// The database is on this machine and tells of every change, so nothing grows stale by itself.
const client = new QueryClient({
  defaultOptions: { queries: { staleTime: Infinity, gcTime: 5 * 60_000, retry: false, refetchOnWindowFocus: false, networkMode: 'always' } },
});
tellTogether();
keepFresh(client);

db.on('versionchange', ({ newVersion }) => {
  if (newVersion)
    toast(
      'A newer Amber Ledger was opened in another window. This one writes nothing more: open it anew. What you have typed and not kept stays until then.',
      { toastId: 'newer', autoClose: false },
    );
});

/** Nothing is drawn before the ledger is there: a first visit would flash an empty book. */
const [book, unread] = await Promise.all([
  firstVisit(db, location.pathname).then(
    async (found) => {
      if (found) {
        const { NoLedger } = await import('./no-ledger');
        return <NoLedger {...found} />;
      }
      readAhead(client, location.pathname === routes.dayBook, tellText);
      return <RouterProvider router={router} />;
    },
    async (error: unknown) => {
      const { CannotOpen } = await import('./cannot-open');
      return <CannotOpen error={error} />;
    },
  ),
  settleDrafts(),
]);

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>{book}</QueryClientProvider>
  </StrictMode>,
);

if (unread.length > 0)
  toast.error(`What was half typed in an older Amber Ledger could not be read and is gone: ${unread.join(', ')}. The ledger itself is whole.`, {
    autoClose: false,
  });

// After the first screen: what is kept for later must not hold it up.
if (import.meta.env.PROD) {
  void import('./offline').then(({ keepOffline }) => keepOffline());
  void import('./copies').then(({ keepCopies }) => keepCopies());
}
/** How long a screen has been looked at before what it may need next is loaded, ms: until then that would only hold it up. */
const LOOKED_AT = 4000;
setTimeout(() => whenIdle(() => void import('./load-writing').then(({ loadWriting }) => loadWriting()).catch(() => undefined)), LOOKED_AT);
