import { useRef } from 'react';
import { toast } from 'react-toastify';
import { counted } from '../../core/units/counted';
import { inOwnWorker } from '../../parts/archive-worker';
import type { LedgerCounts } from '../../data/archive/ledger-file';
import { db } from '../../data/database';
import { useSettings } from '../../data/queries';
import { Refusal } from '../../ui/refusal';
import { ChooseFile, LEDGER_FILES } from './choose-file';
import type { LongWork } from './long-work-bar';
import { usePutInPlace } from './put-in-place';
import { makeSmallCopies } from './small-copies';
import { useTried } from './use-tried';
import { byHand } from '../../ui/by-hand';
import { OF_A_FILE } from './what-would-change';

const LABEL = 'ledger read from a file';

const sayRead = (counts: LedgerCounts) =>
  toast(
    byHand(
      `Read: ${counted(counts.makes, 'make')}, ${counted(counts.patterns, 'pattern')}, ${counted(counts.fabrics, 'fabric')}. Ctrl Z brings back what was here.`,
    ),
  );

/** A ledger file in the place of what is here. Where there is nothing here, nothing is asked. */
export function ReadFromFile({ busy, longWork, isEmpty }: { busy: boolean; longWork: LongWork; isEmpty: boolean }) {
  const { ledger } = useSettings();
  const picker = useRef<HTMLInputElement>(null);
  const trying = useTried(picker);
  const { problem, refuse, tried } = trying;
  const { look, dialog } = usePutInPlace(longWork, trying);

  const readAtOnce = async (file: File) => {
    const read = await longWork('Reading the file', (onProgress) => inOwnWorker(async (archive) => await archive.read(file, LABEL, onProgress)));
    if (!read) return void toast('Stopped; the ledger is as it was.');
    if (!read.ok) return refuse(`${file.name} was not read. ${read.problem}`);
    void makeSmallCopies(db);
    sayRead(read.counts);
    for (const notice of read.notices) toast(notice, { autoClose: false });
  };
  const offer = (file: File) =>
    look({
      ledger: file,
      title: `Put ${file.name} in the place of this ledger?`,
      looking: 'Looking through the file',
      putting: 'Reading the file',
      changes: OF_A_FILE,
      act: 'Read the file',
      evenSo: ledger === 'demo' ? 'Read from a file, it is your own ledger and no longer the demo.' : undefined,
      label: LABEL,
      done: sayRead,
      refused: `${file.name} was not read.`,
      failed: `${file.name} was not read`,
    });
  const choose = (file: File) => tried(`${file.name} was not read`, () => (isEmpty ? readAtOnce(file) : offer(file)));

  return (
    <section className="border-t border-rule2 pt-3">
      <h2 className="text-head">Read a ledger from a file</h2>
      <p className="mb-2 text-ink2">
        It takes the place of what is here, once you have seen what would change. A file that is damaged or foreign is refused, and the ledger stays
        as it was.
      </p>
      <ChooseFile id="ledger-file" label="Ledger file" accept={LEDGER_FILES} disabled={busy} field={picker} onFile={(file) => void choose(file)} />
      {problem && <Refusal>{problem} The ledger is as it was.</Refusal>}
      {dialog}
    </section>
  );
}
