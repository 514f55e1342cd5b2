import type { FabricUnit } from '../../core/units/length';
import type { Dialect } from '../../core/units/trade-words';
import { formatDistanceToNow, formatISO } from 'date-fns';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'react-toastify';
import { counted } from '../../core/units/counted';
import { inOwnWorker, stopArchive } from '../../parts/archive-worker';
import { exportLedger } from '../../data/archive/ledger-file';
import { db } from '../../data/database';
import { openDemo, openEmpty } from '../../data/demo';
import { bringBack } from '../../data/journal';
import {
  useFabrics,
  useMakes,
  usePatterns,
  useRemovals,
  useSettings,
  useUnit,
  useUnsaved,
  useDialect,
  useFabricUnit,
  useTradeWords,
} from '../../data/queries';
import type { Settings } from '../../data/settings';
import { noteSaved, reachedNow } from '../../data/saved-state';
import { today } from '../../data/today';
import { whyNot, attempt, choose } from '../../parts/save';
import { saveFile } from '../../parts/save-file';
import { SavedCopies } from './saved-copies';
import { LongWorkBar } from './long-work-bar';
import { useLongWork } from './use-long-work';
import { RoomInTheBrowser } from './room-in-the-browser';
import { TablesForASpreadsheet } from './tables-for-a-spreadsheet';
import { TwoLedgersTogether } from './two-ledgers-together';
import { ReadFromFile } from './read-from-file';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { ReadField } from '../../ui/field';
import { PageHead } from '../../ui/page-head';
import { Segmented } from '../../ui/segmented';
import { routes } from '../../routes';

async function downloadText() {
  const text = await attempt('The file was not written', () => exportLedger(db, formatISO(new Date())));
  if (text === undefined) return;
  saveFile(new Blob([text], { type: 'application/json' }), `amber-ledger-${today()}.json`);
  toast('The whole ledger is in the file.');
}

type Question = 'empty' | 'demo';

/** Files: the whole ledger out and in, an empty start, the demo. */
export function Files() {
  const dialect = useDialect();
  const fabricUnit = useFabricUnit();
  const inWords = useTradeWords();
  const navigate = useNavigate();
  const { ledger, theme, currency } = useSettings();
  const gone = useRemovals();
  const unit = useUnit();
  const unsaved = useUnsaved();
  const makes = useMakes();
  const patterns = usePatterns();
  const fabrics = useFabrics();
  const [question, setQuestion] = useState<Question>();
  const { running, longWork } = useLongWork();
  const busy = running !== undefined;
  const download = async () => {
    // What is entered while it is written is in no file yet.
    const at = Date.now();
    /** The browser has it already. */
    let given = false;
    try {
      const reached = await reachedNow(db);
      const saved = await longWork('Writing the archive', (onProgress) =>
        inOwnWorker((archive) => archive.save(formatISO(new Date()), unit, onProgress)),
      );
      if (!saved) return void toast('Stopped; nothing was written.');
      saveFile(saved.zip, `amber-ledger-${today()}.zip`);
      given = true;
      // It is read back while the browser still takes it.
      const whole = await longWork('Reading it back', (onProgress) => inOwnWorker((archive) => archive.readBack(saved, onProgress)));
      if (!whole) return void toast('The file is there. It was not read back to its end, and does not count as saved.');
      await noteSaved(db, reached, at);
      toast('The whole ledger is in the file.');
    } catch (error) {
      toast.error(`${given ? 'The file is not to be relied on' : 'The file was not written'}: ${whyNot(error)} The ledger is as it was.`);
    }
  };
  const isEmpty = makes.length === 0 && patterns.length === 0 && fabrics.length === 0;
  /** Absent while it is still counted. */
  const held = `${counted(makes.length, 'make')}, ${counted(patterns.length, 'pattern')}, ${counted(fabrics.length, 'fabric')}`;
  const begin = async (refused: string, open: typeof openDemo) => {
    if (await attempt(refused, async () => open(db).then(() => true))) void navigate(routes.dayBook);
  };
  const answer = async () => {
    const asked = question;
    setQuestion(undefined);
    if (asked === 'empty') await begin('Nothing was begun', openEmpty);
    else if (asked === 'demo') await begin('The demo was not opened', openDemo);
  };

  return (
    <>
      <PageHead title="Files" under="The ledger lives in this browser, on this machine; nothing of it is sent anywhere." />
      <div className="flex max-w-3xl flex-col gap-6">
        <section className="border-t border-rule2 pt-3">
          <h2 className="text-head">Save the whole ledger to a file</h2>
          <p className="mb-2 text-ink2">
            {held ?? 'All makes, patterns and fabrics'}, with bodies, wears and pictures. Keep a copy elsewhere now and then.
          </p>
          <p className="flex flex-wrap gap-2">
            <Button disabled={busy} onClick={() => void download()}>
              Save to a file
            </Button>
            <Button quiet disabled={busy} onClick={() => void downloadText()}>
              Save as one text file
            </Button>
          </p>
          <p className="mt-1 text-small text-ink2">
            The file is a zip that opens anywhere: a page of all makes, the pictures as they are, and everything else as documented text.
          </p>
          {running && <LongWorkBar {...running} onStop={stopArchive} />}
          {(unsaved ?? 0) > 0 && <p className="mt-1">{unsaved === 1 ? 'One entry is' : `${unsaved} entries are`} in no file and no copy yet.</p>}
        </section>
        <SavedCopies busy={busy} longWork={longWork} />
        <TwoLedgersTogether busy={busy} longWork={longWork} />
        <TablesForASpreadsheet />
        <ReadFromFile busy={busy} longWork={longWork} isEmpty={isEmpty} />
        <section className="border-t border-rule2 pt-3">
          <h2 className="text-head">{ledger === 'demo' ? 'Start your own ledger' : 'Start again'}</h2>
          <p className="mb-2 text-ink2">
            {ledger === 'demo'
              ? 'The demo goes without a trace, and with it what you tried in it.'
              : 'The demo ledger shows every part with a made-up sewist’s garments; an empty one waits for yours.'}
          </p>
          <div className="flex gap-2">
            <Button onClick={() => setQuestion('empty')}>Start an empty ledger</Button>
            <Button onClick={() => (isEmpty ? void begin('The demo was not opened', openDemo) : setQuestion('demo'))}>Open the demo ledger</Button>
          </div>
        </section>
        <RoomInTheBrowser />
        <section className="border-t border-rule2 pt-3" aria-labelledby="removed">
          <h2 id="removed" className="text-head">
            Removed in the last thirty days
          </h2>
          {gone?.length === 0 && <p className="text-ink2">Nothing. What is removed can be brought back from here for thirty days.</p>}
          <ul>
            {gone?.map((removal) => (
              <li key={removal.seq} className="flex items-center justify-between gap-3 border-b border-rule py-1">
                <span>
                  {removal.label}
                  <span className="text-small text-ink2"> · {formatDistanceToNow(removal.at, { addSuffix: true })}</span>
                </span>
                <Button
                  onClick={() =>
                    void attempt('Not brought back', () => bringBack(db, removal.seq)).then((label) => label && toast(`Brought back: ${label}`))
                  }
                >
                  Bring back
                </Button>
              </li>
            ))}
          </ul>
        </section>
        <section className="border-t border-rule2 pt-3">
          <h2 className="mb-2 text-head">Money</h2>
          <ReadField
            label="Usual currency"
            hint="three letters, such as EUR; taken where an amount is typed without one"
            shown={currency}
            read={(text) =>
              /^[a-z]{3}$/i.test(text.trim())
                ? { ok: true, value: text.trim().toUpperCase() }
                : { ok: false, problem: 'Write the three letters of a currency, such as EUR.' }
            }
            onValue={(c) => void choose({ currency: c })}
            className="w-72 [&_input]:w-24"
          />
        </section>
        <section className="border-t border-rule2 pt-3">
          <h2 className="mb-2 text-head">Words and lengths of fabric</h2>
          <div className="flex flex-wrap gap-4">
            <Segmented<Dialect>
              label="Words"
              value={dialect}
              choices={[
                { value: 'british', label: 'British: toile, trousers, colour' },
                { value: 'american', label: 'American: muslin, pants, color' },
              ]}
              onChange={(d) => void choose({ dialect: d })}
            />
            <Segmented<FabricUnit>
              label="Fabric measured in"
              value={fabricUnit}
              choices={[
                { value: 'm', label: inWords('metres') },
                { value: 'yd', label: 'yards' },
              ]}
              onChange={(u) => void choose({ fabricUnit: u })}
            />
          </div>
        </section>
        <section className="border-t border-rule2 pt-3">
          <h2 className="mb-2 text-head">Light</h2>
          <Segmented<Settings['theme']>
            label="Light"
            value={theme}
            choices={[
              { value: 'system', label: 'as the system' },
              { value: 'light', label: 'daylight' },
              { value: 'lamp', label: 'lamp light' },
            ]}
            onChange={(t) => void choose({ theme: t })}
          />
        </section>
      </div>
      <Dialog
        open={question !== undefined}
        onClose={() => setQuestion(undefined)}
        title={question === 'demo' ? 'Open the demo ledger?' : 'Start an empty ledger?'}
      >
        <p className="my-3">
          What is here now{held && ` (${held})`} is removed from this browser. This cannot be undone: save it to a file first if you want it.
        </p>
        <div className="flex justify-end gap-2">
          <Button quiet onClick={() => void download()}>
            Save to a file first
          </Button>
          <Button onClick={() => void answer()}>{question === 'demo' ? 'Remove and open the demo' : 'Remove and start empty'}</Button>
        </div>
      </Dialog>
    </>
  );
}
