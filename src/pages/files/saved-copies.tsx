import { useQuery } from '@tanstack/react-query';
import { format, parseISO } from 'date-fns';
import { toast } from 'react-toastify';
import { fetchCopy, listCopies, makeCopy } from '../../data/archive/copies';
import { useSettings, useUnit } from '../../data/queries';
import { Button } from '../../ui/button';
import { Refusal } from '../../ui/refusal';
import type { LongWork } from './long-work-bar';
import { usePutInPlace } from './put-in-place';
import { useTried } from './use-tried';

const moment = (written: string) => format(parseISO(written), 'd MMM yyyy, HH:mm');
const size = (bytes: number) => (bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`);

/** Dated copies that the server keeps in a folder of this machine: made by themselves, listed, and put back with a look first. */
export function SavedCopies({ busy, longWork }: { busy: boolean; longWork: LongWork }) {
  const { ledger, savedAt } = useSettings();
  const unit = useUnit();
  const { data: stash, refetch } = useQuery({ queryKey: ['copies', savedAt], queryFn: listCopies, staleTime: 0 });
  const trying = useTried();
  const { problem, tried } = trying;
  const { look, dialog } = usePutInPlace(longWork, trying);
  const copyNow = () =>
    tried('Not done', async () => {
      if (!(await longWork('Making a copy', (onProgress) => makeCopy(unit, onProgress)))) return;
      await refetch();
      toast('A copy is saved.');
    });
  const lookInto = (name: string, written: string) =>
    tried('Not done', async () =>
      look({
        ledger: await fetchCopy(name),
        title: `The copy of ${moment(written)}`,
        looking: 'Looking through the copy',
        putting: 'Putting the copy back',
        changes: { come: 'come back', differ: 'as they were then', go: 'go' },
        act: 'Put this copy back',
        label: `copy of ${moment(written)} put back`,
        done: () => toast('The copy is back. Ctrl Z brings back what was here.'),
        refused: 'This copy cannot be put back.',
        failed: 'Not done',
      }),
    );

  return (
    <section className="border-t border-rule2 pt-3" aria-labelledby="copies">
      <h2 id="copies" className="text-head">
        Copies on this machine
      </h2>
      {stash === null && (
        <p className="text-ink2">No copies are being made: the app runs without its server. Started with npm start, it keeps dated ones by itself.</p>
      )}
      {stash && (
        <>
          <p className="mb-2 text-ink2">
            {ledger === 'demo'
              ? 'Of your own ledger a copy is made by itself after changes; the demo is not copied.'
              : 'A copy is made by itself after changes: all of a day are kept, one a day for a month, one a month for years.'}{' '}
            They lie in {stash.folder}.
          </p>
          <Button disabled={busy} onClick={() => void copyNow()}>
            Make a copy now
          </Button>
          <ul className="mt-2 max-h-72 overflow-y-auto">
            {stash.copies.map((c) => (
              <li key={c.name} className="flex items-center justify-between gap-3 border-b border-rule py-1">
                <span>
                  {moment(c.written)} <span className="text-small text-ink2">· {size(c.bytes)}</span>
                </span>
                <Button
                  quiet
                  disabled={busy}
                  aria-label={`Look through the copy of ${moment(c.written)}`}
                  onClick={() => void lookInto(c.name, c.written)}
                >
                  Look, and put back …
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
      {problem && <Refusal>{problem}</Refusal>}
      {dialog}
    </section>
  );
}
