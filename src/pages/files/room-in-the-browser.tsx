import { useQuery } from '@tanstack/react-query';
import { toast } from 'react-toastify';
import { Button } from '../../ui/button';

interface Room {
  readonly used: number;
  readonly of: number;
  /** The browser promised not to clear it away by itself. */
  readonly kept: boolean;
}

/** So full the sewist is told what to do. Source: our own convention. */
const NEARLY_FULL = 0.8;

async function readRoom(): Promise<Room | null> {
  // A browser that says nothing of its room (an old one, a private window) still keeps the ledger.
  if (!navigator.storage?.estimate) return null;
  const [{ usage = 0, quota = 0 }, kept] = await Promise.all([navigator.storage.estimate(), navigator.storage.persisted?.() ?? false]);
  return quota > 0 ? { used: usage, of: quota, kept } : null;
}

const inWords = (bytes: number) => (bytes < 1e9 ? `${Math.max(1, Math.round(bytes / 1e6))} MB` : `${(bytes / 1e9).toFixed(1)} GB`);

/** What the ledger takes up in this browser and what is left, and the browser's promise to keep it. */
export function RoomInTheBrowser() {
  const { data: room, refetch } = useQuery({ queryKey: ['room'], queryFn: readRoom, staleTime: 0 });
  if (!room) return null;
  const ask = async () => {
    const kept = await navigator.storage.persist();
    await refetch();
    toast(
      kept
        ? 'The browser promised to keep the ledger.'
        : 'The browser did not promise it. It asks for more visits first, or for the app to be installed; save to a file now and then.',
    );
  };
  return (
    <section className="border-t border-rule2 pt-3" aria-labelledby="room">
      <h2 id="room" className="text-head">
        Room in this browser
      </h2>
      <p className="text-ink2">
        {inWords(room.used)} used, about {inWords(room.of - room.used)} left.{' '}
        {room.kept
          ? 'The browser keeps it until you clear it away.'
          : 'Where room runs short, a browser may clear away what it did not promise to keep; a private window loses all when it is closed.'}
      </p>
      {room.used > NEARLY_FULL * room.of && (
        <p className="mt-1 border-l-4 border-garnet bg-page px-3 py-2">
          It is nearly full. Save the ledger to a file, then make room on this machine, or remove large pictures: what is entered stays as long as it
          fits.
        </p>
      )}
      {!room.kept && (
        <p className="mt-2">
          <Button onClick={() => void ask()}>Ask the browser to keep it</Button>
        </p>
      )}
    </section>
  );
}
