import { format, parseISO } from 'date-fns';
import { proxy } from 'comlink';
import { useState, type ReactNode } from 'react';
import { namesOfFolder } from '../core/archive/kept-copies';
import { lookInWorker, takeInWorker } from '../parts/archive-worker';
import type { Copy } from '../data/archive/list-copies';
import { db } from '../data/database';
import { openDemo, openEmpty } from '../data/demo';
import { whyNot } from '../parts/save';
import { Button } from '../ui/button';
import { Refusal } from '../ui/refusal';
import { forgetItWasHere, type NoLedger as Found } from './first-visit';

/** So many copies are offered here; the rest are in Files. */
const OFFERED = 5;

/** The newest copy of each ledger. */
function newestOfEach(copies: readonly Copy[]): Copy[] {
  const met = new Set<string | undefined>();
  return copies.filter(({ ledger }) => !met.has(ledger) && met.add(ledger)).slice(0, OFFERED);
}

/** What stands there where this browser has no ledger: on a first visit the two ways; where there was one, or copies of one, what is known of it. */
export function NoLedger({ copies, wasHere }: Found) {
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const begin = async (act: () => Promise<unknown>) => {
    setBusy(true);
    setProblem(undefined);
    try {
      await act();
      forgetItWasHere();
      location.assign('/');
    } catch (error) {
      setProblem(`Nothing was begun: ${whyNot(error)}`);
      setBusy(false);
    }
  };
  const putBack = async (copy: Copy) => {
    const looked = await lookInWorker(
      async (archive) =>
        await archive.compare(
          copy,
          proxy(() => undefined),
        ),
    );
    if (!looked) throw new Error('it was stopped');
    if (!looked.ok) throw new Error(looked.problem);
    await takeInWorker((archive) => archive.replace(`copy of ${format(parseISO(copy.written), 'd MMM yyyy')} put back`));
  };
  const offered = newestOfEach(copies);
  const troubles = (
    <>
      {problem && <Refusal>{problem}</Refusal>}
      {busy && <p role="status">One moment …</p>}
    </>
  );
  if (offered.length === 0 && !wasHere)
    return (
      <main className="mx-auto flex max-w-2xl flex-col gap-5 p-8 max-sm:p-5">
        <h1 className="text-title leading-tight">Amber Ledger</h1>
        <p>
          A book of what you have sewn: each garment with its pattern, size, fabric and fit. From what you note it works out what to cut next time,
          and how likely it is to be right.
        </p>
        <Way title="Your own ledger" act="Start your own" disabled={busy} onAct={() => void begin(() => openEmpty(db))}>
          Empty, and quick to begin: the name of a pattern and the size you cut are enough. A saved ledger or a spreadsheet of yours is read under
          Files.
        </Way>
        <Way title="The demo" act="Look round in the demo" disabled={busy} onAct={() => void begin(() => openDemo(db))}>
          The sewing of a made-up cellist, with every page filled. Try anything; start your own from it when you like.
        </Way>
        <p className="text-small text-ink2">What you enter stays in this browser and in the files you save. Nothing is sent anywhere.</p>
        {troubles}
      </main>
    );
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-4 p-8">
      <h1 className="text-title leading-tight">
        {wasHere ? 'Your ledger is not in this browser any more' : 'Copies of a ledger are on this machine'}
      </h1>
      <p>
        {wasHere
          ? 'There was one here. What a browser keeps goes when its data are cleared, in a private window, or when it runs out of room.'
          : 'This browser has no ledger yet, and you need not begin anew.'}{' '}
        {offered.length > 0
          ? 'The newest copy of each ledger:'
          : 'No copies of it were found from here. If you saved it to a file, begin an empty ledger and read the file under Files.'}
      </p>
      {offered.length > 0 && (
        <ul className="border-t border-rule">
          {offered.map((copy) => (
            <li key={`${copy.ledger} ${copy.name}`} className="flex flex-wrap items-center justify-between gap-3 border-b border-rule py-2">
              <span>
                {copy.of ? `Of ${namesOfFolder(copy.of)}` : 'A ledger'}, {format(parseISO(copy.written), 'd MMMM yyyy, HH:mm')}
              </span>
              <Button disabled={busy} onClick={() => void begin(() => putBack(copy))}>
                Put it back
              </Button>
            </li>
          ))}
        </ul>
      )}
      <p className="flex flex-wrap gap-2">
        <Button quiet disabled={busy} onClick={() => void begin(() => openEmpty(db))}>
          Begin an empty ledger
        </Button>
        <Button quiet disabled={busy} onClick={() => void begin(() => openDemo(db))}>
          Look round in the demo
        </Button>
      </p>
      {troubles}
    </main>
  );
}

/** One of the two ways of a first visit. */
function Way({ title, act, disabled, onAct, children }: { title: string; act: string; disabled: boolean; onAct: () => void; children: ReactNode }) {
  return (
    <section className="flex items-center justify-between gap-6 border-t border-rule2 pt-4 max-sm:flex-col max-sm:items-stretch">
      <div>
        <h2 className="text-head">{title}</h2>
        <p className="text-ink2">{children}</p>
      </div>
      <Button className="shrink-0 justify-center whitespace-nowrap" disabled={disabled} onClick={onAct}>
        {act}
      </Button>
    </section>
  );
}
