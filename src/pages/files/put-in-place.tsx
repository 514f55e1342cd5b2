import { useState } from 'react';
import type { TableChange } from '../../core/archive/what-would-change';
import { archiveWorker } from '../../data/archive/archive-worker';
import type { LedgerCounts } from '../../data/archive/ledger-file';
import { db } from '../../data/database';
import { Button } from '../../ui/button';
import { Dialog } from '../../ui/dialog';
import type { LongWork } from './long-work-bar';
import { makeSmallCopies } from './small-copies';
import { WhatWouldChange, type ChangeWords } from './what-would-change';

/** A ledger that may take the place of the one here, and how that is spoken of. */
export interface Offer {
  readonly ledger: Blob;
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
}

interface Asked {
  readonly offer: Offer;
  readonly changes: readonly TableChange[];
}

/**
 * A ledger put in the place of the one here: looked through first, so that nobody is asked about what cannot be read, and only then asked.
 *
 * @param tried what runs an act and says where it fails
 */
export function usePutInPlace(longWork: LongWork, tried: (act: () => Promise<void>) => Promise<void>) {
  const [asked, setAsked] = useState<Asked>();

  /** @returns why it cannot be read; undefined where it can, or was stopped */
  const look = async (offer: Offer): Promise<string | undefined> => {
    const compared = await longWork(offer.looking, async (onProgress) => await archiveWorker().compare(offer.ledger, onProgress));
    if (compared?.ok) setAsked({ offer, changes: compared.changes });
    return compared?.ok === false ? compared.problem : undefined;
  };
  const put = (offer: Offer) =>
    tried(async () => {
      setAsked(undefined);
      const counts = await longWork(offer.putting, async () => await archiveWorker().replace(offer.label));
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

function Question({ offer: { changes: words, act, evenSo }, changes, onPut }: Asked & { onPut: () => void }) {
  return (
    <div className="mt-2 flex flex-col gap-3">
      {changes.length === 0 ? (
        <p>It is the ledger as it stands: nothing would change. {evenSo}</p>
      ) : (
        <ul className="list-disc pl-5">
          <WhatWouldChange changes={changes} words={words} />
        </ul>
      )}
      {(changes.length > 0 || evenSo) && (
        <>
          <p className="text-small text-ink2">It takes the place of what is here. Ctrl Z takes that back.</p>
          <p>
            <Button onClick={onPut}>{act}</Button>
          </p>
        </>
      )}
    </div>
  );
}
