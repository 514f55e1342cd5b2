import { lazy, Suspense } from 'react';
import { useNavigate } from 'react-router';
import { db } from '../data/database';
import { openEmpty } from '../data/demo';
import { attempt } from '../parts/save';
import { routes } from '../routes';
import { useOpened } from '../ui/use-opened';

const LeaveTheDemo = lazy(async () => ({ default: (await import('./leave-the-demo')).LeaveTheDemo }));

/** The way out of the demo: at once where nothing was tried in it, else once it is said what goes. */
export function StartYourOwn() {
  const navigate = useNavigate();
  const [tried, setTried] = useOpened<number | undefined>(undefined);
  const start = async (open: typeof openEmpty = openEmpty) => {
    setTried(undefined);
    if (await attempt('Nothing was begun', () => open(db).then(() => true))) void navigate(routes.dayBook);
  };
  const ask = async () => {
    const acts = await db.journal.where('undone').equals(0).count();
    if (acts === 0) await start();
    else setTried(acts);
  };
  return (
    <>
      <button type="button" className="underline" onClick={() => void ask()}>
        start your own
      </button>
      <Suspense>
        {tried !== undefined && <LeaveTheDemo tried={tried} onStart={(open) => void start(open)} onStay={() => setTried(undefined)} />}
      </Suspense>
    </>
  );
}
