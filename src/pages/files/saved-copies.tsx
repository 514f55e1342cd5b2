import { useQuery } from '@tanstack/react-query';
import { format, parseISO } from 'date-fns';
import { toast } from 'react-toastify';
import { namesOfFolder } from '../../core/archive/kept-copies';
import { inOwnWorker } from '../../parts/archive-worker';
import { listCopies, type Copies, type Copy } from '../../data/archive/list-copies';
import { useSettings, useUnit } from '../../data/queries';
import { saveFile } from '../../parts/save-file';
import { Button } from '../../ui/button';
import { Refusal } from '../../ui/refusal';
import { byHand } from '../../ui/by-hand';
import type { LongWork } from './long-work-bar';
import { usePutInPlace } from './put-in-place';
import { useTried } from './use-tried';

const moment = (written: string) => format(parseISO(written), 'd MMM yyyy, HH:mm');
const size = (bytes: number) => (bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${(bytes / 1e6).toFixed(1)} MB`);

/** Whose a copy is, where it is not of the ledger here. */
function whoseCopy({ ledger, of }: Copy, here: string | undefined): string {
  if (ledger === undefined) return ' · whole archive';
  if (ledger === here) return '';
  return of === undefined ? ' · another ledger’s' : ` · another ledger’s, of ${namesOfFolder(of)}`;
}

/** Dated copies that the server keeps in a folder of this machine: made by themselves, listed, and put back with a look first. */
export function SavedCopies({ busy, longWork }: { busy: boolean; longWork: LongWork }) {
  const { savedAt } = useSettings();
  const unit = useUnit();
  const { data: kept, refetch } = useQuery({ queryKey: ['copies', savedAt], queryFn: listCopies, staleTime: 0 });
  const trying = useTried();
  const { look, dialog } = usePutInPlace(longWork, trying);
  const copyNow = () =>
    trying.tried('Not done', async () => {
      if (!(await longWork('Making a copy', (onProgress) => inOwnWorker((archive) => archive.copy(unit, onProgress))))) return;
      await refetch();
      toast('A copy is saved.');
    });
  const lookInto = (copy: Copy) =>
    trying.tried('Not done', () =>
      look({
        ledger: copy,
        title: `The copy of ${moment(copy.written)}`,
        looking: 'Looking through the copy',
        putting: 'Putting the copy back',
        changes: { come: 'come back', differ: 'as they were then', go: 'go' },
        act: 'Put this copy back',
        label: `copy of ${moment(copy.written)} put back`,
        done: () => toast(byHand('The copy is back. Ctrl Z brings back what was here.')),
        refused: 'This copy cannot be put back.',
        failed: 'Not done',
      }),
    );
  const saveAs = (copy: Copy) =>
    trying.tried('Not saved', async () => {
      const zip = await longWork('Writing the archive', (onProgress) => inOwnWorker((archive) => archive.copyAsArchive(copy, unit, onProgress)));
      if (zip) saveFile(zip, `amber-ledger-${copy.written.slice(0, 10)}.zip`);
    });

  return (
    <section className="border-t border-rule2 pt-3" aria-labelledby="copies">
      <h2 id="copies" className="text-head">
        Copies on this machine
      </h2>
      {kept === null && (
        <p className="text-ink2">No copies are being made: the app runs without its server. Started with npm start, it keeps dated ones by itself.</p>
      )}
      {kept === 'locked' && (
        <p className="text-ink2">
          This browser has not been let at the copies yet, and none are being made. Open the address that stands where the ledger was started (it ends
          in a long key), once; nobody else on this machine gets at them without it.
        </p>
      )}
      {kept && kept !== 'locked' && (
        <Listed kept={kept} busy={busy} onCopy={() => void copyNow()} onLook={(copy) => void lookInto(copy)} onSave={(copy) => void saveAs(copy)} />
      )}
      {trying.problem && <Refusal>{trying.problem}</Refusal>}
      {dialog}
    </section>
  );
}

function Listed({
  kept,
  busy,
  onCopy,
  onLook,
  onSave,
}: {
  kept: Copies;
  busy: boolean;
  onCopy: () => void;
  onLook: (copy: Copy) => void;
  onSave: (copy: Copy) => void;
}) {
  const { ledger, ledgerId } = useSettings();
  return (
    <>
      <p className="mb-2 text-ink2">
        {ledger === 'demo'
          ? 'Of your own ledger a copy is made by itself after changes; the demo is not copied.'
          : 'A copy is made by itself after changes: all of the latest two days are kept, then one a day for a month, then one a month for years. Pictures lie beside them once.'}{' '}
        They lie in {kept.folder}.
      </p>
      <Button disabled={busy} onClick={onCopy}>
        Make a copy now
      </Button>
      <ul className="mt-2 max-h-72 overflow-y-auto">
        {kept.copies.map((copy) => (
          <li key={`${copy.ledger} ${copy.name}`} className="flex flex-wrap items-center justify-between gap-x-3 border-b border-rule py-1">
            <span>
              {moment(copy.written)}{' '}
              <span className="text-small text-ink2">
                · {size(copy.bytes)}
                {whoseCopy(copy, ledgerId)}
              </span>
            </span>
            <span className="flex shrink-0 gap-1">
              <Button quiet disabled={busy} aria-label={`Save the copy of ${moment(copy.written)} as one file`} onClick={() => onSave(copy)}>
                Save as a file
              </Button>
              <Button quiet disabled={busy} aria-label={`Look through the copy of ${moment(copy.written)}`} onClick={() => onLook(copy)}>
                Look, and put back …
              </Button>
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}
