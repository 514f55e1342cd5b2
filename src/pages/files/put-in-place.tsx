import { useState } from 'react';
import { toast } from 'react-toastify';
import type { TableChange } from '../../core/archive/what-would-change';
import { lookInWorker, takeInWorker } from '../../parts/archive-worker';
import type { CopyName } from '../../data/archive/list-copies';
import type { LedgerCounts } from '../../data/archive/ledger-file';
import { db } from '../../data/database';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import { byHand } from '../../ui/by-hand';
import type { LongWork } from './long-work-bar';
import { makeSmallCopies } from './small-copies';
import { Notices } from './notices';
import type { Tried } from './use-tried';
import { WhatWouldChange, type ChangeWords } from './what-would-change';

/** A ledger that may take the place of the one here, and how that is spoken of. */
export interface Offer {
  readonly ledger: Blob | CopyName;
  readonly title: string;
  /** Of the two works. */
  readonly looking: string;
  readonly putting: string;
  readonly changes: ChangeWords;
  /** What the button does. */
  readonly act: string;
  /** Offered even where nothing would change. */
  readonly evenSo?: string | undefined;
  /** What undo will say was done. */
  readonly label: string;
  readonly done: (counts: LedgerCounts) => void;
  /** What is said before the reason: where it cannot be read, as a sentence, and where putting it in place fails. */
  readonly refused: string;
  readonly failed: string;
}

interface Asked {
  readonly offer: Offer;
  readonly changes: readonly TableChange[];
  readonly notices: readonly string[];
}

/** A ledger put in the place of the one here: looked through first, so that nobody is asked about what cannot be read, and only then asked. */
export function usePutInPlace(longWork: LongWork, { tried, refuse }: Tried) {
  const [asked, setAsked] = useState<Asked>();

  const look = async (offer: Offer) => {
    const compared = await longWork(offer.looking, (onProgress) => lookInWorker(async (archive) => await archive.compare(offer.ledger, onProgress)));
    if (!compared) return void toast('Stopped; the ledger is as it was.');
    if (!compared.ok) return refuse(`${offer.refused} ${compared.problem}`);
    setAsked({ offer, changes: compared.changes, notices: compared.notices });
  };
  const put = (offer: Offer) =>
    tried(offer.failed, async () => {
      setAsked(undefined);
      const counts = await longWork(offer.putting, () => takeInWorker((archive) => archive.replace(offer.label)));
      void makeSmallCopies(db);
      offer.done(counts);
    });

  const dialog = (
    <Dialog open={asked !== undefined} onClose={() => setAsked(undefined)} title={asked?.offer.title ?? ''}>
      {asked && <Question {...asked} onPut={() => void put(asked.offer)} />}
    </Dialog>
  );
  return { look, dialog };
}

function Question({ offer: { changes: words, act, evenSo }, changes, notices, onPut }: Asked & { onPut: () => void }) {
  return (
    <div className="mt-2 flex flex-col gap-3">
      {changes.length === 0 ? (
        <p>It is the ledger as it stands: nothing would change. {evenSo}</p>
      ) : (
        <ul className="list-disc pl-5">
          <WhatWouldChange changes={changes} words={words} />
        </ul>
      )}
      <Notices of={notices} />
      {(changes.length > 0 || evenSo) && (
        <>
          <p className="text-small text-ink2">{byHand('It takes the place of what is here. Ctrl Z takes that back.')}</p>
          <p>
            <Button onClick={onPut}>{act}</Button>
          </p>
        </>
      )}
    </div>
  );
}
