import { toast } from 'react-toastify';
import { registerSW } from 'virtual:pwa-register';
import { Button } from '../ui/button';

/** An app that stays open for days asks so often whether there is a newer one. */
const ASK_EVERY = 3_600_000;

/**
 * Has the browser keep the whole app, so that it opens without the server, and offers a newer one when it is there. It is never forced:
 * whoever is in the middle of an entry, here or in another window, goes on until she takes it.
 */
export function keepOffline(): void {
  let taken = false;
  const take = registerSW({
    immediate: true,
    onRegisteredSW: (_, registration) => {
      if (registration) setInterval(() => void registration.update().catch(() => undefined), ASK_EVERY);
    },
    onNeedRefresh: () => {
      toast(
        <span className="flex flex-wrap items-center gap-2">
          A newer Amber Ledger is ready. What you entered stays; closing this means later.
          <Button
            onClick={() => {
              taken = true;
              void take();
            }}
          >
            Take it now
          </Button>
        </span>,
        { toastId: 'newer', autoClose: false, closeOnClick: false },
      );
    },
    onNeedReload: () => {
      if (taken) location.reload();
      else toast('A newer Amber Ledger was taken in another window. Open this one anew when you are ready.', { toastId: 'newer', autoClose: false });
    },
    // A browser that keeps nothing (a private window, say) still runs the app while the server does.
    onRegisterError: () => undefined,
  });
}
